/** Lines as they are written in a log or told of another, and what they are heard as; common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, told } from '../../tests/told'

describe('an entry of a log', () => {
  hearsAs([
    ['well-2wire', 'Tank air (system drained): 12 psi', 'precharge 82700'],
    ['well-2wire', 'Visual: contacts: burnt', 'contacts burnt'],
    ['well-2wire', 'Splice opened: cable to ground OL, motor leads to ground 1.8 kohm.', 'ground-again motor'],
    ['well-2wire', '122 on each of the two incoming screws', 'line.l1g 122 | line.l2g 122'],
    ['well-2wire', '122 on one of the outgoing, 4 on the other', 'load.l1g 122 | load.l2g 4'],
    ['well-2wire', 'rang them out to ground, basically a dead short, 2 ohms', 'leads.ground 2'],
    ['well-2wire', 'motor leads to the can, dead short', 'ground-again motor'],
    ['well-3wire', 'Pressure after 5 min: 48 psi. After 10 min: 36 psi.', 'leak-down 165000'],
    ['well-3wire', 'Result: 60 psi held for 30 min.', 'leak-down 0'],
    ['well-3wire', 'Current, yellow: 38 A for 3 s, then drops off', 'overload-seen lets-go | black.start 38'],
    ['well-3wire', 'Voltage at box, line side: 241 V.', 'box.volts 241'],
    ['well-3wire', 'Supply voltage at box is 238 V', 'box.volts 238'],
    ['well-3wire', 'Splice of red conductor corroded through', 'seen-itself cable.red-open'],
    ['well-3wire', 'Swaps control box cover with known good one of same size', 'remark'],
    ['well-3wire', 'Box kicks out after 20 seconds', 'overload-seen lets-go'],
    ['jet', 'Start current: 39 A, does not fall.', 'black.start 39'],
    ['jet', 'Motor spun by hand with power on: runs, 7.4 A.', 'spin runs | black.run 7.4'],
    ['jet', 'Stopped with valve to house closed: pressure falls from 50 to 12 in 4 minutes.', 'house-shut falls |'
    + ' leak-down 655000'],
    ['jet', 'shaving cream drawn in at union ahead of pump.', 'seen-itself suction.air-leak'],
    ['jet', 'gets to 38 and sits there', 'climbs stalls | peak 262000'],
    ['jet', 'all taps shut and it\'s still running', 'runs-past runs-on'],
    ['rv', 'At pump head, red wire: 12.5 V. After pressure switch: 0 V.', 'line.volts 12.5 | motor.volts 0'],
    ['three-phase', 'Motor resistance: 0.7, 0.7, 0.7 ohm; insulation > 100 Mohm.', 'leads.r12 0.7 | leads.r23 0.7 |'
    + ' leads.r31 0.7 | leads.ground 100000000'],
    ['three-phase', 'Contacts inspected dead: pole 3 burnt off.', 'starter-look burnt'],
    ['three-phase', 'At well head: motor side 1.3/OL/OL; house side cable loop tested OK.', 'open-apart open'],
    ['three-phase', 'leaving the disconnect 240 on A-C and about 130 on the other two', 'disconnect.v12 130 |'
    + ' disconnect.v23 130 | disconnect.v31 240'],
    ['three-phase', '236 235 237 and 27 26 27', 'line.v12 236 | line.v23 235 | line.v31 237 | amps1.run 27 |'
    + ' amps2.run 26 | amps3.run 27'],
    ['compressor-pilot', 'Control circuit: 240 V at coil terminals A1-A2 with pressure switch closed.', 'coil.volts'
    + ' 240'],
    ['compressor-pilot', 'Measures 14.5, 14.4 and 14.7 amps on the three legs at full pressure', 'amps1.run 14.5 |'
    + ' amps2.run 14.4 | amps3.run 14.7'],
    ['compressor-pilot', 'Pushes contactor in by hand with insulated tool, motor runs', 'push-in runs'],
    ['compressor-pilot', 'below the overload I\'ve got 237, 140, 138', 'load.v12 237 | load.v23 140 | load.v31 138'],
    ['compressor-pilot', 'Fuse 3: no continuity', 'fuses-look one'],
    ['compressor-pilot', 'cylinder\'s scored', 'seen-itself head.rings'],
    ['compressor-direct', 'Tank at 120 psi, hose valve closed, motor off: 95 psi after 20 min.', 'leak-down 86200'],
    ['holding-tank', 'Well pump leads at disconnect: L1 to ground 900 ohm, L2 to ground 900 ohm, L1-L2 4.6'
    + ' ohm.', 'well-leads.ground 900 | well-leads.by 4.6'],
    ['holding-tank', 'Lifts float, pump stops', 'well-float-look works'],
    ['holding-tank', 'float cord is wrapped around the pipe', 'well-float-look hung'],
    ['booster', 'water dripping out the bottom of the pressure switch', 'leaks-look switch'],
  ])

  it.each([
    ['well-3wire', 'cap', 'Action: capacitor replaced.', 'mended box.cap-open'],
    ['well-2wire', 'port', 'Nipple and gauge replaced with brass.', 'mended switch.port-blocked | mended gauge.stuck'],
    ['booster', 'gauge', 'Action: mechanical seal replaced; bearings to be ordered.', 'mended pump.seal'],
    ['booster', 'inlet', 'Action: basket cleaned.', 'mended strainer.blocked'],
    ['three-phase', 'contacts', 'Action: contact kit fitted.', 'mended starter.contact-burnt'],
    ['three-phase', 't1', 'Rotation suspected. Two leads swapped at starter.', 'mended motor.backwards'],
    ['three-phase', 'control', 'Pulls new control wires', 'mended starter.control-wire'],
    ['jet', 'port', 'Reinstalls switch with a new nipple', 'mended switch.port-blocked'],
    ['well-2wire', 'valve', 'Technician replaces the pressure tank', 'mended tank.waterlogged'],
  ] as const)('%s, at %s: %s', (kind, near, said, heard) => {
    expect(told(kind, said, { near })).toBe(heard)
  })

  it('is no deed where it stands so, or another did it before', () => {
    expect(told('holding-tank', 'float cord is wrapped around the'
    + ' pipe', { near: 'well-poles' })).not.toContain('mended')
    expect(told('well-2wire', 'switch was replaced last year', { near: 'poles' })).not.toContain('mended')
    expect(told('well-2wire', 'Overload relay is tripped on arrival,'
    + ' resets', { near: 'poles' })).not.toContain('mended')
  })

  it('has the fuse of the disconnect where its volts were read last', () => {
    const said = 'new fuse, 20 20 21'
    const amps = 'amps1.run 20 | amps2.run 20 | amps3.run 21'
    expect(told('three-phase', said, { near: 'breaker' })).toBe(`mended breaker.pole-open | ${amps}`)
    expect(told('compressor-pilot', 'fuse replaced', { near: 'breaker', fedAt: 'disconnect' }))
      .toBe('mended disconnect.pole-open')
  })
})

describe('a work order, and what is said short', () => {
  hearsAs([
    ['booster', '82 PSI at pump discharge, 12 PSI after check valve', 'gauge 82700'],
    ['booster', 'Cycle time increased from 15 s to 55 s', 'cycle 55'],
    ['booster', 'hums about four seconds and the thermal kicks', 'keeps-running seconds'],
    ['booster', 'impeller is just spinning free on the shaft', 'seen-itself pump.coupling'],
    ['rv', '12.8 V at panel switch input, 0 V at output with switch on', 'fuse.volts 12.8 | panel.volts 0'],
    ['rv', '12.9 V on posts, 7.5 V on cables with pump on', 'posts-look furred'],
    ['rv', '12.6 going into the inline fuse and 6 coming out with the switch on', 'battery.run 12.6 | fuse.volts 6'],
    ['compressor-direct', 'Regulated gauge 15 PSI and will not adjust higher', 'outlet.pressure 103000'],
    ['compressor-direct', 'Bypassed overload momentarily, amps normal, motor runs', 'thermal-bridged runs'],
    ['compressor-direct', 'puffing out the side of the head', 'head-heard blows'],
    ['compressor-direct', 'head\'s off, gasket\'s burnt through between the two bores', 'head-heard blows'],
    ['compressor-pilot', '239 into the overload\'s little contact, nothing out of it', 'control.volts 239 |'
    + ' aux.volts 0'],
    ['compressor-pilot', 'turned the switch lever off and the motor keeps right on', 'starter-look welded'],
    ['compressor-pilot', 'lug on B at the disconnect is purple from heat', 'disconnect-look burnt'],
    ['three-phase', 'After 3 hours rest full output returns', 'rest-well back'],
    ['three-phase', 'hit the contactor with a stick and the pump runs', 'push-in runs'],
    ['three-phase', '240 to the pressure switch and nothing back', 'aux.volts 240 | pilot.volts 0'],
    ['holding-tank', 'lowered the float and the well pump quits, raised it and it starts', 'well-float-look wrong'],
    ['well-2wire', 'Opened well cap, observed water spraying from pitless adapter', 'casing-look adapter'],
    ['well-2wire', 'it\'s coming on at 18 and shutting off at 60', 'cut-in 124000 | cut-out 414000'],
    ['well-2wire', '112 between the two', 'remark'],
    ['well-3wire', 'Voltage at control box 202 V running', 'box.volts 202'],
    ['well-3wire', 'pulled it, the screen is caked solid with iron slime', 'seen-itself pump.intake-blocked'],
    ['well-3wire', 'no noise of water falling in the well', 'well-heard quiet'],
  ])
})

describe('what is told at length by one who shows what he does', () => {
  hearsAs([
    ['booster', 'it\'s holding 60 just fine for half an hour', 'leak-down 0'],
    ['compressor-direct', 'pumped it up to 120 and shut it off and an hour later it was at 70', 'leak-down 57400'],
    ['compressor-direct', 'it\'s still at 119 the next morning', 'leak-down 0'],
    ['compressor-direct', 'I sprayed soapy water on everything and the only place bubbling is the drain on the'
    + ' bottom', 'soap drain'],
    ['holding-tank', 'on the well pump breaker I\'ve got 120 coming out of one side and zero out of the'
    + ' other', 'well-breaker.l1g 120 | well-breaker.l2g 0'],
    ['holding-tank', 'it only makes about 18 pounds with everything shut off', 'climbs stalls | peak 124000'],
    ['jet', 'there\'s bubbles coming through the suction side', 'water-look air'],
    ['jet', 'it\'ll get up to 30 and then hang there', 'climbs stalls | peak 207000'],
    ['rv', 'with the faucet open it should be running and it\'s not making a sound', 'sound silent'],
    ['rv', 'I took these two wires off of the pressure switch and touched them together and the pump'
    + ' runs', 'bypass runs'],
    ['three-phase', 'it\'s drawing 13.2, 13.1, 13.3', 'amps1.run 13.2 | amps2.run 13.1 | amps3.run 13.3'],
    ['three-phase', 'the cable checks good by itself, the motor is dead shorted to ground', 'ground-again motor'],
    ['well-3wire', 'going to ground with the meter I\'ve got 5 ohms on the black, 5 on the yellow and 6 on the'
    + ' red', 'leads.ground 5'],
    ['well-3wire', 'shut it off for forty five minutes and it came right back', 'rest-well back'],
    ['well-3wire', 'checked the motor by itself, it\'s good, nothing to ground', 'ground-again cable'],
  ])
})
