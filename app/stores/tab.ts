/** The tab in hand: its lines (kept and not yet kept), the state folded from them and the isolation worked out in the worker. */
import { defineStore } from 'pinia'
import { v7 as uuid } from 'uuid'
import type { TabReply } from '#contracts'
import { ok, type Problem, type Result } from '#core/foundation'
import type { Isolation, ProposedTest } from '#core/isolation'
import { isKindId, kindFor } from '#core/systems'
import { checkLine, foldTab, type DraftLine, type Line } from '#core/tab'
import { localCopies, withKept } from '~/composables/localCopies'
import { useClock } from '~/composables/useClock'
import { askFor, plain, useIsolation } from '~/composables/useIsolation'
import { inGoodTime } from '~/composables/inGoodTime'
import { askServer } from '~/composables/useServer'
import { shrinkPicture } from '~/composables/photos'
import { useKeeping } from './keeping'

export const useTab = defineStore('tab', () => {
  const keeping = useKeeping()
  const reply = shallowRef<TabReply>()
  const problem = shallowRef<Problem>()
  const isolation = shallowRef<Isolation>()
  const busy = ref(false)
  /** the test in hand, chosen by the person; it settles what an ambiguous reading means */
  const inHand = ref<string>()
  const picked = ref<string>()
  const worker = useIsolation()
  let source: EventSource | undefined
  /** the tab last asked for: an answer about another comes too late */
  let asked: string | undefined
  let run = 0

  const kind = computed(() => reply.value && isKindId(reply.value.system.kind) ? kindFor(reply.value.system.kind, reply.value.system.nameplate) : undefined)
  const pending = computed(() => keeping.unsent.filter(u => u.tab === reply.value?.tab.id))
  const lines = computed<Line[]>(() => {
    const kept = reply.value?.lines.map(k => k.line) ?? []
    const ids = new Set(kept.map(l => l.id))
    return [...kept, ...pending.value.filter(u => !ids.has(u.id) && !u.problem).map(u => u.line)]
  })
  const state = computed(() => foldTab(lines.value))
  const notKept = computed(() => new Set(pending.value.map(u => u.id)))
  const refused = computed(() => pending.value.filter(u => u.problem))

  watch([lines, () => reply.value?.system.nameplate], () => void work(), { deep: false })

  async function work() {
    if (!reply.value) return
    const mine = ++run
    busy.value = true
    const answer = await worker.isolate(askFor(reply.value), plain(lines.value))
    if (mine !== run) return
    busy.value = false
    if (answer.ok) {
      isolation.value = answer.value
      void nextTick(() => performance.mark('keep-tab-usable'))
    }
    else {
      problem.value = answer.problem
    }
  }

  /** Opens a tab from the server, or from this device's copy where the server cannot be reached or is slow to answer. */
  async function open(id: string) {
    asked = id
    if (reply.value?.tab.id !== id) {
      reply.value = undefined
      isolation.value = undefined
      inHand.value = undefined
      picked.value = undefined
    }
    problem.value = undefined
    watchServer(id)
    const asking = refresh(id)
    if (!(await inGoodTime(asking))?.ok) {
      const copy = await localCopies.readTab(id).catch(() => undefined)
      if (copy && id === asked) reply.value ??= copy
    }
    const fresh = await asking
    if (!fresh.ok && id === asked && !reply.value) problem.value = fresh.problem
  }

  async function refresh(id: string): Promise<Result<TabReply>> {
    const fresh = await askServer<TabReply>(`/api/tabs/${id}`)
    if (fresh.ok) {
      keeping.reachable = true
      if (id === asked && !isOvertaken(fresh.value)) {
        reply.value = fresh.value
        await localCopies.saveTab(fresh.value).catch(keeping.cannotCopy)
      }
    }
    return fresh
  }

  /** A tab only grows: an answer that lacks a line already seen was overtaken on its way, and a later one follows. */
  function isOvertaken(fresh: TabReply) {
    const given = new Set(fresh.lines.map(k => k.line.id))
    return reply.value?.tab.id === fresh.tab.id && !reply.value.lines.every(k => given.has(k.line.id))
  }

  function watchServer(id: string) {
    source?.close()
    source = new EventSource(`/api/tabs/${id}/watch`)
    source.onmessage = () => void refresh(id)
    source.onopen = () => {
      if (!keeping.reachable) void keeping.send()
      void refresh(id)
    }
    source.onerror = () => { keeping.reachable = false }
  }

  function close() {
    source?.close()
    source = undefined
  }

  /** Adds a line: checked here by the same rule as on the server, then kept. Returns the line, or why it cannot be added. */
  async function log(draft: DraftLine): Promise<Result<Line>> {
    if (!reply.value || !kind.value) return { ok: false, problem: { code: 'not-found', facts: { what: 'tab' } } }
    const checked = checkLine(kind.value, state.value, draft)
    if (!checked.ok) return checked
    const line = { ...plain(draft), id: uuid(), at: useClock().now() } as Line
    if ((line.kind === 'reading' || line.kind === 'observation') && line.test === inHand.value) inHand.value = undefined
    await keeping.add(reply.value.tab.id, line)
    return ok(line)
  }

  /** Keeps a picture with the tab: made small, held on this device, its line logged at once. */
  async function addPhoto(file: Blob, caption: string): Promise<Result<Line>> {
    const small = await shrinkPicture(file)
    if (!small || !reply.value) return { ok: false, problem: { code: 'bad-photo', facts: { why: 'this browser cannot read it as a picture' } } }
    const photo = uuid()
    try {
      await localCopies.savePhoto({ id: photo, tab: reply.value.tab.id, blob: small.blob })
    }
    catch {
      return { ok: false, problem: { code: 'bad-photo', facts: { why: 'this device’s storage is full or switched off, so take it with the camera and add it later' } } }
    }
    return log({ kind: 'photo', photo, caption, width: small.width, height: small.height })
  }

  const preview = (draft: DraftLine) => reply.value ? worker.preview(askFor(reply.value), plain(lines.value), plain(draft)) : Promise.resolve([])
  const describe = (test: string): Promise<ProposedTest | undefined> => reply.value ? worker.describe(askFor(reply.value), plain(lines.value), test) : Promise.resolve(undefined)

  const clearing = (fault: string): Promise<ProposedTest | undefined> => reply.value ? worker.clearing(askFor(reply.value), plain(lines.value), fault) : Promise.resolve(undefined)

  keeping.onKept((id, kept) => {
    if (reply.value?.tab.id !== id) return
    reply.value = withKept(reply.value, kept)
    void refresh(id)
  })

  return { reply, problem, isolation, busy, inHand, picked, kind, lines, state, notKept, refused, open, refresh, close, log, preview, describe, clearing, addPhoto }
})
