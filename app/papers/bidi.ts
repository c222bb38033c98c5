/**
 * Text that runs from right to left, for a writer that lays words from left to right: broken into lines of about the
 * width, the words of each in the order in which they stand on paper (Unicode UAX #9). Letters within a word are
 * turned by the face's own shaping.
 */
import bidiFactory from 'bidi-js'

const bidi = bidiFactory()
/** Hebrew, Arabic and their neighbours. */
const RIGHT_TO_LEFT = /[\u0590-\u08FF\uFB1D-\uFDFF\uFE70-\uFEFC]/

export const runsRight = (text: string): boolean => RIGHT_TO_LEFT.test(text)

export interface LaidLine {
  readonly text: string
  readonly right: boolean
}

/** @param letters about as many as a line holds */
export function layLines(text: string, letters: number): readonly LaidLine[] {
  return text.split('\n').flatMap((paragraph) => {
    const right = bidi.getEmbeddingLevels(paragraph).paragraphs[0]?.level === 1
    return breakLines(paragraph, letters).map(line => ({ text: asItStands(line, right), right }))
  })
}

function breakLines(text: string, letters: number): readonly string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text.split(/\s+/)) {
    if (line && line.length + 1 + word.length > letters) {
      lines.push(line)
      line = word
    }
    else { line = line ? `${line} ${word}` : word }
  }
  return [...lines, line]
}

/** Words in the order in which they stand, each with its letters as they are written. */
function asItStands(line: string, right: boolean): string {
  const { levels } = bidi.getEmbeddingLevels(line, right ? 'rtl' : 'ltr')
  const words: { readonly text: string, readonly level: number }[] = []
  let from = 0
  for (const word of line.split(' ')) {
    words.push({ text: word, level: levels[from] ?? 0 })
    from += word.length + 1
  }
  // from the highest level down, each run of words at or over it is turned (UAX #9, L2)
  const most = Math.max(0, ...words.map(w => w.level))
  for (let level = most; level > 0; level--)
    for (let i = 0; i < words.length; i++) {
      let end = i
      while (end < words.length && words[end]!.level >= level) end++
      if (end > i) words.splice(i, end - i, ...words.slice(i, end).reverse())
      i = Math.max(i, end - 1)
    }
  return words.map(w => w.text).join(' ')
}
