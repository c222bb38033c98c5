/** A label for a system: its token as a QR code, in which nothing can be read, and a short code for typing. */
import { codeOf } from '#core/tags'
import { fileName, type Label, type Paper } from './paper'

/** Common sizes of labels, mm. */
export const LABELS = {
  '62 × 29 mm': { width: 62, height: 29 },
  '50 × 25 mm': { width: 50, height: 25 },
  '70 × 36 mm': { width: 70, height: 36 },
  '4 × 2 in': { width: 101.6, height: 50.8 },
} as const satisfies Readonly<Record<string, Label>>
export type LabelId = keyof typeof LABELS

export function tagPaper(token: string, lines: readonly string[], label: LabelId): Paper {
  const code = codeOf(token)
  return {
    name: fileName('tag', code),
    title: `Tag ${code}`,
    foot: '',
    sheet: 'LETTER',
    size: LABELS[label],
    blocks: [{ is: 'tag', token, code, lines }],
  }
}
