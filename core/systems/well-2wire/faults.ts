/** A two-wire motor keeps its start gear and its overload inside: what fails there comes up with the pump. */
import { always, CAUSES, degrees, MOTOR_FAULTS, OPEN, pullPump, SUPPLY_FAULTS, SWITCH_FAULTS, WATER_FAULTS, type WellFault } from '../wells'

const fit = (label: string, minutes: number, part: string) => ({ label, minutes, part })
const remakeSplice = fit('Remake the splice or replace the cable', 120, 'splice kit')

export const CABLE_FAULTS: readonly WellFault[] = [
  { component: 'run', mode: 'open', label: 'Wire from switch to well head open', baseRate: 0.012, severities: degrees(['leg 1', 0.5, h => ({ run: [OPEN, h.run[1]] })], ['leg 2', 0.5, h => ({ run: [h.run[0], OPEN] })]), repair: fit('Replace the run to the well', 60, 'wire'), causes: [CAUSES.loose, CAUSES.chafe], settledBy: 'volts at the well head against the switch load' },
  { component: 'run', mode: 'high-resistance', label: 'High-resistance joint after the switch', baseRate: 0.012, severities: degrees(['1 Ω', 0.5, h => ({ run: [1, h.run[1]] })], ['6 Ω', 0.5, h => ({ run: [h.run[0], 6] })]), repair: fit('Remake the joint', 30, 'terminals'), causes: [CAUSES.loose], settledBy: 'volts at the well head while the motor draws' },
  { component: 'run', mode: 'to-earth', label: 'Wire from switch to well head to earth', baseRate: 0.01, severities: always(() => ({ runToEarth: 0.2 })), repair: fit('Replace the run to the well', 60, 'wire'), causes: [CAUSES.chafe], settledBy: 'breaker trips with the well head open' },
  { component: 'cable', mode: 'open', label: 'Drop cable open', baseRate: 0.02, severities: degrees(['black', 0.5, h => ({ leads: { ...h.leads, black: OPEN } })], ['yellow', 0.5, h => ({ leads: { ...h.leads, yellow: OPEN } })]), repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'ohms lead to lead at the well head' },
  { component: 'cable', mode: 'high-resistance', label: 'Bad splice in the well', baseRate: 0.012, severities: degrees(['2 Ω', 0.5, h => ({ leads: { ...h.leads, black: h.leads.black + 2 } })], ['8 Ω', 0.5, h => ({ leads: { ...h.leads, yellow: h.leads.yellow + 8 } })]), repair: remakeSplice, causes: [CAUSES.damp, CAUSES.loose], settledBy: 'ohms lead to lead against the chart' },
  { component: 'cable', mode: 'to-earth', label: 'Cable to ground', baseRate: 0.025, severities: degrees(['dead short', 0.5, () => ({ cableToEarth: 0.5 })], ['about 3 kΩ', 0.3, () => ({ cableToEarth: 3e3 })], ['about 120 kΩ', 0.2, () => ({ cableToEarth: 120e3 })]), repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'megohms again with the splice open' },
  { component: 'cable', mode: 'leg-to-leg', label: 'Cable shorted lead to lead', baseRate: 0.01, severities: always(() => ({ cableAcross: 0.4 })), repair: remakeSplice, causes: [CAUSES.chafe], settledBy: 'ohms lead to lead near nothing' },
  { component: 'motor', mode: 'start-gear', label: 'Start gear inside the motor dead', baseRate: 0.05, severities: always(() => ({ startContact: OPEN })), repair: pullPump, causes: [CAUSES.rapidCycling, CAUSES.lowVolts, CAUSES.age], settledBy: 'locked amps that never fall, supply and switch proven good' },
  { component: 'motor', mode: 'start-stuck', label: 'Start switch inside the motor does not open', baseRate: 0.012, severities: always(h => ({ startContactRunning: h.startContact })), repair: pullPump, causes: [CAUSES.rapidCycling, CAUSES.age], settledBy: 'high amps that never settle' },
  { component: 'motor', mode: 'overload-hot', label: 'Motor overload open, hot', baseRate: 0.03, severities: always(() => ({ overload: OPEN })), repair: fit('Let it cool, find why', 30, ''), causes: [CAUSES.lowVolts, CAUSES.dry, CAUSES.rapidCycling], settledBy: 'OL now, a value after it has cooled' },
]

export const FAULTS: readonly WellFault[] = [...SUPPLY_FAULTS, ...SWITCH_FAULTS, ...CABLE_FAULTS, ...MOTOR_FAULTS, ...WATER_FAULTS]
