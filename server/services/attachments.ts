/**
 * Pictures and traces by the SHA-256 of their bytes. They come in pieces, so that a broken connection goes on where it
 * stopped; once whole their hash is checked, they are decoded as what they claim to be, and stored unchanged, never
 * twice.
 */
import { eq, inArray } from 'drizzle-orm'
import type { AttachmentProgress } from '#contracts'
import type { Facts, ProblemCode } from '#core/foundation'
import { hashOf } from '#core/formats'
import { isKnownLine, type AnyLine, type Attachment } from '#core/tab'
import { readBytes, type FileStore } from '../database/files'
import type { Database } from '../database/open'
import { attachmentNames, attachments } from '../database/schema'
import { write } from '../database/write'
import { notFound, Refusal } from './problems'

/** A trace of 200,000 rows has some 6 MB; a picture is made small before it comes. */
export const MOST_BYTES = 8_000_000
/** The most points of a picture, so that a small file cannot unfold into a huge one. */
const MOST_POINTS = 40e6
const TYPES: Readonly<Record<string, string>> = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' }

type AttachmentCode = Extract<ProblemCode, `attachment-${string}`>
const refuse = (status: number, code: AttachmentCode, facts: Facts = {}) => new Refusal(status, { code, facts })
const tooLarge = (bytes: number, where = '') =>
  refuse(413, 'attachment-too-large', { megabytes: Math.round(bytes / 1e5) / 10, most: MOST_BYTES / 1e6, where })
const partOf = (hash: string) => `partial:${hash}`

/** How much of it is here: all, or so many bytes of it. */
export async function attachmentProgress(
  db: Database,
  files: FileStore,
  hash: string,
): Promise<AttachmentProgress> {
  requireHash(hash)
  if (await isHere(db, hash)) return { have: 'all' }
  return { have: (await readBytes(files, partOf(hash)))?.length ?? 0 }
}

/**
 * @param from where the piece begins: one that does not go on where the last ended changes nothing.
 * @param size of the whole
 */
export async function addPiece(
  db: Database,
  files: FileStore,
  hash: string,
  piece: Uint8Array | undefined,
  from: number,
  size: number,
): Promise<AttachmentProgress> {
  requireHash(hash)
  if (await isHere(db, hash)) return { have: 'all' }
  if (!piece || piece.length === 0 || !(size > 0)) throw refuse(400, 'attachment-empty')
  if (size > MOST_BYTES) throw tooLarge(size)
  const before = (await readBytes(files, partOf(hash))) ?? new Uint8Array()
  if (from !== before.length) return { have: before.length }
  const whole = new Uint8Array(before.length + piece.length)
  whole.set(before)
  whole.set(piece, before.length)
  if (whole.length < size) {
    await files.setItemRaw(partOf(hash), whole)
    return { have: whole.length }
  }
  await files.removeItem(partOf(hash))
  await keepAttachment(db, files, hash, whole)
  return { have: 'all' }
}

/** Keeps a whole picture. @param where it was found, for its refusal */
export async function keepAttachment(
  db: Database,
  files: FileStore,
  hash: string,
  bytes: Uint8Array,
  where = '',
): Promise<void> {
  if (await isHere(db, hash)) return
  if (bytes.length > MOST_BYTES)
    throw tooLarge(bytes.length, where)
  if (hashOf(bytes) !== hash)
    throw refuse(422, 'attachment-differs', { where })
  const type = isTable(bytes) ? 'text/csv' : await decode(bytes).catch((): undefined => undefined)
  if (!type) throw refuse(415, 'attachment-unreadable', { where })
  await files.setItemRaw(hash, bytes)
  await write(db, [
    db
      .insert(attachments)
      .values({ hash, type, bytes: bytes.length, received: new Date().toISOString() })
      .onConflictDoNothing(),
  ])
}

/** A logger's trace: text, with rows and cells, and nothing that a browser could take for a page or a script. */
function isTable(bytes: Uint8Array): boolean {
  if (bytes.includes(0)) return false
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    const [first = '', second = ''] = text.split(/\r?\n/, 2)
    return /[,;\t]/.test(first) && /\d/.test(second) && !first.trimStart().startsWith('<')
  }
  catch {
    return false
  }
}

/** Reads the picture to its last row; its type is told by its bytes, whatever its sender calls it. */
async function decode(bytes: Uint8Array): Promise<string | undefined> {
  // the reader of pictures takes 20 MB: it is loaded when the first picture comes
  const { default: sharp } = await import('sharp')
  const picture = sharp(bytes, { limitInputPixels: MOST_POINTS, failOn: 'error' })
  const { format } = await picture.metadata()
  await picture.raw().toBuffer()
  return TYPES[format ?? '']
}

/** A picture by its hash, or by the name it had in version 1. */
export async function readAttachment(
  db: Database,
  files: FileStore,
  name: string,
): Promise<{ readonly type: string, readonly bytes: Uint8Array }> {
  const [old] = await db.select().from(attachmentNames).where(eq(attachmentNames.name, name))
  const hash = old?.hash ?? name
  const [row] = await db.select().from(attachments).where(eq(attachments.hash, hash))
  const bytes = row ? await readBytes(files, hash) : undefined
  if (!row || !bytes) throw notFound('picture')
  return { type: row.type, bytes }
}

/** Of the pictures that lines name, those that are here. */
export async function heldAttachments(db: Database, named: readonly Attachment[]): Promise<string[]> {
  if (named.length === 0) return []
  const rows = await db
    .select({ hash: attachments.hash })
    .from(attachments)
    .where(
      inArray(
        attachments.hash,
        named.map(a => a.hash),
      ),
    )
  return rows.map(r => r.hash)
}

export const attachmentsOf = (lines: readonly AnyLine[]): Attachment[] =>
  lines.filter(isKnownLine).flatMap(l => l.attachments ?? [])

async function isHere(db: Database, hash: string): Promise<boolean> {
  const rows = await db.select({ hash: attachments.hash }).from(attachments).where(eq(attachments.hash, hash))
  return rows.length > 0
}

function requireHash(hash: string) {
  if (!/^[0-9a-f]{64}$/.test(hash)) throw refuse(400, 'attachment-unnamed')
}
