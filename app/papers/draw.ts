/** Draws a paper as PDF: in the house's face, and what it has no letters for in one that has them. */
import encodeQR from 'qr'
import pdfMake from 'pdfmake/build/pdfmake'
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { layLines, runsRight } from './bidi'
import type { Block, Cell, Paper } from './paper'

/** Font files by name, as base64. */
export interface Faces {
  readonly plain: string
  readonly bold: string
  /** Greek, arrows, Hebrew, Arabic, Cyrillic… */
  readonly rest: string
}

const MM = 72 / 25.4
const [INK, SOFT, RULE] = ['#000000', '#444444', '#999999']
/** What the house's face has letters for, as it ships: of Latin 1 all but µ; a test holds it to the font. */
export const HOUSE = new RegExp(`^[${[
  '\\t\\n\\u0020-\\u007E\\u00A0-\\u00AC\\u00AE-\\u00B4\\u00B6-\\u00FF',
  '\\u0131\\u0152\\u0153\\u02C6\\u02DA\\u02DC\\u2009',
  '\\u2013\\u2014\\u2018-\\u201A\\u201C-\\u201E\\u2022\\u2026\\u2039\\u203A\\u2044\\u20AC\\u2122\\u2212\\u2215',
].join('')}]*$`)
/** About as many letters as stand on a line of a page. */
const LETTERS = 95

export async function drawPdf(paper: Paper, faces: Faces): Promise<Uint8Array> {
  pdfMake.addVirtualFileSystem({ 'plain.woff': faces.plain, 'bold.woff': faces.bold, 'rest.ttf': faces.rest })
  pdfMake.addFonts({
    House: { normal: 'plain.woff', bold: 'bold.woff' },
    Rest: { normal: 'rest.ttf', bold: 'rest.ttf' },
  })
  const bytes = await pdfMake.createPdf(definition(paper)).getBuffer()
  return new Uint8Array(bytes)
}

function definition({ title, foot, blocks, size, sheet }: Paper): TDocumentDefinitions {
  return {
    info: { title, creator: 'Keep Tab', producer: 'Keep Tab' },
    defaultStyle: { font: 'House', fontSize: 10, color: INK, lineHeight: 1.15 },
    // no heading stands alone at the foot of a page
    pageBreakBefore: (node, query) => node.headlineLevel === 1 && query.getFollowingNodesOnPage().length === 0,
    content: blocks.map(b => content(b, size?.height)),
    ...(size
      ? { pageSize: { width: size.width * MM, height: size.height * MM }, pageMargins: 2 * MM }
      : {
          pageSize: sheet,
          pageMargins: [48, 46, 48, 54],
          footer: (page: number, of: number) => ({
            columns: [{ ...words(foot), width: '*' }, { text: `${page} of ${of}`, width: 50, alignment: 'right' }],
            margin: [48, 14, 48, 0], fontSize: 8, color: SOFT,
          }),
        }),
  } as TDocumentDefinitions
}

function content(block: Block, labelHeight: number | undefined): Content {
  switch (block.is) {
    case 'title':
      return [
        { ...words(block.text), fontSize: 18, bold: true, lineHeight: 1.05 },
        ...(block.under ? [{ ...words(block.under), color: SOFT, margin: [0, 2, 0, 8] }] : []),
      ] as Content
    case 'head':
      return { ...words(block.text), fontSize: 12, bold: true, margin: [0, 12, 0, 3], headlineLevel: 1 } as Content
    case 'line':
      return {
        ...words(block.text), bold: block.bold ?? false, color: block.soft ? SOFT : INK, margin: [0, 1, 0, 1],
      } as Content
    case 'list':
      return { ul: block.items.map(i => words(i)), margin: [0, 1, 0, 2] } as Content
    case 'rows':
      return {
        table: {
          headerRows: 1,
          widths: block.columns.map(c => c.width),
          body: [
            block.columns.map(c => ({
              ...words(c.head), fontSize: 8, color: SOFT, alignment: c.right ? 'right' : 'left',
            })),
            ...block.rows.map(row => row.map((cell, i) => drawCell(cell, block.columns[i]?.right ?? false))),
          ] as TableCell[][],
        },
        layout: {
          hLineWidth: (i: number) => (i === 0 ? 0 : i === 1 ? 0.8 : 0.4),
          vLineWidth: () => 0,
          hLineColor: () => RULE,
          paddingLeft: (i: number) => (i === 0 ? 0 : 5),
          paddingTop: () => 2.2,
          paddingBottom: () => 1.4,
        },
        margin: [0, 2, 0, 4],
      } as Content
    case 'drawing':
      return { svg: block.svg, fit: [500, 330], margin: [0, 8, 0, 8] } as Content
    case 'picture':
      return { image: block.data, width: block.width, margin: [0, 6, 0, 2] } as Content
    case 'tag':
      return label(block, labelHeight ?? 30)
    case 'page':
      return { text: '', pageBreak: 'before' }
  }
}

/** The code's picture at the left, as high as the label; what is read by people at its right. */
function label({ token, code, lines }: Extract<Block, { is: 'tag' }>, height: number): Content {
  const side = (height - 4) * MM
  return {
    columns: [
      { svg: encodeQR(token, 'svg', { ecc: 'medium', border: 2 }), width: side, fit: [side, side] },
      {
        width: '*',
        margin: [2 * MM, 0.5 * MM, 0, 0],
        stack: [
          { text: code, bold: true, fontSize: Math.min(15, height * 0.42) },
          ...lines.map((l, i) => ({
            ...words(l), fontSize: Math.min(9, height * 0.27), bold: i === 0, lineHeight: 1.05,
          })),
        ],
      },
    ],
  } as Content
}

function drawCell(cell: Cell, right: boolean) {
  const { text, bold = false, struck = false } = typeof cell === 'string' ? { text: cell } : cell
  return {
    ...words(text, 40), bold, ...(struck ? { decoration: 'lineThrough' } : {}),
    ...(right ? { alignment: 'right' } : {}),
  }
}

/** Text in the faces that have its letters; from right to left where it is written so. */
function words(text: string, letters = LETTERS): { text: unknown, alignment?: 'right' } {
  if (!runsRight(text)) return { text: inFaces(text) }
  const lines = layLines(text, letters)
  return {
    text: lines.flatMap((l, i) => [...(i > 0 ? ['\n'] : []), ...[inFaces(l.text)].flat()]),
    ...(lines.some(l => l.right) ? { alignment: 'right' as const } : {}),
  }
}

type Run = string | { readonly text: string, readonly font: string }
/** Word by word: a word with one letter that the house's face lacks is all in the other. */
function inFaces(text: string): string | Run[] {
  if (HOUSE.test(text)) return text
  const runs: Run[] = []
  for (const piece of text.split(/(\s+)/)) {
    if (piece === '') continue
    runs.push(HOUSE.test(piece) ? piece : { text: piece, font: 'Rest' })
  }
  return runs
}
