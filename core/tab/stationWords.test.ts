import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, type KindId } from '#core/systems'
import { PSI } from '#core/units'
import type { DraftLine } from './lines'
import { readStationWords } from './stationWords'

const told = (id: KindId, said: string) => {
  const heard = readStationWords(kindFor(id), said)
  return heard && requireOk(heard).lines.map(sayShort)
}
const sayShort = (l: DraftLine) =>
  l.kind === 'landed'
    ? [l.as ?? '', l.part ?? '', l.terminal, l.colour, l.to].filter(Boolean).join(' ')
    : l.kind === 'adjusted' ? `${l.nut} ${l.turns}` : l.kind === 'timed' ? `${l.what} ${l.seconds}` : l.kind

describe('wires as they are said', () => {
  it.each<[string, KindId, readonly string[]]>([
    ['t1 black supply', 'jet', ['1 black supply']],
    ['terminal 2 black to the pump', 'jet', ['2 black motor']],
    ['white supply on 3', 'jet', ['3 white supply']],
    ['black from the panel goes on terminal 1', 'jet', ['1 black supply']],
    ['2 has the black going to the motor', 'jet', ['2 black motor']],
    ['line side black on 1, white on 3', 'jet', ['1 black supply', '3 white supply']],
    ['as found 1 black supply, 2 black motor', 'jet', ['found 1 black supply', 'found 2 black motor']],
    ['yellow on Y, black on B, red on R', 'well-3wire', ['y yellow motor', 'b black motor', 'r red motor']],
    ['L1 black, L2 red from the breaker', 'well-3wire', ['l1 black supply', 'l2 red supply']],
    ['box y yellow motor', 'well-3wire', ['box y yellow motor']],
    ['T1 black, T2 red, T3 blue', 'three-phase', ['t1 black motor', 't2 red motor', 't3 blue motor']],
    ['a2 white 95', 'three-phase', ['a2 white 95']],
    ['red from 95 to a1', 'three-phase', ['95 red a1']],
    ['ground on the green screw', 'jet', ['g green ground']],
    ['green motor ground on the ground screw', 'jet', ['g green motor']],
    ['t2 white off', 'jet', ['2 white off']],
    ['l1 black pilot as found', 'three-phase', ['found l1 black pilot']],
    ['grounds on the ground screw', 'jet', ['g green ground']],
  ])('%s', (said, id, lines) => expect(told(id, said)).toEqual(lines))

  it.each(['black 24', 'red 2.1', 'y-b 4.8', 'line 241', 'supply 3', 'black to red 4.5', '24 on black 2 on red',
    'contacts are black', 'the pump is red hot', 'white smoke from the box'])('are not heard in: %s', (said) => {
    expect(readStationWords(kindFor('well-3wire'), said)).toBeUndefined()
  })
})

describe('nuts as they are said to be turned', () => {
  it.each([
    ['range 2 ccw', 'range -2'],
    ['range 1½ cw', 'range 1.5'],
    ['turned the big nut counterclockwise a turn and a half', 'range -1.5'],
    ['two turns ccw on the range nut', 'range -2'],
    ['half a turn in on the small nut', 'differential 0.5'],
    ['quarter turn cw on the differential', 'differential 0.25'],
    ['1 and a quarter turns out on the range nut', 'range -1.25'],
    ['backed off the range nut 2 turns', 'range -2'],
    ['tightened the big nut one turn', 'range 1'],
  ])('%s', (said, line) => expect(told('jet', said)).toEqual([line]))

  it('are refused without a direction, and left alone where something else is said', () => {
    expect(readStationWords(kindFor('jet'), 'range nut 2 turns')).toMatchObject({ problem: { code: 'no-direction' } })
    expect(readStationWords(kindFor('jet'), 'range 100 ccw')).toBeUndefined()
    // a nut that is not turned, a count that is none, and words of something else
    for (const said of ['range', 'the spring is broken', 'turned it 2 to the left nut', 'range nut 2x cw'])
      expect(told('jet', said), said).toBeUndefined()
    expect(readStationWords(kindFor('jet'), 'big tank 44 gal')).toBeUndefined()
    expect(readStationWords(kindFor('jet'), 'turned the range nut 2 ccw but it still runs on')).toBeUndefined()
  })
})

describe('times', () => {
  it('of a hold carry both pressures, or one that stood', () => {
    const hold = (said: string) => requireOk(readStationWords(kindFor('jet'), said)!).lines[0]
    expect(hold('hold 10 min 48→46')).toMatchObject({ seconds: 600, from: 48 * PSI, to: 46 * PSI })
    expect(hold('it held steady at 58 for ten minutes')).toMatchObject({ seconds: 600, from: 58 * PSI, to: 58 * PSI })
    expect(told('jet', 'run 60 s')).toEqual(['run 60'])
    expect(told('jet', 'rested 2 min')).toEqual(['rest 120'])
  })
})
