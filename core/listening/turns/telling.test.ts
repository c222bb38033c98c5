/** Told in passing and on the way, and the opposites of it. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { psi, told } from '../../../tests/told'

describe('what is told in passing', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'got power in but none out', 'line.volts 90 | load.volts 0'],
    ['well-2wire', 'I\'ve got power all the way to the well cap', 'head.volts 90'],
    ['well-3wire', 'it\'s got power into the control box', 'box.volts 90'],
    ['rv', 'there\'s power to the pump', 'motor.volts 6'],
    ['jet', 'power to the switch, 119', 'line.volts 119'],
    ['well-2wire', 'no power at the switch', 'line.volts 0'],
    ['well-2wire', 'zero on one wire to ground, 120 on the other wire to ground', 'line.l1g 0 | line.l2g 120'],
    ['jet', 'tops out at 34 and runs forever', `climbs stalls | peak ${psi(34)}`],
    [
      'compressor-direct', 'doesn\'t shut off at 125 and the relief pops at 150',
      `runs-past runs-on | gauge ${psi(150)}`,
    ],
    ['three-phase', 'swapped two leads and it came right up to 70', 'swap-two more'],
    ['three-phase', 'rotation checked both ways, this way is better', 'swap-two less'],
    ['rv', 'closed the tap right at the outlet of the pump, still pulses', 'outlet-shut starts'],
    ['booster', 'closed the valve to the house and the needle doesn\'t move', 'house-shut holds'],
    ['well-2wire', 'clamp shows zero amps on either leg', 'black.run 0'],
    ['well-3wire', 'clamp on the red says nothing', 'red.run 0'],
  ])('%s: %s', (kind, said, lines) => {
    expect(told(kind, said)).toBe(lines)
  })
})

describe('what is told on the way', () => {
  it.each<[KindId, string, string]>([
    ['compressor-pilot', '75 volts across the pressure switch with it closed', 'pilot.drop 75'],
    ['well-2wire', '46 volts across the pressure switch with it closed', 'pole1.drop 46'],
    ['three-phase', '240 through the pressure switch', 'pilot.volts 240'],
    ['jet', 'run cap reads 11 out of 50', 'runcap.farads 0.000011'],
    ['jet', 'cap tests at 140 and it\'s a 130 to 156', 'cap.farads 0.00014 | cap-label within'],
    ['well-2wire', 'above the breaker both bus bars have 121', 'supply.l1g 121 | supply.l2g 121'],
    ['rv', '12.7 going into the wall switch and nothing coming out of it', 'fuse.volts 12.7 | panel.volts 0'],
    ['rv', 'opened the lid on the fresh tank and it\'s bone dry', 'tank-look empty'],
    ['well-3wire', 'box on the wall says 1/2 hp, the pump tag says 1 hp', 'box-seen wrong'],
    ['well-2wire', 'give it an hour and she\'s back', 'rest-well back'],
    ['jet', 'vacuum gauge on the suction pulls 28 inches', 'vacuum high'],
    ['well-2wire', 'moved the pump onto the spare 20 and it ran all afternoon', 'breaker-other holds'],
    ['booster', 'coupling is spinning on the shaft', 'seen-itself pump.coupling'],
    ['compressor-pilot', 'control transformer\'s got no output', 'control.volts 0'],
    ['jet', 'lights in the pump house are off too', 'lights half'],
    ['jet', 'breaker in the main panel was tripped', 'breaker-seen tripped'],
    ['compressor-pilot', 'pump is hot and hard to turn over with the belt off', 'pump-turn stiff'],
    ['well-3wire', 'took the cover off the control box and the breaker holds', 'trip-box-off holds'],
    ['three-phase', 'T1 to T2 1.5 ohms, the other two read open', 'leads.r12 1.5 | leads.r23 OL | leads.r31 OL'],
    ['booster', 'it runs, gauge zero', 'sound runs | gauge 0'],
    ['booster', 'from 60 to 45 in six minutes', `leak-down ${psi(25)}`],
    ['booster', '45 coming in now', `inlet.pressure ${psi(45)}`],
    ['booster', 'falls to 6 psi when the pump kicks in', `inlet.pressure ${psi(6)}`],
    ['compressor-direct', 'at 95 it just hums and pops the breaker', 'sound groans | breaker-seen tripped'],
    ['compressor-direct', 'no pssht when it shuts off', 'unloader-stop nothing'],
    ['compressor-direct', 'rolled the flywheel by hand and it took off', 'spin runs'],
    ['compressor-direct', 'builds to 60 and quits climbing', `climbs stalls | peak ${psi(60)}`],
    ['rv', 'shut the valve on the outlet of the pump and it still burps', 'outlet-shut starts'],
    ['jet', 'gauge ran back to 22 in five minutes with the house valve off', 'house-shut falls'],
    ['well-3wire', 'black to yellow 4.9, red to yellow no reading', 'leads.by 4.9 | leads.ry OL'],
    ['compressor-pilot', 'took the belts off and the motor spins up fine', 'belt-off runs'],
    ['jet', 'water dripping between the pump and the motor', 'seen-itself pump.seal'],
    ['well-2wire', '120 to ground on each leg at the breaker', 'breaker.l1g 120 | breaker.l2g 120'],
    ['well-2wire', 'pulled it, pump screen is caked with slime', 'seen-itself pump.intake-blocked'],
    ['booster', 'run cap marked 25 reads 9', 'runcap.farads 0.000009 | runcap-label under'],
    ['well-2wire', 'dry run protector is counting down', 'protector-seen waiting'],
    ['three-phase', 'there\'s a drive on the wall ahead of it', 'fed-by drive'],
    ['booster', 'sounds like it\'s pumping rocks', 'remark'],
  ])('%s: %s', (kind, said, lines) => {
    expect(told(kind, said)).toBe(lines)
  })
  it.each<[KindId, string]>([
    ['three-phase', '31 volts across the float contact'],
    ['well-3wire', 'I jumped the relay and it started'],
    ['booster', 'inlet gauge rises when the pump stops'],
    ['rv', 'it\'s 18 gauge, forty feet'],
    ['booster', 'bled it down to 38'],
  ])('%s: %s is no reading', (kind, said) => expect(told(kind, said)).toBe('remark'))
})

describe('what is printed on a part', () => {
  const near = { near: 'control', value: 118, quantity: 'volts' as const, fed: 118 }
  it('is held against what feeds it', () => {
    expect(told('compressor-pilot', 'coil stamped 240 volts', near)).toBe('coil-figure wrong')
    expect(told('compressor-pilot', 'coil stamped 120 volts', near)).toBe('coil-figure right')
    const motor = { ...near, near: 'motor' }
    expect(told('jet', 'changeover plug in the back of the motor is set for 230', motor)).toBe('links wrong')
    expect(told('jet', 'changeover plug is set for 115', motor)).toBe('links right')
  })
})
