/** Pump, check valve and drop pipe of a well. Rates and tables are common practice, no source. */
import { GALLON } from '#core/units'
import { type Block, component } from './block'
import { CAUSES } from './causes'
import { always, degrees, fault, repair } from './faultEntry'
import { pullPump } from './motor'
import { coupling, flowField, newCheck, shutOffField, worn } from './pumpFaults'
import { seen } from './testEntry'
import { wellLevel } from './toldWater'

export const wellPump = (): Block => ({
  components: [
    component({
      id: 'pump',
      name: 'Pump',
      glyph: 'pump',
      lane: 'water',
      place: 'down-hole',
      fields: [
        flowField,
        {
          id: 'head',
          label: 'Head at that flow',
          quantity: 'length',
          range: [3, 600],
          bears: 'With the pumping level, what comes out at the surface.',
        },
        {
          id: 'level',
          label: 'Pumping level',
          quantity: 'length',
          range: [0.5, 500],
          bears: 'What the pump lifts before there is any pressure.',
        },
        {
          id: 'staticLevel',
          label: 'Static level',
          quantity: 'length',
          range: [0.5, 500],
          bears: 'What the pump can reach against a shut valve, the well rested.',
        },
        { id: 'pipeLength', label: 'Drop pipe', quantity: 'length', range: [1, 700] },
        { id: 'pipeBore', label: 'Bore of the drop pipe', quantity: 'bore', range: [0.01, 0.2] },
        shutOffField,
        { id: 'yield', label: 'Well yield', quantity: 'flow', range: [(0.1 * GALLON) / 60, (400 * GALLON) / 60] },
      ],
    }),
    component({
      id: 'check',
      name: 'Check valve',
      glyph: 'check-valve',
      lane: 'water',
      place: 'down-hole',
    }),
    component({
      id: 'pipe',
      name: 'Drop pipe',
      glyph: 'drop-pipe',
      lane: 'water',
      place: 'well-head',
    }),
  ],
  faults: [
    coupling(pullPump),
    worn(pullPump),
    fault({
      id: 'pump.intake-blocked',
      name: 'Pump screen or well screen plugged',
      baseRate: 0.005,
      severities: degrees(
        {
          name: 'half',
          share: 0.5,
          change: h => ({ 'motor.load': h['motor.load'] * 0.75, 'source.yield': h['pump.flow'] * 0.45 }),
        },
        {
          name: 'nearly shut',
          share: 0.5,
          change: h => ({ 'motor.load': h['motor.load'] * 0.6, 'source.yield': h['pump.flow'] * 0.12 }),
        },
      ),
      effect: 'runs-weak',
      // it has to come up either way
      repair: pullPump,
      causes: [CAUSES.sand],
      settledBy: 'little water, the level well over the pump, and a pump that still makes its pressure',
      wears: ['sand'],
    }),
    fault({
      id: 'pump.dry-well',
      name: 'Well dry or drawn down',
      baseRate: 0.03,
      severities: degrees(
        { name: 'dry', share: 0.6, change: { 'motor.load': 0.12, 'source.yield': 0 } },
        {
          name: 'low yield',
          share: 0.4,
          change: h => ({ 'motor.load': h['motor.load'] * 0.6, 'source.yield': h['pump.flow'] * 0.25 }),
        },
      ),
      effect: 'runs-dry',
      repair: repair({
        id: 'rest-well-fit-dry-run-protection',
        name: 'Rest the well; fit dry-run protection',
        minutes: 60,
        part: 'underload protector',
        outlives: true,
      }),
      causes: [],
      settledBy: 'delivery that comes back after a rest',
    }),
    fault({
      id: 'check.leaking',
      name: 'Check valve leaking back',
      baseRate: 0.03,
      severities: degrees(
        { name: 'weeps', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.06 }) },
        { name: 'runs back', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.25 }) },
      ),
      effect: 'starts-alone',
      repair: newCheck(180),
      causes: [CAUSES.sand, CAUSES.age],
      settledBy: 'leak-down with the house valve shut',
      wears: ['sand', 'age'],
    }),
    fault({
      id: 'check.stuck-shut',
      name: 'Check valve stuck shut',
      baseRate: 0.01,
      severities: always(h => ({ 'motor.load': h['motor.load'] * 0.5, 'check.stuck': 1 })),
      effect: 'runs-dry',
      repair: newCheck(180),
      causes: [CAUSES.sand],
      settledBy: 'no delivery with amps between no load and full load',
      wears: ['sand'],
    }),
    fault({
      id: 'pipe.holed',
      name: 'Hole in the drop pipe',
      baseRate: 0.015,
      severities: degrees(
        {
          name: 'small',
          share: 0.4,
          change: h => ({ 'check.leak': h['pump.flow'] * 0.15, 'pump.flow': h['pump.flow'] * 0.85 }),
        },
        {
          name: 'large',
          share: 0.4,
          change: h => ({ 'check.leak': h['pump.flow'] * 0.6, 'pump.flow': h['pump.flow'] * 0.4 }),
        },
        {
          name: 'parted',
          share: 0.2,
          change: h => ({ 'check.leak': h['pump.flow'] * 1.2, 'pump.flow': h['pump.flow'] * 0.02 }),
        },
      ),
      effect: 'runs-weak',
      repair: repair({
        id: 'pull-and-replace-drop-pipe',
        name: 'Pull and replace the drop pipe',
        minutes: 230,
        part: 'drop pipe',
      }),
      causes: [CAUSES.age, CAUSES.chafe],
      settledBy: 'water heard falling in the well once it stops',
      wears: ['age'],
    }),
    fault({
      id: 'pipe.pitless',
      name: 'Pitless adapter leaks back into the well',
      baseRate: 0.004,
      severities: degrees(
        { name: 'weeps', share: 0.45, change: h => ({ 'check.leak': h['pump.flow'] * 0.08 }) },
        {
          name: 'sprays',
          share: 0.35,
          change: h => ({ 'check.leak': h['pump.flow'] * 0.35, 'pump.flow': h['pump.flow'] * 0.75 }),
        },
        {
          name: 'off its seat',
          share: 0.2,
          change: h => ({ 'check.leak': h['pump.flow'] * 0.8, 'pump.flow': h['pump.flow'] * 0.3 }),
        },
      ),
      effect: 'starts-alone',
      repair: repair({
        id: 'renew-seal-of-pitless-adapter',
        name: 'Lift the pipe, renew the seal of the pitless adapter',
        minutes: 110,
        part: 'O-ring for the pitless adapter',
      }),
      causes: [CAUSES.age],
      settledBy: 'water seen running from the adapter, a light down the casing',
      wears: ['age'],
    }),
  ],
  tests: [
    wellLevel(),
    seen({
      id: 'rest-well',
      point: 'tap',
      title: 'Does delivery come back after a rest?',
      words: ['rested', 'after a rest', 'comes back'],
      minutes: 3,
      need: 'live',
      whileRunning: true,
      wait: { minutes: 30, why: 'the well needs half an hour to make water' },
      steps: ['Switch off for half an hour. Run it again and time a bucket.'],
      outcomes: {
        same: { label: 'same as before' },
        back: { label: 'comes back, then dies', words: ['recovers', 'for a while'] },
      },
      usual: { same: 0.98, back: 0.02 },
      chancesByFault: {
        'pump.dry-well': { same: 0.08, back: 0.92 },
      },
    }),
    seen({
      id: 'casing-look',
      point: 'head',
      title: 'A light down the casing: is the adapter wet?',
      words: ['casing', 'pitless'],
      minutes: 4,
      steps: ['Cap off clean, a light down, pressure up: dry where the pipe leaves the casing, or water from it?'],
      outcomes: {
        dry: { label: 'dry at the adapter', words: ['dry'] },
        adapter: { label: 'water from the adapter', words: ['sprays', 'leaks'] },
      },
      usual: { dry: 0.995, adapter: 0.005 },
      chancesByFault: {
        'pipe.pitless:1': { dry: 0.2, adapter: 0.8 },
        'pipe.pitless:2': { dry: 0.06, adapter: 0.94 },
        'pipe.pitless:3': { dry: 0.03, adapter: 0.97 },
      },
    }),
    seen({
      id: 'well-heard',
      point: 'head',
      title: 'Listen in the well once it stops',
      words: ['well', 'listen in the well'],
      minutes: 2.5,
      steps: ['Cap off clean, ear or a phone at the casing, pump off, pressure up.'],
      outcomes: {
        quiet: { label: 'quiet' },
        falls: { label: 'water falls', words: ['trickles', 'splashes'] },
      },
      usual: { quiet: 0.99, falls: 0.01 },
      chancesByFault: {
        'pipe.holed': { quiet: 0.08, falls: 0.92 },
        'pipe.pitless': { quiet: 0.12, falls: 0.88 },
        'check.leaking': { quiet: 0.6, falls: 0.4 },
      },
    }),
  ],
})
