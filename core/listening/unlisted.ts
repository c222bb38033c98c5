/** What a system may have though its nameplate does not say so. */
import { unstaged, withOptions, type SystemKind } from '#core/systems'
import type { Spoken } from './spoken'

/** Parts that a system may have though its nameplate does not say so: named, they are taken for no other. */
const OPTIONAL: Readonly<Record<string, RegExp>> = {
  'runcap.farads': /\brun(?:ning)? cap(?:acitor)?\b|\bon an? \d+ run\b/i,
  'disconnect.volts': /\bdisconnect\b/i,
  'float-look': /\bfloat\b|\b(?:low(?:er)?|level|water) probe\b|\bprobe (?:wire|relay)\b|\blevel relay\b/i,
  'protector-seen': /\bprotector\b(?! (?:button|on the motor))|\bdry[- ]run box\b|\bpump saver\b/i,
  'precharge': /\b(?:accumulator|bladder tank)\b/i,
  'lever': /\b(?:lever|low[- ]pressure cut ?-?off)\b/i,
  'filter-out': /\b(?<!air |intake )(?:filter|cartridge)\b(?! bowl)/i,
}

/** The system with what is named of it. */
export function withNamed(kind: SystemKind, typed: string): SystemKind {
  const has = (id: string) => kind.tests.some(t => unstaged(t.id) === id)
  const lacks = Object.entries(OPTIONAL).some(([id, named]) => named.test(typed) && !has(id))
  return lacks ? withOptions(kind) : kind
}

/** What was seen before though its nameplate does not have it is there. */
export const withShown = (kind: SystemKind, { shown }: Spoken = {}): SystemKind =>
  shown && !kind.tests.some(t => t.id === shown.test) ? withOptions(kind) : kind
