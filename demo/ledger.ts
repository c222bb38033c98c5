/** The made-up company's shelf, what it knows of its sites, and its plan: invented, laid to a day. */
import { dayAfter } from '#core/day'
import type { LedgerDraft, LedgerLine } from '#core/ledger'
import { createRandom } from '#core/foundation'
import { makeToken } from '#core/tags'
import type { PartTypeId } from '#core/parts'
import { createWriter, type Line } from '#core/tab'
import { FOOT, GALLON, HORSEPOWER, PSI } from '#core/units'

type Listed = Extract<LedgerDraft, { kind: 'listed' }>
const part = (
  type: PartTypeId, number: string, name: string, price: number, life: number, minutes: number,
  attributes: Listed['attributes'], least: Listed['least'], [van, shop]: readonly [number, number],
) => ({
  listed: {
    kind: 'listed', part: `part-${number.toLowerCase()}`, type, number, name, price, life, minutes,
    attributes, least,
  } satisfies Listed,
  van,
  shop,
})
const SWITCH = { thread: 1, poles: 2, duty: 0, power: 1.5 * HORSEPOWER, maximum: 100 * PSI }

const PARTS = [
  part('pressure-switch', 'PS-4060', 'pressure switch 40/60', 46, 9, 35,
    { ...SWITCH, lowest: 20 * PSI, highest: 80 * PSI, cutIn: 40 * PSI, cutOut: 60 * PSI, lever: 0 },
    { van: 2 }, [3, 4]),
  part('pressure-switch', 'PS-3050', 'pressure switch 30/50', 44, 9, 35,
    { ...SWITCH, lowest: 15 * PSI, highest: 65 * PSI, cutIn: 30 * PSI, cutOut: 50 * PSI, lever: 0 },
    { van: 1 }, [1, 2]),
  part('pressure-switch', 'PS-4060-L', 'pressure switch 40/60 with cut-off', 58, 9, 40,
    { ...SWITCH, lowest: 20 * PSI, highest: 80 * PSI, cutIn: 40 * PSI, cutOut: 60 * PSI, lever: 1 },
    { van: 1 }, [1, 1]),
  part('pressure-switch', 'AS-95125', 'compressor switch 95/125 with unloader', 52, 10, 40,
    { thread: 1, poles: 2, duty: 1, unloader: 1, power: 3 * HORSEPOWER, maximum: 175 * PSI, lowest: 80 * PSI,
      highest: 150 * PSI, cutIn: 95 * PSI, cutOut: 125 * PSI }, { shop: 1 }, [0, 2]),
  part('start-capacitor', 'SC-130', 'start capacitor 130–156 µF', 18, 8, 15,
    { capLow: 130e-6, capHigh: 156e-6, volts: 250, bleed: 1 }, { van: 2 }, [4, 6]),
  part('start-capacitor', 'SC-161', 'start capacitor 161–193 µF', 21, 8, 15,
    { capLow: 161e-6, capHigh: 193e-6, volts: 250, bleed: 1 }, { van: 1 }, [1, 2]),
  part('start-capacitor', 'SC-270', 'start capacitor 270–324 µF', 19, 8, 15,
    { capLow: 270e-6, capHigh: 324e-6, volts: 125, bleed: 0 }, { van: 1 }, [0, 1]),
  part('run-capacitor', 'RC-25', 'run capacitor 25 µF', 16, 10, 15,
    { capLow: 23.5e-6, capHigh: 26.5e-6, volts: 370 }, { shop: 1 }, [0, 2]),
  part('start-relay', 'SR-10', 'start relay for ½ to 1 hp box', 34, 10, 20,
    { volts: 230, makeUp: 0 }, { van: 1 }, [2, 1]),
  part('control-box', 'CB-075', 'control box ¾ hp', 96, 14, 30,
    { power: 0.75 * HORSEPOWER, volts: 230, makeUp: 0 }, { van: 1 }, [1, 0]),
  part('control-box', 'CB-100', 'control box 1 hp', 104, 14, 30,
    { power: HORSEPOWER, volts: 230, makeUp: 0 }, {}, [0, 1]),
  part('motor', 'M-1030', 'submersible motor 1 hp', 540, 16, 180,
    { power: HORSEPOWER, volts: 230, phases: 1, wires: 1, amps: 9.4 }, {}, [0, 1]),
  part('pump', 'PE-1210', 'pump end 1 hp, 10 gpm', 390, 14, 170,
    { flow: 10 * GALLON / 60, head: 220 * FOOT, power: HORSEPOWER }, {}, [0, 1]),
  part('tank', 'BT-32', 'bladder tank 32 gal', 265, 10, 75,
    { thread: 5, volume: 32 * GALLON, maximum: 100 * PSI, precharge: 38 * PSI }, {}, [0, 1]),
  part('check-valve', 'FV-100', 'foot valve 1 in', 38, 9, 50,
    { thread: 5, maximum: 100 * PSI, material: 0 }, { van: 1 }, [1, 1]),
  part('relief-valve', 'RV-75', 'relief valve 75 psi', 22, 12, 20, { thread: 4, opens: 75 * PSI }, { van: 1 }, [2, 3]),
  part('gauge', 'GA-100', 'gauge 0–100 psi', 12, 8, 10, { thread: 1, maximum: 100 * PSI }, { van: 2 }, [3, 5]),
  part('nipple', 'NI-025', 'brass nipple ¼ × 2 in', 4, 15, 10, { thread: 1, material: 0 }, { van: 4 }, [6, 12]),
  part('coil', 'CO-24', 'coil 24 V, size 1', 41, 12, 30, { coilVolts: 24, hertz: 60 }, { shop: 1 }, [0, 0]),
  part('other', 'CK-2', 'contact kit', 78, 8, 40, {}, { shop: 1 }, [0, 1]),
  part('other', 'UV-04', 'unloader valve', 27, 9, 25, {}, { van: 1 }, [1, 2]),
  part('overload', 'OL-1218', 'overload 12–18 A', 66, 15, 30, { dialLow: 12, dialHigh: 18, phases: 3 }, {}, [0, 1]),
  part('cable', 'WC-12', 'well cable 12 AWG, three and ground, 100 ft', 145, 25, 90,
    { conductors: 3, ground: 1, wet: 1, gauge: 12, length: 100 * FOOT }, {}, [0, 2]),
  part('breaker', 'BR-20', 'breaker two-pole 20 A', 24, 25, 20, { poles: 2, amps: 20, volts: 240 }, { van: 1 }, [2, 2]),
]

/** By the site's name: what whoever goes there should know. */
const FACTS: readonly (readonly [string, Extract<LedgerDraft, { kind: 'fact' }>['fact'], string])[] = [
  ['Highfold Stoneworks', 'hazard', 'dog loose in the yard: ring first'],
  ['Highfold Stoneworks', 'panel', 'compressor house, left of the door'],
  ['Highfold Stoneworks', 'breaker', 'row 2, the third: proven, the label says saws'],
  ['Mirrormere Sailing Club', 'hazard', 'pump pit floods after rain'],
  ['Mirrormere Sailing Club', 'breaker', 'boathouse panel, 7 and 9: proven'],
  ['Mirrormere Sailing Club', 'well', '180 ft deep, 6 in steel; static 41 ft'],
  ['Mirrormere Sailing Club', 'pump', 'set at 140 ft on poly pipe, pulled in 2014'],
  ['Larkmead Plant Nursery', 'key', 'under the second pot, north bench'],
  ['Larkmead Plant Nursery', 'breaker', 'plant room, 4 and 6: proven'],
  ['Larkmead Plant Nursery', 'well', '220 ft, steel; static 60 ft, pumping 96 ft'],
  ['Larkmead Plant Nursery', 'water', 'iron, a little sand in dry summers'],
  ['Larkmead Plant Nursery', 'filter', 'after the tank, every three months'],
  ['Willow Bend Caravan Park', 'disconnect', 'outside the wash block, north wall'],
  ['Willow Bend Caravan Park', 'tell', 'the office before water goes off, 555-0100'],
  ['Gorsehill Kennels', 'hazard', 'dogs out until nine'],
  ['Marlpit Brickworks', 'hazard', 'low beam over the kiln house stair'],
  ['Juniper Shelf Campsite', 'hazard', 'wasps in the pump hut from July'],
]

/** @param siteOf a site's id by its name, @param tabOf an open tab's by the beginning of its words */
/** Systems with a label on them. */
const TAGGED = [
  ['Larkmead Plant Nursery', 'greenhouse well'], ['Larkmead Plant Nursery', 'propagation well'],
  ['Willow Bend Caravan Park', 'wash block well'], ['Highfold Stoneworks', 'yard compressor'],
] as const

export function demoLedger(
  today: string, siteOf: (name: string) => string | undefined, tabOf: (words: string) => string | undefined,
  systemOf: (site: string, name: string) => string | undefined,
): readonly LedgerLine[] {
  const write = createWriter('demo-ledger')
  let n = 0
  const say = (day: string, draft: LedgerDraft) =>
    write({ ...draft, id: `ledger-demo-${++n}`, at: `${day}T07:00:00.000Z`, by: 'R. Fennick' } as unknown as Line) as
    unknown as LedgerLine
  const before = (days: number) => dayAfter(today, -days)
  const plan = (words: string, day: string, rank: number, person = 'R. Fennick') => {
    const tab = tabOf(words)
    return tab ? [say(before(0), { kind: 'planned', item: `tab:${tab}`, day, person, rank })] : []
  }
  return [
    ...PARTS.map(p => say(before(900), p.listed)),
    ...PARTS.flatMap(({ listed, van, shop }) => [
      say(before(12), { kind: 'counted', part: listed.part, place: 'van', count: van }),
      say(before(12), { kind: 'counted', part: listed.part, place: 'shop', count: shop }),
    ]),
    say(before(40), { kind: 'saying', words: 'it goes like a stork', test: 'sound', outcome: 'chatters' }),
    say(before(2), { kind: 'moved', part: 'part-co-24', do: 'ordered', count: 1, order: 'A-2207' }),
    ...FACTS.flatMap(([name, fact, text]) => {
      const site = siteOf(name)
      return site ? [say(before(300), { kind: 'fact', site, fact, text })] : []
    }),
    ...TAGGED.flatMap(([site, name], i) => {
      const [system, random] = [systemOf(site, name), createRandom(100 + i)]
      const token = makeToken(Uint8Array.from({ length: 26 }, () => Math.floor(256 * random.uniform())))
      return system ? [say(before(200), { kind: 'tag', system, token })] : []
    }),
    ...plan('Overload lets go', today, 1),
    ...plan('Wash block dry', today, 2),
    ...plan('Compressor dead', today, 3),
    ...plan('Hums for a few seconds', today, 1.5, 'T. Oakhollow'),
    ...plan('Showers weak', dayAfter(today, 2), 1),
  ]
}
