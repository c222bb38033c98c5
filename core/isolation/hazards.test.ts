/**
 * Safety as a property: whatever is logged, in whatever order, what is proposed next is judged by an oracle that is
 * written apart from the engine, over the raw lines. Each hazard has to come up often enough for its silence to count.
 * `TRIALS=long` runs ten thousand sequences and some more, so that each hazard is met 300 times.
 */
import { describe, expect, it } from 'vitest'
import { createRandom, requireOk, type Random } from '#core/foundation'
import { KIND_IDS, kindFor, type KindId, type Nameplate, type SystemKind, type Test } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { forLength, LENGTH } from '../../tests/length'
import { isolate, type Isolation, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'
import { hazardsOf, isBarred } from './hazards'

/** How many sequences, and how often each rule must have barred something. */
const [SEQUENCES, LEAST] = forLength({ long: [10_500, 300], usual: [108, 1], quick: [60, 1] })

const OPTIONS: readonly Nameplate[] = [
  {},
  { 'switch.cutOff': 1, 'supply.disconnect': 1, 'starter.control': 1, 'starter.float': 1, 'box.runCapacitor': 1 },
  { 'tank.kind': 1, 'house.filter': 1, 'motor.dualVoltage': 1, 'supply.phases': 1 },
]
function tablesOf(id: KindId, n: number): Tables {
  // of the options those that this kind has
  const fields = new Set(kindFor(id, {}).components.flatMap(c => (c.fields ?? []).map(f => `${c.id}.${f.id}`)))
  const own = Object.fromEntries(Object.entries(OPTIONS[n]!).filter(([field]) => fields.has(field)))
  return requireOk(prepareKept(id, own))
}

type Hazard = 'let go' | 'grounded' | 'shorted' | 'flooded' | 'not proven'

/** In plain words of the trade, from the raw lines: what is dangerous now, for the main pump and for one behind it. */
function oracle(kind: SystemKind, all: readonly DraftLine[]) {
  const lines = standing(kind, all)
  const dangers = new Map<Hazard, Set<string>>()
  const say = (h: Hazard, stage: string) => dangers.set(h, (dangers.get(h) ?? new Set()).add(stage))
  const two = kind.id === 'holding-tank'
  const latest = new Map<string, DraftLine>()
  for (const l of lines) if (l.kind === 'reading' || l.kind === 'observation') latest.set(l.test, l)
  for (const [id, l] of latest) {
    const stage = two && id.startsWith('well-') ? 'well-' : ''
    const plain = id.slice(stage.length)
    if (l.kind === 'observation') {
      const looked = ['breaker-seen', 'fuse-look', 'fuses-look'].includes(plain)
      const test = kind.tests.find(t => t.id === id)
      const tried = test?.kind === 'seen' && test.trial !== undefined
      if ((looked || tried) && /^(at-once|seconds|tripped|blown|trips|more|one)$/.test(l.outcome)) say('let go', stage)
      if (/^motor-look$/.test(plain) && l.outcome === 'wet') say('flooded', stage)
      if (/^ground-again$/.test(plain) && l.outcome !== 'both-good') say('grounded', stage)
    }
    if (l.kind !== 'reading' || l.value === null || !/^(leads|windings)\./.test(plain)) continue
    const inWell = /^(well-2wire|well-3wire|three-phase)$/.test(kind.id) || stage === 'well-'
    if (plain.endsWith('.ground') && l.value < (inWell ? 20e3 : 0.5e6)) say('grounded', stage)
    if (!plain.endsWith('.ground') && l.value < 0.15) say('shorted', stage)
  }
  // a customer whose breaker trips has let it go already, unless somebody has power there now
  const [opened] = lines
  const isOn = lines.some(l => showsOn(kind, l))
  if (opened?.kind === 'opened' && opened.complaint === 'breaker-trips' && !isOn)
    for (const stage of two ? ['', 'well-'] : ['']) say('let go', stage)
  // one lead-to-lead and one to ground is what has to be known after something let go
  for (const stage of dangers.get('let go') ?? []) {
    const own = (t: string) => (t.startsWith(stage) ? t.slice(stage.length) : '')
    const toGround = [...latest.keys()].some(t => /^(leads|windings)\.ground$/.test(own(t)))
    const first = kind.tests.find(t => /^(leads|windings)\.(?!ground)/.test(own(t.id)))
    if (toGround && (!first || latest.has(first.id))) dangers.get('let go')!.delete(stage)
  }
  return (h: Hazard, stage: string) => dangers.get(h)?.has(stage) ?? false
}

/**
 * The lines that a hazard may hang on: those of before the last repair are past once it has run since; those of before
 * a wire or a motor was put right, in its own section. Putting back a breaker puts nothing right.
 */
function standing(kind: SystemKind, all: readonly DraftLine[]): readonly DraftLine[] {
  const last = all.findLastIndex(l => l.kind === 'repair')
  const hasRun = last >= 0 && all.slice(last + 1).some(l => showsOn(kind, l))
  const stageAt = (id: string) => (kind.id === 'holding-tank' && id.startsWith('well-') ? 'well-' : '')
  const cleared = (stage: string) => all.findLastIndex((l) => {
    if (l.kind !== 'repair' || !l.fault) return false
    const fault = kind.faults.find(f => f.id === l.fault)!
    const parts = [fault.component, ...(fault.repair.renews ?? [])].filter(c => stageAt(c) === stage)
    const wire = parts.some(c => /^(feed|run|cable|box|motor|return)$/.test(c.slice(stage.length)))
    return wire && !fault.protects
  })
  return all.filter((l, i) => {
    if (l.kind !== 'reading' && l.kind !== 'observation') return true
    return i > cleared(stageAt(l.test)) && (!hasRun || i > last)
  })
}

/** Volts or amps are there, it was heard to run, or the breaker was told to hold. */
function showsOn(kind: SystemKind, l: DraftLine): boolean {
  if (l.kind === 'reading')
    return kind.tests.some(t => t.id === l.test && t.need === 'live' && t.point !== 'supply') && (l.value ?? 0) > 1
  if (l.kind !== 'observation') return false
  if (l.test === 'let-go') return l.outcome === 'holds' || l.outcome === 'minutes'
  return l.outcome === 'runs' && kind.tests.some(t => t.id === l.test && powers(t))
}

/** Whether doing it puts power behind the breaker. */
function powers(t: Test): boolean {
  if (t.point === 'supply' && t.kind === 'numeric') return false
  const plain = t.id.replace(/^well-(?=(sound|heard|coil-heard|overload-seen|keeps-running)$)/, '')
  const listens = /^(sound|heard|coil-heard|overload-seen|starts-empty|keeps-running|unloader-stop)$/.test(plain)
  return t.need === 'live' || t.whileRunning === true || listens || (t.kind === 'seen' && t.trial !== undefined)
}

function anything(kind: SystemKind, tables: Tables, random: Random): DraftLine {
  // one in three is a line that a hazard hangs on
  const bears = /let-go|breaker-seen|fuse|leads\.|windings\.|ground-again|trip-|motor-look/
  const risky = kind.tests.filter(t => bears.test(t.id))
  const looks = kind.tests.find(t => t.id === 'motor-look')
  if (looks && random.uniform() < 0.06) return { kind: 'observation', test: looks.id, outcome: 'wet' }
  if (random.uniform() < 0.12) {
    const { id, component } = kind.faults[random.below(kind.faults.length)]!
    return { kind: 'repair', component, fault: id, text: 'put right' }
  }
  const from = random.uniform() < 0.45 ? risky : kind.tests
  const test = from[random.below(from.length)]!
  if (test.kind === 'seen')
    return { kind: 'observation', test: test.id, outcome: test.outcomes[random.below(test.outcomes.length)]!.id }
  if (test.quantity === 'ohms' && random.uniform() < 0.5)
    return { kind: 'reading', test: test.id, value: 10 ** (8 * random.uniform() - 2) }
  const p = tables.tests.get(test.id)!.prediction(random.below(40))
  const value = (p.log ? Math.exp(p.mean) : p.mean) * (0.5 + random.uniform())
  return { kind: 'reading', test: test.id, value: Math.max(0, value) }
}

const offered = ({ next, causeTests, proof }: Isolation) => [...next, ...causeTests, ...proof]

describe(`${SEQUENCES} sequences of lines on every kind with options (seed 37)`, () => {
  it('never draw a proposal that puts power where it may not be, or that begins without its proof', () => {
    const random = createRandom(37)
    const met = new Map<Hazard, number>()
    const count = (h: Hazard) => met.set(h, (met.get(h) ?? 0) + 1)
    for (let s = 0; s < SEQUENCES; s++) {
      const id = KIND_IDS[s % KIND_IDS.length]!
      // the long run gives each kind all of them
      const one = s % KIND_IDS.length % OPTIONS.length
      const tables = tablesOf(id, LENGTH === 'long' ? random.below(OPTIONS.length) : one)
      const { kind } = tables.model
      const write = createWriter('oracle-device')
      const any = kind.complaints[random.below(kind.complaints.length)]!
      const complaint = random.uniform() < 0.2 ? 'breaker-trips' : any
      const drafts: DraftLine[] = [{ kind: 'opened', complaint, words: '' }]
      for (let n = 1 + random.below(7); n > 0; n--) drafts.push(anything(kind, tables, random))
      const lines = drafts.map((d, i) =>
        write({ ...d, id: `line-oracle-${i}`, at: '2026-06-15T10:00:00.000Z' }) as Line)
      const state = foldTab(kind, lines)
      const isDangerous = oracle(kind, drafts)
      for (const h of ['let go', 'grounded', 'shorted', 'flooded'] as const)
        for (const stage of ['', 'well-']) if (isDangerous(h, stage)) count(h)
      for (const proposed of offered(isolate(tables, state))) {
        const test = kind.tests.find(t => t.id === proposed.test)!
        const stage = kind.id === 'holding-tank' && test.id.startsWith('well-') ? 'well-' : ''
        const why = `seed 37, sequence ${s}, ${id}: ${proposed.test} after ${JSON.stringify(drafts)}`
        if (powers(test)) {
          expect(isDangerous('let go', stage), why).toBe(false)
          const halving = test.kind === 'seen' && test.trial?.opens === true
          for (const h of ['grounded', 'shorted', 'flooded'] as const)
            expect(isDangerous(h, stage) && !halving, `${h}: ${why}`).toBe(false)
        }
        const held = proposed.need === 'any' || (proposed.need === 'live' && !state.work['proven-dead'])
        if (!held && state.work[proposed.need as 'live'] === undefined) {
          count('not proven')
          expect(proposed.first.length, why).toBeGreaterThan(0)
        }
      }
    }
    for (const h of ['let go', 'grounded', 'shorted', 'flooded', 'not proven'] as const)
      expect(met.get(h) ?? 0, h).toBeGreaterThanOrEqual(LEAST)
  }, LENGTH === 'long' ? 1_800_000 : 180_000)
  it('ask for the dead tests first once something has let go', () => {
    const tables = tablesOf('well-2wire', 0)
    const write = createWriter('oracle-device')
    const of = (...drafts: DraftLine[]) =>
      isolate(tables, foldTab(tables.model.kind, drafts.map((d, i) =>
        write({ ...d, id: `line-first-${i}`, at: '2026-06-15T10:00:00.000Z' }) as Line)))
    const opened: DraftLine = { kind: 'opened', complaint: 'breaker-trips', words: '' }
    const tripped: DraftLine = { kind: 'observation', test: 'let-go', outcome: 'at-once' }
    expect(of(opened, tripped).next[0]).toMatchObject({ test: 'leads.ground', why: expect.stringContaining('let go') })
    const ground: DraftLine = { kind: 'reading', test: 'leads.ground', value: 50e6 }
    expect(of(opened, tripped, ground).next[0]?.test).toBe('leads.by')
  })
  it('go on asking for them where it was only put back, until it has run since', () => {
    const tables = tablesOf('well-2wire', 0)
    const write = createWriter('oracle-device')
    const barred = (...drafts: DraftLine[]) => {
      const lines = drafts.map((d, i) => write({ ...d, id: `line-reset-${i}`, at: '2026-06-15T10:00:00.000Z' }) as Line)
      const hazards = hazardsOf(tables, foldTab(tables.model.kind, lines))
      return isBarred(tables.model.kind, hazards, tables.tests.get('black.run')!.test)
    }
    const opened: DraftLine = { kind: 'opened', complaint: 'no-water', words: '' }
    const tripped: DraftLine = { kind: 'observation', test: 'breaker-seen', outcome: 'tripped' }
    const reset: DraftLine = { kind: 'repair', component: 'breaker', fault: 'breaker.off', text: 'flipped it on' }
    const mended: DraftLine = { kind: 'repair', component: 'cable', fault: 'cable.to-earth', text: 'new splice' }
    const runs: DraftLine = { kind: 'reading', test: 'black.run', value: 7 }
    expect(barred(opened, tripped)).toBe(true)
    expect(barred(opened, tripped, reset)).toBe(true)
    expect(barred(opened, tripped, reset, runs)).toBe(false)
    expect(barred(opened, tripped, mended)).toBe(false)
    // air in a tank is no repair of a wire
    const aired: DraftLine = { kind: 'repair', component: 'tank', fault: 'tank.precharge-low', text: 'aired' }
    const grounded: DraftLine = { kind: 'reading', test: 'leads.ground', value: 200 }
    expect(barred(opened, tripped, aired)).toBe(true)
    expect(barred(opened, grounded, aired)).toBe(true)
    expect(barred(opened, grounded, mended)).toBe(false)
  })
})

describe('a switch that is bridged', () => {
  it('is never without an outlet open and eyes on the gauge', () => {
    for (const id of KIND_IDS) {
      for (const test of kindFor(id, {}).tests) {
        if (!/^(well-)?bypass$/.test(test.id)) continue
        const said = [...test.steps, ...(test.cautions ?? [])].join(' ')
        expect(said, `${id} ${test.id}`).toMatch(/outlet open|tap open|level/i)
        if (id !== 'rv' && !test.id.startsWith('well-')) expect(said, `${id} ${test.id}`).toMatch(/gauge/i)
      }
    }
  })
})

describe('an insulation tester', () => {
  it('is never sent through electronics', () => {
    for (const id of KIND_IDS) {
      const tests = kindFor(id, {}).tests.filter(t => /(leads|windings)\.ground$/.test(t.id))
      expect(tests.length, id).toBeGreaterThan(0)
      for (const t of tests) expect((t.cautions ?? []).join(' '), `${id} ${t.id}`).toMatch(/through a drive/)
    }
  })
})
