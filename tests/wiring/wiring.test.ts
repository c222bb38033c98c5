import { describe, expect, it } from 'vitest'
import { findMend, judgeWiring } from '#core/wiring'
import { sayMove, sayWiringFault, sayWiringNote } from '#core/words'
import { bestShare } from '../speed'
import { landingsOf, LAWFUL, WRONG } from './cases'

const judged = ({ circuit, landed, found }: (typeof WRONG)[number]) =>
  judgeWiring(circuit, landingsOf(landed), found ? landingsOf(found) : [])

describe('a record of wires, solved', () => {
  it('has at least forty miswirings and forty lawful variants to be held against', () => {
    expect(WRONG.length).toBeGreaterThanOrEqual(40)
    expect(LAWFUL.length).toBeGreaterThanOrEqual(40)
  })

  it.each(WRONG)('catches $name', (wiring) => {
    expect(judged(wiring).faults.map(f => f.code)).toContain(wiring.fault)
  })

  it.each(LAWFUL)('lets be $name', (wiring) => {
    const { faults, notes } = judged(wiring)
    expect(faults).toEqual([])
    if (wiring.note) expect(notes.map(n => n.code)).toContain(wiring.note)
  })

  it('says every fault and note in a sentence', () => {
    for (const wiring of [...WRONG, ...LAWFUL]) {
      const { faults, notes } = judged(wiring)
      for (const f of faults) expect(sayWiringFault(f)).toMatch(/^[A-Z].*[.]$/)
      for (const n of notes) expect(sayWiringNote(n)).toMatch(/^[A-Z].*[.]$/)
    }
  })

  it('names the moves that put it right, and they do', () => {
    const both = WRONG.find(w => w.name === 'both feeds on one pole')!
    const landed = landingsOf(both.landed)
    const found = landingsOf(LAWFUL.find(l => l.name === 'line on the outer terminals')!.landed)
    const moves = findMend(both.circuit, landed, found)!
    expect(moves.map(sayMove)).toEqual([
      'Move the white of the supply from 2 to 4.', 'Move the black of the motor from 4 to 2.',
    ])
    const moved = landed.map((l) => {
      const move = moves.find(m => m.colour === l.colour && m.to === l.to)
      return move ? { ...l, terminal: move.terminal } : l
    })
    expect(judgeWiring(both.circuit, moved).faults).toEqual([])
  })

  it('is judged and mended in 30 ms', async () => {
    const shares: number[] = []
    for (const wiring of WRONG)
      shares.push(await bestShare(30, () => {
        judged(wiring)
        findMend(wiring.circuit, landingsOf(wiring.landed))
      }, 3))
    expect(shares.toSorted((a, b) => a - b)[Math.floor(shares.length / 2)]).toBeLessThan(1)
  })
})
