/** The shop's practice: every record, the one in force now, and the units that it shows figures in. */
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { practicesReply } from '#contracts'
import { practiceOf, USUAL_WRITTEN, type Practice, type PracticeRecord } from '#core/formats'
import type { Problem, Result } from '#core/foundation'
import { askServer } from '~/composables/useServer'

export const usePractice = defineStore('practice', () => {
  const records = shallowRef<readonly PracticeRecord[]>([])
  const problem = shallowRef<Problem>()
  const last = computed(() => records.value.at(-1))
  const written = computed<Practice>(() => last.value?.practice ?? USUAL_WRITTEN)
  const now = computed(() => practiceOf(written.value))
  const units = computed(() => now.value.units)

  function take(answer: Result<readonly PracticeRecord[]>) {
    if (answer.ok) records.value = answer.value
    problem.value = answer.ok ? undefined : answer.problem
  }
  async function load() {
    take(await askServer('/api/practice', practicesReply))
  }
  /** Records a change, from now on. */
  async function change(part: Partial<Practice>) {
    const body = { practice: { ...written.value, ...part } }
    take(await askServer('/api/practice', practicesReply, { method: 'POST', body }))
  }
  return { records, problem, last, written, now, units, load, change }
})
