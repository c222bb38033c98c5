/**
 * The test that is shown and the one in hand: taken from the card, asked for from the tape, answered by what was
 * seen.
 */
import { computed, shallowRef, watch } from 'vue'
import { firstProof, type WorkState } from '#core/tab'
import type { ProposedTest } from '#core/isolation'
import type { Write } from '~/composables/useProving'
import { useTab } from '~/stores/tab'

export interface Hands {
  prove(state: WorkState): void
  readonly write: Write
  focus(): void
}

export function useTestInHand(hands: Hands) {
  const tab = useTab()
  const shown = shallowRef<ProposedTest>()
  const nextPoint = computed(() => {
    const quiet = tab.state.status === 'settled' || (tab.isolation?.decision && !shown.value)
    return quiet ? undefined : (shown.value ?? tab.isolation?.next[0])?.point
  })
  watch(
    () => tab.lines.length,
    () => {
      shown.value = undefined
    },
  )
  watch(shown, (s) => {
    tab.inHand = s?.test
  })

  function take(test: string) {
    tab.inHand = test
    const proposed = shown.value?.test === test ? shown.value : tab.isolation?.next.find(t => t.test === test)
    const proof = proposed?.first.length ? firstProof(tab.state, proposed.need) : undefined
    if (proof) hands.prove(proof)
    else hands.focus()
  }
  async function show(test: string) {
    shown.value = tab.isolation?.next.find(t => t.test === test && t.set) ?? await tab.describe(test)
    hands.focus()
  }
  async function answer(test: string, outcomeLabel: string) {
    const seen = tab.kind?.tests.find(t => t.id === test)
    const outcome = seen?.kind === 'seen' ? seen.outcomes.find(o => o.label === outcomeLabel) : undefined
    if (outcome) await hands.write([{ kind: 'observation', test, outcome: outcome.id }])
  }
  return { shown, nextPoint, take, show, answer }
}
