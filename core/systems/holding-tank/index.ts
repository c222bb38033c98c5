/** Two stages: a float switch runs the well pump into an open tank; a pressure switch runs the booster out of it. */
import { run, twoWireCable } from '../blocks/cable'
import { floatSwitch, openTank } from '../blocks/floatSwitch'
import { drownedMotor, newMotor, pullPump, surfaceMotor } from '../blocks/motor'
import { motorSwitch, settingTests } from '../blocks/pressureSwitch'
import { insideGear, surfaceGear } from '../blocks/startGear'
import { singleSupply } from '../blocks/supply'
import { boosterPump, plumbing, pressureTank, waterLooks, wellPump } from '../blocks/water'
import { compose, rescope } from '../compose'
import { BOOSTER_WATER, describeWater, isFlowFigure } from '../describe/flowSide'
import { createPlate } from '../describe/plate'
import { describeSingle } from '../describe/singlePhase'
import { stretchesOf } from '../drawing'
import { filterOf, WATER_COMPLAINTS, yes, type KindPlan } from '../kinds'
import type { Figures, Nameplate } from '../types'
import type { SolvedStage } from '../power/stage'
import { GALLON, PSI } from '#core/units'

const neutralOf = (n: Nameplate) => (n['motor.volts'] ?? 230) < 150
const WELL_FLOW = 8 * GALLON / 60

/** What the supply pump does: its circuit first, then whether water comes. */
function wellEffect(f: Figures, solved: SolvedStage) {
  if (solved.effect !== 'runs') return solved.effect
  const given = f['well:pump.turns']! > 0 && !f['well:check.stuck'] ? Math.min(f['well:pump.flow']!, f['well:source.yield']!) : 0
  return given < 0.1 * WELL_FLOW ? 'runs-dry' : given < 0.6 * WELL_FLOW ? 'runs-weak' : 'runs'
}

export const holdingTank: KindPlan = {
  id: 'holding-tank', name: 'Holding tank and booster',
  compose: (n) => {
    const [disconnect, cutOff, runCapacitor, neutral] = [yes(n, 'supply.disconnect'), (n['switch.cutOff'] ?? 1) === 1, yes(n, 'motor.runCapacitor'), neutralOf(n)]
    const filter = filterOf(n)
    const first = ['supply', 'breaker', ...(disconnect ? ['disconnect'] : []), 'switch', 'motor']
    const well = ['well-breaker', 'well-switch', 'well-cable', 'well-motor']
    const second = [singleSupply({ to: 'switch', where: 'float switch line', disconnect: false, neutral: false, downstream: 'motor' }), floatSwitch(), run('well head', 'Replace the run to the well head', 0.006, 60), twoWireCable(), drownedMotor({ wires: 2 }), insideGear(pullPump), wellPump()].map((b) => {
      const own = rescope(b, 'well', 'Well')
      // one service feeds both; what the well gives is judged at the tank, not at a tap
      return {
        ...own, components: own.components!.filter(c => c.id !== 'well-supply'), points: own.points!.filter(p => p.component !== 'well-supply'), faults: own.faults!.filter(f => f.component !== 'well-supply'),
        tests: own.tests!.filter(t => t.point !== 'well-supply').map(t => t.id === 'well-rest-well' ? { ...t, point: 'level' } : t),
      }
    })
    return compose(
      {
        id: 'holding-tank', name: 'Holding tank and booster', medium: 'water', usual: { 'switch.cutOff': 1 }, complaints: WATER_COMPLAINTS,
        drawing: {
          power: [...first, ...well], flow: ['well-pump', 'well-check', 'well-pipe', 'cistern', 'strainer', 'pump', 'check', ...(filter === 'before' ? ['filter'] : []), 'tank', 'gauge', ...(filter === 'after' ? ['filter'] : []), 'house'],
          stretches: [...stretchesOf(first, {}, { switch: 'feed', motor: 'run' }), { from: 'supply', to: 'well-breaker', wires: 2, route: 'over' as const }, ...stretchesOf(well, {}, { 'well-switch': 'well-feed', 'well-cable': 'well-run', 'well-motor': 'well-cable' })],
          shafts: [{ motor: 'motor', pump: 'pump' }, { motor: 'well-motor', pump: 'well-pump' }], ports: [{ from: 'gauge', to: 'switch' }, { from: 'cistern', to: 'well-switch' }],
        },
      },
      singleSupply({ to: 'switch', where: 'switch line', disconnect, neutral, downstream: 'motor' }),
      motorSwitch({ medium: 'water', cutOff, valve: yes(n, 'switch.valve'), neutral, below: ['run.', 'start.', 'cable.', 'motor.'] }), run('motor', 'Replace the run to the motor', 0.006, 35),
      surfaceMotor({ what: 'Motor', neutral, dual: true }), ...surfaceGear({ runCapacitor }), openTank(), ...second, boosterPump(newMotor, 'cistern'), pressureTank({ charged: false }), plumbing({ filter, relief: false }), settingTests({ medium: 'water', cutOff }), waterLooks(),
    )
  },
  describe: (n, schools) => {
    const plate = createPlate(n)
    const main = describeSingle(plate, { startGear: 'surface', disconnect: yes(n, 'supply.disconnect'), neutral: neutralOf(n), runCapacitor: yes(n, 'motor.runCapacitor'), hp: 0.75, load: 0.9, constantLoad: false })
    const well = describeSingle(plate, { startGear: 'inside', disconnect: false, neutral: false, runCapacitor: false, hp: 0.5, load: 0.9, constantLoad: false, stage: { id: 'well', components: 'well-', figures: 'well:' } })
    const water = describeWater(plate, { ...BOOSTER_WATER, volume: 20 * GALLON, inlet: 2 * PSI, cutOff: (n['switch.cutOff'] ?? 1) === 1, prechargeOffset: schools.prechargeOffset })
    const wellWater = { 'well:pump.flow': n['well-pump.flow'] ?? WELL_FLOW, 'well:pump.shutOff': 80 * PSI, 'well:pump.turns': 1, 'well:source.yield': n['well-pump.yield'] ?? 6 * WELL_FLOW, 'well:check.leak': 0, 'well:check.stuck': 0 }
    return {
      plate, healthy: { ...main.healthy, ...well.healthy, ...water.healthy, ...wellWater }, stages: [{ ...main.stage, bands: { ...main.stage.bands, cycle: Math.min(60, 0.6 * water.usualCycle) } }, well.stage], prechargeOffset: schools.prechargeOffset, isFlow: isFlowFigure,
      stageEffect: (_, f, solved) => wellEffect(f, solved),
      // a supply pump that gives nothing leaves the open tank, and so the booster, dry
      flow: (f, stages) => water.run(!stages[1] || wellEffect(f, stages[1]) === 'runs' || wellEffect(f, stages[1]) === 'runs-weak' ? f : { ...f, 'source.yield': 0 }, stages),
    }
  },
}
