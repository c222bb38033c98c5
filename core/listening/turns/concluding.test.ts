/** What is concluded, supposed or expected is no finding; what is scribbled is. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'
import { spokenAfter } from '../spoken'
import { kindFor } from '#core/systems'

describe('what a hand makes of what it found', () => {
  it.each([
    ['well-2wire', 'if it was a leak in the house it would\'ve held with that valve shut'],
    ['well-2wire', 'with a 40 to 60 switch I want 38'],
    ['well-3wire', 'relay\'s supposed to kick that out and it isn\'t'],
    ['well-3wire', 'I read the number off the lid and it\'s for a 1/2'],
    ['booster', 'so it\'s somewhere between the switch and the pump'],
  ] as const)('%s: %s is kept as it was said', (kind, said) => expect(told(kind, said)).toBe('remark'))
  hearsAs([
    ['three-phase', 'top of the disconnect 239, 240, 239, so that\'s a fuse',
      'breaker.v12 239 | breaker.v23 240 | breaker.v31 239'],
    ['rv', 'battery\'s 12.8, nothing wrong there', 'battery.rest 12.8'],
    ['jet', '230 at the motor, so it\'s not a supply thing', 'motor.volts 230'],
    ['well-2wire', 'I thought the bladder was shot but the tank rings', 'knock rings'],
    ['well-2wire', 'amps are 9.4, tag\'s 6.5', 'black.run 9.4'],
  ])
})

describe('what is scribbled on a lid', () => {
  hearsAs([
    ['well-3wire', 'at wellhead split: pump side >200M to gnd, ug side 0.3 ohm', 'ground-parted above'],
    ['well-3wire', 'ug cable >500M, drop cable+mtr 0.02M', 'ground-parted below'],
    ['well-3wire', 'meg B/Y/R to gnd all 0.02M', 'leads.ground 20000'],
    ['three-phase', 'ph-ph 1.1 1.1 1.1', 'leads.r12 1.1 | leads.r23 1.1 | leads.r31 1.1'],
    ['booster', 'cyc time 4 s', 'cycle 4'],
    ['booster', 'tank pc 8 psi @ 0 h2o press', `precharge ${psi(8)}`],
    ['well-2wire', '0.0A both legs', 'black.run 0'],
    ['holding-tank', 'w/ leads off at float sw bkr holds', 'well-trip-switch-open holds'],
    ['booster', '238 running', 'line.volts 238'],
    ['three-phase', 'leads 1.2, OL, OL', 'leads.r12 1.2 | leads.r23 OL | leads.r31 OL'],
    ['compressor-direct', 'tank check out, seat scored', 'check-look open'],
    ['compressor-direct', 'nothing blowing round the head', 'head-heard even'],
    ['rv', 'outlet valve shut, still burps', 'outlet-shut starts'],
    ['jet', 'mtr leads ohms OL, 1 hr later OL', 'leads.by OL | cool-ohms stays-ol'],
  ])
})

describe('a line that names nothing', () => {
  it('is of what was named last', () => {
    const said = 'pull the lid, cap\'s got a bulge on it'
    expect(told('well-3wire', 'bleed it, take a wire off... reads 12, label says 59 to 71', { said }))
      .toBe('cap.farads 0.000012 | cap-label under')
    expect(told('three-phase', 'pull them, middle one is open', { said: 'so I\'ll look at the fuses' }))
      .toBe('fuses-look one')
  })
  it('is the same three figures at another place', () => {
    const kind = kindFor('three-phase')
    const read = (test: string, value: number) => ({ kind: 'reading', test, value })
    const before = [read('line.v12', 238), read('line.v23', 121), read('line.v31', 119)]
      .reduce((sum, line) => spokenAfter(kind, sum, line), {})
    expect(told('three-phase', 'same thing at the top of the disconnect', before))
      .toBe('breaker.v12 238 | breaker.v23 121 | breaker.v31 119')
  })
})

describe('what is only suspected', () => {
  hearsAs([
    ['well-3wire', 'I bet the relay\'s stuck', 'remark'],
    ['well-3wire', 'I suspect the motor is grounded', 'remark'],
    ['well-3wire', 'I\'d bet on the start cap', 'remark'],
    ['well-3wire', 'wonder if the well\'s dry', 'remark'],
    ['well-3wire', 'ruled out the switch', 'remark'],
    ['well-3wire', 'if the cap\'s bad it\'d hum', 'remark'],
    ['well-3wire', 'it would trip if the motor was grounded', 'remark'],
    ['well-3wire', 'could be a leak in the drop pipe', 'remark'],
    ['well-3wire', 'a good one reads 4.1', 'remark'],
    ['well-3wire', 'tank\'s fine, switch is fine', 'remark'],
    // what was then read or seen is
    ['well-3wire', 'pretty sure the motor\'s grounded, megged it and got 0.2', 'leads.ground 200000'],
    ['well-3wire', 'I suspect the switch, 240 in and nothing out', 'line.volts 240 | load.volts 0'],
    ['well-3wire', 'hoping it\'s the switch, it\'s got ants in it', 'contacts insects'],
    ['well-3wire', 'pretty sure the contacts are burnt', 'contacts burnt'],
    ['jet', 'could be sucking air, vacuum\'s jumping', 'vacuum low'],
  ])
})
