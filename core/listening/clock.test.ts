/** Times of day beside what is said. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { hearsAs, told } from '../../tests/told'
import { withoutClock } from './clock'
import { hear } from './hear'

describe('the time of day', () => {
  hearsAs([
    ['three-phase', '9:10 239 239 240 line', 'line.v12 239 | line.v23 239 | line.v31 240'],
    ['well-2wire', '14:02 0 at the load side', 'load.volts 0'],
    ['well-2wire', '2:15 pm, 6.9 amps', 'black.run 6.9'],
    ['well-2wire', 'at 10h30 240 at the switch', 'line.volts 240'],
    ['rv', '17:30 12.7 at the battery with the tap open', 'battery.run 12.7'],
    ['jet', '7:10 plug out, case empty', 'prime-look empty'],
    ['well-3wire', 'overload popped at 15:22', 'overload-seen lets-go'],
    // and nothing else
    ['well-2wire', '14:02', 'remark'],
    ['well-2wire', '14:02 gone for lunch', 'remark'],
  ])
  it('proves nothing and hides no proof', () => {
    expect(told('well-2wire', '15:30 dead 241 0.2 241')).toBe(told('well-2wire', 'dead 241 0.2 241'))
    expect(told('well-2wire', '15:30 dead')).toBe(told('well-2wire', 'dead'))
  })
  it('is no time that a thing took, and no ratio', () => {
    for (const line of ['3:20 to fill', '0:45 between starts', '4:30 fill', '1:10 pump up', 'ratio 10:99'])
      expect(withoutClock(line)).toBe(line)
  })
  it('stays on the tape as it was typed', () => {
    const typed = '9:10 240 at the switch'
    const heard = hear(kindFor('well-2wire', {}), typed)
    expect(heard.ok && heard.value.kind === 'lines' && heard.value.lines.map(l => 'typed' in l && l.typed))
      .toEqual([typed])
    const remark = hear(kindFor('well-2wire', {}), '14:02 gone for lunch')
    expect(remark.ok && remark.value.kind === 'remark' && remark.value.line)
      .toEqual({ kind: 'remark', text: '14:02 gone for lunch' })
  })
})
