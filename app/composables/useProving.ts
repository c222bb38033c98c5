/**
 * The flow of a state that a line needs: the line waits, the proof is asked for, then the line is written after all;
 * or it goes on without, for a reason. A line that waits is held on this device: a reload does not lose it.
 */
import { ref } from 'vue'
import { firstProof, type DraftLine, type WorkState } from '#core/tab'
import { sayProblem } from '#core/words'
import { useDraft, useDraftOfLines } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

export interface WaitingLine {
  readonly line: DraftLine
  /** said along with it: written once it is */
  readonly rest: readonly DraftLine[]
  readonly message: string
  readonly need: WorkState
  /** as it was typed */
  readonly text?: string | undefined
}

/** What became of lines of one go: only what is refused stays where it was typed or tapped. */
export type Written = 'kept' | 'held' | 'refused'
/** @param text as it was typed: where a part of it is refused, it is kept in these words */
export type Write = (lines: readonly DraftLine[], text?: string) => Promise<Written>

/** @param done called when the hand is free again */
export function useProving(tabId: string, done: () => void) {
  const tab = useTab()
  const proving = ref<WorkState>()
  const waiting = useDraftOfLines<WaitingLine>(tabId, 'waiting')
  const without = useDraft(tabId, 'without')
  /** why a line tried last was not kept */
  const refusal = ref('')

  const write: Write = async (lines, text) => {
    const logged = await tab.logAll(lines)
    refusal.value = ''
    if (logged.ok) {
      done()
      return 'kept'
    }
    const { line, rest, problem, taken } = logged
    const said = sayProblem(problem, tab.units)
    const test = 'test' in line ? tab.kind?.tests.find(t => t.id === line.test) : undefined
    const need = problem.code === 'state-needed' && firstProof(tab.state, test?.need ?? 'any')
    if (need) {
      waiting.value = { line, rest, message: said, need, text }
      return 'held'
    }
    refusal.value = said
    if (taken === 0) return 'refused'
    // a part of it was taken: the rest is kept in words, so that a second press doubles nothing
    await tab.logAll([{ kind: 'remark', text: text ?? `Not taken: ${said}` }, ...rest])
    return 'kept'
  }
  async function proved() {
    proving.value = undefined
    const held = waiting.value
    waiting.value = undefined
    if (held) await write([held.line, ...held.rest])
    else done()
  }
  async function goWithout() {
    const held = waiting.value
    const reason = without.value.trim()
    if (!held || !reason || !('test' in held.line)) return
    const logged = await tab.log({ ...held.line, without: reason } as DraftLine)
    waiting.value = logged.ok ? undefined : { ...held, message: sayProblem(logged.problem, tab.units) }
    if (!logged.ok) return
    without.value = ''
    if (held.rest.length > 0) await write(held.rest)
    else done()
  }
  /** @returns what was typed */
  function leave(): string | undefined {
    const held = waiting.value
    waiting.value = undefined
    return held?.text
  }
  return { proving, waiting, without, refusal, write, proved, goWithout, leave }
}
