/**
 * Calls as technicians tell them, written from the trade's side before the engine was asked: the course of each call
 * line by line, and what a master would conclude from it. One file a kind; `npm run calls` plays them through the same
 * door as the command line.
 *
 *   ## title
 *   plate: motor.power 3/4 hp; motor.volts 230 V
 *   complaint: no-water | what the owner said
 *   - a line as it is said
 *   suspect: id | id      the likeliest of what failed is one of these (two such rows: both stand at the top)
 *   found: id | id        enough to act on one of these; `open: yes` instead: not to be called found yet
 *   also: test            what this test showed is listed as also found
 *   cause: id             named by the lines as what made it fail
 *   never: id, part.*     must not be decided
 *   sealed                scored only when asked for
 */
import type { KindId } from '#core/systems'
import { textsByKind } from '../byKind'

export interface ToldCall {
  readonly kind: KindId
  readonly title: string
  readonly plate: Readonly<Record<string, string>>
  readonly complaint: string
  readonly words: string
  readonly lines: readonly string[]
  readonly suspects: readonly (readonly string[])[]
  readonly found: readonly string[]
  readonly open: boolean
  readonly also: readonly string[]
  readonly causes: readonly string[]
  readonly never: readonly string[]
  readonly sealed: boolean
}

const HERE = new URL('.', import.meta.url).pathname

export function readCalls(folder = HERE): readonly ToldCall[] {
  return textsByKind(folder).flatMap(({ kind, file, text }) =>
    text.split(/^## /m).filter(b => b.trim()).map(block => readCall(kind, block, file)))
}

const ROW = /^(?:- |plate: |complaint: |suspect: |found: |open: yes$|also: |cause: |never: |sealed$)/

function readCall(kind: KindId, block: string, file: string): ToldCall {
  const [title = '', ...rows] = block.split('\n').map(r => r.trim())
  const all = (key: string) => rows.flatMap(r => (r.startsWith(`${key}: `) ? [r.slice(key.length + 2)] : []))
  const list = (key: string, by: string) => all(key).flatMap(v => v.split(by).map(s => s.trim()))
  const [complaint = '', words = ''] = list('complaint', '|')
  const strange = rows.find(r => r && !ROW.test(r))
  if (!complaint || strange) throw new Error(`${file} › ${title}: ${strange ?? 'no complaint'}`)
  return {
    kind,
    title: title.trim(),
    plate: Object.fromEntries(
      list('plate', ';').map((p) => {
        const at = p.indexOf(' ')
        return [p.slice(0, at), p.slice(at + 1)]
      }),
    ),
    complaint,
    words,
    lines: rows.flatMap(r => (r.startsWith('- ') ? [r.slice(2)] : [])),
    suspects: all('suspect').map(v => v.split('|').map(s => s.trim())),
    found: list('found', '|'),
    open: all('open').length > 0,
    also: list('also', ','),
    causes: list('cause', ','),
    never: list('never', ','),
    sealed: rows.includes('sealed'),
  }
}
