/** Wires by themselves, volts at rest and as it starts, gauges that lie: rows of what is heard. Common practice. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('a feed read by itself', () => {
  hearsAs([
    ['well-3wire', 'line wires off at both ends, 0.2 ohms between them', 'feed.between 0.2'],
    ['well-2wire', 'feed wires off both ends 0.2 ohm wire to wire', 'feed.between 0.2'],
    ['compressor-direct', 'cord, blade to blade, 0.2 ohm unplugged', 'feed.between 0.2'],
    ['booster', 'line side wires to ground 4 k', 'feed.ground 4000'],
    ['three-phase', 'meg test on the wires from the panel says 0.1 meg', 'feed.ground 100000'],
    ['jet', 'megged the feed, 0', 'feed.ground 0'],
    ['well-3wire', 'run to ground 300 ohms', 'run.ground 300'],
    ['well-3wire', 'nothing to ground', 'leads.ground OL'],
    ['well-2wire', 'breaker trips with the wires off the line side of the switch', 'trip-switch-open trips'],
    ['compressor-pilot', 'breaker trips with the starter open', 'trip-load-off trips'],
    ['compressor-direct', 'trips as soon as it’s plugged in', 'let-go at-once'],
    ['compressor-direct', 'trips as soon as it\'s plugged in with the switch lever off', 'trip-switch-open trips'],
    ['booster', 'conduit in the yard is full of water', 'remark'],
  ])
})

describe('volts at rest and as it starts', () => {
  hearsAs([
    ['well-3wire', '121 sitting, drops to 84 as it tries', 'line.idle 121 | line.volts 84'],
    ['well-2wire', '244 till it starts, then 201', 'line.idle 244 | line.start 201'],
    ['jet', 'sags to 190 when it kicks on', 'line.start 190'],
    ['booster', 'at the switch 231 with it off and it drops to 188 once the pump\'s running',
      'line.idle 231 | line.volts 188'],
    ['well-3wire', '240 at the main', 'supply.volts 240'],
    ['well-3wire', 'main 1.9', 'leads.by 1.9'],
    ['booster', '206 at the main with nothing running', 'breaker.idle 206'],
    ['well-3wire', '120 to ground on each wire at the breaker', 'breaker.l1g 120 | breaker.l2g 120'],
    ['jet', 'running off a 2500 watt generator', 'fed-by generator'],
  ])
})

describe('a gauge that does not move', () => {
  const both = `cut-in ${psi(40)} | cut-out ${psi(60)}`
  hearsAs([
    ['holding-tank', 'gauge stays on 42 pump on or off', 'gauge-agrees differ'],
    ['well-3wire', 'gauge reads 50 with the tank drained and a tap open', 'gauge-agrees differ'],
    ['well-3wire', 'gauge hasn\'t moved in months', 'gauge-agrees differ'],
    ['well-3wire', 'second gauge on the boiler drain goes 40 to 60', both],
  ])
})

describe('what is told more or less', () => {
  hearsAs([
    ['jet', 'prime\'s down about half', 'prime-look empty'],
    ['well-2wire', 'going out it\'s like eighty, jumps around', 'load.volts 80'],
    ['well-2wire', 'motor by itself is dead to ground, cable megs fine', 'ground-again motor'],
    ['three-phase', 'about two forty all across coming in', 'line.v12 240 | line.v23 240 | line.v31 240'],
  ])
  it.each([
    ['well-2wire', 'stuck a 30/50 in there and she\'s pumping', 'mended switch.pole1-burnt | works yes'],
    ['three-phase', 'contact kit in it, fourteen amps on all three give or take',
      'mended starter.contact-burnt | amps1.run 14 | amps2.run 14 | amps3.run 14'],
    ['well-3wire', 'new relay, red goes to nothing and black\'s about five', 'mended box.relay-open | red.run 0'],
  ] as const)('%s: %s', (kind, said, lines) => expect(told(kind, said, { near: 'line' })).toBe(lines))
})

describe('what was put right and did nothing', () => {
  const before = { near: 'line', value: 9.8, nearQuantity: 'ohms', mended: true } as const
  it.each(['did the exact same thing', 'acts the same', 'same', 'no better', 'it’s no different'])('%s', said =>
    expect(told('well-3wire', said, before)).toBe('works no'))
  it('is not the figure before', () =>
    expect(told('well-3wire', 'swapped the relay, same', before)).toBe('mended box.relay-open | works no'))
  it('is one that ran on, after what had let go', () =>
    expect(told('three-phase', 'new breaker, ran all day', { near: 'line', complained: 'breaker-trips' }))
      .toBe('mended breaker.pole-open | works yes'))
})
