/** A pressure switch with one light contact in the coil circuit; rates are common practice, no source. */
import { CLOSED, OPEN } from '../power/resistances'
import { type Block, point } from './block'
import { CAUSES, NOTES } from './causes'
import { always, degrees, fault } from './faultEntry'
import { switchLooks } from './switchLooks'
import { contactRepair, newSwitch, sensing, type SensingOptions, switchPart } from './switchSensing'
import { partOhms } from './testEntry'

export function pilotSwitch(o: SensingOptions): Block {
  const shut = { 'pilot.switch': OPEN }
  const held = { 'pilot.switchRest': CLOSED }
  return {
    components: [switchPart(o.medium)],
    points: [
      point({
        id: 'pilot',
        name: 'behind the pressure switch',
        component: 'switch',
        spot: { on: 'switch', side: 'out' },
        aliases: ['pilot', 'switch out', 'after the switch'],
      }),
    ],
    faults: [
      fault({
        id: 'switch.contact-dirty',
        name: 'Pilot contact dirty or burnt',
        baseRate: 0.05,
        severities: degrees(
          // a coil of a transformer has a quarter of the ohms of one of the line
          { name: '90 Ω', share: 0.12, change: { 'pilot.switch': 90 } },
          { name: '300 Ω', share: 0.36, change: { 'pilot.switch': 300 } },
          { name: '2 kΩ', share: 0.22, change: { 'pilot.switch': 2000 } },
          { name: 'open', share: 0.3, change: shut },
        ),
        repair: contactRepair(o.practice),
        causes: [CAUSES.damp, CAUSES.age],
        settledBy: 'volts behind the switch against ahead of it, coil calling',
        wears: ['damp', 'age'],
      }),
      ...sensing(o, shut, held),
      fault({
        id: 'switch.welded',
        name: 'Pilot contact stuck closed',
        baseRate: 0.015,
        severities: always(held),
        repair: newSwitch,
        causes: [CAUSES.age],
        settledBy: 'contact closed over cut-out',
      }),
    ],
    tests: [
      partOhms({
        id: 'pilot.ohms',
        point: 'pilot',
        title: 'Ohms across the pilot contact, closed by hand',
        words: ['contact', 'switch ohms'],
        figure: 'pilot.switch',
        minutes: 3,
        steps: ['One control wire off; close it by hand.'],
      }),
      ...switchLooks(o, 'pilot'),
    ],
    notes: [NOTES.damp, ...(o.medium === 'water' ? [NOTES.remote] : []), ...(o.cutOff ? [NOTES.cutOff] : [])],
  }
}
