import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { isolate } from '#core/isolation'
import { prepareKept } from '../../tests/prepared'
import { KIND_IDS, kindFor, unstaged, type KindId } from '#core/systems'
import { createWriter, foldTab, parseShorthand, type DraftLine, type Line } from '#core/tab'
import { GALLON, PSI } from '#core/units'
import { drainMinutes, waterIn } from './drain'
import { planFor } from './plan'
import { RECIPES } from './recipes'
import { recipeOf } from './repairs'

function planOf(id: KindId, said: readonly (string | DraftLine)[]) {
  const kind = kindFor(id)
  const tables = requireOk(prepareKept(id, {}))
  const write = createWriter('plan-device')
  const opened: DraftLine = { kind: 'opened', complaint: kind.complaints[0]!, words: '' }
  const lines = [opened, ...said].map((s, i) => {
    const draft = typeof s === 'string' ? readShort(id, s) : s
    return write({ ...draft, id: `line-${i}-plan`, at: '2026-06-15T10:00:00Z' } as Line)
  })
  const state = foldTab(kind, lines)
  return planFor(tables, state, isolate(tables, state))
}

function readShort(id: KindId, said: string): DraftLine {
  const heard = requireOk(parseShorthand(kindFor(id), said))
  if (heard.kind !== 'line') throw new Error(`${said} is asked`)
  return heard.line
}

const stepOf = (plan: ReturnType<typeof planOf>, id: string) =>
  plan.stations.flatMap(s => s.steps).find(s => s.id === id)

const failed = (fault: string): DraftLine => ({ kind: 'finding', role: 'failed', about: fault, text: '' })
const fitted = (component: string, fault: string): DraftLine => ({ kind: 'part', component, fault })
const WIRED = [
  't1 black supply', 't2 black motor', 't3 white supply', 't4 white motor', 'g green supply', 'g green motor',
]

describe('every repair of the catalogue', () => {
  // with each choice of each field in turn: an option brings repairs of its own
  const all = KIND_IDS.flatMap((id) => {
    const choices = kindFor(id).components.flatMap(c =>
      (c.fields ?? []).flatMap(f => (f.choices ?? []).map((_, i) => ({ [`${c.id}.${f.id}`]: i }))))
    return [{}, ...choices].flatMap(plate => kindFor(id, plate).faults.map(f => f.repair))
  })
  const ids = [...new Set(all.map(r => unstaged(r.id)))]

  it('has its recipe, and no recipe is for none', () => {
    expect(ids.length).toBeGreaterThan(75)
    for (const id of ids) expect(recipeOf(id).work.length, id).toBeGreaterThan(0)
    expect(Object.keys(RECIPES).filter(id => !ids.includes(id))).toEqual([])
  })

  it.each(KIND_IDS)('is planned on a %s with nothing done live that can be done dead', (id) => {
    let planned = 0
    for (const fault of kindFor(id).faults) {
      const plan = planOf(id, [failed(fault.id)])
      if (plan.repairs.length === 0) continue
      planned++
      const steps = plan.stations.flatMap(s => s.steps)
      const dead = steps.findIndex(s => s.id === 'dead')
      for (const [i, step] of steps.entries()) {
        if (!step.id.startsWith('fix:')) continue
        const recipe = recipeOf(step.id.slice('fix:'.length))
        if (recipe.harmless) continue
        expect(step.need, `${fault.id}: ${step.title}`).not.toBe('live')
        expect(step.need, `${fault.id}: ${step.title}`).not.toBe('any')
        expect(dead, `${fault.id}: proven dead before ${step.title}`).toBeGreaterThanOrEqual(0)
        expect(dead).toBeLessThan(i)
        if (recipe.opens.includes('pressure'))
          expect(steps.findIndex(s => s.id === 'drain'), `${fault.id}: drained before ${step.title}`).toBeLessThan(i)
      }
      const on = steps.findIndex(s => s.id === 'power-on')
      for (const s of ['land', 'paper-proof', 'ohms', 'cover'])
        expect(steps.findIndex(x => x.id === s), s).toBeLessThan(on)
    }
    expect(planned).toBe(kindFor(id).faults.length)
  })
})

describe('the plan of a switch', () => {
  it('says that nothing is proven only while nothing is', () => {
    const before = planOf('well-2wire', [failed('switch.pole1-burnt')])
    const dead: DraftLine = { kind: 'state', to: 'proven-dead', proof: [240, 0, 240] }
    const after = planOf('well-2wire', [failed('switch.pole1-burnt'), dead])
    const [open, proven] = [before, after].map(plan => stepOf(plan, 'record')?.cautions.join(' '))
    expect(open).toContain('nothing is proven yet')
    expect(proven).not.toContain('proven')
  })
  it('locks out once and drains once for two repairs', () => {
    const plan = planOf('jet', [failed('switch.pole1-burnt'), failed('tank.precharge-low')])
    const ids = plan.stations.flatMap(s => s.steps).map(s => s.id)
    expect(ids.filter(i => i === 'dead')).toHaveLength(1)
    expect(ids.filter(i => i === 'drain')).toHaveLength(1)
    const wanted = ['record', 'land', 'paper-proof', 'ohms', 'air', 'power-on', 'switch-set']
    expect(ids).toEqual(expect.arrayContaining(wanted))
    expect(plan.next?.id).toBe('record')
  })

  it('goes on only where the record is right, and says the move that puts it right', () => {
    const wrong = planOf('jet', [
      'found t1 black supply', 'found t2 black motor', 'found t3 white supply', 'found t4 white motor',
      fitted('switch', 'switch.pole1-burnt'),
      't1 black supply', 't2 white supply', 't3 white motor', 't4 black motor', 'g green supply', 'g green motor',
    ])
    expect(wrong.wiring[0]?.verdict.faults.map(f => f.code)).toContain('leg-to-leg')
    expect(stepOf(wrong, 'paper-proof')?.standing).toBe('blocked')
    expect(stepOf(wrong, 'power-on')?.standing).toBe('blocked')
    expect(wrong.wiring[0]?.mend?.length).toBeLessThanOrEqual(2)
    const right = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), ...WIRED])
    expect(right.wiring[0]?.verdict.faults).toEqual([])
    expect(stepOf(right, 'paper-proof')?.standing).toBe('done')
    expect(stepOf(right, 'power-on')).toMatchObject({ standing: 'blocked', reason: 'check-first' })
    const ohms: DraftLine = { kind: 'step', station: 'wire', step: 'ohms', done: true }
    const checked = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), ...WIRED, ohms])
    expect(stepOf(checked, 'power-on')?.standing).toBe('open')
    const left: DraftLine = { ...ohms, done: false, reason: 'meter is dead' }
    const without = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), ...WIRED, left])
    expect(stepOf(without, 'power-on')?.standing).toBe('open')
  })

  it('is not taken past a short by a line that says the step is done', () => {
    const plan = planOf('jet', [
      fitted('switch', 'switch.pole1-burnt'),
      't1 black supply', 't2 white supply', 't3 white motor', 't4 black motor', 'g green supply', 'g green motor',
      { kind: 'step', station: 'set-up', step: 'power-on', done: true },
    ])
    expect(stepOf(plan, 'power-on')?.standing).toBe('blocked')
  })

  it('leaves a step out with its reason', () => {
    const plan = planOf('jet', [
      failed('switch.pole1-burnt'),
      { kind: 'step', station: 'put-right', step: 'record', done: false, reason: 'customer’s own picture' },
    ])
    expect(stepOf(plan, 'record')).toMatchObject({ standing: 'left-out', reason: 'customer’s own picture' })
  })

  it('has the coach turn the range nut back where the new switch starts too soon', () => {
    const plan = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), 'cut in 38', 'cut out 60'])
    expect(plan.setUp?.coach.advice).toMatchObject({ do: 'turn', nut: 'range' })
    const turned = planOf('jet', [
      fitted('switch', 'switch.pole1-burnt'), 'cut in 38', 'cut out 60', 'range 2 ccw', 'cut in 30', 'cut out 52',
    ])
    expect((turned.setUp?.coach.state.mean[2] ?? 0) / PSI).toBeGreaterThan(3)
  })

  it('does not take a new switch that starts too soon for a puzzle', () => {
    const plan = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), 'cut in 38', 'cut out 60'])
    const without = planOf('jet', [fitted('switch', 'switch.pole1-burnt')])
    expect(plan.proof.restored).toBeCloseTo(without.proof.restored ?? 0, 9)
  })

  it('takes the air that was told with the airing, and no part’s wires for a ground alone', () => {
    const plan = planOf('jet', [
      fitted('switch', 'switch.pole1-burnt'),
      { kind: 'repair', component: 'tank', fault: 'tank.precharge-low', text: 'aired the tank to 28' },
      'g green supply',
    ])
    expect(plan.setUp?.air).toMatchObject({ do: 'leave' })
    expect(plan.wiring).toEqual([])
  })

  it('says that cut-out cannot be under cut-in', () => {
    const plan = planOf('jet', [fitted('switch', 'switch.pole1-burnt'), 'cut in 50', 'cut out 30'])
    expect(plan.setUp?.problems.map(p => p.code)).toContain('read-crossed')
  })
})

describe('what is proved', () => {
  const base = [fitted('switch', 'switch.pole1-burnt')]
  const item = (plan: ReturnType<typeof planOf>, what: string) => plan.proof.items.find(i => i.what === what)

  it('holds a hold of ten minutes that lost nothing, and not one that lost ten or was too short', () => {
    expect(item(planOf('jet', [...base, 'hold 10 min 48→48']), 'leak-down')).toMatchObject({ proved: true })
    expect(item(planOf('jet', [...base, 'hold 10 min 48→38']), 'leak-down')).toMatchObject({ why: 'lost-pressure' })
    expect(item(planOf('jet', [...base, 'hold 4 min 48→48']), 'leak-down')).toMatchObject({ why: 'too-short' })
    expect(item(planOf('jet', ['hold 10 min 48→48', ...base]), 'leak-down')).toMatchObject({ why: 'not-read' })
  })

  it('takes a word that something does not hold over a reading', () => {
    const plan = planOf('jet', [...base, 'cut in 30', { kind: 'proved', what: 'cut-in', holds: false }])
    expect(item(plan, 'cut-in')).toMatchObject({ proved: false, why: 'does-not-hold' })
  })
})

describe('water to be drained', () => {
  it('is what Boyle leaves: 119 gal with 28 psi of air at 50 psi holds 40 gal, some 7 minutes of hose', () => {
    const water = waterIn({ volume: 119 * GALLON, precharge: 28 * PSI, airPressure: 14.696 * PSI }, 50 * PSI)
    expect(water / GALLON).toBeCloseTo(119 * (22 / 64.696), 1)
    expect(drainMinutes(water)).toBeCloseTo(40.47 / 6, 1)
  })
})

describe('a switch', () => {
  it('of a compressor has no cut-off to hold in, and is left as it came unless its maker allows', () => {
    const plan = planOf('compressor-direct', [failed('switch.pole1-burnt'), fitted('switch', 'switch.pole1-burnt')])
    expect(stepOf(plan, 'cut-off')).toBeUndefined()
    expect(stepOf(plan, 'switch-set')?.cautions.join(' ')).toContain('unless its maker allows')
  })
  it('that nothing was done to is set all the same, once it reads off at the proof', () => {
    const mended: DraftLine = {
      kind: 'repair', component: 'starter', fault: 'starter.coil-open', text: '',
    }
    const before = [failed('starter.coil-open'), 'cut in 44']
    expect(stepOf(planOf('three-phase', [...before, mended]), 'switch-set')).toBeUndefined()
    const off = planOf('three-phase', [...before, mended, 'cut in 44', 'cut out 66'])
    expect(stepOf(off, 'switch-set')?.work.join(' ')).toContain('anticlockwise')
    const right = planOf('three-phase', [...before, mended, 'cut in 40', 'cut out 60'])
    expect(stepOf(right, 'switch-set')).toBeUndefined()
  })
})
