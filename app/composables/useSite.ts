/** A site's file as it comes: first with its newest tabs, then with the pages of those before. */
import { olderTabsReply, siteReply, type OlderTabsReply, type SiteReply } from '#contracts'
import { sayProblem } from '#core/words'
import { askOrCopy } from '~/composables/useCopies'

export function useSite(id: string) {
  const path = `/api/sites/${id}`
  const newest = shallowRef<SiteReply>()
  const pages = shallowRef<ReadonlyMap<number, OlderTabsReply>>(new Map())
  const asOf = ref<string>()
  const trouble = ref('')
  const site = computed(() => newest.value && withOlder(newest.value, [...pages.value.values()]))
  /** none of its tabs is still to come */
  const whole = computed(() => newest.value !== undefined && pages.value.size >= newest.value.older)

  async function load() {
    const answer = await askOrCopy(path, siteReply, (copy) => {
      newest.value = copy.reply
      asOf.value = copy.asOf
    })
    trouble.value = answer.ok ? '' : sayProblem(answer.problem)
    if (answer.ok) await loadOlder()
  }
  /** All of them before any is shown: a chart of half the years would be read as the whole. */
  async function loadOlder() {
    const held = new Map(pages.value)
    for (let page = (newest.value?.older ?? 0) - 1; page >= 0; page--) {
      if (held.has(page)) continue
      const answer = await askOrCopy(`${path}/tabs?page=${page}`, olderTabsReply, c => held.set(page, c.reply))
      if (!answer.ok) trouble.value = `Not all of the older calls could be read. ${sayProblem(answer.problem)}`
    }
    if (held.size > pages.value.size) pages.value = held
  }
  return { site, whole, asOf, trouble, load }
}

/** Each system with all its tabs, newest first; one that is on two pages stands once. */
export function withOlder(site: SiteReply, pages: readonly OlderTabsReply[]): SiteReply {
  if (pages.length === 0) return site
  const older = pages.flatMap(p => p.tabs)
  return {
    ...site,
    systems: site.systems.map((entry) => {
      const here = new Set(entry.tabs.map(t => t.tab.id))
      const more = new Map(older.filter(t => t.tab.system === entry.system.id && !here.has(t.tab.id))
        .map(t => [t.tab.id, t]))
      return {
        ...entry,
        tabs: [...entry.tabs, ...[...more.values()].toSorted((a, b) =>
          (a.tab.openedAt < b.tab.openedAt ? 1 : a.tab.openedAt > b.tab.openedAt ? -1 : 0))],
      }
    }),
  }
}
