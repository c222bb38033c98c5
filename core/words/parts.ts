/** Whether a part fits, and what else must change with it, as sentences. */
import type { AlsoChange, Chosen, Judged, Way } from '#core/parts'
import { ATTRIBUTES } from '#core/parts'
import { formatValue, type Units } from '#core/units'

const label = ({ attribute }: Judged) => ATTRIBUTES[attribute].label.toLowerCase()

/** @param say a figure of an attribute as it is written on parts */
export function sayJudged(judged: Judged, say: (figure: number) => string): string {
  const { rule, verdict, need, has } = judged
  if (verdict === 'unknown') return has === undefined
    ? `${label(judged)} not on record; ${need === undefined ? '' : say(need)} is wanted`
    : `nobody knows which ${label(judged)} is wanted: it has ${say(has)}`
  const bound = rule === 'equal' ? '' : rule === 'at-least' ? 'at least ' : 'at most '
  const wanted = need === undefined ? '' : `${bound}${say(need)}`
  if (verdict === 'not') return `${label(judged)} ${has === undefined ? '?' : say(has)}, ${wanted} is wanted`
  return `${label(judged)} ${has === undefined ? '' : say(has)}`.trim()
}

export const WAY_WORDS: Readonly<Record<Way, string>> = {
  replace: 'replace it', kit: 'a kit or piece', clean: 'clean it', repair: 'repair it',
}

/** Why one way is recommended. */
export function sayChosen({ best, because }: Chosen): string {
  if (!best) return 'Nobody knows how long any of them lasts: the shelf or the books would tell.'
  const name = WAY_WORDS[best.way]
  switch (because) {
    case 'as-cheap-and-quicker': return `Best to ${plainly(name)}: as cheap over the years, and quicker today.`
    case 'only-one-that-lasts': return `Best to ${plainly(name)}: the only one of which it is known how long it lasts.`
    default: return `Best to ${plainly(name)}: it costs the least a year.`
  }
}
const plainly = (name: string) => (name.startsWith('a ') ? `fit ${name}` : name)

/** What must be done besides. */
export function sayAlsoChange({ code, figures }: AlsoChange, units: Units): string {
  const pressure = (key: string) => formatValue('pressure', figures[key] ?? 0, units)
  const amps = figures.amps ? ` to ${formatValue('amps', figures.amps, units)}` : ''
  switch (code) {
    case 'precharge':
      return `Air the tank to ${pressure('precharge')} at zero pressure.`
    case 'precharge-delivered':
      return `It comes with ${pressure('delivered')}: air it to ${pressure('precharge')} before water.`
    case 'set-switch':
      return `Set it to ${pressure('cutIn')} and ${pressure('cutOut')}: it comes otherwise.`
    case 'lever':
      return 'Its lever is another: the customer is shown how it is held in.'
    case 'bleed':
      return 'It has no bleed resistor: fit one, or bleed by hand each time.'
    case 'fitting':
      return 'The thread is another: an adapter goes between.'
    case 'overload':
      return `The overload’s dial goes${amps}, by the new plate.`
    case 'breaker':
      return `More horsepower: look at breaker and wire${amps ? ` for${amps.slice(3)}` : ''}.`
    case 'plate':
      return `It opens at ${pressure('opens')}, too near the cut-out ${pressure('cutOut')}: it will weep.`
    case 'relief':
      return `The relief opens over this plate of ${pressure('plate')}: it is renewed too.`
  }
}
