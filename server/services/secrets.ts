/**
 * Passphrases and the random words of cookies and links. A passphrase is kept as its scrypt hash (RFC 7914) with the
 * strength that OWASP's password storage sheet gives (N = 2^14, r = 8, p = 5: 16 MB, under 0.5 s; from memory); a
 * random word as its SHA-256, since nobody can guess it.
 *
 *   hashPassphrase('four plain words here') → 'scrypt 16384 8 5 <salt> <hash>'
 */
import { createHash, randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

const [N, R, P, BYTES] = [2 ** 14, 8, 5, 32]
export const LEAST_PASSPHRASE = 12
/** More is no stronger, and costs the server. */
const MOST_PASSPHRASE = 1024

/** Hashes are made one after another: each takes 16 MB. */
let turn: Promise<unknown> = Promise.resolve()

function derive(passphrase: string, salt: Buffer, [n, r, p]: readonly [number, number, number]): Promise<Buffer> {
  const mine = turn.then(() => new Promise<Buffer>((resolve, reject) => {
    const options = { N: n, r, p, maxmem: 256 * n * r }
    scrypt(passphrase.normalize('NFKC'), salt, BYTES, options, (error, key) => (error ? reject(error) : resolve(key)))
  }))
  turn = mine.catch(() => undefined)
  return mine
}

export async function hashPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(16)
  const key = await derive(passphrase, salt, [N, R, P])
  return ['scrypt', N, R, P, salt.toString('base64'), key.toString('base64')].join(' ')
}

/** Takes as long for a name that nobody has as for a wrong passphrase. */
export async function checkPassphrase(passphrase: string, secret: string | undefined): Promise<boolean> {
  const [, n, r, p, salt = '', key = ''] = (secret || NOBODY).split(' ')
  const derived = await derive(passphrase, Buffer.from(salt, 'base64'), [Number(n), Number(r), Number(p)])
  const wanted = Buffer.from(key, 'base64')
  return wanted.length === derived.length && timingSafeEqual(wanted, derived) && Boolean(secret)
}
const NOBODY = ['scrypt', N, R, P, randomBytes(16).toString('base64'), randomBytes(BYTES).toString('base64')].join(' ')

export const isWeak = (passphrase: string, name: string): boolean =>
  passphrase.length < LEAST_PASSPHRASE
  || passphrase.length > MOST_PASSPHRASE
  || new Set(passphrase).size < 5
  || passphrase.toLowerCase().includes(name.toLowerCase())

/** 256 random bits for a cookie or a link. */
export const makeWord = (): string => randomBytes(32).toString('base64url')
export const hashWord = (word: string): string => createHash('sha256').update(word).digest('hex')
