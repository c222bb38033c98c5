/** Sentences for what is out of place about a line that was kept. */
import type { Mark, MarkCode } from '#core/tab'
import { NEED_WORDS } from './problems'
import { sayProofFacts } from './proofs'

const SENTENCES: Record<MarkCode, (f: Mark['facts']) => string> = {
  'without-state': f => `taken while the tape did not say ${NEED_WORDS[f.need!] ?? f.need}`,
  'proof-fails': f => `does not prove ${NEED_WORDS[f.to!] ?? f.to}: ${sayProofFacts(f)}`,
  'after-settling': () => 'came after the tab was settled',
  'second-settlement': () => 'the tab had been settled before: the first settlement holds',
  'second-opening': () => 'the tab had been opened before',
  'names-nothing': () => 'the line it names is not on this tab',
  'impossible-value': () => 'no such figure can be read here: not weighed',
  'nothing-read': () => 'has neither a figure nor OL: not weighed',
  'unknown-kind': f =>
    `a kind of line that this version does not know (${f.kind}): kept as it is, and every proof is to be made again`,
  'unknown-id': f => `a ${f.what} that this version does not know (${f.id}): kept, not weighed`,
  'clock-wrong': f => `its clock was wrong by some ${sayMinutes(Number(f.minutes))}`,
  'clocks-disagree': f =>
    `written after a line whose clock runs ${sayMinutes(Number(f.minutes))} ahead: one of the two clocks is wrong`,
  'counter-repeated': () => 'its device counted this number twice (restored from a copy?): both lines are kept',
}

export const sayMark = ({ code, facts }: Mark): string => SENTENCES[code](facts)

function sayMinutes(minutes: number): string {
  if (minutes < 120) return `${minutes} minutes`
  const hours = Math.round(minutes / 60)
  return hours < 48 ? `${hours} hours` : `${Math.round(hours / 24)} days`
}
