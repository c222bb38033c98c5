/** What is recounted in one breath: what stands out, what was taken back, what it took. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('what is recounted', () => {
  // what was taken back was not said
  hearsAs([
    ['well-2wire', 'it\'s at 38, no wait, 28 pounds', `gauge ${psi(28)}`],
    ['booster', 'gauge is 40... no, 30 psi', `gauge ${psi(30)}`],
    ['jet', 'we\'re getting 118, correction, 112 volts at the motor', 'motor.volts 112'],
  ])
  // two alike and one that stands out
  hearsAs([
    ['three-phase', 'one to two 238, the other two are 120-something', 'line.v12 238 | line.v23 120 | line.v31 120'],
    ['three-phase', 'two of the legs pulling 60 amps and the third one nothing',
      'amps1.run 60 | amps2.run 60 | amps3.run 0'],
    ['three-phase', 'one leg\'s low, 440 and the others are 480', 'line.v12 440 | line.v23 480 | line.v31 480'],
    ['three-phase', 'amps balanced at 22', 'amps1.run 22 | amps2.run 22 | amps3.run 22'],
    ['compressor-pilot', '208 at the top, 208, 0, 0 at the bottom',
      'line.v12 208 | line.v23 208 | line.v31 208 | load.v12 208 | load.v23 0 | load.v31 0'],
    ['well-2wire', 'each leg to ground is 122 and 121', 'line.l1g 122 | line.l2g 121'],
    ['well-2wire', 'one leg of the 240 is missing at the breaker', 'breaker.l1g 120 | breaker.l2g 0'],
    ['well-2wire', 'between the hots 243', 'line.volts 243'],
  ])
  // where it was read
  hearsAs([
    ['compressor-pilot', 'pressure switch contacts have 120 on one side and 0 on the other',
      'aux.volts 120 | pilot.volts 0'],
    ['compressor-pilot', 'no voltage out of T3', 'load.l3g 0'],
    ['compressor-pilot', 'voltage across the contact on B is 18', 'pole2.drop 18'],
    ['three-phase', 'heater on number two reads OL', 'heater2.ohms OL'],
    ['compressor-pilot', 'control transformer is cooked, 480 in nothing out', 'control.volts 0'],
    ['three-phase', 'primary side of the control transformer holds 478', 'line.v12 478'],
    ['three-phase', 'contactor\'s pulled in but there\'s nothing at T2', 'coil-heard pulls | load.l2g 0'],
    ['rv', 'had 12.5 at the switch and 8 after it', 'line.volts 12.5 | motor.volts 8'],
    ['well-3wire', 'nothing on the red wire when it tries to start', 'red.start 0'],
    ['well-3wire', 'red to black is open and so is red to yellow', 'leads.rb OL | leads.ry OL'],
  ])
  // how long it took, and how it fell
  hearsAs([
    ['compressor-direct', 'it took eleven minutes to get to 90, used to do it in three', 'fill 660'],
    ['compressor-direct', 'pumped it up to 120, shut the valve to the hoses, twenty minutes later it\'s at 70',
      'outlet-shut falls'],
    ['jet', 'let it cool down an hour and it started by itself', 'cool-ohms comes-back'],
  ])
  // parts and spares
  hearsAs([
    ['well-3wire', 'slapped a new lid on there and away she went', 'box-swap runs'],
    ['well-3wire', 'it\'s a 1 horse box on a 3/4 motor', 'box-seen wrong'],
    ['well-3wire', 'relay\'s stuck, contacts welded', 'relay-seen welded'],
    ['jet', 'water\'s coming out where the pump meets the motor', 'seen-itself pump.seal'],
    ['compressor-direct', 'motor turns free by hand, pump\'s locked up', 'pump-turn locked'],
    ['compressor-direct', 'pump\'s knocking', 'head-heard knocks'],
    ['compressor-pilot', 'overload dial\'s at 18 and the motor\'s 27', 'dial.amps 18'],
    ['compressor-pilot', 'coil is 24 volt and somebody put 120 to it', 'coil-figure wrong'],
    ['three-phase', 'auto doesn\'t work but hand does', 'bypass runs'],
    ['three-phase', 'legs off at the starter, breaker holds', 'trip-load-off holds'],
    ['three-phase', 'disconnected at the wellhead and the cable megs good', 'ground-again motor'],
    ['rv', 'ran a wire right off the battery to the pump and it took off', 'straight-feed runs'],
    ['rv', 'inline fuse popped, put a new 10 in and it popped again', 'fuse-look blown | let-go at-once'],
    ['rv', 'ground was corroded, sanded it and it runs', 'return-look rusty | mended return.bad | sound runs'],
  ])
  // what a hand did on the way
  hearsAs([
    ['booster', 'give the shaft a flick and it goes', 'spin runs'],
    ['well-3wire', 'run cap\'s marked 20 and it\'s reading 2', 'runcap.farads 0.000002 | runcap-label under'],
    ['well-2wire', '241 standing still and 240 with it running at the switch',
      'line.idle 241 | line.volts 240 | sound runs'],
    ['three-phase', '0.4, 2.1, 2.2 across the three', 'leads.r12 0.4 | leads.r23 2.1 | leads.r31 2.2'],
    ['three-phase', 'float\'s hung up on the ladder, lifted it and it kicked on', 'float-look hung'],
    ['three-phase', 'rolled all three leads over one and the 26 stayed on the same line', 'roll line'],
    ['three-phase', 'lift the float up and the starter pulls in, let it hang and it drops out', 'float-look wrong'],
    ['compressor-pilot', 'put one in and it blew when the switch closed', 'let-go at-once'],
    ['compressor-direct', 'pump turns over easy', 'pump-turn free'],
    ['compressor-direct', 'closed the drain and it builds', 'mended tank.drain | climbs reaches'],
    ['compressor-direct', 'the drain is open a turn', 'soap drain'],
    ['compressor-pilot', 'motor runs fine, pump barely turns', 'sound runs | belt-look slack'],
    ['holding-tank', 'tire gauge on the tank... 11 pounds', `precharge ${psi(11)}`],
    ['rv', 'cuts off at 38 and back on at 36', `cut-out ${psi(38)} | cut-in ${psi(36)}`],
    ['jet', 'moved it over to the spare 20 and it\'s run all afternoon', 'breaker-other holds'],
  ])
  // a bag of its words would mean something else
  hearsAs([
    ['well-3wire', 'hit it with reverse and it broke loose', 'remark'],
    ['booster', 'lever\'s been kicked to off', 'lever off'],
    ['compressor-direct', 'one cylinder head\'s cold, the other is hot', 'remark'],
    ['well-2wire', 'the tank was waterlogged so I replaced it', 'knock dull | mended tank.waterlogged'],
  ])
})
