/**
 * Ids that lines may name under another spelling than today's: a line is never rewritten, so an id that is renamed in
 * the catalogue gets a row here, and is read under its new name from then on. A row is never taken out.
 * `core/formats/samples` holds the ids that were ever written; a test asks for each of them.
 */
import type { Line } from './lines'

export interface Aliases {
  readonly tests: Readonly<Record<string, string>>
  /** by `test:outcome`, the test under its name of today */
  readonly outcomes: Readonly<Record<string, string>>
  readonly components: Readonly<Record<string, string>>
  /** faults and causes, as findings, parts and repairs name them */
  readonly faults: Readonly<Record<string, string>>
}

export const ALIASES: Aliases = { tests: {}, outcomes: {}, components: {}, faults: {} }

const NOTHING_RENAMED = Object.values(ALIASES).every(names => Object.keys(names).length === 0)

/** The line with its ids as the catalogue has them today; the same object where nothing is renamed. */
export function resolveLine<L extends Line>(line: L, aliases: Aliases = ALIASES): L {
  if (aliases === ALIASES && NOTHING_RENAMED) return line
  const change = changeOf(line, aliases)
  return Object.entries(change).every(
    ([key, value]) => (line as Readonly<Record<string, unknown>>)[key] === value,
  )
    ? line
    : { ...line, ...change }
}

function changeOf(
  line: Line,
  { tests, outcomes, components, faults }: Aliases,
): Readonly<Record<string, string | undefined>> {
  switch (line.kind) {
    case 'reading':
    case 'skip':
    case 'wait':
      return { test: tests[line.test] ?? line.test }
    case 'observation': {
      const test = tests[line.test] ?? line.test
      return { test, outcome: outcomes[`${test}:${line.outcome}`] ?? line.outcome }
    }
    case 'part':
    case 'repair':
      return {
        component: components[line.component] ?? line.component,
        ...(line.fault ? { fault: faults[line.fault] ?? line.fault } : {}),
      }
    case 'finding':
      return { about: faults[line.about] ?? line.about }
    case 'opened':
    case 'state':
    case 'photo':
    case 'note':
    case 'remark':
    case 'strike':
    case 'carried':
    case 'resumed':
    case 'taken-up':
    case 'step':
    case 'landed':
    case 'adjusted':
    case 'timed':
    case 'proved':
    case 'follow-up':
    case 'advice':
    case 'settled':
      return {}
  }
}
