/**
 * What the owner says at the door is heard for what went before: a storm, a new part, a freeze, and for a
 * generator that feeds it. What the system does
 * is the complaint already, and is not counted twice; what he says he read or saw is not the hand's own.
 */
import type { SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import { hear } from './hear'

/** As a tab is opened: the owner's words, and since when. */
export interface Owner {
  readonly words: string
  readonly since?: string
}

/** @returns his answers to what changed, each once, as lines that can be taken back like any other */
export function hearOwner(kind: SystemKind, { words, since }: Owner): readonly DraftLine[] {
  const told = new Map<string, DraftLine>()
  for (const said of [words, since ?? '']) {
    for (const part of [said, ...said.split(SINCE).slice(1)])
      for (const line of linesOf(kind, part)) if (isOfBefore(line)) told.set(line.outcome, { ...line, typed: said })
  }
  return [...told.values()]
}

/** `no water since the storm`: what comes behind stands for itself too. */
const SINCE = /\b(?:ever since|since|after|right when|when|until|till)\b/i

function linesOf(kind: SystemKind, said: string): readonly DraftLine[] {
  const heard = hear(kind, said)
  return heard.ok && heard.value.kind === 'lines' ? heard.value.lines : []
}

type Answer = DraftLine & { readonly kind: 'observation', readonly outcome: string }
/** That nothing is new is asked by hand: `nothing` at the door is what comes out of the taps. */
const isOfBefore = (line: DraftLine): line is Answer =>
  line.kind === 'observation'
  && ((line.test === 'asked' && line.outcome !== 'nothing') || (line.test === 'fed-by' && line.outcome === 'generator'))
