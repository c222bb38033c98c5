/** The sheet's sentences: what is open, advice and follow-ups. Every one can be said otherwise before it is signed. */
import type { AdviceCode, FollowUpCode, OpenPoint, Sheet } from '#core/plan'
import type { Facts } from '#core/foundation'
import { sayAfterRepair } from './afterRepair'
import { sayStep } from './plan'

function sayOpen({ code, facts }: OpenPoint): string {
  switch (code) {
    case 'not-named':
      return 'What failed is not named.'
    case 'cause-open':
      return 'What made it fail is still open: the sheet says so.'
    case 'nothing-put-right':
      return 'Nothing was fitted or put right.'
    case 'not-proved':
      return `Not proved: ${facts.what}.`
    case 'temporary':
      return `For the time being only: ${facts.what}. It is proved as that.`
    case 'left-out':
      return `Left out: ${sayStep(String(facts.step))}${facts.why ? `, because ${facts.why}` : ''}.`
    case 'also-left':
      return `Found, and not put right: ${String(facts.what).toLowerCase()}.`
  }
}

/** All that is open, in sentences. */
export function sayOpenPoints({ open, doubt }: Pick<Sheet, 'open' | 'doubt'>): readonly string[] {
  const more = sayAfterRepair(doubt)
  return [...open.map(sayOpen), ...(more ? [more] : [])]
}

const ADVICE: Readonly<Record<AdviceCode, string>> = {
  'coloured-water':
    'The first water may be coloured: run it through a bath tap, not the toilets or the washing machine.',
  'disinfected': 'The well was opened: run the taps till the smell of the disinfectant is gone before drinking.',
  'precharge-yearly': 'Have the tank’s air read once a year, with the water let out.',
  'switch-yearly': 'Have the pressure switch’s contacts and its nipple looked at once a year.',
  'move-switch':
    'What plugs the nipple will plug it again: sand or iron is in the water. The switch is better moved up off the '
    + 'pipe.',
  'strainer-monthly': 'Clean the strainer or filter once a month; it stops the pump when it is packed.',
  'insulation-yearly': 'Have the insulation of the pump and its cable measured once a year.',
  'relief-at-visits': 'Have the relief ring pulled at every visit.',
  'drain-receiver': 'Drain the receiver once a week: water in it rusts it from inside.',
  'motor-stays-live': 'The switch opens one pole only: the pump stays live until the breaker is off.',
  'call-again': 'What made it fail is not known yet: call when it does anything odd, before it stops again.',
}
export const sayAdvice = (code: AdviceCode): string => ADVICE[code]

export function sayFollowUp(code: FollowUpCode, facts: Facts): string {
  switch (code) {
    case 'temporary':
      return `Finish what was for the time being: ${facts.what}`
    case 'cause':
      return `Find what made it fail: ${String(facts.what).toLowerCase()}`
    case 'also':
      return `Put right: ${String(facts.what).toLowerCase()}`
    case 'not-proved':
      return `Prove: ${facts.what}`
    case 'yearly':
      return 'Yearly: the tank’s air, contacts, amps'
  }
}

/** The call in two sentences, to begin from. */
export function saySummary({ findings, repairs, proof }: Pick<Sheet, 'findings' | 'repairs' | 'proof'>): string {
  const of = (role: string) =>
    findings.filter(f => f.role === role).map(f => f.label.toLowerCase() || f.text).filter(Boolean)
  const [failed, cause] = [of('failed'), of('cause')]
  if (failed.length === 0 && repairs.length === 0) return ''
  const found = failed.length === 0
    ? ''
    : `Found: ${failed.join(', ')}${cause.length > 0 ? `, because of ${cause.join(', ')}` : ''}. `
  const done = repairs.length === 0 ? 'Nothing was put right yet.' : `Work done: ${repairs.map(lower).join(', ')}.`
  const proved = repairs.length === 0
    ? ''
    : proof.open === 0 ? ' All of it was proved.' : ` Proved: ${proof.proved} of ${proof.proved + proof.open} points.`
  return `${found}${done}${proved}`
}
const lower = (name: string) => `${name.slice(0, 1).toLowerCase()}${name.slice(1)}`
