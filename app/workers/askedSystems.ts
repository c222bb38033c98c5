/** What pages ask the worker of systems without a tab in hand: kinds, nameplates, calls of the past, learned rates. */
import { writeSpice } from '#core/circuit'
import { parseNameplate, practiceOf, spellOut, writeNameplate } from '#core/formats'
import { fail, ok, type Problem, type Result } from '#core/foundation'
import { findLeads, rateChanges, type FaultCounts, type PairOhms } from '#core/isolation'
import {
  alsoChanges, FITS, judgeFit, needsOf, typesFor,
  type AlsoChange, type AskingSystem, type Attributes, type Fit, type PartTypeId,
} from '#core/parts'
import {
  buildModel,
  describeSystem,
  isKindId,
  KIND_IDS,
  kindFor,
  outlineOf,
  reviewNameplate,
  SITE_FIELDS,
  wholeCatalogue,
  type Assumption,
  type Complaint,
  type KindId,
  type Nameplate,
  type NameplateField,
  type SystemOutline,
} from '#core/systems'
import type { Owner, Saying } from '#core/listening'
import { foldTab, type AnyLine, type DraftLine } from '#core/tab'
import type { Units } from '#core/units'
import type { Practice } from '#core/formats'
import { testsIn, viewOf, type TabNow } from './openTabs'

export interface ListedKind {
  readonly id: KindId
  readonly name: string
  readonly complaints: readonly Complaint[]
}
/** A nameplate that is being filled in. */
export interface PlateNow {
  /** with what the options chosen so far bring, even while some figure is still half typed */
  readonly outline: SystemOutline
  readonly siteFields: readonly NameplateField[]
  /** why it cannot be, where it cannot */
  readonly problem?: Problem
  readonly assumptions: readonly Assumption[]
}
export interface History {
  /** where each test reads on the system in health, SI; what has no end is left open */
  readonly bands: Readonly<Record<string, { readonly low: number, readonly high: number }>>
  readonly outline: SystemOutline
  /** of each tab, in the order given */
  readonly states: readonly TabNow['state'][]
}
/** A system, what is wrong there, the parts to choose from and, where the shelf knows it, the part that comes off. */
export interface FitQuestion {
  readonly kind: string
  readonly nameplate: Nameplate
  readonly practice: Practice
  readonly component: string
  readonly fault: string
  readonly parts: readonly { readonly part: string, readonly type: string, readonly attributes: Attributes }[]
  readonly off: Attributes
}
export interface Offered extends Fit {
  readonly part: string
  readonly changes: readonly AlsoChange[]
}
type Written = Readonly<Record<string, string>>

export const askedSystems = {
  kinds: (): readonly ListedKind[] =>
    KIND_IDS.map((id) => {
      const { name, complaints } = kindFor(id)
      return { id, name, complaints }
    }),
  plate(kind: KindId, written: Written, practice: Practice): PlateNow {
    const given = filledIn(written)
    const now = practiceOf(practice)
    const read = parseNameplate(kind, given, now.units)
    const review = read.ok ? reviewNameplate(kind, read.value, now) : read
    return {
      outline: outlineOf(kindFor(kind, choicesIn(kind, given))),
      siteFields: SITE_FIELDS,
      assumptions: review.ok ? review.value : [],
      ...(review.ok ? {} : { problem: review.problem }),
    }
  },
  /** A nameplate as people write it. */
  write: (kind: string, nameplate: Nameplate, units: Units): Written => writeNameplate(kind, nameplate, units),
  /** As the server reads it: each figure in SI; nothing where it cannot be read. */
  figures(kind: string, spelled: Readonly<Record<string, string | number>>): Nameplate {
    const read = isKindId(kind) ? parseNameplate(kind, spelled) : undefined
    return read?.ok ? read.value : {}
  },
  /** What a person has filled in, each bare figure with the unit it was meant in. */
  spell: (kind: string, written: Written, units: Units): Written => spellOut(kind, written, units),
  history(
    kind: string, nameplate: Nameplate, practice: Practice, tabs: readonly (readonly AnyLine[])[],
  ): Result<History> {
    if (!isKindId(kind)) return fail('unknown-kind', { kind })
    const own = kindFor(kind, nameplate)
    return ok({
      bands: bandsOf(kind, nameplate, practice, testsIn(tabs.flat())),
      outline: outlineOf(own, testsIn(tabs.flat())),
      states: tabs.map(lines => viewOf(foldTab(own, lines))),
    })
  },
  /** Which of the shelf's parts put a fault right on a system, best first: those that fit before those that may. */
  fits(asked: FitQuestion): readonly Offered[] {
    const { kind: id, nameplate, practice, component, fault, parts, off } = asked
    if (!isKindId(id)) return []
    const now = practiceOf(practice)
    const healthy = describeSystem(id, nameplate, now).healthy
    const system: AskingSystem = { kind: kindFor(id, nameplate, now), nameplate, healthy }
    const under = now.prechargeUnderCutIn
    const types = typesFor(component, fault)
    return parts.filter(p => types.some(t => t === p.type)).map((p): Offered => {
      const type = p.type as PartTypeId
      const fit = judgeFit(type, needsOf(type, system, off), p.attributes)
      return { part: p.part, ...fit, changes: alsoChanges(type, system, p.attributes, off, under) }
    }).toSorted((a, b) => FITS.indexOf(a.verdict) - FITS.indexOf(b.verdict))
  },
  /** The circuit of a running system in health, as a SPICE netlist. */
  netlist(kind: string, nameplate: Nameplate, practice: Practice, title: string): Result<string> {
    const built = buildModel(kind, nameplate, practiceOf(practice))
    return built.ok ? ok(writeSpice(built.value.network('running', 0), title)) : built
  },
  /** What is heard of the owner's words as a tab is opened, as lines; the words come when they are first needed. */
  async owner(kind: string, told: Owner): Promise<readonly DraftLine[]> {
    const { hearOwner } = await import('#core/listening')
    return isKindId(kind) ? hearOwner(kindFor(kind), told) : []
  },
  rates: (kind: string, counts: FaultCounts) => (isKindId(kind) ? rateChanges(kindFor(kind), counts) : []),
  leads: (ohms: PairOhms) => findLeads(ohms),
  /** What placed words are heard as, each said in the words of the catalogue. */
  meant: (sayings: readonly Saying[]): readonly string[] => sayings.map(({ test: id, outcome }) => {
    const test = wholeCatalogue().tests.get(id)
    if (!test) return id
    const seen = test.kind === 'seen' && test.outcomes.find(o => o.id === outcome)
    return seen ? `${test.title}: ${seen.label}` : `${test.title}: its figure`
  }),
}

function bandsOf(kind: KindId, nameplate: Nameplate, practice: Practice, named: ReadonlySet<string>): History['bands'] {
  const built = buildModel(kind, nameplate, practiceOf(practice))
  if (!built.ok) return {}
  const model = built.value
  return Object.fromEntries(model.kind.tests.flatMap((test) => {
    const band = test.kind === 'numeric' && named.has(test.id) ? model.band(test) : undefined
    return band ? [[test.id, { low: band.low, high: band.high }]] : []
  }))
}

const filledIn = (written: Written): Written =>
  Object.fromEntries(Object.entries(written).filter(([, value]) => value.trim() !== ''))

/** What is fitted, and the volts that the motor takes: they decide what else there is to ask. */
function choicesIn(kind: KindId, given: Written): Nameplate {
  const choices = new Set(
    kindFor(kind).components.flatMap(c => (c.fields ?? []).filter(f => f.choices).map(f => `${c.id}.${f.id}`)),
  )
  const deciding = Object.entries(given).filter(([field]) => choices.has(field) || field === 'motor.volts')
  const read = parseNameplate(kind, Object.fromEntries(deciding))
  return read.ok ? read.value : {}
}
