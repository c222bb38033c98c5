/** Pictures: made small on this device before they are kept, held here until the server has them. */
const LONGEST = 1280

export interface SmallPicture { readonly blob: Blob, readonly width: number, readonly height: number }

/** Resizes a picture from camera or file to at most 1280 pixels; refuses what the browser cannot read as one. */
export async function shrinkPicture(file: Blob): Promise<SmallPicture | undefined> {
  const bitmap = await createImageBitmap(file).catch(() => undefined)
  if (!bitmap) return undefined
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
  const [width, height] = [Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))]
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height)
  bitmap.close()
  const blob = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg', 0.78))
  return blob ? { blob, width, height } : undefined
}
