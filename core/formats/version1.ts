/**
 * Version 1 of the open file, frozen: pictures stood in the tab as base64 under ids of their own, and lines had neither
 * device nor clock. Read into version 2: pictures become attachments, named by the SHA-256 of their bytes; lines are
 * placed in the order in which they stood (readTab.ts).
 */
import { z } from 'zod'
import { fail, itemAt, ok, type Result } from '#core/foundation'
import type { Attachment } from '#core/tab'
import { hashOf } from './archive'
import { bookSchema, siteSchema, systemSchema, tabSchema, type BookFile } from './book'

const photoSchema = z.strictObject({
  id: z.string().min(1).max(64),
  type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  base64: z.base64().max(2_700_000),
})
const tab = tabSchema.extend({ photos: z.array(photoSchema).max(500).optional() })
const system = systemSchema.extend({ tabs: z.array(tab).optional() })
const site = siteSchema.extend({ systems: z.array(system) })
const version1Schema = bookSchema.extend({ version: z.literal(1), sites: z.array(site) })
type Photo = z.infer<typeof photoSchema>

export interface Upgraded {
  readonly book: BookFile
  readonly attachments: ReadonlyMap<string, Uint8Array>
}

export function upgradeVersion1(
  json: unknown,
): Result<Upgraded, { code: 'bad-place', facts: { place: string, why: string } }> {
  const parsed = version1Schema.safeParse(json)
  if (!parsed.success) return fail('bad-place', placeOf(itemAt(parsed.error.issues, 0, 'issue'))) as never
  const attachments = new Map<string, Uint8Array>()
  const sites = parsed.data.sites.map(s => ({
    ...s,
    systems: s.systems.map(y => ({
      ...y,
      ...(y.tabs ? { tabs: y.tabs.map(t => upgradeTab(t, attachments)) } : {}),
    })),
  }))
  return ok({ book: { ...parsed.data, version: 2, sites }, attachments })
}

export const placeOf = (issue: z.core.$ZodIssue) => ({
  place: issue.path.join(' › ') || 'the file',
  why: issue.message.includes('received undefined')
    ? 'it is missing'
    : issue.message.replace(/^Invalid input: /, ''),
})

function upgradeTab({ photos = [], ...rest }: z.infer<typeof tab>, attachments: Map<string, Uint8Array>) {
  const named = new Map(photos.map(p => [p.id, attach(p, attachments)]))
  const lines = rest.lines.map(line => (typeof line === 'string' ? line : upgradePhotoLine(line, named)))
  return { ...rest, lines }
}

function attach({ type, base64 }: Photo, attachments: Map<string, Uint8Array>): Attachment {
  const bytes = Uint8Array.from(atobBytes(base64))
  const hash = hashOf(bytes)
  attachments.set(hash, bytes)
  return { hash, type, bytes: bytes.length }
}

/** A `photo` line of version 1 with its picture beside it. The old id stays, so that the line says what it said. */
export function upgradePhotoLine<L extends { readonly kind: string }>(
  line: L,
  named: ReadonlyMap<string, Attachment>,
): L {
  const { photo, width, height } = line as { photo?: unknown, width?: number, height?: number }
  const picture = line.kind === 'photo' && typeof photo === 'string' ? named.get(photo) : undefined
  return picture
    ? { ...line, attachments: [{ ...picture, ...(width ? { width } : {}), ...(height ? { height } : {}) }] }
    : line
}

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/'
const VALUES = new Map([...ALPHABET].map((c, i) => [c, i]))

/** Base64 (RFC 4648 §4) into bytes, without the interface's or the server's own helpers. */
function* atobBytes(text: string): Generator<number> {
  let [held, bits] = [0, 0]
  for (const c of text) {
    const value = VALUES.get(c)
    if (value === undefined) continue
    held = ((held << 6) | value) & 0xffffff
    bits += 6
    if (bits >= 8) {
      bits -= 8
      yield (held >> bits) & 0xff
    }
  }
}
