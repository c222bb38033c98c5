import { describe, expect, it } from 'vitest'
import { forLength } from '../../tests/length'
import { JOINED } from './turns/joined'
import { join } from './joining'
import { mustHold } from './mustHold'
import { SAID, THINGS } from './said'

/** The table as it reads: every pattern tried on every text, in order. */
const PLAIN = JOINED.map(([to, ...said]) => ({
  to: ` ${to} `, said: said.map(s => new RegExp(`(?<![\\p{L}\\d])(?:${s})(?![\\p{L}\\d])`, 'gu')),
}))
function joinPlainly(text: string): string {
  let joined = ` ${text.toLowerCase()} `
  for (const { to, said } of PLAIN)
    for (const pattern of said) joined = joined.replace(pattern, to).replace(/ {2,}/g, ' ')
  return joined.trim()
}

/** every so manieth phrase is tried */
const EACH = forLength({ long: 1, usual: 23 })
const phrases = [
  ...Object.values(SAID).flatMap(answers => Object.values(answers).flat()),
  ...Object.values(THINGS).flatMap(({ what, is }) => Object.values(is).flat().flatMap(how => `${what[0]} ${how}`)),
]
const spoken = [
  '239 on the line side, nothing on load', 'trips at once, holds with the leads off', '460/467/450',
  'hums 3–5 s then the overload lets go', 'not so much as a click', 'black to yellow 4.8 ohms, red to yellow 16',
  'l1 to l2 230, l2 to l3 229', 'won’t start, just sits there', 'l’eau ne vient pas', 'łożysko się zatarło 50 µf',
]

it('puts words together as the whole table would, though it tries few of its patterns', () => {
  const some = [...spoken, ...phrases.filter((_, i) => i % EACH === 0)]
  expect(some.length).toBeGreaterThan(150)
  for (const text of some) expect(join(text), text).toBe(joinPlainly(text).replaceAll('’', '\''))
})

describe('what a text must hold', () => {
  it.each([
    ['contacts? (?:in|inside) the motor', [' the motor']],
    ['cap(?:acitor)?', ['cap']],
    ['(?:quit|stopped) cycling', [' cycling']],
    ['(?<=pitted |burnt )(?:pretty|real)(?! good)', ['pitted ', 'burnt ']],
    ['o\\.?l\\.?', ['o']],
    ['\\d+|ol', undefined],
    ['a+b', ['a']],
    ['[a-z]{2}x{2}yz', ['yz']],
  ])('of %s', (pattern, letters) => expect(mustHold(pattern)).toEqual(letters))
  it('is told from a pattern only where it is understood', () => {
    expect(() => mustHold('(?:open')).toThrow('not closed')
    expect(() => mustHold('a)b')).toThrow('no pattern')
  })
  it('stands in every text that a turn of the table matches', () => {
    for (const { said } of PLAIN)
      for (const pattern of said)
        for (const text of spoken.map(t => ` ${t} `)) {
          const held = mustHold(pattern.source.slice(PRE.length, -POST.length))
          const matches = new RegExp(pattern.source, 'u').test(text)
          if (matches && held) expect(held.some(s => text.includes(s)), `${pattern.source} in ${text}`).toBe(true)
        }
  })
})
const [PRE, POST] = ['(?<![\\p{L}\\d])(?:', ')(?![\\p{L}\\d])']

it('leaves something of every way to say a thing: what a turn passes over is no answer', () => {
  expect(phrases.filter(p => join(p).trim() === '')).toEqual([])
})
