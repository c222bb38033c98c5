/** Pictures kept with a tab. Sent before the line that names them; sending one again keeps one. */
import { eq } from 'drizzle-orm'
import type { PhotoFile } from '#core/formats'
import type { Database } from '../database/open'
import { photos, tabs } from '../database/schema'
import { notFound, Refusal } from './problems'

const MOST_BYTES = 2_000_000
const KINDS = [{ type: 'image/jpeg', starts: [0xFF, 0xD8, 0xFF] }, { type: 'image/png', starts: [0x89, 0x50, 0x4E, 0x47] }, { type: 'image/webp', starts: [0x52, 0x49, 0x46, 0x46] }]

export async function keepPhoto(db: Database, tab: string, id: string, bytes: Buffer | undefined): Promise<{ readonly kept: string }> {
  const [known] = await db.select({ id: tabs.id }).from(tabs).where(eq(tabs.id, tab))
  if (!known) throw notFound('tab')
  await db.insert(photos).values(photoRow(tab, id, bytes)).onConflictDoNothing()
  return { kept: id }
}

/** A picture as it is kept; its type is told by its first bytes, whatever its sender calls it. @param where it was found, for its refusal */
export function photoRow(tab: string, id: string, bytes: Buffer | undefined, where = ''): typeof photos.$inferInsert {
  const refuse = (status: number, why: string) => new Refusal(status, { code: 'bad-photo', facts: { why: why + where } })
  if (!bytes || bytes.length === 0) throw refuse(400, 'it is empty')
  if (bytes.length > MOST_BYTES) throw refuse(413, `it has ${Math.round(bytes.length / 1e5) / 10} MB, and 2 MB is the most`)
  const kind = KINDS.find(k => k.starts.every((b, i) => bytes[i] === b))
  if (!kind) throw refuse(415, 'it is not a JPEG, PNG or WebP picture')
  return { id, tab, type: kind.type, bytes }
}

/** The pictures of a tab as an open file holds them. */
export async function readPhotos(db: Database, tab: string): Promise<PhotoFile[]> {
  const rows = await db.select().from(photos).where(eq(photos.tab, tab))
  return rows.map(({ id, type, bytes }) => ({ id, type: type as PhotoFile['type'], base64: Buffer.from(bytes).toString('base64') }))
}

export async function readPhoto(db: Database, id: string): Promise<{ readonly type: string, readonly bytes: Buffer }> {
  const [photo] = await db.select().from(photos).where(eq(photos.id, id))
  if (!photo) throw notFound('photo')
  return { type: photo.type, bytes: Buffer.from(photo.bytes) }
}
