/**
 * One search, as you type: the server's index, and without a signal what this device holds copies of.
 */
import { useDebounceFn } from '@vueuse/core'
import { searchReply, type SearchReply } from '#contracts'
import { askServer } from '~/composables/useServer'
import { device } from '~/keeper/device'
import { useToday } from '~/stores/today'

type Found = SearchReply['found'][number]
/** Between two letters nothing is asked, ms. */
const PAUSE = 120

export function useSearch(typed: Ref<string>) {
  const found = shallowRef<readonly Found[]>([])
  /** true where only this device was looked through */
  const alone = ref(false)
  const asking = ref(false)
  watch(typed, useDebounceFn(look, PAUSE))
  if (typed.value) void look()

  async function look() {
    const asked = typed.value.trim()
    if (!asked) {
      found.value = []
      return
    }
    asking.value = true
    const answer = await askServer(`/api/search?q=${encodeURIComponent(asked)}`, searchReply)
    const list = answer.ok ? answer.value.found : await lookHere(asked)
    // what was typed meanwhile is answered by its own question
    if (typed.value.trim() !== asked) return
    alone.value = !answer.ok
    found.value = list
    asking.value = false
  }
  return { found, alone, asking }
}

/** Each word of what is typed begins a word of what is found. */
export function isFound(typed: string, words: string): boolean {
  const plain = (s: string) => s.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const own = plain(words)
  return plain(typed).every(t => own.some(w => w.startsWith(t)))
}

async function lookHere(typed: string): Promise<Found[]> {
  const out = new Map<string, Found>()
  const add = (f: Omit<Found, 'near'>, words: string) => {
    if (isFound(typed, `${f.title} ${f.detail} ${f.siteName} ${words}`)) out.set(f.about, { ...f, near: '' })
  }
  for (const { tab, site, system, lines } of await device.readTabs().catch(() => [])) {
    const of = { site: site.id, siteName: site.name }
    add({ what: 'site', about: site.id, title: site.name, detail: site.place, ...of }, site.access)
    add({ what: 'system', about: system.id, title: system.name, detail: site.name, ...of }, system.location)
    const words = lines.flatMap(k => ('text' in k.line && typeof k.line.text === 'string' ? [k.line.text] : []))
    add({ what: 'tab', about: tab.id, title: tab.words, detail: tab.openedAt.slice(0, 10), ...of }, words.join(' '))
  }
  for (const t of useToday().reply?.tabs ?? [])
    add({
      what: 'tab', about: t.id, title: t.words, detail: t.openedAt.slice(0, 10), site: t.siteId, siteName: t.siteName,
    }, t.systemName)
  return [...out.values()]
}
