/**
 * The fold: lines in, the tab's state out. The only place where a tab's state is derived; pure, and the same in the
 * browser's worker, on the server, on the command line and in the tests.
 */
import type { FindingRole, Line, LineOf, WorkState } from './lines'

export type TabStatus = 'open' | 'carried' | 'settled'

/** Since when and by which line a state of the work holds. */
export interface HeldState { readonly at: string, readonly line: string, readonly proof?: readonly number[] }

/**
 * A reading or observation in force, with what had been put right before it was taken (faults, or components where no fault
 * was named), how often it has been read again alike (a slip of meter or hand does not come twice), and what was seen at
 * the same test before, with nothing repaired in between.
 */
export interface Evidence { readonly line: LineOf<'reading'> | LineOf<'observation'>, readonly repaired: readonly string[], readonly confirmed: number, readonly earlier?: readonly string[] }

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
  /** tests that wait: when each is due (ISO instant), and the line that started it */
  readonly waiting: ReadonlyMap<string, { readonly due: string, readonly line: string }>
  readonly photos: readonly LineOf<'photo'>[]
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
  const waiting = new Map<string, { due: string, line: string }>()
  const of = <K extends Line['kind']>(kind: K) => inForce.filter((l): l is LineOf<K> => l.kind === kind)

  for (const line of inForce) {
    switch (line.kind) {
      case 'reading':
      case 'observation': {
        const key = `${line.test}|${[...repaired].join()}`
        const before = evidence.get(key)
        if (before) replaced.add(before.line.id)
        evidence.delete(key)
        evidence.set(key, {
          line, repaired: [...repaired], confirmed: before && agree(before.line, line) ? before.confirmed + 1 : 0,
          ...(before?.line.kind === 'observation' ? { earlier: [...before.earlier ?? [], before.line.outcome] } : {}),
        })
        skipped.delete(line.test)
        waiting.delete(line.test)
        break
      }
      case 'state':
        work = moveWork(work, line)
        break
      case 'part':
      case 'repair':
        repaired.add(line.fault ?? line.component)
        break
      case 'finding':
        findings[line.role].push(line)
        break
      case 'skip':
        skipped.set(line.test, line.reason)
        break
      case 'wait':
        waiting.set(line.test, { due: new Date(Date.parse(line.at) + line.minutes * 60e3).toISOString(), line: line.id })
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
      case 'opened': case 'note': case 'strike': case 'follow-up': case 'advice': case 'photo':
        break
    }
  }
  const lastCarried = of('carried').at(-1)
  return {
    status, lines, struck, work, replaced, findings, skipped, waiting,
    opened: of('opened')[0],
    evidence: [...evidence.values()],
    repaired: [...repaired],
    parts: of('part'), repairs: of('repair'),
    asLeft: [...of('reading'), ...of('observation')].filter(l => l.asLeft).sort((a, b) => inForce.indexOf(a) - inForce.indexOf(b)),
    photos: of('photo'),
    followUps: of('follow-up'), advice: of('advice'),
    ...(status === 'carried' && lastCarried ? { carried: lastCarried } : {}),
    ...(status === 'settled' ? { settled: of('settled').at(-1)! } : {}),
  }
}

/** Volts, amps or ohms that are nothing to a hand meter (common practice, no source), and the least figure that can be one of them: farads and flows are far smaller. */
const [NOTHING, LEAST] = [0.5, 1e-3]

/** Whether two readings of one test say the same: OL twice, the same answer, figures within a tenth, or nothing twice. */
function agree(a: Evidence['line'], b: Evidence['line']): boolean {
  if (a.kind === 'observation') return b.kind === 'observation' && a.outcome === b.outcome
  if (b.kind === 'observation') return false
  if (a.value === null || b.value === null) return a.value === b.value
  const larger = Math.max(Math.abs(a.value), Math.abs(b.value))
  return Math.abs(a.value - b.value) <= 0.1 * larger + 1e-9 || (larger <= NOTHING && larger >= LEAST)
}

/** Power back on ends every proof, since the pump may run and charge what was bled; dead ends live. */
function moveWork(work: Partial<Record<WorkState, HeldState>>, line: LineOf<'state'>): Partial<Record<WorkState, HeldState>> {
  const held: HeldState = { at: line.at, line: line.id, ...(line.proof ? { proof: line.proof } : {}) }
  if (line.to === 'live') return { live: held }
  const { live: _ended, ...rest } = work
  return { ...rest, [line.to]: held }
}
