/** Sites by what is typed, a page at a time; without a signal those that this device has copies of. */
import { useDebounceFn } from '@vueuse/core'
import { sitesReply, type ListedSite } from '#contracts'
import { askOrCopy, copiesOf } from '~/composables/useCopies'
import { isFound } from '~/composables/useSearch'
import { askServer } from '~/composables/useServer'
import type { Problem } from '#core/foundation'

const PAUSE = 120
const pathOf = (asked: Readonly<Record<string, string>>) => {
  const query = new URLSearchParams(Object.entries(asked).filter(([, v]) => v)).toString()
  return `/api/sites${query ? `?${query}` : ''}`
}

export function useSites(seek: Ref<string>) {
  const sites = shallowRef<readonly ListedSite[]>()
  const problem = shallowRef<Problem>()
  const asOf = ref<string>()
  const next = ref<string>()
  async function load() {
    const asked = seek.value.trim()
    const answer = await askOrCopy(pathOf({ seek: asked }), sitesReply, (copy) => {
      if (seek.value.trim() !== asked) return
      sites.value = copy.reply.sites
      next.value = copy.reply.next
      asOf.value = copy.asOf
    })
    if (seek.value.trim() !== asked) return
    problem.value = answer.ok ? undefined : answer.problem
    if (answer.ok) return
    const held = (await sitesHeld()).filter(s => isFound(asked, `${s.name} ${s.place}`))
    if (held.length === 0) return
    sites.value = held
    next.value = undefined
  }
  async function more() {
    const answer = await askServer(pathOf({ seek: seek.value.trim(), after: next.value ?? '' }), sitesReply)
    problem.value = answer.ok ? undefined : answer.problem
    if (!answer.ok) return
    sites.value = [...(sites.value ?? []), ...answer.value.sites]
    next.value = answer.value.next
  }
  watch(seek, useDebounceFn(load, PAUSE))
  return { sites, problem, asOf, next, load, more }
}

/** Those that this device knows of, by name. */
export async function sitesHeld(): Promise<ListedSite[]> {
  const held = (await copiesOf('/api/sites', sitesReply)).flatMap(r => r.sites)
  return [...new Map(held.map(s => [s.id, s])).values()].toSorted((a, b) => a.name.localeCompare(b.name))
}
