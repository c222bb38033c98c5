/**
 * What may be wrong with a system: nothing, something else, every fault at every degree, and the plausible chains of
 * cause and casualty.
 */
import { itemAt } from '#core/foundation'
import type { Description } from './describe/description'
import type { Change, Figures } from './figures'
import type { NameplateKey } from './ids'
import { OPEN } from './power/resistances'
import type { FaultMode, Severity } from './faultTypes'
import type { Hypothesis, SystemKind } from './types'

const PRIOR_SOUND = 0.03
const PRIOR_OTHER = 0.02
/**
 * Share of a fault's calls where one of its catalogued causes is still there to be found; common practice, no source.
 */
const CHAINED = 0.1
/** of two faults that no chain ties */
const PAIRED = 0.05

export interface ModelOptions {
  readonly rates?: Readonly<Record<string, number>>
  /** by fault: degrees that are asked about instead of the catalogue's */
  readonly degrees?: Readonly<Record<string, readonly Severity[]>>
  /** fields of the nameplate that were not given and that the readings tell */
  readonly supposed?: readonly NameplateKey[]
}

/** A hypothesis with what it changes of the figures. */
export interface Entry {
  readonly hypothesis: Hypothesis
  readonly change: Change
  readonly modes: readonly FaultMode[]
  /** names by which a table may know each of its faults, the degree first */ readonly names: readonly {
    readonly degree: string
    readonly fault: string
  }[]
}

export function listEntries(d: Description, { rates, degrees }: ModelOptions): Entry[] {
  const { kind, healthy } = d
  const none = { change: {}, modes: [], names: [] }
  const entries: Entry[] = [
    { ...none, hypothesis: { id: 'sound', fault: 'sound', severity: '', prior: PRIOR_SOUND, effect: 'runs' } },
    { ...none, hypothesis: { id: 'other', fault: 'other', severity: '', prior: PRIOR_OTHER, effect: 'runs' } },
  ]
  for (const listed of kind.faults) {
    const { id } = listed
    const own = degrees?.[id]
    const mode = own ? { ...listed, severities: own } : listed
    for (const severity of mode.severities) {
      entries.push({
        change: severity.change(healthy),
        names: [{ degree: `${id}:${severity.id}`, fault: id }],
        modes: [mode],
        hypothesis: {
          id: `${id}:${severity.id}`,
          fault: id,
          ...sayDegree(severity, healthy),
          prior: (rates?.[id] ?? mode.baseRate) * severity.share,
          effect: 'runs',
        },
      })
    }
  }
  const singles = entries.length
  for (let casualty = 2; casualty < singles; casualty++) {
    const own = itemAt(entries, casualty, 'entry')
    if (isAlone(own) || !isUsual(own)) continue
    for (const [cause, share] of causesOf(kind, entries, own, singles))
      entries.push(pairOf(entries, casualty, cause, 'cause', share))
  }
  return entries
}

function sayDegree({ name, ohms }: Severity, healthy: Figures): Pick<Hypothesis, 'severity' | 'joint'> {
  const own = ohms?.(healthy)
  return own === undefined ? { severity: name } : { severity: sayJoint(name, own), joint: { place: name, ohms: own } }
}

/** A bad joint or contact in words: `leg 1, 1.1 Ω`, `pole 2, burnt off`. */
export const sayJoint = (place: string, ohms: number, about = ''): string =>
  [place, ohms >= OPEN ? 'burnt off' : `${about}${Number(ohms.toPrecision(ohms < 10 ? 2 : 1))} Ω`]
    .filter(Boolean)
    .join(', ')

/** Of many degrees the likeliest stand in chains; what a call makes likely besides is paired then (isolation/pairs). */
const MOST_IN_CHAINS = 4

function isUsual({ modes: [mode], names: [name] }: Entry): boolean {
  if (!mode) return false
  const byShare = mode.severities.toSorted((a, b) => b.share - a.share)
  return byShare.slice(0, MOST_IN_CHAINS).some(s => `${mode.id}:${s.id}` === name?.degree)
}

/** The degree of a fault that an entry stands for. */
export const degreeOf = (mode: FaultMode, name: Entry['names'][number] | undefined): Severity | undefined =>
  mode.severities.find(s => `${mode.id}:${s.id}` === name?.degree)

const isAlone = ({ modes: [mode], names: [name] }: Entry) => mode !== undefined && degreeOf(mode, name)?.alone === true

/**
 * The catalogued causes of a fault that are faults themselves: each at its two likeliest degrees, with the share of the
 * fault's calls where it is still there.
 */
function causesOf(
  kind: SystemKind,
  entries: readonly Entry[],
  { modes: [mode] }: Entry,
  singles: number,
): (readonly [number, number])[] {
  if (!mode) return []
  const still = new Map(mode.causes.flatMap(({ because, stillThere = CHAINED }) => {
    const fault = kind.causeNotes.find(n => n.id === because)?.fault ?? because
    return fault.includes('.') && stillThere > 0 ? [[fault, stillThere] as const] : []
  }))
  return [...still].flatMap(([fault, share]) => {
    const likeliest = entries
      .slice(0, singles)
      .flatMap(({ hypothesis }, i) => (i > 1 && hypothesis.fault === fault ? [{ i, prior: hypothesis.prior }] : []))
      .toSorted((a, b) => b.prior - a.prior)
      .slice(0, 2)
    const total = likeliest.reduce((sum, l) => sum + l.prior, 0)
    return likeliest.map(({ i, prior }) => [i, (share * prior) / total] as const)
  })
}

function pairOf(entries: readonly Entry[], a: number, b: number, role: 'cause' | 'beside', share: number): Entry {
  const [first, second] = [itemAt(entries, a, 'entry'), itemAt(entries, b, 'entry')]
  const prior
    = role === 'cause' ? first.hypothesis.prior * share : share * first.hypothesis.prior * second.hypothesis.prior
  return {
    change: { ...second.change, ...first.change },
    names: [...first.names, ...second.names],
    modes: [...first.modes.slice(0, 1), ...second.modes.slice(0, 1)],
    hypothesis: {
      id: `${first.hypothesis.id}+${second.hypothesis.id}`,
      fault: first.hypothesis.fault,
      severity: first.hypothesis.severity,
      prior,
      effect: 'runs',
      second: { fault: second.hypothesis.fault, role },
      parts: [a, b],
    },
  }
}

/** Two faults that no chain ties, in the order of the list. */
export const pairBeside = (entries: readonly Entry[], a: number, b: number): Entry =>
  pairOf(entries, Math.min(a, b), Math.max(a, b), 'beside', PAIRED)
