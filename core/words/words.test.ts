import { describe, expect, it } from 'vitest'
import { MARK_CODES, PROOF_FAULTS } from '#core/tab'
import { PROBLEM_CODES, readProblem } from '#core/foundation'
import { sayMark, sayProblem, sayProofFault } from '.'

const FACTS = {
  role: 'office',
  said: 'hello',
  column: 'Number',
  first: 3,
  roles: 'owner',
  seconds: 60,
  least: 12,
  test: 'Volts',
  value: 60,
  quantity: 'volts',
  low: 0,
  high: 1000,
  need: 'discharged',
  to: 'proven-dead',
  why: 'volts-here',
  system: 'Well',
  word: 'foo',
  typed: 'foo',
  unit: 'A',
  row: 4,
  heads: 'hour, rain',
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
  label: 'Power',
  element: 'x',
  lead: 'one',
  pair: 'one and two',
  ohms: 4,
  largest: 12,
  middle: 8,
  smallest: 4,
  off: 3,
  megabytes: 3,
  most: 2,
  where: ' (in a.jpg)',
  code: 'quite-new',
}

describe('sentences for problems', () => {
  it.each(PROBLEM_CODES.map(c => [c]))('%s is said whole, with a full stop and no holes', (code) => {
    const said = sayProblem({ code, facts: FACTS })
    expect(said).toMatch(/[.]$/)
    expect(said).not.toMatch(/undefined|\[object/)
  })
  it('says so of a code that another version knows and this one does not', () => {
    const problem = readProblem('quite-new', { a: 1 })
    expect(problem).toEqual({ code: 'unknown-code', facts: { code: 'quite-new' } })
    expect(sayProblem(problem)).toContain('(quite-new)')
    expect(readProblem('busy', {})).toEqual({ code: 'busy', facts: {} })
  })
})

describe('why a proof does not prove', () => {
  it.each(PROOF_FAULTS.map(f => [f]))('%s is said', (fault) => {
    expect(sayProofFault(fault, 60).length).toBeGreaterThan(15)
    expect(sayProofFault(fault, 60)).not.toMatch(/undefined|NaN|[.]$/)
  })
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
