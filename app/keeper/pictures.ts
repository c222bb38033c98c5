/**
 * Pictures: made small on this device before they are kept, their position and other data left behind, named by their
 * bytes.
 */
import type { Attachment } from '#core/tab'
import { device } from './device'

const LONGEST = 1280

/**
 * Draws a picture from camera or file anew at no more than 1280 pixels: nothing of the file but its points comes
 * along.
 */
export async function shrinkPicture(
  file: Blob,
): Promise<{ readonly blob: Blob, readonly attachment: Attachment } | undefined> {
  const bitmap = await createImageBitmap(file).catch(() => undefined)
  if (!bitmap) return undefined
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
  const [width, height] = [
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  ]
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height)
  bitmap.close()
  const blob = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg', 0.78))
  if (!blob) return undefined
  const bytes = new Uint8Array(await blob.arrayBuffer())
  const { hashOf } = await import('./hash')
  return { blob, attachment: { hash: hashOf(bytes), type: 'image/jpeg', bytes: bytes.length, width, height } }
}

/** What is kept as it is: a signature as it was drawn, a trace as it was logged. */
export async function nameBytes(blob: Blob, type: 'image/png' | 'text/csv'): Promise<Attachment> {
  const bytes = new Uint8Array(await blob.arrayBuffer())
  const { hashOf } = await import('./hash')
  return { hash: hashOf(bytes), type, bytes: bytes.length }
}

/** Holds the bytes on this device until they are sent. @returns whether there was room */
export const holdPicture = ({ hash, type }: Attachment, blob: Blob): Promise<boolean> =>
  device.savePicture({ hash, type, blob, standing: 'unsent' }).then(() => true, () => false)
