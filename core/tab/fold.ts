/**
 * The fold: lines in, the tab's state out. The only place where a tab's state is derived; pure, and the same in the
 * browser's worker, on the server, on the command line and in the tests.
 */
import type { FindingRole, Line, LineOf, WorkState } from './lines'

export type TabStatus = 'open' | 'carried' | 'settled'

/** Since when and by which line a state of the work holds. */
export interface HeldState { readonly at: string, readonly line: string, readonly proof?: readonly number[] }

/** A reading or observation in force, with the components that had been repaired before it was taken. */
export interface Evidence { readonly line: LineOf<'reading'> | LineOf<'observation'>, readonly repaired: readonly string[] }

export interface TabState {
  readonly status: TabStatus
  readonly opened?: LineOf<'opened'>
  readonly lines: readonly Line[]
  readonly struck: ReadonlyMap<string, LineOf<'strike'>>
  readonly work: Readonly<Partial<Record<WorkState, HeldState>>>
  readonly evidence: readonly Evidence[]
  /** evidence that a later reading of the same test, with nothing repaired in between, has replaced */
  readonly replaced: ReadonlySet<string>
  readonly repaired: readonly string[]
  readonly parts: readonly LineOf<'part'>[]
  readonly repairs: readonly LineOf<'repair'>[]
  readonly findings: Readonly<Record<FindingRole, readonly LineOf<'finding'>[]>>
  readonly skipped: ReadonlyMap<string, string>
  readonly asLeft: readonly (LineOf<'reading'> | LineOf<'observation'>)[]
  readonly followUps: readonly LineOf<'follow-up'>[]
  readonly advice: readonly LineOf<'advice'>[]
  readonly carried?: LineOf<'carried'>
  readonly settled?: LineOf<'settled'>
}

/** Lines in the order they were kept; a strike takes effect wherever it stands. */
export function foldTab(lines: readonly Line[]): TabState {
  const struck = new Map<string, LineOf<'strike'>>()
  for (const line of lines) if (line.kind === 'strike') struck.set(line.line, line)
  const inForce = lines.filter(l => l.kind !== 'strike' && !struck.has(l.id))

  let status: TabStatus = 'open'
  let work: Partial<Record<WorkState, HeldState>> = {}
  const repaired = new Set<string>()
  const evidence = new Map<string, Evidence>()
  const replaced = new Set<string>()
  const findings: Record<FindingRole, LineOf<'finding'>[]> = { failed: [], cause: [], also: [] }
  const skipped = new Map<string, string>()
  const of = <K extends Line['kind']>(kind: K) => inForce.filter((l): l is LineOf<K> => l.kind === kind)

  for (const line of inForce) {
    switch (line.kind) {
      case 'reading':
      case 'observation': {
        const key = `${line.test}|${[...repaired].join()}`
        const before = evidence.get(key)
        if (before) replaced.add(before.line.id)
        evidence.delete(key)
        evidence.set(key, { line, repaired: [...repaired] })
        skipped.delete(line.test)
        break
      }
      case 'state':
        work = moveWork(work, line)
        break
      case 'part':
      case 'repair':
        repaired.add(line.component)
        break
      case 'finding':
        findings[line.role].push(line)
        break
      case 'skip':
        skipped.set(line.test, line.reason)
        break
      case 'carried':
        status = 'carried'
        break
      case 'resumed':
        status = 'open'
        break
      case 'settled':
        status = 'settled'
        break
      case 'opened': case 'note': case 'strike': case 'follow-up': case 'advice':
        break
    }
  }
  const lastCarried = of('carried').at(-1)
  return {
    status, lines, struck, work, replaced, findings, skipped,
    opened: of('opened')[0],
    evidence: [...evidence.values()],
    repaired: [...repaired],
    parts: of('part'), repairs: of('repair'),
    asLeft: [...of('reading'), ...of('observation')].filter(l => l.asLeft).sort((a, b) => inForce.indexOf(a) - inForce.indexOf(b)),
    followUps: of('follow-up'), advice: of('advice'),
    ...(status === 'carried' && lastCarried ? { carried: lastCarried } : {}),
    ...(status === 'settled' ? { settled: of('settled').at(-1)! } : {}),
  }
}

/** Power back on ends every proof, since the pump may run and charge what was bled; dead ends live. */
function moveWork(work: Partial<Record<WorkState, HeldState>>, line: LineOf<'state'>): Partial<Record<WorkState, HeldState>> {
  const held: HeldState = { at: line.at, line: line.id, ...(line.proof ? { proof: line.proof } : {}) }
  if (line.to === 'live') return { live: held }
  const { live: _ended, ...rest } = work
  return { ...rest, [line.to]: held }
}
