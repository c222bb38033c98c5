/** A told call, played as the command line plays a file, and held against what a master would conclude. */
import { readFile, USUAL_WRITTEN, practiceOf } from '#core/formats'
import { requireOk } from '#core/foundation'
import { isolate, prepareWith, type Isolation } from '#core/isolation'
import { prepareKept } from '../prepared'
import { kindFor } from '#core/systems'
import { foldTab, type AnyLine } from '#core/tab'
import type { ToldCall } from './read'

export interface Scored {
  readonly call: ToldCall
  readonly understood: number
  /** lines that were not understood */
  readonly lost: readonly string[]
  /** what was expected and did not come */
  readonly short: readonly string[]
  /** decided although it must not be */
  readonly wrong: boolean
  readonly answer: Isolation
}

export const bookOf = (call: ToldCall, lines: readonly string[] = call.lines) => ({
  format: 'keep-tab',
  version: 2,
  sites: [
    {
      name: 'Told',
      systems: [
        {
          name: call.title,
          kind: call.kind,
          nameplate: call.plate,
          tabs: [{ day: '2026-06-15', complaint: call.complaint, words: call.words, lines }],
        },
      ],
    },
  ],
})

export function playTold(call: ToldCall, lines = call.lines): Scored {
  const book = requireOk(readFile(new TextEncoder().encode(JSON.stringify(bookOf(call, lines)))))
  const system = book.sites[0]!.systems[0]!
  const tab = system.tabs[0]!
  const kind = kindFor(system.kind, system.nameplate)
  const state = foldTab(kind, tab.lines)
  const tables = requireOk(prepareWith(system.nameplate, state, (plate, supposed) =>
    prepareKept(system.kind, plate, practiceOf(USUAL_WRITTEN), { supposed })))
  const answer = isolate(tables, state)
  const lost = tab.lines.flatMap(l => lostIn(l) ?? []).filter(t => call.lines.includes(t))
  return { call, understood: call.lines.length - lost.length, lost, answer, ...judgeCall(call, answer) }
}

const lostIn = (line: AnyLine) => (line.kind === 'remark' ? String((line as { text?: unknown }).text) : undefined)

function judgeCall(call: ToldCall, answer: Isolation): Pick<Scored, 'short' | 'wrong'> {
  const short: string[] = []
  // of two that are wrong one may be the cause of the other
  const by = call.suspects.length === 1 ? 'failed' : 'chance'
  const failed = answer.suspects.filter(s => s.component).toSorted((a, b) => b[by] - a[by])
  const top = failed.slice(0, call.suspects.length === 1 ? 1 : call.suspects.length + 1)
  const say = (s: (typeof failed)[number]) => `${s.fault} ${(100 * s.failed).toFixed(0)} %`
  for (const wanted of call.suspects)
    if (!top.some(s => wanted.includes(s.fault)))
      short.push(`suspect ${wanted.join('|')}, not ${failed.slice(0, 3).map(say).join(', ')}`)
  const decision = answer.decision ?? answer.mended
  const acts = decision ? [decision.fault, ...decision.covers.filter(c => c.chance > 0.3).map(c => c.fault)] : []
  if (call.found.length > 0 && !acts.some(a => call.found.includes(a)))
    short.push(`found ${call.found[0]}, not ${decision ? `${decision.kind} ${decision.fault}` : 'open'}`)
  if (call.open && decision?.kind === 'found') short.push(`open, not found ${decision.fault}`)
  for (const test of call.also)
    if (!answer.alsoFound.some(a => (a as { test?: string }).test === test)) short.push(`also found: ${test}`)
  for (const cause of call.causes)
    if (!answer.causes.some(a => a.causes.some(c => c.id === cause && ['shown', 'named'].includes(c.standing))))
      short.push(`cause ${cause}`)
  const acted = decision && decision.kind !== 'inseparable' ? decision.fault : undefined
  const wrong = acted !== undefined && call.never.some(n => fits(n, acted))
  return { short: wrong ? [...short, `WRONG: ${decision?.kind} ${acted}`] : short, wrong }
}

const fits = (pattern: string, id: string) =>
  pattern.endsWith('*') ? id.startsWith(pattern.slice(0, -1)) : pattern === id
