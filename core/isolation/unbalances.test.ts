import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { sayUnbalance } from '#core/words'
import { unbalancesOf } from './unbalances'

const kind = kindFor('three-phase')
function told(...drafts: readonly DraftLine[]) {
  const write = createWriter('unbalance')
  return unbalancesOf(kind, foldTab(kind, drafts.map((d, i) =>
    write({ ...d, id: `line-${i}-unb`, at: '2026-06-15T10:00:00Z' } as Line))))
}
const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })
const volts = (values: readonly number[]) => values.map((v, i) => read(`line.${['v12', 'v23', 'v31'][i]}`, v))
const amps = (values: readonly number[]) => values.map((v, i) => read(`amps${i + 1}.run`, v))

describe('unbalance', () => {
  it('of 460, 467 and 450 V is 1.96 %, over the first limit (NEMA MG 1 14.36, its own example)', () => {
    const [found] = told(...volts([460, 467, 450]))
    expect(found).toMatchObject({ of: 'volts', point: 'line', mean: 459, standing: 'look' })
    expect(found!.share).toBeCloseTo(0.0196, 4)
    expect(sayUnbalance(found!, 'the line side')).toContain('2.0 % out of balance: over 1 %')
  })

  it('of currents is looked into over 5 %, and stops the motor over 10 % (handbook §4, common practice)', () => {
    expect(told(...amps([12.1, 12, 12.2]))[0]!.standing).toBe('good')
    expect(told(...amps([12, 12, 13.4]))[0]!.standing).toBe('look')
    expect(told(...amps([12, 12, 15]))[0]!.standing).toBe('stop')
  })

  it('is of three readings from before the same repair, or of none', () => {
    expect(told(...volts([229, 230]))).toEqual([])
    const fitted: DraftLine = { kind: 'part', component: 'starter' }
    const [one, two, three] = amps([12, 12, 15])
    expect(told(one!, two!, fitted, three!)).toEqual([])
    expect(told(one!, two!, three!, fitted)[0]!.now).toBe(false)
    expect(told(fitted, one!, two!, three!)[0]!.now).toBe(true)
  })
})
