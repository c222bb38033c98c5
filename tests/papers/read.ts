/** What a reader that has nothing to do with the writer finds in a PDF: its words by page, its faces, its size. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

export interface ReadPdf {
  readonly pages: readonly string[]
  readonly text: string
  readonly title: string
  /** points */
  readonly size: readonly [width: number, height: number]
}

export async function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const task = getDocument({ data: new Uint8Array(bytes), verbosity: 0 })
  const document = await task.promise
  const pages: string[] = []
  let size: readonly [number, number] = [0, 0]
  for (let n = 1; n <= document.numPages; n++) {
    const page = await document.getPage(n)
    const { items } = await page.getTextContent()
    pages.push(items.map(i => ('str' in i ? i.str + (i.hasEOL ? '\n' : '') : '')).join(''))
    const { width, height } = page.getViewport({ scale: 1 })
    size = [width, height]
  }
  const { info } = await document.getMetadata()
  await task.destroy()
  return { pages, text: pages.join('\n'), title: String((info as { Title?: string }).Title ?? ''), size }
}
