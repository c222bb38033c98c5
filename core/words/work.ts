/** Lines of the stations in words: wires landed, nuts turned, times taken, what was proved. */
import type { WorkLine } from '#core/tab'
import { formatTurns, formatValue, US, type Units } from '#core/units'

export interface SaidWork {
  readonly title: string
  readonly detail?: string
}

const NUT_WORDS = { range: 'Range nut', differential: 'Small nut' } as const
const TIMED_WORDS = { hold: 'Held', run: 'Ran', rest: 'Rested', cycle: 'Start to start' } as const

export function sayWork(line: Exclude<WorkLine, { kind: 'step' }>, units: Units = US): SaidWork {
  switch (line.kind) {
    case 'landed':
      return {
        title: `Terminal ${line.terminal}: ${line.colour} ${line.off ? 'off' : `to ${line.to}`}`,
        ...(line.as ? { detail: line.as === 'found' ? 'as found' : 'as landed' } : {}),
      }
    case 'adjusted':
      return { title: `${NUT_WORDS[line.nut]}, ${formatTurns(line.turns)}` }
    case 'timed':
      return {
        title: `${TIMED_WORDS[line.what]} ${formatValue('time', line.seconds, units)}`,
        ...(line.from === undefined || line.to === undefined
          ? {}
          : { detail: `${formatValue('pressure', line.from, units)} → ${formatValue('pressure', line.to, units)}` }),
      }
    case 'proved':
      return {
        title: `${line.holds ? 'Proved' : 'Does not hold'}: ${line.what}`,
        ...(line.text ? { detail: line.text } : {}),
      }
  }
}
