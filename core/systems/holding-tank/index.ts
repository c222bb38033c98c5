/** Two stages: a float switch runs the well pump into an open tank; a pressure switch runs the booster out of it. */
import type { Block } from '../blocks/block'
import { boosterPump } from '../blocks/boosterPump'
import { floatSwitch, openTank } from '../blocks/floatSwitch'
import { insideGear } from '../blocks/insideGear'
import { drownedMotor, newMotor, pullPump, surfaceMotor } from '../blocks/motor'
import { motorSwitch } from '../blocks/motorSwitch'
import { plumbing } from '../blocks/plumbing'
import { pressureTank } from '../blocks/pressureTank'
import { protector } from '../blocks/protector'
import { run } from '../blocks/run'
import { settingTests } from '../blocks/settingTests'
import { singleSupply } from '../blocks/supply'
import { surfaceGear } from '../blocks/surfaceGear'
import { twoWireCable } from '../blocks/twoWireCable'
import { waterLooks } from '../blocks/waterLooks'
import { wellPump } from '../blocks/wellPump'
import { compose, rescope } from '../compose'
import { BOOSTER_WATER, describeWater } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { describeWhole } from '../describe/whole'
import { stretchesOf, surfaceDrawing, tankToHouse } from '../drawing'
import type { Change, Figures } from '../figures'
import { suppliedBy } from '../predicting/flow'
import { filterOf, WATER_COMPLAINTS, surfaceStart, yes, type KindPlan } from '../kinds'
import { hasNeutral } from '../supplies'
import type { SolvedStage } from '../power/stage'
import type { Drawing } from '../componentTypes'
import type { Effect } from '../faultTypes'
import type { Nameplate } from '../types'
import { GALLON, PSI } from '#core/units'

const USUAL_VOLTS = 230
const WELL_FLOW = (8 * GALLON) / 60
const WELL = { id: 'well', name: 'Well' } as const
const WELL_POWER = ['well-breaker', 'well-switch', 'well-cable', 'well-motor']

export const holdingTank: KindPlan = {
  name: 'Holding tank and booster',
  compose: (n, practice) => {
    const disconnect = yes(n, 'supply.disconnect')
    const cutOff = yes(n, 'switch.cutOff', 'yes')
    const neutral = hasNeutral(n, USUAL_VOLTS)
    return compose(
      {
        id: 'holding-tank',
        name: 'Holding tank and booster',
        medium: 'water',
        usual: { 'switch.cutOff': 1 },
        complaints: WATER_COMPLAINTS,
        drawing: drawingOf(n),
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral }),
      motorSwitch({
        medium: 'water',
        protector: true,
        practice,
        cutOff,
        valve: yes(n, 'switch.valve'),
        neutral,
        below: ['run', 'start', 'cable', 'motor'],
      }),
      run({ to: 'motor', toEarth: 0.006, minutes: 35 }),
      ...(yes(n, 'switch.protector') ? [protector()] : []),
      surfaceMotor({ what: 'Motor', neutral, dual: true }),
      ...surfaceGear(surfaceStart(n)),
      openTank(),
      ...supplyPump(),
      boosterPump(newMotor, 'cistern'),
      pressureTank({ charged: false }),
      plumbing({ filter: filterOf(n), relief: false, practice }),
      settingTests({ medium: 'water', practice }),
      waterLooks(practice, 'hot'),
    )
  },
  describe: (n, practice) => {
    const plate = createPlate(n, practice.units)
    const main = describeSingle(plate, {
      startGear: 'surface',
      disconnect: yes(n, 'supply.disconnect'),
      neutral: hasNeutral(n, USUAL_VOLTS),
      ...surfaceStart(n),
      hp: 0.75,
      load: 0.9,
      constantLoad: false,
    })
    const well = describeSingle(plate, {
      startGear: 'inside',
      disconnect: false,
      neutral: false,
      runCapacitor: false,
      hp: 0.5,
      load: 0.9,
      constantLoad: false,
      stage: 'well',
    })
    const water = describeWater(plate, {
      ...BOOSTER_WATER,
      volume: 20 * GALLON,
      inlet: 2 * PSI,
      cutOff: yes(n, 'switch.cutOff', 'yes'),
      practice,
    })
    return describeWhole(plate, main, water, {
      stage: well.stage,
      healthy: { ...well.healthy, ...wellFigures(n) },
      stageEffect: (_, figures, solved) => wellEffect(figures, solved),
      // a supply pump that gives nothing leaves the open tank, and so the booster, dry
      flow: (figures, stages) =>
        water.run(fills(figures, stages[1]) ? figures : { ...figures, 'source.yield': 0 }, stages),
    })
  },
}

function drawingOf(n: Nameplate): Drawing {
  const booster = surfaceDrawing(n)
  return {
    power: [...booster.power, ...WELL_POWER],
    flow: [
      'well-pump',
      'well-check',
      'well-pipe',
      'cistern',
      'strainer',
      'pump',
      'check',
      ...tankToHouse(n, { relief: false }),
    ],
    stretches: [
      ...booster.stretches,
      { from: 'supply', to: 'well-breaker', wires: 2, route: 'over' },
      ...stretchesOf(WELL_POWER, {
        conductors: { 'well-switch': 'well-feed', 'well-cable': 'well-run', 'well-motor': 'well-cable' },
      }),
    ],
    shafts: [...booster.shafts, { motor: 'well-motor', pump: 'well-pump' }],
    ports: [...booster.ports, { from: 'cistern', to: 'well-switch' }],
  }
}

/**
 * The pump in the well, as a stage of its own. One service feeds both; what it gives is judged at the tank, not at a
 * tap.
 */
function supplyPump(): Block[] {
  const blocks = [
    singleSupply({ to: 'switch', where: 'float switch line', disconnect: false, neutral: false }),
    floatSwitch(),
    run({ to: 'well head', toEarth: 0.006, minutes: 60 }),
    twoWireCable(),
    drownedMotor({ wires: 2 }),
    insideGear(pullPump),
    wellPump(),
  ]
  return blocks
    .map(block => rescope(block, WELL))
    .map(b => ({
      ...b,
      components: b.components?.filter(c => c.id !== 'well-supply') ?? [],
      points: b.points?.filter(p => p.component !== 'well-supply') ?? [],
      faults: b.faults?.filter(f => f.component !== 'well-supply') ?? [],
      tests:
        b.tests
          ?.filter(t => t.point !== 'well-supply')
          .map(t => (t.id === 'well-rest-well' ? { ...t, point: 'level' } : t)) ?? [],
    }))
}

/** Healthy figures of the water that the supply pump moves. */
const wellFigures = (n: Nameplate): Change => ({
  'well:pump.flow': n['well-pump.flow'] ?? WELL_FLOW,
  'well:pump.shutOff': 80 * PSI,
  'well:pump.turns': 1,
  'well:source.yield': n['well-pump.yield'] ?? 6 * WELL_FLOW,
  'well:check.leak': 0,
  'well:check.stuck': 0,
})

/** What the supply pump does: its circuit first, then whether water comes. */
function wellEffect(figures: Figures & Change, solved: SolvedStage): Effect {
  if (solved.effect !== 'runs') return solved.effect
  const given = suppliedBy({ figures, stage: solved })
  return given < 0.1 * WELL_FLOW ? 'runs-dry' : given < 0.6 * WELL_FLOW ? 'runs-weak' : 'runs'
}

/** Whether enough comes out of the well to keep the open tank from running dry. */
function fills(figures: Figures & Change, well: SolvedStage | undefined): boolean {
  if (!well) return true
  const effect = wellEffect(figures, well)
  return effect === 'runs' || effect === 'runs-weak'
}
