import { describe, expect, it } from 'vitest'
import { codeOf, findTags, makeToken, readTag, TOKEN } from '.'

const bytes = (seed: number) => Uint8Array.from({ length: 26 }, (_, i) => (i * seed + 5) % 256)

describe('a tag', () => {
  it('has a token of 130 random bits, in letters that are not taken for others', () => {
    const token = makeToken(bytes(37))
    expect(token).toMatch(TOKEN)
    expect(token).not.toMatch(/[ILOU]/)
    expect(makeToken(bytes(41))).not.toBe(token)
    // each letter as likely as any other: 256 is eight times 32
    const counts = new Map<string, number>()
    for (let b = 0; b < 256; b++) {
      const letter = makeToken(new Uint8Array(26).fill(b))[0]!
      counts.set(letter, (counts.get(letter) ?? 0) + 1)
    }
    expect([...counts.values()]).toEqual(Array.from({ length: 32 }, () => 8))
    expect(() => makeToken(new Uint8Array(8))).toThrow(/26 random bytes/)
  })
  it('is read as it is scanned, and as it is typed: small letters, no dash, O for nought, I and L for one', () => {
    const token = makeToken(bytes(37))
    const read = (said: string) => {
      const r = readTag(said)
      return r.ok ? r.value : r.problem.code
    }
    expect(read(token)).toBe(token)
    expect(read(codeOf(token))).toBe(token.slice(0, 8))
    expect(read(codeOf(token).toLowerCase().replace('-', ' '))).toBe(token.slice(0, 8))
    expect(read('o1il-ABCD')).toBe('0111ABCD')
    for (const odd of ['', 'ABC', 'ABCD-EFGU', 'https://example.test/x', token.slice(1)])
      expect(read(odd)).toBe('no-tag')
  })
  it('finds what begins so, and both where two codes are alike', () => {
    const tags = [{ token: `ABCD1234${'0'.repeat(18)}` }, { token: `ABCD1234${'1'.repeat(18)}` }]
    expect(findTags('ABCD1234', tags)).toHaveLength(2)
    expect(findTags(tags[1]!.token, tags)).toEqual([tags[1]])
    expect(findTags('ZZZZ0000', tags)).toEqual([])
  })
})
