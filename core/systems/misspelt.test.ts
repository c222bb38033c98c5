/**
 * Names written wrong. What the compiler catches stands under `@ts-expect-error`: the build fails where it does not.
 * What is put together at run time throws by name when the kind is composed.
 */
import { describe, expect, it } from 'vitest'
import { component, point, type Block } from './blocks/block'
import { NOTES, note } from './blocks/causes'
import { always, fault, repair, times } from './blocks/faultEntry'
import { partOhms, seen } from './blocks/testEntry'
import { compose } from './compose'
import { completeFigures, type Change } from './figures'
import { yes } from './kinds'

const mend = repair({ id: 'mend', name: 'Mend it', minutes: 10 })
const sound = { baseRate: 0.01, severities: always({}), repair: mend, causes: [], settledBy: 'a look' }
const supply = component({ id: 'supply', name: 'Supply', glyph: 'supply', lane: 'power', place: 'panel' })
const pumpPart = { id: 'pump', name: 'Pump', glyph: 'pump', lane: 'water', place: 'machine' } as const
const pump = component(pumpPart)
const tap = point({ id: 'tap', name: 'tap', component: 'pump', spot: { on: 'pump', side: 'out' }, aliases: [] })
const look = seen({
  id: 'look',
  point: 'tap',
  title: 'Look',
  words: [],
  steps: [],
  outcomes: { dry: { label: 'dry' }, wet: { label: 'wet' } },
  usual: { dry: 0.5, wet: 0.5 },
})
const head = {
  id: 'made-up',
  name: 'made up',
  medium: 'water' as const,
  complaints: [],
  drawing: { power: ['supply'], flow: ['pump'], stretches: [], shafts: [], ports: [] },
}
const kind = (...blocks: Block[]) =>
  compose(head, { components: [supply, pump], points: [tap], tests: [look] }, ...blocks)

describe('a name written wrong does not compile', () => {
  it('a figure that is read, changed or measured', () => {
    const figures = completeFigures({})
    // @ts-expect-error there is no pump.flwo
    expect(figures['pump.flwo']).toBeUndefined()
    // @ts-expect-error there is no pump.flwo
    const change: Change = { 'pump.flwo': 1 }
    expect(change).toBeDefined()
    // @ts-expect-error there is no pump.flwo
    expect(times('pump.flwo', 2)).toBeDefined()
    const named = { id: 'x', point: 'tap', title: '', words: [], minutes: 1 }
    // @ts-expect-error there is no switch.4
    expect(partOhms({ ...named, figure: 'switch.4' })).toBeDefined()
  })
  it('a fault, a cause, the condition of a note', () => {
    // @ts-expect-error there is no pump.wron
    expect(fault({ ...sound, id: 'pump.wron', name: '' })).toBeDefined()
    // @ts-expect-error there is no cause sandd
    expect(fault({ ...sound, id: 'pump.worn', name: '', causes: [{ because: 'sandd', why: '' }] })).toBeDefined()
    // @ts-expect-error there is no tank.precharge-lwo
    expect(note({ ...NOTES.lowPrecharge, fault: 'tank.precharge-lwo' })).toBeDefined()
  })
  it('a fault, an effect or an answer in a table of chances', () => {
    const base = {
      id: 'look',
      point: 'tap',
      title: '',
      words: [],
      steps: [],
      outcomes: { dry: { label: '' }, wet: { label: '' } },
    } as const
    const usual = { dry: 0.5, wet: 0.5 }
    // @ts-expect-error there is no pump.wron
    expect(seen({ ...base, usual, chancesByFault: { 'pump.wron': usual } })).toBeDefined()
    // @ts-expect-error there is no effect gruans
    expect(seen({ ...base, usual, chancesByEffect: { gruans: usual } })).toBeDefined()
    // @ts-expect-error there is no answer wte
    expect(seen({ ...base, usual: { dry: 0.5, wte: 0.5 } })).toBeDefined()
    // @ts-expect-error an answer is left out
    expect(seen({ ...base, usual, chancesByFault: { 'pump.worn': { dry: 1 } } })).toBeDefined()
  })
  it('a choice on the nameplate, a component, a part of one', () => {
    // @ts-expect-error there is no switch.cutOf
    expect(yes({}, 'switch.cutOf')).toBe(false)
    // @ts-expect-error there is no component pmup
    expect(point({ ...tap, component: 'pmup' })).toBeDefined()
    const field = { label: '', quantity: 'flow' } as const
    // @ts-expect-error a pump has no field flwo
    expect(component({ ...pumpPart, fields: [{ ...field, id: 'flwo' }] })).toBeDefined()
  })
})

describe('a name put together wrong throws when the kind is composed', () => {
  const worn = fault({ ...sound, id: 'pump.worn', name: 'Worn' })
  it('and composes where all is right', () => {
    expect(kind({ faults: [worn] }).faults.map(f => f.id)).toEqual(['pump.worn'])
  })
  it.each<[string, Block, string]>([
    ['a fault', { faults: [{ ...worn, id: 'pump.wron' }] }, 'kind made-up: pump.wron is in no list of faults'],
    [
      'the component of a fault',
      { faults: [{ ...worn, id: 'switch.welded', component: 'switch' }] },
      'fault switch.welded is of switch',
    ],
    [
      'a cause',
      { faults: [{ ...worn, causes: [{ because: 'sandd', why: '' }] }] },
      'fault pump.worn comes of sandd',
    ],
    [
      'a fault in a table',
      { tests: [{ ...look, chancesByFault: { 'pump.wron:1': [1, 0] } }] },
      'test look has chances for pump.wron:1',
    ],
    [
      'a table that does not add up',
      { tests: [{ ...look, chancesByFault: { 'pump.worn': [0.7, 0.7] } }] },
      'do not add up to one: 0.7, 0.7',
    ],
    ['the point of a test', { tests: [{ ...look, point: 'tpa' }] }, 'test look is at tpa, which is no point'],
    ['the component of a point', { points: [{ ...tap, component: 'pmup' }] }, 'point tap is on pmup'],
    [
      'the test of a note',
      { notes: [{ ...NOTES.sand, test: 'lok', shownBy: 'dry' }] },
      'note sand is shown by lok, which is no test',
    ],
    [
      'the answer that shows it',
      { notes: [{ ...NOTES.sand, test: 'look', shownBy: 'dyr' }] },
      'note sand is shown by look being dyr',
    ],
    [
      'a note',
      { notes: [{ ...NOTES.sand, id: 'sandd', test: 'look', shownBy: 'dry' }] },
      'sandd is in no list of causes',
    ],
    [
      'two repairs under one id',
      { faults: [worn, { ...worn, id: 'pump.jammed', repair: { ...mend, minutes: 90 } }] },
      'two repairs are called mend',
    ],
  ])('%s', (_, block, said) => {
    expect(() => kind(block)).toThrow(said)
  })
})
