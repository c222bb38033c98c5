/** The underload protector behind the switch; common practice, no source. */
import { type Block, component, point } from './block'
import { CAUSES } from './causes'
import { always, fault, repair } from './faultEntry'
import { seen } from './testEntry'

export const protector = (): Block => ({
  components: [
    component({
      id: 'protector',
      name: 'Underload protector',
      glyph: 'protector',
      lane: 'power',
      place: 'switch',
    }),
  ],
  points: [
    point({
      id: 'protector',
      name: 'underload protector',
      component: 'protector',
      spot: { on: 'protector', side: 'on' },
      aliases: ['protector', 'underload'],
    }),
  ],
  faults: [
    fault({
      id: 'protector.tripped',
      name: 'Underload protector waiting to restart',
      baseRate: 0.03,
      severities: always({ 'run.1': 1e10 }),
      repair: repair({
        id: 'find-why-it-ran-dry-let-it-restart',
        name: 'Find why it ran dry; let it restart',
        minutes: 15,
      }),
      causes: [{ because: 'pump.dry-well', why: 'it tripped because the well ran dry' }, CAUSES.dry],
      settledBy: 'its lamp, and its delay',
      heals: true,
    }),
    fault({
      id: 'protector.failed',
      name: 'Underload protector failed open',
      baseRate: 0.015,
      severities: always({ 'run.1': 1e10 }),
      repair: repair({
        id: 'replace-underload-protector',
        name: 'Replace the underload protector',
        minutes: 45,
        part: 'underload protector',
      }),
      causes: [CAUSES.surge, CAUSES.age],
      settledBy: 'volts into it and none out, lamp dark',
      wears: ['age'],
    }),
  ],
  tests: [
    seen({
      id: 'protector-seen',
      point: 'protector',
      title: 'Look at the underload protector',
      words: ['protector', 'underload'],
      steps: ['Lamp: run, waiting, or dark?'],
      outcomes: {
        run: { label: 'run' },
        waiting: { label: 'waiting, counting down', words: ['counting', 'tripped'] },
        dark: { label: 'dark', words: ['dead'] },
      },
      usual: { run: 0.92, waiting: 0.04, dark: 0.04 },
      chancesByFault: {
        'protector.tripped': { run: 0.03, waiting: 0.95, dark: 0.02 },
        'protector.failed': { run: 0.1, waiting: 0.05, dark: 0.85 },
        'pump.dry-well': { run: 0.3, waiting: 0.68, dark: 0.02 },
        'pump.coupling': { run: 0.35, waiting: 0.63, dark: 0.02 },
        'supply.leg-lost': { run: 0.2, waiting: 0.02, dark: 0.78 },
        'breaker.off': { run: 0.02, waiting: 0.01, dark: 0.97 },
      },
    }),
  ],
})
