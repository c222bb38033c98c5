/**
 * Today's list: open and carried tabs, follow-ups, what to bring; from this device's copy where the server cannot be
 * reached or is slow to answer. Also feeds the dividers along the top edge.
 */
import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { todayReply, type ListedTab, type TodayReply } from '#contracts'
import type { Problem } from '#core/foundation'
import { inGoodTime } from '~/composables/inGoodTime'
import { useClock } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { device } from '~/keeper/device'
import { useKeeping } from './keeping'

export const useToday = defineStore('today', () => {
  const reply = shallowRef<TodayReply>()
  const problem = shallowRef<Problem>()
  /** when the list shown was true, where it is this device's copy */
  const asOf = ref<string>()
  async function load() {
    const asking = askServer('/api/today', todayReply)
    if (!(await inGoodTime(asking))?.ok) await standIn()
    const answer = await asking
    problem.value = answer.ok ? undefined : answer.problem
    if (!answer.ok) return
    reply.value = answer.value
    asOf.value = undefined
    await device.saveToday({ at: useClock().now(), reply: answer.value }).catch(useKeeping().cannotCopy)
  }
  async function standIn() {
    const held = await device.readToday().catch(() => undefined)
    if (!held || reply.value) return
    // what an older program left may lack something
    const read = todayReply.safeParse(held.reply)
    if (!read.success) return
    reply.value = read.data
    asOf.value = held.at
  }
  /** A tab that was opened here while the server could not be reached stands on the list until it tells its own. */
  async function addHere(tab: ListedTab) {
    const held = await device.readToday().catch(() => undefined)
    const before = reply.value ?? held?.reply
    if (!before) return
    reply.value = { ...before, tabs: [tab, ...before.tabs.filter(t => t.id !== tab.id)] }
    await device.saveToday({ at: held?.at ?? tab.openedAt, reply: reply.value }).catch(useKeeping().cannotCopy)
  }
  return { reply, problem, asOf, load, addHere }
})
