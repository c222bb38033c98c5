import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor } from '#core/systems'
import { hear } from '.'

const well = kindFor('well-3wire', {})
const three = kindFor('three-phase', {})
const told = (text: string, expected: string, kind = well) => {
  const heard = requireOk(hear(kind, text, { expected }))
  return heard.kind === 'lines'
    ? heard.lines.map(l => (l.kind === 'reading' ? `${l.test} ${l.value === null ? 'OL' : l.value}` : l.kind))
    : heard.kind
}

describe('figures with readings of one go in hand', () => {
  it('are theirs in the order in which they were asked, however they are parted', () => {
    const load = ['load.l1g 118', 'load.l2g 0', 'load.volts 3']
    for (const text of ['118/0/3', '118 / 0 / 3 V', '118 0 3', '118, 0, 3 volts', '118, nothing and 3'])
      expect(told(text, 'load.l1g'), text).toEqual(load)
    expect(told('118/0/3', 'load.volts')).toEqual(load)
    expect(told('461/115/116', 'line.v12', three)).toEqual(['line.v12 461', 'line.v23 115', 'line.v31 116'])
    expect(told('9.1/0/9.3', 'amps1.run', three)).toEqual(['amps1.run 9.1', 'amps2.run 0', 'amps3.run 9.3'])
    expect(told('2.6, 8.8 and 11.4', 'leads.by')).toEqual(['leads.by 2.6', 'leads.ry 8.8', 'leads.rb 11.4'])
    expect(told('0.2/3.1', 'pole1.drop')).toEqual(['pole1.drop 0.2', 'pole2.drop 3.1'])
  })
  it('are said back in one breath', () => {
    const heard = requireOk(hear(three, '231/116/OL', { expected: 'load.v12' }))
    expect(heard).toMatchObject({ say: 'Volts on the starter load side, each pair: 231 V / 116 V / OL' })
    const two = requireOk(hear(three, 'line side 231/230/229, it hums'))
    const volts = 'Volts on the starter line side, each pair: 231 V / 230 V / 229 V'
    expect(two).toMatchObject({ say: `${volts} · Listen as it calls: groans, does not turn` })
  })
  it('may have no way through', () =>
    expect(told('2.6/OL/OL', 'leads.by')).toEqual(['leads.by 2.6', 'leads.ry OL', 'leads.rb OL']))
  it('are heard as ever where they are fewer, or more, or of something else', () => {
    expect(told('118', 'load.l1g')).toEqual(['load.l1g 118'])
    expect(told('load 240', 'line.l1g')).toEqual(['load.volts 240'])
    expect(told('it hums', 'load.l1g')).toEqual(['observation'])
    expect(told('461/460/458 volts', 'amps1.run', three)).not.toContain('amps1.run 461')
    expect(told('12 ohms, 3 psi, 4', 'load.l1g')).not.toContain('load.l1g 12')
  })
})
