/**
 * How each repair is done (handbook §7, §10, §12; common practice, no source): what it opens, what is in the hand, the
 * work itself, what the part must have, and what has to be set up again after it. By the id of the repair, of the first
 * pump where there are two. A sweep proves that every repair of the catalogue is here.
 */
export const OPENS = ['wires', 'pressure', 'well'] as const
/** Terminals and covers; what is under pressure; what comes up out of the ground. */
export type Opens = (typeof OPENS)[number]

export const AFTERWARDS = [
  'air', 'prime', 'vent', 'switch', 'cut-off', 'float', 'unloader', 'overload', 'rotation', 'disinfect',
] as const
export type Afterwards = (typeof AFTERWARDS)[number]

export interface Recipe {
  readonly opens: readonly Opens[]
  readonly tools: readonly string[]
  readonly work: readonly string[]
  /** what the part must have: equal, or at least */
  readonly fits?: string
  readonly after?: readonly Afterwards[]
  /** a capacitor stands in it */
  readonly charged?: true
  /** threads are sealed */
  readonly sealed?: true
  /** minutes before pressure comes back */
  readonly cure?: number
  /** done with the power on, since it is the machine that does it */
  readonly running?: true
  /** it is done at the set-up, by a step of its own there */
  readonly later?: true
  /** nobody's hand goes where it could be hurt */
  readonly harmless?: true
}

const HAND = ['insulated screwdriver', 'meter', 'lock and tag']
const PIPE = ['two pipe wrenches', 'hose', 'bucket', 'rags']
const RIG = ['pulling rig or two people', 'pipe clamp', 'splice kit', 'torque arrestor', 'safety rope']
const THREADS = 'Clean threads; start by hand, no crossed threads, then snug plus 1 to 1½ turns.'
const HOLD_BACK = 'Hold the nipple with a second wrench: thin standpipes snap.'
const LOOK_THROUGH = 'Look through the nipple with a pick; let it spit; renew steel with brass or stainless.'
const GROUND_FIRST = 'Ground first on, last off; conductors bent clockwise round the screw, no strand under insulation.'

const wires = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: ['wires'], tools: HAND, work, ...more,
})
/** Worked on dead, and no conductor leaves its terminal. */
const dead = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: [], tools: HAND, work, ...more,
})
const pipes = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: ['pressure'], tools: PIPE, work, ...more,
})
const both = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: ['wires', 'pressure'], tools: [...HAND, ...PIPE], work, ...more,
})
const well = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: ['wires', 'pressure', 'well'],
  tools: [...HAND, ...PIPE, ...RIG],
  work,
  after: ['vent', 'disinfect', 'cut-off'],
  ...more,
})
const harmless = (work: readonly string[], more: Partial<Recipe> = {}): Recipe => ({
  opens: [], tools: [], work, harmless: true, ...more,
})

const RESET: readonly string[] = [
  'Dead first: every lead to ground and leg to leg, before it is closed again.',
  'Put it back once, standing to the side, and watch. If it lets go again, stop.',
]

export const RECIPES: Readonly<Record<string, Recipe>> = {
  // supply, breaker, fuse
  'call-utility': harmless(['Say which leg or what volts, at what time; ahead of the meter nothing is opened.']),
  'find-drop-ahead-of-breaker': wires(['Follow the drop back with the load on, then open it dead.', GROUND_FIRST]),
  'have-volts-brought-down': harmless(
    ['Say which volts, at what hour, loaded and not; ahead of the meter nothing is opened.'],
  ),
  'land-on-both-legs': wires([
    'Panel dead ahead of it or left to who may work it.',
    'Each hot under a pole of its own, on two legs; a white that is a hot is marked as one.', GROUND_FIRST,
  ]),
  'set-drive-to-rated-hertz': dead(
    ['By its own manual: rated volts, hertz and amps of the motor; who set it down, and why?'],
  ),
  'clear-motor-vents': dead(
    ['Nests, lint and leaves out, by hand and soft brush.', 'Fan tight on the shaft, its cover on.'],
  ),
  'set-or-replace-charger': wires(['Negative off first, on last; charger for this chemistry.'],
    { fits: 'volts and chemistry equal; amps for the battery' }),
  'feed-from-larger-generator': harmless([
    'On the mains where they are back; else a generator for what the motor draws at a start, by a transfer switch.',
  ]),
  'find-why-then-reset-breaker': dead(RESET),
  'replace-breaker': wires(
    ['Panel dead ahead of it or left to who may work it.', 'Same poles and amps; torque as marked.'],
    { fits: 'poles and panel type equal; amps by the conductor, never larger' },
  ),
  'replace-fuse-or-breaker': wires(
    ['Dead; same class and amps, all of the set.'],
    { fits: 'class, amps and volts equal' },
  ),
  'close-disconnect': harmless([
    'Ask who opened it and why; no lock and no tag on it, nobody at work behind it.',
    'What it feeds switched off; stand to the side, close it once.',
  ]),
  'replace-disconnect': wires(['Note line and load; land ground first.', GROUND_FIRST],
    { fits: 'poles equal; amps and hp at least; enclosure for the place' }),
  'find-why-then-replace-fuse': dead(RESET, { fits: 'amps and volts equal, never larger' }),
  'find-why-then-replace-control-fuse': dead(RESET, { fits: 'amps and volts equal, never larger' }),
  'replace-fuse-holder': wires(['Battery’s negative off; crimp, do not twist; holder where it stays dry.'],
    { fits: 'amps at least; for the wire’s gauge' }),
  // conductors and joints
  'remake-joint': wires(['Cut back to bright metal; new terminal or splice; tug it.', GROUND_FIRST],
    { fits: 'for the gauge, the metal and the place' }),
  'remake-feed-joint': wires(['Cut back to bright metal; crimp; heat-shrink; tug it.'], { fits: 'for the gauge' }),
  'replace-control-transformer': wires(
    ['Links for the line’s volts before it is landed; fuse on its secondary as marked; its ground landed.'],
    { fits: 'volts in and out equal; VA at least the coils’ pull-in' },
  ),
  'remake-control-wire': wires(['Cut back to bright metal; land by the diagram; tug it.'], { fits: 'for the gauge' }),
  'replace-feed': wires(['Pull the new one through; bushing at every entry.', GROUND_FIRST],
    { fits: 'gauge for the drop and the amps; rated for the place' }),
  'replace-damaged-run': wires(['Cut out all that is chafed; bushing where it went in.', GROUND_FIRST],
    { fits: 'gauge for the drop and the amps; wet rating outside' }),
  'replace-run': wires(['New run with ground; bushing at every entry; an old conduit that ate it is not used again.'],
    { fits: 'gauge for the drop and the amps; wet rating; ground' }),
  'replace-motor-leads': wires(
    ['New leads as long as the old; bushing; ground first.'],
    { fits: 'gauge and temperature' },
  ),
  'find-leads-and-land-them-right': wires(['Ohms of the three pairs: the two lowest share the main winding’s end.',
    'Land them by what the ohms say, and mark them.']),
  'land-switch-as-marked': wires(['Trace all four, dead, by ohms; feeds on line, motor on load, a pole to each leg.',
    'Proof of the wiring before power.', GROUND_FIRST]),
  'clean-and-remake-chassis-return': wires(
    ['Bright metal, new ring, star washer, grease.'],
    { fits: 'ring for the stud' },
  ),
  'clean-and-remake-battery-posts': wires(['Negative off first, on last; clean to bright lead; tighten; grease.']),
  'charge-or-replace-battery': wires(['Negative off first, on last; charge and rest before it is judged.'],
    { fits: 'chemistry equal to the charger; capacity at least' }),
  // switches and control
  'replace-pressure-switch': both([HOLD_BACK, LOOK_THROUGH, THREADS], {
    fits: 'thread, poles and duty equal; hp at this voltage and pressure at least; range for the tank; lever if '
      + 'it had one',
    sealed: true,
    after: ['air', 'switch', 'cut-off'],
  }),
  'replace-demand-switch': both(['Plug off; new switch hand-tight.', 'Closed tap must stop it firmly, no chatter.'],
    { fits: 'pressure range and thread equal; amps at least', after: ['switch'] }),
  'replace-panel-switch': wires(
    ['Negative off; wires one by one to the same posts.'],
    { fits: 'amps at 12 V at least' },
  ),
  'clear-port-brass-nipple': both([HOLD_BACK, LOOK_THROUGH, 'Chamber scraped; diaphragm soft and whole.', THREADS],
    { fits: 'nipple ¼ in, brass or stainless', sealed: true, after: ['air', 'switch', 'cut-off'] }),
  'open-valve-under-switch': harmless(['Open it fully and leave it tagged: closed it blinds the switch.']),
  'turn-lever-to-auto': harmless(['Lever to auto; leave a note who turned it off.'], { after: ['cut-off'] }),
  'hold-lever-until-pressure-is-over-cut-in': harmless(
    ['Part-way, not fully up: 20 to 30 s till the gauge is well over cut-in; let go slowly.',
      'Will it not hold, no water is coming: stop and find out why.'],
    { running: true, later: true, after: ['cut-off'] },
  ),
  'set-switch': dead(
    ['By the coach: off, proven dead, turn, cover on, power, watch.'],
    { later: true, after: ['air', 'switch'] },
  ),
  'set-demand-switch': dead(['By its sheet, a quarter turn at a time, power off between.'], { after: ['switch'] }),
  'set-by-pass': dead(['By its sheet only, a quarter turn at a time, power off between.'], { after: ['switch'] }),
  'move-switch-to-tank': both(['Switch and gauge onto the tank’s own tee, nothing between.', HOLD_BACK, THREADS], {
    sealed: true, fits: 'tee for the tank’s connection; wire and conduit for the new place', after: ['switch'],
  }),
  'change-sense-of-float': wires(['Its other contact, or its other way up: as it must call when full or when empty.',
    'Lift and drop it by hand before power.'], { after: ['float'] }),
  'free-or-replace-float': wires(['Cord clear of ladder and pipe; tether as long as before; lift and drop it by hand.'],
    { fits: 'same sense (fills or empties); amps or pilot duty; cord length', after: ['float'] }),
  'replace-float-switch': wires(['Same sense: hanging calls on a filling pump.', 'Tether as long as before.'],
    { fits: 'same sense (fills or empties); amps or pilot duty; cord length', after: ['float'] }),
  'replace-underload-protector': wires(['Supply on its line side, motor on its load side; learn it on a sound pump.'],
    { fits: 'volts and hp equal' }),
  'find-why-it-ran-dry-let-it-restart': harmless(
    ['Find where the water went; let its time run out.'],
    { running: true },
  ),
  // box and starter
  'find-why-then-reset-overload': dead(RESET, { charged: true }),
  'find-why-then-reset-overload-relay': dead(RESET, { after: ['overload'] }),
  'replace-overload': wires(['Leads one by one, as found.'], { charged: true, fits: 'amps of the motor equal' }),
  'replace-overload-relay': wires(['Heaters or dial for the plate’s amps, never multiplied.', GROUND_FIRST],
    { fits: 'range takes the plate’s amps; class 10 for a submersible motor', after: ['overload'] }),
  'replace-motor-overload': wires(['Leads as found; it must sit flat on the shell.'],
    { charged: true, fits: 'the motor’s own' }),
  'set-overload-to-nameplate': wires(['Dial to the plate’s amps: what the code allows is built into it.'],
    { later: true, after: ['overload'] }),
  'replace-coil': wires(
    ['Note both posts; nothing left between the poles’ faces.'],
    { fits: 'volts and hertz equal' },
  ),
  'fit-coil-for-control-voltage': wires(['Measure the control volts first; note both posts.'],
    { fits: 'volts and hertz of the control supply' }),
  'replace-contacts-or-contactor': wires(['All poles together; springs not lost; armature free by hand.', GROUND_FIRST],
    { fits: 'poles and coil volts equal; hp at volts at least', after: ['overload', 'rotation'] }),
  'fit-box-for-motor': wires(['Yellow, black, red as they were marked; ground first.', GROUND_FIRST],
    { charged: true, fits: 'motor hp, volts and make-up equal' }),
  'replace-box-remake-leads': wires(['Yellow, black, red as they were marked; cut back to bright metal.', GROUND_FIRST],
    { charged: true, fits: 'motor hp, volts and make-up equal' }),
  'replace-start-relay': wires(['Posts one by one, as found.'], { charged: true, fits: 'motor hp and volts equal' }),
  'replace-start-capacitor': wires(['Bleed the old one before it is touched; bleed resistor on the new one.'],
    { charged: true, fits: 'µF within the band; volts at least; start, not run' }),
  'replace-run-capacitor': wires(['Bleed the old one before it is touched.'],
    { charged: true, fits: 'µF within the band; volts at least; run, not start' }),
  // motor and surface pump
  'set-voltage-links': wires(['By the plate’s diagram for the volts measured here.'], { charged: true }),
  'change-two-leads-at-starter': wires(['Any two of the three, on the load side.'], { after: ['rotation'] }),
  'replace-motor': wires(['Couple it so that it turns free by hand; links for the volts here.', GROUND_FIRST],
    {
      charged: true,
      fits: 'volts, phases, frame and shaft equal; hp at least',
      after: ['prime', 'overload', 'rotation'],
    }),
  'clean-or-replace-start-switch-in-motor': wires(['Weights free, points dressed dead; it must click by hand.'],
    { charged: true, fits: 'the motor’s own' }),
  'let-it-cool-find-why': harmless(['Leave it off till the shell is hand-warm; look for why meanwhile.']),
  'replace-pump': both(['Photograph the pipework; valves off on both sides.', THREADS],
    { fits: 'volts and ports equal; flow and pressure at least', sealed: true, after: ['prime', 'switch'] }),
  'fit-pump-head-kit': pipes(['Note which way the valves face; head screws crosswise.'],
    { fits: 'the pump’s own', after: ['prime'] }),
  'replace-impeller-and-seal': pipes(['Seal faces clean and dry of fingers; turns free by hand.'],
    { fits: 'the pump’s own', sealed: true, after: ['prime'] }),
  'renew-shaft-seal': pipes(['Both faces new, clean, dry of fingers; shaft bright where it runs; turns free by hand.'],
    { fits: 'the pump’s own', sealed: true, after: ['prime'] }),
  'clear-impeller': pipes(['Volute open; pick the eye and the vanes clean; find how it came in.'],
    { sealed: true, after: ['prime'] }),
  'clear-suction-line': pipes(['Strainer and foot valve rinsed; no kink, no flat; what let the dirt in?'],
    { sealed: true, after: ['prime'] }),
  'clear-tank-vent': harmless(['Vent hose off, blown through, no sag that holds water.']),
  'replace-city-inlet-check': pipes([THREADS, 'Cap it while it is not used.'],
    { sealed: true, fits: 'thread and hose size equal' }),
  'replace-pump-casing': pipes(['Drained; gasket faces clean; bolts crosswise; drain plug sealed.'],
    { fits: 'the pump’s own', sealed: true, after: ['prime'] }),
  'free-impeller': pipes(['Turn it by hand at the shaft’s end; find what stopped it.'], { after: ['prime'] }),
  'clean-jet': pipes(['Nozzle and throat with a soft wire; gasket whole.'], { sealed: true, after: ['prime'] }),
  'prime-pump': pipes(['Fill at the plug till it stays full; plug sealed.', 'Never dry.'], { after: ['prime'] }),
  'vent-pump': pipes(
    ['Open the vent a turn, inlet open, till water comes without air; close it.'],
    { after: ['vent'] },
  ),
  'clean-strainer': pipes(['Bowl off, screen rinsed, O-ring greased and in its groove.'], { after: ['prime'] }),
  'remake-suction-hose': pipes(['New clamps on clean hose; no sag that holds air.'],
    { fits: 'hose and clamps for suction', after: ['prime'] }),
  'remake-suction-joints': pipes([THREADS, 'Tight for vacuum: what does not drip can still draw air.'],
    { sealed: true, cure: 30, fits: 'union and fittings of the pipe’s size', after: ['prime'] }),
  'change-filter-cartridge': pipes(['Both valves shut, pressure let off by its button; new cartridge, O-ring greased.'],
    { fits: 'length, diameter and ends equal; no finer than the flow bears' }),
  'change-filter-move-switch-ahead-of-it': both(
    ['New cartridge, O-ring greased; switch and gauge to the pump’s side of it.', HOLD_BACK, THREADS],
    { sealed: true, fits: 'cartridge: length, diameter and ends equal', after: ['switch'] },
  ),
  'turn-winter-valve-to-tank': harmless(
    ['Tank’s valve open; winter valve to the tank, its short hose capped.'], { after: ['prime'] },
  ),
  'fill-tank': harmless(['Fill it; look for where it went.'], { after: ['prime'] }),
  // check valves, tank, plumbing
  'replace-check-valve': well(
    ['Arrow with the flow; one only at the pump.'],
    { fits: 'size and thread equal; pressure' },
  ),
  'replace-foot-valve': pipes(['Lift the suction pipe; screen clean; hang it clear of the bottom.'],
    { sealed: true, cure: 30, fits: 'size and thread equal', after: ['prime', 'disinfect'] }),
  'air-tank-at-zero-pressure': pipes(
    ['At zero, a tap open: read, add, read again.'],
    { later: true, after: ['air', 'switch'] },
  ),
  'drain-and-recharge-tank': pipes(
    ['Pump off, drained to the bottom, air let in; drain shut; let it pump up.', 'Its air charger looked at.'],
    { after: ['switch'] },
  ),
  'replace-air-volume-control': pipes(
    ['Tank drained under it first; for this pump’s suction side.', HOLD_BACK, THREADS],
    { sealed: true, fits: 'kind of pump, thread and tank size equal', after: ['switch'] },
  ),
  'air-accumulator-at-zero-pressure': pipes(
    ['At zero, a tap open: read, add, read again.'],
    { later: true, after: ['air'] },
  ),
  'bleed-tank-at-zero-pressure': pipes(
    ['At zero, a tap open: read, let out, read again.'],
    { later: true, after: ['air', 'switch'] },
  ),
  'replace-tank': pipes(['Tank off its own valve; new one aired before water comes to it.', THREADS],
    { sealed: true, fits: 'connection equal; drawdown for the pump; plate pressure', after: ['air', 'switch'] }),
  'replace-gauge': pipes([HOLD_BACK, THREADS], { sealed: true, fits: 'thread equal; about twice the cut-out' }),
  'clear-way-into-tank': pipes(
    ['Drain, then open at the tee or the elbow; pick it clean; brass in place of steel.', THREADS],
    { sealed: true, after: ['air'] },
  ),
  'set-or-replace-reducing-valve': pipes(['Screen rinsed; gauge behind it, set with a tap drawing.', THREADS],
    { sealed: true, fits: 'size equal; range for the house' }),
  'replace-relief-valve': pipes([HOLD_BACK, THREADS, 'Outlet free, never plugged.'],
    { sealed: true, fits: 'thread equal; set at or under the weakest plate; capacity at least' }),
  'close-or-replace-drain': pipes([THREADS, 'Close it first: soap, and an hour at cut-out, before it is renewed.'],
    { sealed: true, fits: 'thread equal; rated for the relief’s setting' }),
  'find-and-mend-leak': pipes(['Shut off by parts till it holds; mend that one.'], { sealed: true, cure: 30 }),
  'open-house-valve-or-thaw-line': harmless([
    'Open it slowly, a tap open behind it; thaw with warm air or water, from the tap back, never with a flame.',
  ]),
  'call-water-supplier': harmless(['Say what the inlet reads, at rest and while it runs.']),
  // the well
  'pull-pump': well(['Photograph the head; pipe up, laid clean; new splice, arrestor and rope.'],
    { fits: 'volts, phases, wires and diameter equal; hp, head and gpm at the depth' }),
  'pull-and-replace-drop-pipe': well(['Plastic lifts by hand, galvanised wants a rig; all joints new.'],
    { cure: 30, fits: 'bore and pressure for the depth' }),
  'renew-seal-of-pitless-adapter': well(
    ['Lift by its own pipe, never by the cable; seat wiped bright, new ring greased, set down straight.'],
    { fits: 'the adapter’s own ring' },
  ),
  'remake-splice-or-replace-cable': well(
    ['Cut back to bright, dry metal; splices staggered, each sealed; megohms before it goes down.'],
    { fits: 'conductors and ground equal; wet rating; gauge for the drop' },
  ),
  'rest-well-fit-dry-run-protection': wires(['Rest it; throttle to what it yields; protector on the motor’s feed.'],
    { fits: 'volts and hp equal' }),
  // air
  'drain-receiver': { ...harmless(['Pump off; drain open till air comes dry.']), opens: ['pressure'] },
  'change-intake-filter': pipes(['Pump off; element the right way round.'], { fits: 'the compressor’s own' }),
  'fit-head-gasket': pipes(
    ['Faces clean and flat; bolts crosswise in three rounds.'],
    { fits: 'the compressor’s own' },
  ),
  'fit-valve-plate-kit': pipes(['Note which way the reeds face; bolts crosswise in three rounds.'],
    { fits: 'the compressor’s own' }),
  'clean-or-replace-unloader-valve': pipes(['New ferrules on the line; it must sigh at every stop.'],
    { fits: 'thread and line size equal', after: ['unloader'] }),
  'clean-or-replace-tank-check-valve': pipes([HOLD_BACK, 'Seat clean; paste on the thread, no tape.'],
    { sealed: true, fits: 'thread and ports equal', after: ['unloader'] }),
  'replace-regulator': pipes([HOLD_BACK, THREADS], { sealed: true, fits: 'thread and range equal; flow at least' }),
  'set-or-replace-belt': dead(
    ['Sheaves in line; half an inch of give; guard back on.'],
    { fits: 'section and length equal' },
  ),
  'overhaul-pump-head': pipes(
    ['Belt off; pump turned by hand at every step; oil filled before it runs; break it in unloaded.', THREADS],
    { fits: 'the compressor’s own, or bolts, sheave and delivery equal', after: ['unloader'] },
  ),
  'take-receiver-out-of-use': pipes(
    ['Out of use, marked so, and not welded: a vessel is never mended by who finds it.'],
    { fits: 'volume at least; plate pressure over the relief’s' },
  ),
  'mend-air-line': pipes(['No plastic pipe on compressed air; soap it after.'], { sealed: true }),
}
