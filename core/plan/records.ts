/** The wires on record of each part, and what they would do. */
import type { SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import {
  differences, findMend, isGround, judgeWiring, recordsOf, wiredPlaces, type Difference, type Move, type WiredPlace,
  type WiringRecord, type WiringVerdict,
} from '#core/wiring'

export interface JudgedWiring extends WiredPlace {
  readonly record: WiringRecord
  readonly differences: readonly Difference[]
  /** of the wires as landed, or as found where nothing is landed yet */
  readonly of: 'left' | 'found'
  readonly verdict: WiringVerdict
  readonly mend?: readonly Move[]
}

/** @param opened the parts whose wires come off */
export function judgeRecords(
  model: SystemModel,
  state: TabState,
  opened: readonly string[] = [],
): readonly JudgedWiring[] {
  return recordsOf(placesOf(model, opened), state).flatMap((place): JudgedWiring[] => {
    const { record, circuit } = place
    const of = record.left.length > 0 ? 'left' : 'found'
    const landings = record[of]
    // a ground screw alone is of any part
    if (landings.every(l => l.terminal === 'g')) return []
    const before = of === 'left' ? record.found : []
    const mend = findMend(circuit, landings, before)
    const verdict = judgeWiring(circuit, landings, before)
    return [{
      ...place,
      of,
      differences: differences(record),
      // as it was found, what nobody wrote down of grounds is no fault yet
      verdict: of === 'found' && circuit.supply !== 'direct' && !landings.some(isGround)
        ? withoutGrounds(verdict)
        : verdict,
      ...(mend ? { mend } : {}),
    }]
  })
}

const placesOf = (model: SystemModel, opened: readonly string[]): readonly WiredPlace[] =>
  wiredPlaces(model).toSorted((a, b) =>
    Number(opened.includes(b.component)) - Number(opened.includes(a.component)))

const NOTHING = { open: 0, closed: 0 }

/** The part whose wires come off, with nothing on record of it yet: what is tapped first. */
export function blankRecord(model: SystemModel, components: readonly string[]): JudgedWiring | undefined {
  const [place] = placesOf(model, components)
  return place && {
    ...place,
    record: { found: [], left: [] },
    differences: [],
    of: 'found',
    verdict: { faults: [], notes: [], motorVolts: NOTHING, amps: NOTHING },
  }
}

const OF_GROUND = new Set(['ground-missing', 'case-unbonded'])
const withoutGrounds = (verdict: WiringVerdict): WiringVerdict => ({
  ...verdict,
  faults: verdict.faults.filter(f => !OF_GROUND.has(f.code)),
  notes: [...verdict.notes, { code: 'ground-not-recorded', facts: {} }],
})
