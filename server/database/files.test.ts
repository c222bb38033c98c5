/** Pictures in an S3-compatible store: a double, which holds each request to its signature. */
import { createStorage } from 'unstorage'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { hashOf } from '#core/formats'
import { openS3, type S3Double } from '../../tests/doubles/s3'
import { addPiece, attachmentProgress, readAttachment } from '../services/attachments'
import { useTestBook } from '../services/testBook'
import { readBytes, s3DriverFor, s3Place } from './files'

const KEYS = { id: 'id-of-the-test', secret: 'secret of the test' }
let s3: S3Double
beforeAll(async () => {
  s3 = await openS3(KEYS)
})
afterAll(() => s3.close())
const place = (secret = KEYS.secret) => ({
  endpoint: s3.url, bucket: 'pictures', region: 'auto', accessKeyId: KEYS.id, secretAccessKey: secret,
})
const open = (secret?: string) => createStorage({ driver: s3DriverFor(place(secret)) })
const book = useTestBook()

describe('an S3-compatible store', () => {
  it('keeps bytes as they are, gives them back, and nothing where there is nothing', async () => {
    const files = open()
    const bytes = Uint8Array.from({ length: 3000 }, (_, i) => (i * 7) % 256)
    await files.setItemRaw('abc', bytes)
    expect(await readBytes(files, 'abc')).toEqual(bytes)
    expect([...s3.objects.keys()]).toEqual(['/pictures/abc'])
    expect(await readBytes(files, 'no-such')).toBeUndefined()
    await files.removeItem('abc')
    expect(s3.objects.size).toBe(0)
  })
  it('takes a picture that comes in pieces, whole and by its hash', async () => {
    const files = open()
    const trace = new TextEncoder().encode(`seconds,psi\n${'1,40\n2,41\n'.repeat(300)}`)
    const hash = hashOf(trace)
    const { db } = book.opened
    for (let from = 0; from < trace.length; from += 1000)
      await addPiece(db, files, hash, trace.subarray(from, from + 1000), from, trace.length)
    expect(await attachmentProgress(db, files, hash)).toEqual({ have: 'all' })
    expect(Buffer.from((await readAttachment(db, files, hash)).bytes)).toEqual(Buffer.from(trace))
    expect([...s3.objects.keys()]).toEqual([`/pictures/${hash}`])
  })
  it('refuses who has not its key, and nothing is kept', async () => {
    const before = s3.objects.size
    await expect(open('another secret').setItemRaw('xyz', new Uint8Array([1]))).rejects.toThrow()
    expect(s3.objects.size).toBe(before)
    expect(s3.refused.length).toBeGreaterThan(0)
  })
  it('is named whole or not at all', () => {
    expect(s3Place({})).toBeUndefined()
    expect(() => s3Place({ KEEP_TAB_S3_ENDPOINT: 'http://x', KEEP_TAB_S3_BUCKET: 'b' })).toThrow('KEEP_TAB_S3_KEY')
    const env = {
      KEEP_TAB_S3_ENDPOINT: 'http://x', KEEP_TAB_S3_BUCKET: 'b', KEEP_TAB_S3_KEY: 'k', KEEP_TAB_S3_SECRET: 's',
    }
    expect(s3Place(env)).toMatchObject({ region: 'auto', bucket: 'b' })
  })
})
