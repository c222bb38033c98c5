/** What is said of one machine and hardly of another. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('of a compressor', () => {
  hearsAs([
    ['compressor-direct', 'hisses for a second at shut off then stops', 'unloader-stop sigh'],
    ['compressor-direct', 'belt is slipping and squealing', 'belt-look slack'],
    ['compressor-direct', 'reed valve busted', 'valves-look reed'],
    ['compressor-direct', 'air out the intake filter when it runs', 'intake-breath back'],
    ['compressor-direct', 'can\'t turn the flywheel', 'pump-turn locked'],
    ['compressor-direct', 'gauge reads 0 with the tank full', 'gauge-agrees differ'],
    ['compressor-direct', 'let it cool, reset', 'cool-ohms comes-back'],
    ['compressor-pilot', 'auto drain stuck open', 'soap drain'],
    ['compressor-direct', 'it\'ll hum for a few seconds then the button pops on the motor', 'keeps-running seconds'],
    ['compressor-direct', 'pulled the belt, motor spins right up', 'belt-off runs'],
    ['compressor-direct', 'takes a good push on the pulley and it\'ll go', 'spin runs'],
    ['compressor-direct', 'hear air coming out under the switch after it shuts down', 'unloader-stop hisses'],
    ['compressor-direct', 'gauge climbs to 60 then just sits', `climbs stalls | peak ${psi(60)}`],
    ['compressor-direct', 'won\'t kick back on till it\'s under 40', `cut-in ${psi(40)}`],
    ['compressor-direct', 'line to the unloader\'s cracked', 'seen-itself unloader.leaking'],
    ['compressor-direct', 'works fine at the shop, not here', 'known-feed runs'],
    ['compressor-direct', 'pump turns free', 'pump-turn free'],
    ['compressor-pilot', 'switch line from the tank plugged with oil gunk', 'port-look blocked'],
  ])
  hearsNext([
    ['compressor-direct', 'belt was off', 'put it back on', 'mended head.belt'],
    ['compressor-direct', 'reed is cracked', 'new reed plate, pumps up in 3 minutes',
      'mended head.reed | fill 180 | works yes'],
    ['compressor-pilot', 'auto drain stuck open', 'shut it off at the valve, builds now',
      'mended tank.drain | climbs reaches | works yes'],
    ['jet', 'centrifugal switch open', 'filed the points, starts', 'mended motor.centrifugal-open | sound runs'],
  ])
})

describe('of twelve volts', () => {
  hearsAs([
    ['rv', 'jumped straight from the battery and it runs', 'straight-feed runs'],
    ['rv', 'battery failed the load test', 'seen-itself battery.low'],
    ['rv', 'battery won\'t hold a charge', 'seen-itself battery.low'],
    ['rv', 'accumulator is flat', 'precharge 0'],
    ['rv', 'wire to the pump is green inside', 'seen-itself feed.high-resistance'],
    ['rv', 'water squirts out the city inlet when the pump runs', 'seen-itself house.city-check'],
  ])
  hearsNext([
    ['rv', 'water squirts out the city inlet when the pump runs', 'replaced the check valve',
      'mended house.city-check'],
  ])
})

describe('of three phases', () => {
  const [IN, OUT] = ['line.v12 460 | line.v23 459 | line.v31 461', 'load.v12 460 | load.v23 459 | load.v31 12']
  hearsAs([
    ['three-phase', '460 459 461 in, 460 459 12 out', `${IN} | ${OUT}`],
    ['three-phase', 'line side 460 459 461, load side 460 459 12', `${IN} | ${OUT}`],
    ['three-phase', 'T1 T2 238, T1 T3 0', 'load.v12 238 | load.v31 0'],
    ['three-phase', 'T1 T2 1.6', 'leads.r12 1.6'],
    ['three-phase', 'two of the fuses are good, third one\'s blown', 'fuses-look one'],
    ['three-phase', '480 to 120 transformer, I\'ve got 480 in and nothing out', 'control.volts 0'],
    ['three-phase', '1.2 1.2 open', 'leads.r12 1.2 | leads.r23 1.2 | leads.r31 OL'],
    ['three-phase', 'overload set at 8 for a 14 amp motor', 'dial.amps 8'],
    ['three-phase', 'hit the reset and the contactor came in', 'mended starter.overload-tripped | coil-heard pulls'],
    ['three-phase', 'pump spins free', 'remark'],
  ])
  hearsNext([
    ['three-phase', 'contacts are welded', 'replaced the contactor, stops and starts now',
      'mended starter.welded | works yes'],
    ['three-phase', 'overload dial was set at 9', 'turned it up to 13 and it holds',
      'mended starter.overload-set | works yes'],
  ])
})

describe('at gauges and meters', () => {
  hearsAs([
    ['jet', 'suction gauge pulls 25 inches', 'vacuum high'],
    ['booster', 'street pressure 40, after pump 42 running',
      `inlet.pressure ${psi(40)} | gauge ${psi(42)}`],
    ['well-2wire', '240 at idle, 196 while it\'s straining', 'line.idle 240 | line.start 196'],
    ['well-2wire', '6.1 ohms leg to leg', 'leads.by 6.1'],
    ['well-2wire', 'drop cable 2 meg to ground', 'leads.ground 2000000'],
    ['well-2wire', 'reads zero', 'remark'],
    ['well-2wire', 'splice corroded at the well cap', 'seen-itself cable.high-resistance'],
    ['well-2wire', 'splice corroded through at the well cap', 'seen-itself cable.open'],
    ['well-2wire', 'below zero last night', 'asked frozen'],
  ])
  hearsNext([
    ['booster', 'filter in front is black', 'changed filter, 65', `mended filter.blocked | gauge ${psi(65)}`],
    ['booster', 'filter in front is black', 'changed filter, 6 gpm', 'mended filter.blocked | flow 0.000379'],
    ['rv', 'air bubbles in the strainer bowl', 'new o-ring, primed right up', 'mended strainer.air-leak | works yes'],
  ])
})
