/** What is told without its figure is a reading, judged by who tells it. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('what is told without its figure', () => {
  hearsAs([
    ['well-2wire', 'voltage is good at the switch', 'line.volts usual'],
    ['well-2wire', 'voltage at the well head is good', 'head.volts usual'],
    ['well-2wire', 'amps are right where they should be', 'black.run usual'],
    ['well-2wire', 'amps are a little high', 'black.run high'],
    ['well-2wire', 'voltage good, amps good', 'line.volts usual | black.run usual'],
    ['well-2wire', 'voltage is good in and out of the switch', 'line.volts usual | load.volts usual'],
    ['well-2wire', 'megs are low', 'leads.ground low'],
    ['well-2wire', 'precharge is low', 'precharge low'],
    ['well-3wire', 'ohms match the chart', 'leads.by usual | leads.ry usual'],
    ['well-3wire', 'windings right, over 200 meg', 'leads.by usual | leads.ry usual | leads.ground 200000000'],
    ['three-phase', 'three good legs coming in', 'line.v12 usual | line.v23 usual | line.v31 usual'],
    ['three-phase', 'amps are sky high on all three', 'amps1.run high | amps2.run high | amps3.run high'],
    ['three-phase', 'control voltage is good', 'control.volts usual'],
    ['compressor-pilot', 'good voltage into the pressure switch, nothing out', 'aux.volts usual | pilot.volts 0'],
    ['booster', 'voltage and amps normal', 'line.volts usual | black.run usual'],
  ])
  hearsAs([
    // its figure comes with it
    ['booster', 'voltage fine, 238 at the motor', 'motor.volts 238'],
    ['well-2wire', '2.9 amps where it should be 5', 'black.run 2.9'],
    ['three-phase', 'amps are low, 11 across the board', 'amps1.run 11 | amps2.run 11 | amps3.run 11'],
  ])
})

describe('what stands beside what it should be, and what was reset', () => {
  hearsAs([
    ['compressor-direct', 'you should hear a psst when it shuts off and there\'s nothing', 'unloader-stop nothing'],
    ['well-2wire', 'these little contacts are supposed to be silver, yours are black', 'contacts burnt'],
    ['well-2wire', 'now over here where it goes to the pump there\'s nothing', 'load.volts 0'],
    ['rv', 'by the time it gets to the pump there\'s only 9.4', 'motor.volts 9.4'],
    ['rv', 'there\'s 3 volts between the pump\'s black wire and the battery post', 'return.drop 3'],
    ['booster', 'gets to 43, no higher', `climbs stalls | peak ${psi(43)}`],
    ['compressor-direct', '121 at the outlet', 'breaker.volts 121'],
    ['compressor-direct', 'with the belt off it draws 6 amps', 'belt-off runs'],
    ['compressor-direct', 'belt off it still pulls 17', 'belt-off heavy'],
    ['well-2wire', '120 on one side of the breaker and nothing on the other', 'breaker.l1g 120 | breaker.l2g 0'],
    ['well-2wire', 'reset the breaker and it ran', 'mended breaker.off | sound runs'],
    ['well-2wire', 'reset the breaker and it tripped again', 'let-go at-once'],
  ])
})
