/** What each line of a tab said, and what it was taken for; a remark is not weighed. */
import { sayLine } from '#core/listening'
import type { SystemKind } from '#core/systems'
import { isKnownLine, type Line, type TabState } from '#core/tab'
import { sayWork } from '#core/words'

export interface HeardLine {
  readonly line: string
  readonly said: string
  readonly as: string
}

export const sayHeard = (kind: SystemKind, state: TabState): readonly HeardLine[] =>
  state.lines.flatMap(l => (isKnownLine(l) ? (sayOne(kind, l) ?? []) : []))

function sayOne(kind: SystemKind, line: Line): HeardLine | undefined {
  switch (line.kind) {
    case 'repair':
      return { line: line.id, said: line.text, as: sayLine(kind, line) }
    case 'remark':
      return { line: line.id, said: line.text, as: 'a remark, not weighed' }
    case 'landed':
    case 'adjusted':
    case 'timed': {
      const { title, detail } = sayWork(line)
      return { line: line.id, said: line.typed ?? '', as: detail ? `${title} (${detail})` : title }
    }
    case 'reading':
    case 'observation':
      return { line: line.id, said: line.typed ?? '', as: sayLine(kind, line) }
    default:
      return undefined
  }
}
