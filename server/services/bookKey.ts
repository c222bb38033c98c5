/**
 * The book's own key (Ed25519, RFC 8032): made once, kept beside the database, never in it. With it are signed the
 * heads that leave the book, so that a backup, an export or a printed sheet shows what the book held then.
 */
import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, verify, type KeyObject } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { besideBook } from '../database/files'

export interface Seal {
  /** when it was signed */
  readonly at: string
  /** the head of each tab */
  readonly heads: Readonly<Record<string, string>>
  /** the public half, PEM */
  readonly key: string
  /** base64, over `at` and the heads */
  readonly signature: string
}

const keys = new Map<string, KeyObject>()

/** KEEP_TAB_KEY, or `keep-tab.key` beside a local database; made where there is none, readable by its owner alone. */
export function bookKey(url: string, chosen = process.env.KEEP_TAB_KEY): KeyObject {
  const path = chosen || besideBook(url, 'keep-tab.key')
  const known = keys.get(path)
  if (known) return known
  if (!existsSync(path)) {
    mkdirSync(dirname(path), { recursive: true })
    const { privateKey } = generateKeyPairSync('ed25519')
    writeFileSync(path, privateKey.export({ type: 'pkcs8', format: 'pem' }), { mode: 0o600, flag: 'wx' })
  }
  const key = createPrivateKey(readFileSync(path))
  keys.set(path, key)
  return key
}

const textOf = (at: string, heads: Seal['heads']) =>
  Buffer.from([at, ...Object.keys(heads).toSorted().map(tab => `${tab} ${heads[tab]}`)].join('\n'))

export function seal(key: KeyObject, heads: Seal['heads'], at = new Date().toISOString()): Seal {
  const signature = sign(null, textOf(at, heads), key).toString('base64')
  return { at, heads, key: createPublicKey(key).export({ type: 'spki', format: 'pem' }).toString(), signature }
}

export const isSealWhole = ({ at, heads, key, signature }: Seal): boolean =>
  verify(null, textOf(at, heads), createPublicKey(key), Buffer.from(signature, 'base64'))
