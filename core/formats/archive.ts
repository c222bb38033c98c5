/**
 * The open book with its attachments: a standard zip (stored or deflated, as any tool writes it) of `book.json` and
 * `attachments/HASH.EXT`, each named by the SHA-256 (FIPS 180-4) of its bytes. Taken whole or not at all.
 */
import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { fail, ok, type Result } from '#core/foundation'

export const hashOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes))

const BOOK = 'book.json'
const FOLDER = 'attachments/'
const ENDINGS: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
  'text/csv': 'csv',
}

export interface OpenedFile {
  readonly content: string
  readonly attachments: ReadonlyMap<string, Uint8Array>
}
export type ArchiveProblem = {
  readonly code: 'torn-archive' | 'no-book' | 'hash-differs'
  readonly facts: Readonly<Record<string, string | number>>
}

/** Zip files begin with "PK" (APPNOTE 6.3.10, 4.3.7); JSON never does. */
export const isArchive = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b

/** A book as it was given: an archive, or plain JSON. */
export function openFile(bytes: Uint8Array): Result<OpenedFile, ArchiveProblem> {
  if (!isArchive(bytes)) return ok({ content: strFromU8(bytes), attachments: new Map() })
  let files: Readonly<Record<string, Uint8Array>>
  try {
    files = unzipSync(bytes)
  }
  catch (error) {
    return fail('torn-archive', { why: error instanceof Error ? error.message : 'unreadable' })
  }
  const book = files[BOOK]
  if (!book) return fail('no-book', { holds: Object.keys(files).slice(0, 3).join(', ') || 'nothing' })
  const attachments = new Map<string, Uint8Array>()
  for (const [name, content] of Object.entries(files)) {
    if (!name.startsWith(FOLDER) || name.endsWith('/')) continue
    const told = name.slice(FOLDER.length).replace(/\..*$/, '')
    const hash = hashOf(content)
    if (hash !== told) return fail('hash-differs', { name })
    attachments.set(hash, content)
  }
  return ok({ content: strFromU8(book), attachments })
}

export const attachmentName = (hash: string, type: string): string => `${FOLDER}${hash}.${ENDINGS[type] ?? 'bin'}`

export interface Packed {
  readonly hash: string
  readonly type: string
  readonly bytes: Uint8Array
}

/**
 * Writes an archive piece by piece, so that a large one is never held whole. Pictures are packed already: they are
 * stored as they are.
 */
export async function packArchive(
  book: string,
  attachments: AsyncIterable<Packed> | Iterable<Packed>,
  write: (piece: Uint8Array) => void,
): Promise<void> {
  const zip = new Zip((error, piece) => {
    if (error) throw error
    write(piece)
  })
  const json = new ZipDeflate(BOOK)
  zip.add(dated(json))
  json.push(strToU8(book), true)
  for await (const { hash, type, bytes } of attachments) {
    const picture = new ZipPassThrough(attachmentName(hash, type))
    zip.add(dated(picture))
    picture.push(bytes, true)
  }
  zip.end()
}

/** A fixed date, so that the same book gives the same bytes. */
function dated<F extends { mtime?: Date | string | number }>(file: F): F {
  file.mtime = new Date(2026, 0, 1, 12)
  return file
}
