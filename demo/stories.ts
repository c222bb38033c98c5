/**
 * What happened at the made-up company's other sites, as short stories that grow.ts tells again and again: invented,
 * like all demo data. `$N` in a line is a figure of its own range; times are made as they are told.
 */
export interface Story {
  readonly kinds: readonly string[]
  readonly weight: number
  readonly complaint: string
  readonly words: readonly string[]
  /** said while isolating; each with the minutes it took */
  readonly found: readonly (readonly [number, string])[]
  readonly failed: string
  readonly causes: readonly (readonly [number, string])[]
  readonly mended: readonly (readonly [number, string])[]
  readonly proved: readonly (readonly [number, string])[]
  readonly settle: string
  /** a second trip for the part: once in so many */
  readonly carried?: number
}

const RUNS = [[6, 'left cut in $40'], [6, 'left cut out $60']] as const

export const STORIES: readonly Story[] = [
  {
    kinds: ['well-3wire'], weight: 9, complaint: 'groans',
    words: ['Groans and clicks off', 'Hums, no water', 'Buzzes and quits'],
    found: [
      [4, 'line $239'], [3, 'load $238'], [6, 'black $28 held'], [8, 'dead 239 0.3 239'], [3, 'bled 0.6'],
      [4, 'cap 44uf'],
    ],
    failed: 'box.cap-low: a third of what it should be',
    causes: [[5, 'age: ten summers old'], [4, 'rapid-cycling: a start every 15 seconds'], [3, '']],
    mended: [[9, 'part box: off start capacitor 130–156 µF on start capacitor 130–156 µF (SC-130, van)']],
    proved: [[5, 'live'], [6, 'left run $8.1'], ...RUNS],
    settle: 'Start capacitor worn out; new one fitted, starts at once.',
  },
  {
    kinds: ['well-3wire', 'well-2wire', 'jet'], weight: 10, complaint: 'no-water',
    words: ['No water this morning', 'Dry since the storm', 'Nothing at the taps'],
    found: [[4, 'line $239'], [5, 'load 0.4'], [4, 'gauge 8'], [8, 'dead 239 0.3 239'], [4, 'contacts burnt']],
    failed: 'switch.pole1-burnt: one pole burnt away',
    causes: [[6, 'rapid-cycling: tank without air'], [3, 'damp: condensation in the pit'], [5, '']],
    mended: [
      [6, 'zero pressure 0'],
      [22, 'part switch: off pressure switch 40/60 on pressure switch 40/60 (PS-4060, van)'],
    ],
    proved: [[5, 'live'], ...RUNS],
    settle: 'Pressure switch burnt; new one fitted and set.',
    carried: 9,
  },
  {
    kinds: ['well-3wire', 'well-2wire', 'jet'], weight: 8, complaint: 'rapid-cycles',
    words: ['Clicks on and off all day', 'Starts every few seconds', 'Pump never rests'],
    found: [[6, 'start every 9 s'], [8, 'gauge 44'], [9, 'zero pressure 0'], [6, 'pre 6'], [5, 'air valve water']],
    failed: 'tank.waterlogged: water at the valve', causes: [[1, '']],
    mended: [[70, 'part tank: off bladder tank on bladder tank (BT-32, ordered)']],
    proved: [[5, 'left pre 38'], [5, 'live'], ...RUNS],
    settle: 'Bladder gone; new tank, aired two under the cut-in.', carried: 2,
  },
  {
    kinds: ['well-3wire', 'well-2wire'], weight: 5, complaint: 'low-pressure',
    words: ['Weak when two taps run', 'Takes all day to fill', 'Pressure drops away'],
    found: [[5, 'sound runs'], [6, 'run $6.9'], [12, 'flow 4gpm'], [5, 'gauge 31']],
    failed: 'pump.worn: four gallons where there were twelve',
    causes: [[5, 'sand: sand in the strainer'], [3, 'age: fifteen years down'], [2, '']],
    mended: [[150, 'part pump: off pump end on pump end (PE-1210, ordered)']],
    proved: [[10, 'live'], [6, 'left run $8.2'], ...RUNS],
    settle: 'Pump worn; pulled and renewed.', carried: 1,
  },
  {
    kinds: ['well-3wire'], weight: 4, complaint: 'overload-trips',
    words: ['Trips out after a minute', 'Overload lets go'],
    found: [[4, 'line $239'], [6, 'run 12.6'], [5, 'red run 6.1'], [8, 'dead 239 0.3 239']],
    failed: 'box.relay-closed: red amps stay',
    causes: [[3, 'rapid-cycling: a start every 15 seconds'], [3, '']],
    mended: [[20, 'part box: off start relay on start relay (SR-10, van)']],
    proved: [[5, 'live'], [6, 'left run $8.1'], [2, 'left red run 0'], ...RUNS],
    settle: 'Start relay stuck; renewed.', carried: 6,
  },
  {
    kinds: ['well-2wire', 'well-3wire'], weight: 3, complaint: 'breaker-trips',
    words: ['Breaker goes the moment it is on', 'Trips after the lightning'],
    found: [[5, 'dead 239 0.3 239'], [8, 'to ground 0.02 meg']],
    failed: 'motor.ground: two tenths of nothing to ground',
    causes: [[4, 'surge: lightning two nights before'], [2, 'age: twenty years'], [2, '']],
    mended: [[165, 'part motor: off submersible motor 1 hp on submersible motor 1 hp (M-1030, ordered)']],
    proved: [[8, 'live'], [6, 'left run $8.3'], ...RUNS],
    settle: 'Motor to ground; pulled and renewed.', carried: 1,
  },
  {
    kinds: ['jet'], weight: 5, complaint: 'no-water', words: ['Runs and gives nothing', 'Lost its prime again'],
    found: [[4, 'sound runs'], [5, 'line $119'], [8, 'zero pressure 0'], [5, 'prime empty']],
    failed: 'pump.prime-lost: empty at the plug',
    causes: [[5, 'check.leaking: foot valve lets it run back'], [2, '']],
    mended: [[12, 'repair pump: primed'], [50, 'part check: off foot valve on foot valve (FV-100, van)']],
    proved: [[6, 'live'], [5, 'left cut in $30'], [5, 'left cut out $50']],
    settle: 'Foot valve leaked; renewed, primed, holds.',
  },
  {
    kinds: ['compressor-direct'], weight: 5, complaint: 'groans',
    words: ['Hums when the tank is full', 'Stalls on the restart'],
    found: [[4, 'sound hums'], [5, 'load $119'], [6, 'unloader silent']],
    failed: 'unloader.not-venting: no hiss at the stop', causes: [[3, 'age: eight years'], [2, '']],
    mended: [[6, 'zero pressure 0'], [25, 'part unloader: off unloader valve on unloader valve (UV-04, van)']],
    proved: [[5, 'live'], [6, 'left cut out $125']],
    settle: 'Unloader valve stuck; renewed.',
  },
  {
    kinds: ['three-phase'], weight: 4, complaint: 'overload-trips',
    words: ['Overload out twice a day', 'Stops in the heat'],
    found: [[5, 'line 1-2 $231'], [2, 'line 2-3 $230'], [2, 'line 3-1 $232'], [6, 'pole 3 9']],
    failed: 'starter.contact-burnt: nine volts across contact 3',
    causes: [[3, 'chattered: control volts sag'], [3, '']],
    mended: [[40, 'part starter: off contact kit on contact kit (CK-2, ordered)']],
    proved: [[5, 'live'], ...RUNS],
    settle: 'Contacts burnt; kit fitted.', carried: 2,
  },
]

export interface GrownSite {
  readonly name: string
  readonly place: string
  readonly contact: string
  readonly system: Readonly<Record<'name' | 'kind' | 'location' | 'installed', string>>
}
const site = (
  name: string, place: string, contact: string, system: string, kind: string, location: string,
  installed: string,
): GrownSite => ({ name, place, contact, system: { name: system, kind, location, installed } })

/** Three years of other people's water and air in the made-up valley. */
export const SITES: readonly GrownSite[] = [
  site(
    'Ashling Bakery', 'Mill lane', 'night shift till six',
    'bakehouse well', 'well-3wire', 'flour store', '2011-03-08',
  ),
  site(
    'Coppice Riding School', 'above the ford', 'yard office',
    'stable well', 'well-3wire', 'tack room', '2014-05-19',
  ),
  site(
    'Dunfold Farm', 'Dunfold track', 'any time after milking',
    'byre well', 'well-2wire', 'dairy wall', '2016-10-02',
  ),
  site(
    'Gorsehill Kennels', 'north ridge', 'ring before the gate',
    'kennel well', 'well-2wire', 'feed room', '2018-04-11',
  ),
  site('Highsallow Chapel House', 'chapel green', 'warden', 'chapel well', 'jet', 'vestry cupboard', '2013-06-30'),
  site('Ivybank Laundry', 'canal row', 'forewoman', 'wash house well', 'well-3wire', 'boiler room', '2010-09-14'),
  site(
    'Juniper Shelf Campsite', 'upper tarn road', 'hut two',
    'standpipe well', 'well-2wire', 'pump hut', '2019-04-01',
  ),
  site(
    'Larchend Smithy', 'Larch end', 'ring twice',
    'forge compressor', 'compressor-direct', 'back shop', '2015-01-20',
  ),
  site('Marlpit Brickworks', 'Marlpit lane', 'shift leader', 'clay pump', 'three-phase', 'kiln house', '2012-11-06'),
  site('Nettlemere Orchard', 'Nettlemere', 'packing shed', 'orchard well', 'well-3wire', 'cold store', '2012-07-17'),
]

export const NAMEPLATES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'well-3wire': {
    'motor.power': '3/4 hp', 'motor.volts': '230 V', 'motor.amps': '8.0 A', 'box.capLow': '130 µF',
    'box.capHigh': '156 µF', 'cable.length': '180 ft', 'cable.gauge': '12 AWG', 'switch.cutIn': '40 psi',
    'switch.cutOut': '60 psi', 'tank.volume': '32 gal', 'pump.flow': '12 gpm',
  },
  'well-2wire': {
    'motor.power': '1/2 hp', 'motor.volts': '230 V', 'motor.amps': '5.9 A', 'cable.length': '140 ft',
    'cable.gauge': '12 AWG', 'switch.cutIn': '40 psi', 'switch.cutOut': '60 psi', 'tank.volume': '32 gal',
    'pump.flow': '10 gpm',
  },
  'jet': {
    'motor.power': '1/2 hp', 'motor.volts': '115 V', 'motor.amps': '9.8 A', 'supply.volts': '120 V',
    'switch.cutIn': '30 psi', 'switch.cutOut': '50 psi', 'tank.volume': '20 gal', 'pump.flow': '7 gpm',
  },
  'compressor-direct': {
    'motor.power': '2 hp', 'motor.volts': '115 V', 'motor.amps': '15 A', 'switch.cutIn': '95 psi',
    'switch.cutOut': '125 psi', 'tank.volume': '20 gal',
  },
  'three-phase': {
    'motor.power': '5 hp', 'motor.volts': '230 V', 'motor.amps': '15.2 A', 'switch.cutIn': '40 psi',
    'switch.cutOut': '60 psi', 'tank.volume': '80 gal', 'pump.flow': '40 gpm',
  },
}
/** A yearly look: what is read, as it stood at first and what a year does to it. */
interface Drift {
  readonly say: string
  readonly at: number
  readonly aYear: number
  readonly shares?: boolean
}
export const CHECKS: Readonly<Record<string, readonly Drift[]>> = {
  'well-3wire': [
    { say: 'line $', at: 239, aYear: 0 }, { say: 'run $', at: 7.6, aYear: 0.15 },
    { say: 'to ground $ meg', at: 90, aYear: -0.55, shares: true }, { say: 'cut in $', at: 40, aYear: -0.4 },
    { say: 'cut out $', at: 60, aYear: 0.3 },
  ],
  'well-2wire': [
    { say: 'line $', at: 240, aYear: 0 }, { say: 'run $', at: 5.5, aYear: 0.12 },
    { say: 'to ground $ meg', at: 140, aYear: -0.35, shares: true }, { say: 'cut in $', at: 40, aYear: -0.2 },
  ],
  'jet': [
    { say: 'line $', at: 119, aYear: 0 }, { say: 'run $', at: 9.2, aYear: 0.1 }, { say: 'cut in $', at: 30, aYear: 0 },
  ],
  'compressor-direct': [
    { say: 'line $', at: 119, aYear: 0 }, { say: 'run $', at: 13.4, aYear: 0.2 },
    { say: 'cut out $', at: 125, aYear: 0.5 },
  ],
  'three-phase': [
    { say: 'line 1-2 $', at: 231, aYear: 0 }, { say: 'cut in $', at: 40, aYear: 0 },
    { say: 'cut out $', at: 60, aYear: 0 },
  ],
}

interface FirstPart {
  readonly component: string
  readonly part: string
  readonly number: string
}
/** What was fitted when the system was put in. */
export const FITTED: Readonly<Record<string, readonly FirstPart[]>> = {
  'well-3wire': [
    { component: 'switch', part: 'pressure switch 40/60', number: 'PS-4060' },
    { component: 'box', part: 'start capacitor 130–156 µF', number: 'SC-130' },
    { component: 'tank', part: 'bladder tank', number: 'BT-32' },
    { component: 'pump', part: 'pump end', number: 'PE-1210' },
  ],
  'well-2wire': [
    { component: 'switch', part: 'pressure switch 40/60', number: 'PS-4060' },
    { component: 'tank', part: 'bladder tank', number: 'BT-32' },
    { component: 'pump', part: 'pump end', number: 'PE-1210' },
  ],
  'jet': [
    { component: 'switch', part: 'pressure switch 40/60', number: 'PS-4060' },
    { component: 'check', part: 'foot valve', number: 'FV-100' },
  ],
  'compressor-direct': [{ component: 'unloader', part: 'unloader valve', number: 'UV-04' }],
  'three-phase': [{ component: 'starter', part: 'contact kit', number: 'CK-2' }],
}
