/** What is met less often, and what it is heard as; common practice, no source. Figures in SI. */
import { describe, expect, it } from 'vitest'
import { hearsAs, told } from '../../../tests/told'

describe('what is met less often', () => {
  hearsAs([
    ['well-2wire', '240 all the way through', 'line.volts 240 | load.volts 240'],
    ['well-2wire', '120 to ground on one wire at the switch, nothing on the other', 'line.l1g 120 | line.l2g 0'],
    ['well-2wire', 'gauge at the tank goes 40 to 60 like it should', 'gauge 345000'],
    ['well-2wire', 'there\'s a pressure reducer after the tank and the gauge behind it reads 18', 'seen-itself'
    + ' house.reducer'],
    ['well-2wire', 'switch contacts are open', 'switch-seen open'],
    ['well-2wire', 'dry, 60 holds', 'leaks-look dry | leak-down 0'],
    ['well-3wire', 'moved the pump to a known good breaker, ran an hour', 'breaker-other holds'],
    ['well-3wire', 'the feed reads 30 ohms to ground on one wire with both ends off', 'feed.ground 30'],
    ['well-3wire', '14 on the far side of the filter with a tap on', 'filter-sides drops'],
    ['well-3wire', '50 after the filter', 'filter-sides alike'],
    ['well-3wire', '241 into the protector, nothing out', 'protector-seen waiting'],
    ['well-3wire', 'shut in it still makes 70', 'peak 483000'],
    ['jet', 'shaft behind the seal isn\'t turning with the motor', 'seen-itself pump.coupling'],
    ['jet', 'opened it, impeller\'s unscrewed off the shaft', 'seen-itself pump.coupling'],
    ['jet', 'hundred and thirty degrees in there', 'asked hot'],
    ['jet', 'precharge is 28 on a 30 50', 'precharge 193000'],
    ['jet', 'the switch is screwed right in the pump head, tank\'s ten feet off', 'switch-place far'],
    ['jet', 'it\'s in a plywood box with no vents and you can\'t touch it', 'vents-look packed | motor-heat hot'],
    ['booster', 'volute\'s cracked from the drain plug up, it froze in there in January', 'seen-itself'
    + ' pump.cracked | asked frozen'],
    ['rv', 'it\'s got a little accumulator tank and there\'s no air in it, 3 pounds', 'precharge 20700'],
    ['compressor-direct', 'with the switch turned off the breaker holds', 'trip-switch-open holds'],
    ['compressor-pilot', '0 0 0 at the starter', 'line.v12 0 | line.v23 0 | line.v31 0'],
    ['compressor-pilot', 'breaker handle in the MDP is off, not tripped, off', 'breaker-seen off'],
    ['three-phase', 'gate valve to the barn is one turn open', 'house-valve was-shut'],
    ['three-phase', 'gauge after the reducing valve says 20', 'seen-itself house.reducer'],
    ['three-phase', 'checked the air with the tank empty, 58 pounds', 'precharge 400000'],
    ['three-phase', '482 at the starter on the generator with nothing on', 'fed-by generator | line.v12 482'],
    ['three-phase', 'sags to 330 when it pulls in', 'line.start 330'],
    ['three-phase', '95 amps and falling out', 'amps1.start 95'],
    ['holding-tank', 'cap off, water\'s shooting out at the pitless', 'well-casing-look adapter'],
  ])

  it('is put right: a valve that was shut, a breaker that was off, a part by its pole', () => {
    const shut = { said: 'shut', shown: { test: 'valve-under', outcome: 'shut', said: 'shut' } }
    expect(told('well-2wire', 'opened it', shut)).toBe('mended switch.valve-shut')
    const off = { near: 'leads', said: 'megged', shown: { test: 'breaker-seen', outcome: 'tripped', said: 'tripped' } }
    expect(told('three-phase', 'reset it, 10.8 10.9 10.8 and it\'s run two hours', off)).toMatch(/^mended breaker.off/)
    expect(told('well-3wire', 'new two pole 20', { near: 'breaker', said: 'hot' })).toMatch(/^mended breaker\./)
    expect(told('three-phase', 'new pressure switch 40'
    + ' 60', { near: 'contacts', said: 'welded' })).toMatch(/^mended switch\./)
  })
})
