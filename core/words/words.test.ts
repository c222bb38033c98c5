import { describe, expect, it } from 'vitest'
import { MARK_CODES } from '#core/tab'
import { SAID_CODES, sayMark, sayProblem } from '.'

const FACTS = {
  test: 'Volts',
  value: '5 kV',
  low: '0 V',
  high: '1 kV',
  need: 'discharged',
  to: 'proven-dead',
  why: 'it reads 60 V',
  system: 'Well',
  word: 'foo',
  typed: 'foo',
  unit: 'A',
  point: 'line',
  can: 'volts',
  place: 'the file',
  kind: 'windmill',
  field: 'motor.power',
  written: 'strong',
  line: 'x',
  what: 'tab',
  outcome: 'x',
  component: 'x',
  fault: 'x.y',
  version: 2,
  reads: 1,
  found: 'x',
  choices: 'a or b',
  node: 'x',
  unknown: 'y',
  problem: 'is odd',
  wanted: 'volts',
  holds: 'a picture',
  name: 'attachments/a.jpg',
  minutes: 90,
  id: 'x',
}

describe('sentences for problems', () => {
  it.each(SAID_CODES.map(c => [c]))('%s is said whole, with a full stop and no holes', (code) => {
    const said = sayProblem({ code, facts: FACTS })
    expect(said).toMatch(/[.]$/)
    expect(said).not.toMatch(/undefined|\[object/)
  })
  it('shows a code it has no sentence for rather than hide it', () =>
    expect(sayProblem({ code: 'quite-new', facts: { a: 1 } })).toBe('quite new a 1'))
})

describe('sentences for what is out of place about a line', () => {
  it.each(MARK_CODES.map(c => [c]))('%s has one without holes', (code) => {
    const said = sayMark({ code, facts: FACTS })
    expect(said.length).toBeGreaterThan(15)
    expect(said).not.toMatch(/undefined|\[object|[.]$/)
  })
  it.each([
    [90, '90 minutes'],
    [600, '10 hours'],
    [60 * 24 * 5, '5 days'],
  ])('says %i minutes as %s', (minutes, said) =>
    expect(sayMark({ code: 'clock-wrong', facts: { minutes } })).toContain(said),
  )
})
