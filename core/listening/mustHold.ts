/**
 * What a text must hold for a pattern to match it, read off the pattern. There are over a thousand patterns and few of
 * them match: those whose letters are not there need not be tried, as searchers of files do it.
 */

/** One of these stands in every text that matches; nothing is known where there is none. */
export type AnyOf = readonly string[] | undefined

/** @param pattern as the table of turns writes them: letters, groups, classes, looks ahead and behind, `? * + {n}` */
export function mustHold(pattern: string): AnyOf {
  const read = new Reader(pattern)
  const found = read.ways()
  if (!read.isDone) throw new Error(`${pattern} is no pattern that is understood at ${read.rest}`)
  return found
}

/** Of two things that must both be there, the one that is told from more texts. */
function better(a: AnyOf, b: AnyOf): AnyOf {
  if (!a || !b) return a ?? b
  const least = (all: readonly string[]) => Math.min(...all.map(s => s.length)) - 0.2 * all.length
  return least(b) > least(a) ? b : a
}

class Reader {
  private at = 0
  constructor(private readonly pattern: string) {}

  get isDone() {
    return this.at >= this.pattern.length
  }

  get rest() {
    return this.pattern.slice(this.at)
  }

  /** `a|b`: one of what either must hold. */
  ways(): AnyOf {
    const all: AnyOf[] = [this.inOrder()]
    while (this.take('|')) all.push(this.inOrder())
    return all.every(one => one !== undefined) ? all.flat() : undefined
  }

  private inOrder(): AnyOf {
    let best: AnyOf
    let letters = ''
    const end = () => {
      if (letters) best = better(best, [letters])
      letters = ''
    }
    while (!this.isDone && !')|'.includes(this.pattern.charAt(this.at))) {
      const one = this.element()
      const [least, most] = this.howOften()
      if (typeof one === 'string' && least === 1) letters += one
      else end()
      if (typeof one === 'string' && most !== 1 && least > 0) end()
      if (typeof one !== 'string' && least > 0) best = better(best, one)
    }
    end()
    return best
  }

  /** A letter that stands for itself, or what a group must hold. */
  private element(): string | AnyOf {
    if (this.take('(')) return this.group()
    if (this.take('[')) return this.skipTo(']')
    const letter = this.pattern.charAt(this.at++)
    if (letter === '.' || letter === '^' || letter === '$') return undefined
    if (letter !== '\\') return letter
    const escaped = this.pattern.charAt(this.at++)
    if (escaped === 'p' && this.take('{')) return this.skipTo('}')
    return /[a-z0-9]/i.test(escaped) ? undefined : escaped
  }

  private group(): AnyOf {
    const denied = this.take('?!') || this.take('?<!')
    if (!denied) void (this.take('?:') || this.take('?=') || this.take('?<='))
    const found = this.ways()
    if (!this.take(')')) throw new Error(`${this.pattern} has a bracket that is not closed`)
    return denied ? undefined : found
  }

  private howOften(): readonly [least: number, most: number] {
    const found = /^(?:([?*+])|\{(\d+)(?:(,)(\d*))?\})\??/.exec(this.rest)
    if (!found) return [1, 1]
    this.at += found[0].length
    const [, mark, least, upTo, most] = found
    if (mark) return [mark === '+' ? 1 : 0, mark === '?' ? 1 : Infinity]
    return [Number(least), upTo ? Number(most || Infinity) : Number(least)]
  }

  private skipTo(mark: string): undefined {
    while (this.pattern[this.at] !== mark) this.at += this.pattern[this.at] === '\\' ? 2 : 1
    this.at++
  }

  private take(mark: string): boolean {
    if (!this.pattern.startsWith(mark, this.at)) return false
    this.at += mark.length
    return true
  }
}
