/** What is typed with a thumb: heard as it is meant, and no word that is one is taken for another. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { KIND_IDS, kindFor } from '#core/systems'
import { told } from '../../tests/told'
import { SAID } from './said'
import { hear } from '.'
import { inTradeWords } from './misspelt'

describe('a word that is none', () => {
  it.each([
    ['guage 0', 'gauge 0'], ['presure swich', 'pressure switch'], ['strt cap', 'start cap'], ['votls', 'volts'],
    ['capaciter is buldged', 'capacitor is bulged'], ['pulld it', 'pulled it'], ['vlave', 'valve'],
    ['tank is heavy n dull', 'tank is heavy and dull'], ['pluged w rust', 'plugged with rust'],
    ['doesnt hold b4 noon', 'doesn\'t hold before noon'], ['replcaed the fuze', 'replaced the fuse'],
    ['disconect', 'disconnect'], ['looses prime', 'loses prime'],
  ])('%s', (typed, meant) => expect(inTradeWords(typed)).toBe(meant))
  it.each([
    'later', 'better', 'house', 'hose', 'l1 n 120', 'neutral n 2 v', 'wells 2 and 3', 'metal', 'matter', 'brother',
    'unclogged it', 'megged 0.1', 'filed the contacts', 'powder', 'lighting', 'chance', 'bunt', 'beater',
  ])('%s is left', typed => expect(inTradeWords(typed)).toBe(typed))
  it('is one that a hand has placed', () =>
    expect(inTradeWords('jigler presure', new Set(['presure']))).toBe('jigler presure'))
})

describe('every word that the catalogue knows', () => {
  it.each(KIND_IDS)('of a %s is left as it is', (id) => {
    const kind = kindFor(id)
    const words = [
      ...kind.points.flatMap(p => [p.name, ...p.aliases]),
      ...kind.tests.flatMap(t => [...t.words, ...(t.kind === 'seen' ? t.outcomes.flatMap(o => o.words ?? []) : [])]),
    ]
    expect(words.filter(w => inTradeWords(w) !== w)).toEqual([])
    expect(words.length).toBeGreaterThan(100)
  })
  it('is left in all that is said of tests', () => {
    const said = Object.values(SAID).flatMap(t => Object.values(t).flat())
    expect(said.filter(w => inTradeWords(w) !== w)).toEqual([])
    expect(said.length).toBeGreaterThan(1000)
  })
})

describe('a line so typed', () => {
  it('keeps on the tape what was typed', () => {
    const heard = requireOk(hear(kindFor('rv'), 'fuze is blown'))
    expect(heard.kind === 'lines' && heard.lines[0]).toMatchObject({ typed: 'fuze is blown' })
    expect(requireOk(hear(kindFor('rv'), 'note fuze in the guage box'))).toMatchObject({
      lines: [{ kind: 'note', text: 'fuze in the guage box' }],
    })
  })
  it.each([
    ['cleaned the contcts', 'cleaned the contcts'],
    ['10:15 pulld the pump and remade the splise', 'remade the splise'],
    // where the words are not as many, it stands as it was heard
    ['no1 home, cleaned the contcts', 'cleaned the contcts'],
  ])('keeps the letters of a repair: %s', (said, text) => {
    const heard = requireOk(hear(kindFor('well-2wire'), said))
    expect(heard.kind === 'lines' && heard.lines.find(l => l.kind === 'repair')).toMatchObject({ text })
  })
  it.each([
    ['well-3wire', 'strt cap reads .2 uf shud be 108', 'cap.farads 2e-7 | cap-label under'],
    ['rv', 'fuze is blown', 'fuse-look blown'],
    ['three-phase', 'midle fuse is blown', 'fuses-look one'],
  ] as const)('%s: %s', (kind, said, lines) => expect(told(kind, said)).toBe(lines))
})
