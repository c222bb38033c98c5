/** The run behind the switch, to the box, the well head or the motor; rates are common practice, no source. */
import { OPEN } from '../power/resistances'
import { type Block, component } from './block'
import { CAUSES } from './causes'
import { only } from '../figures'
import { always, badJoint, degrees, fault, repair } from './faultEntry'
import { wireOhms } from './testEntry'

export interface RunOptions {
  /** what it leads to, in words */
  readonly to: string
  /** base rate of its going to earth */
  readonly toEarth: number
  /** to replace it */
  readonly minutes: number
}

export function run({ to, toEarth, minutes }: RunOptions): Block {
  const newRun = repair({
    id: 'replace-run',
    name: `Replace the run to the ${to}`,
    minutes,
    part: 'wire',
    renews: ['run'],
  })
  return {
    components: [
      component({
        id: 'run',
        name: `Run to the ${to}`,
        glyph: 'conductor',
        lane: 'power',
        place: 'switch',
      }),
    ],
    faults: [
      fault({
        id: 'run.open',
        name: `Wire from switch to ${to} open`,
        baseRate: 0.012,
        severities: degrees(
          { name: 'leg 1', share: 0.5, change: { 'run.1': OPEN } },
          { name: 'leg 2', share: 0.5, change: { 'run.2': OPEN } },
        ),
        repair: newRun,
        causes: [CAUSES.loose, CAUSES.chafe, CAUSES.dug],
        settledBy: `volts at the ${to} against the switch load`,
      }),
      fault({
        id: 'run.high-resistance',
        name: 'High-resistance joint after the switch',
        baseRate: 0.012,
        severities: badJoint(
          ([1, 2] as const).map(leg => ({ name: `leg ${leg}`, change: r => only(`run.${leg}`, r) })),
          [[0.15, 0.4], [0.7, 0.35], [2.5, 0.25]],
        ),
        repair: repair({
          id: 'remake-joint',
          name: 'Remake the joint',
          minutes: 30,
          part: 'terminals',
        }),
        causes: [CAUSES.loose],
        settledBy: `volts at the ${to} while the motor draws`,
      }),
      fault({
        id: 'run.to-earth',
        name: `Wire from switch to ${to} to earth`,
        baseRate: toEarth,
        severities: always({ 'run.earth': 0.2 }),
        repair: newRun,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: to === 'box' ? 'breaker holds with the load wires off' : `breaker trips with the ${to} open`,
      }),
      fault({
        id: 'run.leg-to-leg',
        name: `Wires from switch to ${to} shorted together`,
        baseRate: 0.004,
        severities: always({ 'run.across': 0.2 }),
        repair: newRun,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: 'breaker holds with the load wires off, and trips with the far end off',
      }),
    ],
    tests: [
      wireOhms({
        id: 'run.between',
        point: 'load',
        title: 'Ohms between the wires of the run, both ends off',
        words: ['run wires', 'between the run wires'],
        variant: 'between',
        figure: 'run.across',
        minutes: 9,
        steps: [`Its wires off at the switch and at the ${to}; one to the other.`],
      }),
      wireOhms({
        id: 'run.ground',
        point: 'load',
        title: 'Megohms from the wires of the run to ground, both ends off',
        words: ['run to ground', 'run wires to ground'],
        variant: 'ground',
        figure: 'run.earth',
        minutes: 9,
        steps: [`Its wires off at the switch and at the ${to}; each to ground, note the lower.`],
      }),
    ],
  }
}
