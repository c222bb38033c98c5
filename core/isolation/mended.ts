/**
 * What was put right and was it: the repair that takes with it what had been read before. It stands in the place of a
 * decision once there is nothing left to decide.
 */
import type { TabState } from '#core/tab'
import { faultsOf, modeOf } from './hypothesis'
import type { Ranking } from './suspects'
import type { Tables } from './tables'

export interface Mended {
  readonly kind: 'mended'
  readonly fault: string
  readonly label: string
  readonly repair: string
  readonly repairId: string
  readonly chance: number
  readonly covers: readonly { readonly fault: string, readonly label: string, readonly chance: number }[]
  /** lines read since, that show it; none where nothing was */
  readonly by: readonly string[]
  readonly why: string
}

/** Of what had failed, so much must be what was put right; and so much of that in nothing else. */
const [LIKELY, RIGHT] = [0.5, 0.5]
const COVERED = 0.02
/** From such a chance on a second thing that was put right was wrong too; judgement, no source. */
const SURELY = 0.8
/** Bits from which a line speaks for it. */
const SPEAKS = 0.3

export function findMended({ model }: Tables, state: TabState, { chances, suspects }: Ranking): Mended | undefined {
  if (state.repaired.length === 0) return undefined
  const right = new Map<string, number>()
  let [all, causeLeft] = [0, 0]
  chances.forEach((chance, h) => {
    if (chance <= 0) return
    const still = model.without(h, state.repaired)
    const left = still === 0 ? [] : faultsOf(model.hypothesis(still))
    // what made it fail may still stand open beside it: that is another account (causes.ts)
    const { fault, second } = model.hypothesis(h)
    if (left.length === 0 || (second?.role === 'cause' && !left.includes(fault))) all += chance
    if (left.length > 0 && second?.role === 'cause' && !left.includes(fault)) causeLeft += chance
    for (const f of faultsOf(model.hypothesis(h)))
      if (h > 0 && !left.includes(f)) right.set(f, (right.get(f) ?? 0) + chance)
  })
  const covers = suspects.flatMap((s) => {
    const chance = right.get(s.fault) ?? 0
    return s.component && chance > COVERED ? [{ fault: s.fault, label: s.label, chance }] : []
  })
  const workFor = (fault: string) => modeOf(model, fault).repair.id
  const failed = new Map<string, number>()
  for (const s of suspects)
    if (s.component) failed.set(workFor(s.fault), (failed.get(workFor(s.fault)) ?? 0) + s.failed)
  // one work may be for several: of a switch either pole
  const sumOf = (c: Mended['covers'][number]) => failed.get(workFor(c.fault)) ?? 0
  const [likeliest, ...others] = covers.toSorted((a, b) => sumOf(b) - sumOf(a) || b.chance - a.chance)
  if (!likeliest || all < RIGHT) return undefined
  // of one part it was what was done to it, where its other faults would have taken other work
  const { component } = modeOf(model, likeliest.fault)
  const done = new Set(model.kind.faults.filter(f => state.repaired.includes(f.id)).map(f => f.repair.id))
  const isDone = (c: { readonly fault: string }) => done.has(workFor(c.fault))
  const beside = others.find(c => isDone(c) && modeOf(model, c.fault).component === component)
  const top = isDone(likeliest) ? likeliest : beside ?? likeliest
  // a thing done by the way, of which no line speaks, was not it
  if (!suspects.find(s => s.fault === top.fault)!.moves.some(m => m.bits > SPEAKS)) return undefined
  const { repair } = modeOf(model, top.fault)
  const own = covers.filter(c => workFor(c.fault) === repair.id
    || (top !== likeliest && modeOf(model, c.fault).component === component))
  // what was put right beside it and was wrong as surely
  const besides = covers.filter(c => !own.includes(c) && isDone(c) && c.chance >= SURELY)
  // with a part renewed its other faults are gone too, whatever work they would have taken
  const renewed = covers.filter(c => !own.includes(c) && isDone(top) && modeOf(model, c.fault).component === component)
  const chance = Math.min(1, [...own, ...renewed].reduce((sum, c) => sum + c.chance, 0))
  if (chance < LIKELY) return undefined
  const by = state.evidence.filter(e => e.repaired.length === state.repaired.length).map(e => e.line.id)
  return {
    kind: 'mended',
    fault: top.fault,
    label: top.label,
    repair: repair.name,
    repairId: repair.id,
    chance,
    covers: [...own, ...besides],
    by,
    why: sayWhy(by.length > 0, causeLeft > all / 2),
  }
}

function sayWhy(isShown: boolean, causeIsLeft: boolean): string {
  if (!isShown) return 'It was put right; nothing has been read since that would show it.'
  return causeIsLeft
    ? 'It was put right, but what made it fail shows again.'
    : 'It was put right, and what was wrong went with it.'
}
