/** A logger's trace in a sentence or two: what was found in it, and what was odd about it. */
import { medianOf, type TraceFindings, type TraceNote } from '#core/trace'
import { formatValue, US, type Units } from '#core/units'

const ODD: Readonly<Record<TraceNote['code'], (n: TraceNote) => string>> = {
  'time-back': n => `In ${rows(n.count)} time goes back, first in row ${n.row}: they were left out.`,
  'rows-left-out': n => `${capital(rows(n.count))} could not be read, first row ${n.row}.`,
  'gaps': n => `It has ${n.count === 1 ? 'a gap' : `${n.count} gaps`}: nothing is read across.`,
}
const rows = (n: number) => (n === 1 ? 'one row' : `${n} rows`)
const capital = (text: string) => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`

export function sayTrace(found: TraceFindings, notes: readonly TraceNote[], units: Units = US): string {
  const pressure = (pa: number | undefined) => (pa === undefined ? '' : formatValue('pressure', pa, units))
  const [cutIn, cutOut, cycle] = [medianOf(found.cutIns), medianOf(found.cutOuts), medianOf(found.cycles)]
  const said = [
    cutIn === undefined ? '' : `came on at ${pressure(cutIn)} (${found.cutIns.length} times)`,
    cutOut === undefined ? '' : `went off at ${pressure(cutOut)} (${found.cutOuts.length} times)`,
    cycle === undefined ? '' : `${formatValue('time', Math.round(cycle), units)} from start to start`,
    found.running === undefined ? '' : `${formatValue('amps', found.running, units)} running`,
    found.hold
      ? `held ${Math.round(found.hold.seconds / 60)} min, ${pressure(found.hold.from)} to ${pressure(found.hold.to)}`
      : '',
  ].filter(Boolean)
  const what = said.length > 0 ? `${said.join(', ')}.` : 'no start and no stop in it.'
  return [`Trace: ${what}`, ...notes.map(n => ODD[n.code](n))].join(' ')
}
