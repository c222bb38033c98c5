/**
 * The flow of a state that a line needs: the line waits, the proof is asked for, then the line is written after all;
 * or it goes on without, for a reason.
 */
import { ref, shallowRef } from 'vue'
import { firstProof, type DraftLine, type WorkState } from '#core/tab'
import { sayProblem } from '#core/words'
import { useDraft } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

export interface WaitingLine {
  readonly line: DraftLine
  /** said along with it: written once it is */
  readonly rest: readonly DraftLine[]
  readonly message: string
  readonly need: WorkState
}

/** @param done called when the hand is free again */
export function useProving(tabId: string, done: () => void) {
  const tab = useTab()
  const proving = ref<WorkState>()
  const waiting = shallowRef<WaitingLine>()
  const without = useDraft(tabId, 'without')
  /** why the line tried last was not kept */
  const refusal = ref<string>()

  function needs(line: DraftLine, message: string, rest: readonly DraftLine[] = []) {
    const test = 'test' in line ? tab.kind?.tests.find(t => t.id === line.test) : undefined
    const need = firstProof(tab.state, test?.need ?? 'any')
    if (need) waiting.value = { line, rest, message, need }
  }
  /** @returns whether they are kept, or held for their proof; otherwise nothing may be cleared */
  async function logOrAsk(line: DraftLine, rest: readonly DraftLine[] = []): Promise<boolean> {
    const logged = await tab.log(line)
    refusal.value = undefined
    if (!logged.ok) {
      const said = sayProblem(logged.problem, tab.units)
      if (logged.problem.code === 'state-needed') needs(line, said, rest)
      else refusal.value = said
      return waiting.value !== undefined
    }
    const [next, ...others] = rest
    if (next) return logOrAsk(next, others)
    done()
    return true
  }
  async function proved() {
    proving.value = undefined
    const held = waiting.value
    waiting.value = undefined
    if (held) await logOrAsk(held.line, held.rest)
    else done()
  }
  async function goWithout() {
    const held = waiting.value
    if (!held || !without.value.trim() || !('test' in held.line)) return
    const logged = await tab.log({ ...held.line, without: without.value.trim() } as DraftLine)
    waiting.value = logged.ok ? undefined : { ...held, message: sayProblem(logged.problem, tab.units) }
    if (!logged.ok) return
    without.value = ''
    const [next, ...others] = held.rest
    if (next) await logOrAsk(next, others)
    else done()
  }
  return { proving, waiting, without, refusal, needs, logOrAsk, proved, goWithout }
}
