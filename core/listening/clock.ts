/** When it was: `9:10 240 at the switch`, `quit at 14:16`. No figure that was read. Common practice, no source. */
import { ok, type Result } from '#core/foundation'
import type { DraftLine } from '#core/tab'
import type { Heard } from './meaning'

const TIME = '(?:[01]?\\d|2[0-3])(?::|h)[0-5]\\d(?: ?(?:am|pm|a\\.m\\.|p\\.m\\.|hrs?|h)\\b)?'
const FIRST = new RegExp(`^\\s*(?:at |@ ?)?${TIME}\\s*(?:[,;.–—-]+\\s*)?(?=\\S)`, 'i')
const AMONG = new RegExp(`,? ?\\b(?:at|by|since|around|about) ${TIME}(?=[\\s,;.]|$)`, 'gi')
/** `3:20 to fill`, `0:45 between starts`: how long, and not when. */
const LONG = new RegExp(
  '^\\s*(?:0:\\d\\d\\b|\\d+:\\d\\d\\s*(?:min|sec|m\\b|s\\b|to (?:fill|go|get|reach|build|climb|pump)'
  + '|between|from \\d|fill|pump.?up|cycle))', 'i',
)

/** What is said besides the time of day; all of it, where nothing else is said or it is how long a thing took. */
export function withoutClock(typed: string): string {
  if (!typed.includes(':') && !/\dh\d\d/i.test(typed)) return typed
  const said = (LONG.test(typed) ? typed : typed.replace(FIRST, '')).replace(AMONG, '')
  return /[a-z\d]/i.test(said) ? said : typed
}

/** What was heard of a line, kept as it was typed. */
export function asTyped(typed: string, said: string, heard: Result<Heard>): Result<Heard> {
  if (!heard.ok) return heard
  const whole = <L extends DraftLine>(line: L): L =>
    'typed' in line
      ? { ...line, typed }
      : 'text' in line && typeof line.text === 'string' ? { ...line, text: lettersOf(line.text, said, typed) } : line
  const { value } = heard
  switch (value.kind) {
    case 'lines':
      return ok({ ...value, lines: value.lines.map(whole) })
    case 'ask':
      return ok({ ...value, choices: value.choices.map(c => ({ ...c, line: whole(c.line) })) })
    case 'remark': {
      const { line } = value
      return ok({ ...value, line: line.kind === 'remark' ? { ...line, text: typed.trim() } : line })
    }
  }
}

/** Part of what was said in the letters that were typed for it: both end in the same word. */
function lettersOf(part: string, said: string, typed: string): string {
  const from = said.toLowerCase().indexOf(part.toLowerCase())
  if (from < 0) return part
  const [all, meant, own] = [wordsIn(typed), wordsIn(said), wordsIn(part)]
  const start = all.length - meant.length + wordsIn(said.slice(0, from)).length
  const letters = all.slice(Math.max(0, start), start + own.length)
  const isSame = letters.length === own.length
    && letters.every((w, i) => w.charAt(0).toLowerCase() === own[i]?.charAt(0).toLowerCase())
  return isSame ? letters.join(' ').replace(/[,;.]+$/, '') : part
}

const wordsIn = (text: string): readonly string[] => text.split(/\s+/).filter(Boolean)
