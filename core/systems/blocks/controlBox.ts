/** The control box of a three-wire submersible; rates are common practice, no source. */
import { OPEN } from '../power/resistances'
import { type Block, component, point } from './block'
import { overloadSeen } from './boxOverload'
import { CAP_FIELDS, capacitors } from './capacitors'
import { CAUSES, lockedBy, OFTEN_STARTED, stillLockedBy } from './causes'
import { always, degrees, fault, madeBy, repair, times } from './faultEntry'
import { wornOverload } from './startFigures'
import { amps, partOhms, seen, voltsAt } from './testEntry'
import { overloadBridged, relayHeard } from './toldGear'
import { swapTrial, tripTrial } from './trials'

export interface BoxOptions {
  readonly runCapacitor: boolean
  /** no relay and no start capacitor: the run capacitor is always in */
  readonly permanentSplit: boolean
}

/** What a box without a start relay does not have. */
const OF_THE_RELAY = [
  'relay', 'box.relay-open', 'box.relay-closed', 'box.wrong-box', 'relay.ohms', 'relay-seen', 'relay-heard',
]

export function controlBox({ runCapacitor, permanentSplit }: BoxOptions): readonly Block[] {
  const running = runCapacitor || permanentSplit
  const has = ({ id }: { readonly id: string }) => !(permanentSplit && OF_THE_RELAY.includes(id))
  const newRelay = repair({
    id: 'replace-start-relay',
    name: 'Replace the start relay',
    minutes: 20,
    part: 'start relay',
  })
  const lead = (name: string) => `Clamp ${name} at the box`
  return [
    {
      components: [
        component({
          id: 'box',
          name: 'Control box',
          glyph: 'control-box',
          lane: 'power',
          place: 'box',
          fields: [
            { id: 'startGear', label: 'Start gear', quantity: 'choice', choices: ['relay', 'permanent split'] },
            ...CAP_FIELDS,
          ],
        }),
      ],
      points: [
        point({
          id: 'box',
          name: 'box in',
          component: 'run',
          spot: { on: 'box', side: 'in' },
          aliases: ['control box', 'box line'],
        }),
        point({
          id: 'box-out',
          name: 'box out',
          component: 'box',
          spot: { on: 'box', side: 'out' },
          aliases: ['box load', 'box motor side'],
        }),
        point({
          id: 'cap',
          name: 'start capacitor',
          component: 'box',
          spot: { on: 'box', side: 'on', part: 'cap' },
          aliases: ['start cap', 'capacitor', 'uf'],
        }),
        point({
          id: 'relay',
          name: 'relay start contact',
          component: 'box',
          spot: { on: 'box', side: 'on', part: 'relay' },
          aliases: ['start contact', 'start relay'],
        }),
        point({
          id: 'overload',
          name: 'overload',
          component: 'box',
          spot: { on: 'box', side: 'on', part: 'overload' },
          aliases: ['ovl', 'ol button'],
        }),
        point({
          id: 'black',
          name: 'black lead',
          component: 'box',
          spot: { on: 'box', side: 'out', wire: 2 },
          aliases: ['blk', 'start', 'run', 'amps'],
        }),
        point({
          id: 'red',
          name: 'red lead',
          component: 'box',
          spot: { on: 'box', side: 'out', wire: 0 },
          aliases: [],
        }),
        point({
          id: 'yellow',
          name: 'yellow lead',
          component: 'box',
          spot: { on: 'box', side: 'out', wire: 1 },
          aliases: ['yel'],
        }),
      ].filter(has),
      faults: [
        fault({
          id: 'box.relay-open',
          name: 'Start relay contact does not close',
          baseRate: 0.05,
          severities: degrees(
            { name: 'open', share: 0.8, change: { 'start.contact': OPEN } },
            { name: '60 Ω', share: 0.2, change: { 'start.contact': 60 } },
          ),
          repair: newRelay,
          causes: [...OFTEN_STARTED, CAUSES.age],
          settledBy: 'no amps on red at a start; ohms across the contact',
          wears: ['starts', 'age'],
        }),
        fault({
          id: 'box.relay-closed',
          name: 'Start relay does not open',
          baseRate: 0.03,
          severities: degrees(
            { name: 'closed', share: 0.6, change: h => ({ 'start.contactRunning': h['start.contact'] }) },
            {
              name: 'through burnt contacts',
              share: 0.4,
              change: h => ({ 'start.contactRunning': h['motor.locked'] }),
            },
          ),
          repair: newRelay,
          causes: [...OFTEN_STARTED, CAUSES.lowVolts, CAUSES.surge],
          settledBy: 'red keeps flowing once it runs',
          wears: ['starts'],
        }),
        fault({
          id: 'box.overload-hot',
          protects: true,
          name: 'Overload tripped',
          baseRate: 0.025,
          severities: always({ 'start.overload': OPEN }),
          repair: repair({
            id: 'find-why-then-reset-overload',
            name: 'Find why, then reset the overload',
            minutes: 5,
          }),
          causes: [
            ...stillLockedBy('box.relay-open', 'box.cap-open', 'motor.seized'),
            madeBy('box.relay-closed', 'a start winding left in trips it'),
            ...lockedBy('box.cap-low', 'motor.start-open'),
            madeBy('motor.binding', 'a motor that draws too much trips it'),
            CAUSES.lowVolts,
          ],
          settledBy: 'reset it: does it let go again?',
          heals: true,
        }),
        fault({
          id: 'box.overload-failed',
          name: 'Overload worn out',
          baseRate: 0.016,
          severities: wornOverload,
          repair: repair({
            id: 'replace-overload',
            name: 'Replace the overload',
            minutes: 20,
            part: 'overload',
          }),
          causes: [CAUSES.age, CAUSES.rapidCycling],
          settledBy: 'ohms across the overload, cool and reset; it goes at the plate’s amps',
          wears: ['age'],
        }),
        fault({
          id: 'box.terminal-burnt',
          name: 'Box terminal burnt',
          baseRate: 0.02,
          severities: degrees(
            { name: 'on black', share: 0.33, change: () => ({ 'box.black': 3 }) },
            { name: 'on yellow', share: 0.33, change: () => ({ 'box.yellow': 3 }) },
            // loose on the start winding it hums, on another it is dead; common practice, no source
            { name: 'off on red', share: 0.12, change: () => ({ 'box.red': OPEN }) },
            { name: 'off on black', share: 0.11, change: () => ({ 'box.black': OPEN }) },
            { name: 'off on yellow', share: 0.11, change: () => ({ 'box.yellow': OPEN }) },
          ),
          repair: repair({
            id: 'replace-box-remake-leads',
            name: 'Replace the box, remake the leads',
            minutes: 45,
            part: 'control box',
            renews: ['box'],
          }),
          causes: [CAUSES.loose],
          settledBy: 'look at the jabs with the box off',
        }),
        fault({
          id: 'box.wrong-box',
          name: 'Wrong box for the motor',
          baseRate: 0.008,
          severities: degrees(
            { name: 'of a larger motor', share: 0.4, change: times('start.farads', 2.2) },
            {
              // two sizes down, and a load that it no longer breaks away; common practice, no source
              name: 'of a smaller motor',
              share: 0.35,
              change: h => ({ 'start.farads': h['start.farads'] * 0.4, 'motor.startLoad': 1.4 }),
            },
            {
              // picked up at volts that this motor's start winding never makes; common practice, no source
              name: 'whose relay does not pick up on this motor',
              share: 0.25,
              change: h => ({ 'start.contactRunning': h['motor.locked'] }),
            },
          ),
          effect: 'trips-overload',
          repair: repair({
            id: 'fit-box-for-motor',
            name: 'Fit the box for the motor',
            minutes: 30,
            part: 'control box',
            renews: ['box'],
          }),
          causes: [],
          settledBy: 'the box’s plate against the motor’s',
        }),
      ].filter(has),
      tests: [
        ...voltsAt({
          point: 'box',
          where: 'into the control box',
          legs: ['x1', 'x2'],
        }),
        ...voltsAt({
          point: 'box-out',
          where: 'out of the control box, black to yellow',
          legs: ['black', 'yellow'],
        }),
        amps({
          id: 'black.start',
          point: 'black',
          title: 'Clamp black at the start',
          words: ['start', 'starting', 'inrush'],
          conductor: 'black lead',
          condition: 'starting',
          steps: [`${lead('black')}, inrush hold, and let it call.`],
          risk: 1,
          proves: true,
        }),
        amps({
          id: 'black.run',
          point: 'black',
          title: 'Clamp black three seconds in',
          words: ['run', 'running', 'held', 'holds', 'stays'],
          conductor: 'black lead',
          condition: 'running',
          steps: [`${lead('black')}; read it three seconds after it calls.`],
          band: 'running-amps',
          proves: true,
        }),
        amps({
          id: 'red.start',
          point: 'red',
          title: 'Clamp the red lead while it tries to start',
          words: ['start', 'starting'],
          conductor: 'red lead',
          condition: 'starting',
          steps: [`${lead('red')}, inrush hold, and let it call.`],
          risk: 1,
        }),
        amps({
          id: 'red.run',
          point: 'red',
          title: 'Clamp red once it runs',
          words: ['run', 'running'],
          conductor: 'red lead',
          condition: 'running',
          steps: [`${lead('red')} three seconds after it calls.`],
          band: running ? 'model' : 'no-current',
        }),
        amps({
          id: 'yellow.run',
          point: 'yellow',
          title: 'Clamp yellow three seconds in',
          words: ['run', 'running'],
          conductor: 'yellow lead',
          condition: 'running',
          steps: [`${lead('yellow')} three seconds after it calls.`],
        }),
        swapTrial({
          id: 'box-swap',
          point: 'box',
          title: 'Known-good control box in its place: how does it go?',
          words: ['known good box', 'test box', 'spare box'],
          need: 'proven-dead',
          minutes: 12,
          risk: 1,
          onlyTold: true,
          steps: [
            'Dead and bled: a box of the same power and volts in its place, covers on.',
            'Energise, listen, clamp.',
          ],
          sound: ['start'],
        }),
        partOhms({
          id: 'relay.ohms',
          point: 'relay',
          title: 'Ohms across the relay start contact',
          words: [],
          figure: 'start.contact',
          minutes: 14,
          steps: ['Note and pull the relay wires; across the start contact at rest.'],
          need: 'discharged',
        }),
        partOhms({
          id: 'overload.ohms',
          point: 'overload',
          title: 'Ohms across the overload, reset and cool',
          words: [],
          figure: 'start.overload',
          minutes: 2,
          steps: ['Reset pushed and cool; across the overload.'],
          cold: true,
        }),
        overloadSeen(),
        overloadBridged({ id: 'overload-bridged', point: 'overload', hot: 'box.overload-hot',
          failed: 'box.overload-failed' }),
        relayHeard(),
        seen({
          id: 'relay-seen',
          point: 'relay',
          title: 'Look at the relay contact',
          words: ['relay'],
          minutes: 7,
          need: 'discharged',
          steps: ['Note and pull the relay wires; open its cover and look at the start contact.'],
          outcomes: {
            clean: { label: 'clean', words: ['good'] },
            pitted: { label: 'pitted or burnt', words: ['burnt', 'burned', 'black'] },
            welded: { label: 'stuck closed', words: ['stuck'] },
          },
          usual: { clean: 0.815, pitted: 0.18, welded: 0.005 },
          chancesByFault: {
            'box.relay-open': { clean: 0.1, pitted: 0.88, welded: 0.02 },
            'box.relay-closed': { clean: 0.08, pitted: 0.22, welded: 0.7 },
          },
        }),
        seen({
          id: 'box-seen',
          point: 'box',
          title: 'Look and smell inside the box',
          words: ['box', 'box smells', 'smell'],
          minutes: 1.5,
          need: 'proven-dead',
          steps: ['Lid off, dead. Jabs, wires, smell; its plate against the motor’s.'],
          outcomes: {
            clean: { label: 'clean', words: ['good'] },
            burnt: { label: 'burnt', words: ['burned', 'scorched'] },
            terminal: { label: 'a jab or terminal burnt', words: ['jab burnt', 'terminal burnt'] },
            wrong: { label: 'wrong box for the motor' },
          },
          usual: { clean: 0.976, burnt: 0.02, terminal: 0.001, wrong: 0.003 },
          chancesByFault: {
            'box.terminal-burnt': { clean: 0.07, burnt: 0.3, terminal: 0.62, wrong: 0.01 },
            'box.cap-shorted': { clean: 0.7, burnt: 0.28, terminal: 0.01, wrong: 0.01 },
            'box.relay-closed': { clean: 0.75, burnt: 0.23, terminal: 0.01, wrong: 0.01 },
            'box.wrong-box': { clean: 0.25, burnt: 0.04, terminal: 0.01, wrong: 0.7 },
          },
        }),
        tripTrial({
          id: 'trip-box-off',
          point: 'box',
          title: 'Box off its base: does it still trip?',
          words: ['trips box off', 'box off'],
          steps: ['Dead: box lid off its base, leads apart and safe.', 'Stand clear and reset the breaker once.'],
          away: ['start', 'cable', 'motor'],
          opens: ['cable.black', 'cable.yellow', 'cable.red'],
        }),
      ].filter(has),
    },
    capacitors({ part: 'box', at: 'box', start: !permanentSplit, run: running }),
  ]
}
