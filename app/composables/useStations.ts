/** The second half of a call on the Tab's frame: whether the stations are shown, and the step in hand. */
import { useSessionStorage } from '@vueuse/core'
import type { PlanStep } from '#core/plan'
import { holdsNeed, type DraftLine } from '#core/tab'
import { runOf } from '~/components/station/runSeries'
import type { Write } from '~/composables/useProving'
import { useTab } from '~/stores/tab'

const SAID: Readonly<Record<string, string>> = {
  'record': 't1 black supply',
  'dead': 'dead 238 0.3 238',
  'discharge': 'bled 0.2',
  'drain': 'zero pressure 0',
  'land': 't1 black supply',
  'paper-proof': 't3 white supply',
  'air': 'pre 28',
  'switch-set': 'cut in 32',
  'hold': 'hold 10 min 58→58',
  'cycles': 'start to start 95 s',
}

/** @param write logs lines, and asks for the proof that they need */
export function useStations(write: Write) {
  const tab = useTab()
  const route = useRoute()
  const begun = useSessionStorage<readonly string[]>('stations', [])
  const id = computed(() => String(route.params.id))
  const chosen = ref<string>()
  const steps = computed(() => tab.plan?.stations.flatMap(s => s.steps) ?? [])
  const on = computed(() =>
    begun.value.includes(id.value) && steps.value.length > 0 && tab.state.status !== 'settled')
  const step = computed((): PlanStep | undefined => {
    const next = tab.plan?.next
    return steps.value.find(s => s.id === chosen.value) ?? steps.value.find(s => s.id === next?.id)
  })
  // what was done is no longer in hand
  watch(() => steps.value.map(s => s.standing).join(), () => {
    chosen.value = undefined
  })
  const isWiring = computed(() => step.value?.station === 'wire' || step.value?.id === 'record')
  const isRun = computed(() => step.value?.station === 'prove' || step.value?.id === 'switch-set')
  /** what the gauge showed so far, once there is something to draw */
  const run = computed(() => {
    if (!on.value || !isRun.value || !tab.kind) return undefined
    const drawn = runOf(tab.kind, tab.lines, tab.state.struck, tab.units)
    return drawn.pressure.length > 0 ? drawn : undefined
  })
  /** before leaving: what it will do as it now stands */
  const foreseen = computed(() =>
    (on.value && step.value?.station === 'settle' ? tab.plan?.setUp?.after : undefined))
  /** @returns whether they are kept, or held for their proof: what is refused stays where it was tapped */
  const log = async (lines: readonly DraftLine[], text?: string) => (await write(lines, text)) !== 'refused'
  return {
    on,
    run,
    foreseen,
    step,
    /** the part whose terminals are shown */
    wired: computed(() => (on.value && isWiring.value ? (tab.plan?.wiring[0] ?? tab.plan?.unwritten) : undefined)),
    /** wires are asked for as they were found, or as they are landed */
    recording: computed(() => (step.value?.id === 'record' ? 'found' as const : 'left' as const)),
    /** an example of what is said at the step in hand */
    say: computed(() => (on.value ? SAID[step.value?.id ?? ''] : undefined)),
    holds: (need: PlanStep['need']) => holdsNeed(tab.state, need),
    begin: () => {
      begun.value = [...new Set([...begun.value, id.value])]
    },
    leave: () => {
      begun.value = begun.value.filter(b => b !== id.value)
    },
    show: (which: string) => {
      chosen.value = which
    },
    /** What a key says in words, as if it had been typed. */
    tell: async (text: string): Promise<boolean> => {
      const heard = await tab.hear(text)
      // what was timed is kept in its words, whatever becomes of hearing it
      if (!heard.ok || !heard.value.ok || heard.value.value.kind !== 'lines')
        return log([{ kind: 'remark', text }])
      return log(heard.value.value.lines, text)
    },
    log,
  }
}
