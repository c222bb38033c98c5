/**
 * The system as it is now set: the same nameplate with cut-in, cut-out and air as they were read since. What the proof
 * run should show is read off that, not off how it stood before. Settings themselves are proved against what is wanted.
 */
import { interpolate } from '#core/foundation'
import { buildModel, type Band, type NumericTest, type SystemModel, type Test } from '#core/systems'
import { isKnownLine, type Line, type LineOf, type TabState } from '#core/tab'
import { LEAST_APART } from './limits'
import type { SetUp } from './setUp'

/** What is proved against what is wanted, not against how it stands. */
const WANTED: ReadonlySet<string> = new Set(['setting-in', 'setting-out', 'precharge'])
/** A gauge read so many seconds before and after a clamp tells the pressure between; common practice, no source. */
const NEAR = 180

/** One for each model: settings change a few times in a call. */
const kept = new WeakMap<SystemModel, { readonly key: string, readonly model: SystemModel }>()

export function modelAsSet(model: SystemModel, setUp: SetUp | undefined): SystemModel {
  const { cutIn, cutOut } = setUp?.read ?? {}
  if (cutIn === undefined || cutOut === undefined || cutOut < cutIn + LEAST_APART) return model
  const under = setUp?.air?.read === undefined ? model.practice.prechargeUnderCutIn : cutIn - setUp.air.read
  const key = [cutIn, cutOut, under].join()
  const known = kept.get(model)
  if (known?.key === key) return known.model
  const made = buildModel(
    model.kind.id,
    { ...model.nameplate, 'switch.cutIn': cutIn, 'switch.cutOut': cutOut },
    { ...model.practice, prechargeUnderCutIn: under },
  )
  if (!made.ok) return model
  kept.set(model, { key, model: made.value })
  return made.value
}

/** What a reading of the proof should lie in: a running clamp by the pressure of the moment, where that is told. */
export function bandAsSet(
  models: { readonly wanted: SystemModel, readonly asSet: SystemModel },
  test: NumericTest,
  pressure?: number,
): Pick<Band, 'low' | 'high'> | undefined {
  if (WANTED.has(test.band)) return models.wanted.band(test)
  const climb = pressure === undefined ? [] : models.asSet.climb(test)
  if (pressure === undefined || climb.length === 0) return models.asSet.band(test)
  const edge = (of: 'low' | 'high') => interpolate(climb.map(c => [c.pressure, c[of]]), pressure)!
  return { low: edge('low'), high: edge('high') }
}

/**
 * What the gauge stood at when a line was written: as it was said with it, or between two readings about it while the
 * pressure rose. One reading before or after it tells nothing: a small tank is run down in seconds.
 */
export function pressureWhen(model: SystemModel, state: TabState, line: LineOf<'reading'>): number | undefined {
  const ofGauge = new Set(model.kind.tests.flatMap(t =>
    (isOfGauge(t) ? [t.id] : [])))
  const when = (l: Line) => Date.parse(l.at) / 1000
  const at = when(line)
  const read = state.lines.flatMap((l) => {
    if (!isKnownLine(l) || state.struck.has(l.id) || l.kind !== 'reading' || l.value === null) return []
    return ofGauge.has(l.test) && Math.abs(when(l) - at) <= NEAR ? [{ line: l, t: when(l), p: l.value }] : []
  })
  const said = read.find(r => line.set !== undefined && r.line.set === line.set)
  if (said) return said.p
  const [before, after] = [read.findLast(r => r.t <= at), read.find(r => r.t > at)]
  if (!before || !after || after.p < before.p) return undefined
  return interpolate([[before.t, before.p], [after.t, after.p]], at)
}
/** A glance at the gauge: precharge and a drained gauge belong to no run, leak-down is a difference. */
const isOfGauge = (test: Test): boolean =>
  test.kind === 'numeric' && test.quantity === 'pressure' && test.variant !== 'leak-down'
  && (test.need === 'live' || test.need === 'any')
