/** Today's list: open and carried tabs, follow-ups, what to bring. Also feeds the dividers along the top edge. */
import { defineStore } from 'pinia'
import type { TodayReply } from '#contracts'
import type { Problem } from '#core/foundation'
import { askServer } from '~/composables/useServer'

export const useToday = defineStore('today', () => {
  const reply = shallowRef<TodayReply>()
  const problem = shallowRef<Problem>()
  async function load() {
    const answer = await askServer<TodayReply>('/api/today')
    problem.value = answer.ok ? undefined : answer.problem
    if (answer.ok) reply.value = answer.value
  }
  return { reply, problem, load }
})
