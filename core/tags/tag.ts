/**
 * Equipment tags: a label on a system with a random token, in which nothing can be read, as a QR code and in short
 * for typing. Letters and figures are those of Crockford's base 32: none that is taken for another.
 */
import { fail, ok, type Result } from '#core/foundation'

const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
/** 130 bits */
const LENGTH = 26
export const TOKEN = /^[0-9A-HJKMNP-TV-Z]{26}$/
/** Letters of the token that are typed where no camera reads it. */
const CODE = 8

/** @param random bytes, at least 26 of them, each as good as any other */
export function makeToken(random: Uint8Array): string {
  if (random.length < LENGTH) throw new RangeError(`a token takes ${LENGTH} random bytes, not ${random.length}`)
  return Array.from(random.subarray(0, LENGTH), byte => LETTERS[byte % LETTERS.length]).join('')
}

/** As it stands under the picture: 4KX7-2M9Q. */
export const codeOf = (token: string): string => `${token.slice(0, 4)}-${token.slice(4, CODE)}`

/** Reads a scanned token or a typed code; what is misread for another letter is put right. */
export function readTag(said: string): Result<string> {
  const plain = said.toUpperCase().replace(/[\s-]/g, '').replace(/O/g, '0').replace(/[IL]/g, '1')
  const isOurs = [...plain].every(c => LETTERS.includes(c))
  if (isOurs && (plain.length === CODE || plain.length === LENGTH)) return ok(plain)
  return fail('no-tag', { said: said.slice(0, 40) })
}

/** The labels that a scanned token or a typed code may mean. */
export const findTags = <T extends { readonly token: string }>(read: string, tags: readonly T[]): readonly T[] =>
  tags.filter(t => t.token.startsWith(read))
