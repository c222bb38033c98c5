/** Papers are drawn beside the page: a long tape takes seconds. */
import { expose } from 'comlink'
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url'
import plain from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url'
import rest from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url'
import { drawPdf, type Faces } from './draw'
import type { Paper } from './paper'

let faces: Promise<Faces> | undefined
const load = async (): Promise<Faces> => {
  const [a, b, c] = await Promise.all([plain, bold, rest].map(read))
  return { plain: a!, bold: b!, rest: c! }
}
async function read(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer())
  let text = ''
  // in pieces: a call takes only so many arguments
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000))
  return btoa(text)
}

export const printer = {
  async pdf(paper: Paper): Promise<Uint8Array> {
    const own = await (faces ??= load().catch((reason: unknown) => {
      faces = undefined
      throw reason
    }))
    return drawPdf(paper, own)
  },
}
export type Printer = typeof printer

expose(printer)
