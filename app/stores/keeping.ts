/**
 * Keeping lines. Every line goes to this device's store first, then to the server in order; it leaves the device's store
 * only when the server has acknowledged it. A refused line stays, with its reason, until the person deals with it.
 */
import { defineStore } from 'pinia'
import type { AddLinesReply } from '#contracts'
import type { Problem } from '#core/foundation'
import type { Line } from '#core/tab'
import { localCopies, type UnsentLine } from '~/composables/localCopies'
import { askServer } from '~/composables/useServer'

/** A trouble that passes: the same lines are sent again later. */
const isPassing = ({ code }: Problem) => code === 'unreachable' || code === 'disk-full'
const RETRY = [500, 1000, 2000, 4000, 8000]

export const useKeeping = defineStore('keeping', () => {
  /** whole entries, never wrapped: the device's store takes plain objects only */
  const unsent = shallowRef<readonly UnsentLine[]>([])
  const reachable = ref(true)
  /** what this device cannot hold, and what the server cannot: the first outlives a dead signal */
  const deviceTrouble = ref<string>()
  const serverTrouble = ref<string>()
  const trouble = computed(() => deviceTrouble.value ?? serverTrouble.value)
  let order = 0
  let sending: Promise<void> | undefined
  let attempt = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  const heard = new Set<(tab: string, kept: readonly Line[]) => void>()
  /** tried since this page was opened */
  const refusedPhotos = new Set<string>()

  const CANNOT_STORE = 'This device cannot store lines (its storage is full or switched off): keep this page open until the server has them.'

  /** Takes up what an earlier visit left unsent. What was added meanwhile stays behind it, in order. */
  async function begin() {
    window.addEventListener('online', () => void send())
    try {
      const left = await localCopies.readUnsent()
      const known = new Set(left.map(u => u.id))
      unsent.value = [...left, ...unsent.value.filter(u => !known.has(u.id))]
      order = Math.max(order, ...left.map(u => u.order))
    }
    catch {
      deviceTrouble.value = CANNOT_STORE
    }
    void send()
  }

  /** Keeps a line on this device, then tries to send all that wait. Resolves once it is safe on the device. */
  async function add(tab: string, line: Line) {
    const entry: UnsentLine = { id: line.id, tab, line, order: ++order }
    unsent.value = [...unsent.value, entry]
    try {
      await localCopies.saveUnsent(entry)
      deviceTrouble.value = undefined
    }
    catch {
      deviceTrouble.value = CANNOT_STORE
    }
    void send()
  }

  function send(): Promise<void> {
    if (timer) clearTimeout(timer)
    timer = undefined
    return sending ??= sendAll().finally(() => { sending = undefined })
  }

  /** Pictures go ahead of the lines that name them. One that the server refuses stays on this device, where its line shows it. */
  async function sendPhotos() {
    for (const photo of await localCopies.readPhotos().catch(() => [])) {
      if (refusedPhotos.has(photo.id)) continue
      const reply = await askServer(`/api/tabs/${photo.tab}/photos/${photo.id}`, { method: 'PUT', bytes: photo.blob })
      if (reply.ok) await forget(() => localCopies.dropPhoto(photo.id))
      else if (isPassing(reply.problem)) return
      else refusedPhotos.add(photo.id)
    }
  }

  /** Clears what the server has. What cannot be cleared is sent once more another day, and kept once. */
  const forget = (clear: () => Promise<void>) => clear().catch(() => { deviceTrouble.value = CANNOT_STORE })

  async function sendAll() {
    for (;;) {
      const next = unsent.value.find(u => !u.problem)
      if (!next) break
      if (next.line.kind === 'photo') await sendPhotos()
      const group = unsent.value.filter(u => u.tab === next.tab && !u.problem)
      const reply = await askServer<AddLinesReply>(`/api/tabs/${next.tab}/lines`, { method: 'POST', body: { lines: group.map(u => u.line) } })
      if (!reply.ok && isPassing(reply.problem)) {
        reachable.value = reply.problem.code !== 'unreachable'
        serverTrouble.value = reply.problem.code === 'disk-full' ? 'disk-full' : undefined
        timer = setTimeout(() => void send(), RETRY[Math.min(attempt++, RETRY.length - 1)])
        return
      }
      attempt = 0
      reachable.value = true
      serverTrouble.value = undefined
      const refused = reply.ok ? reply.value.refused : group.map(u => ({ id: u.id, problem: reply.problem }))
      const kept = reply.ok ? reply.value.kept : []
      const lines = group.map(u => u.line).filter(line => kept.includes(line.id))
      for (const fn of heard) fn(next.tab, lines)
      await forget(() => localCopies.moveKept(next.tab, lines))
      const reasons = new Map(refused.map(r => [r.id, r.problem]))
      unsent.value = unsent.value.filter(u => !kept.includes(u.id)).map(u => reasons.has(u.id) ? { ...u, problem: reasons.get(u.id)! } : u)
      for (const u of unsent.value.filter(u => reasons.has(u.id))) await forget(() => localCopies.saveUnsent(u))
    }
  }

  /** Lets a refused line go, once the person has read why. */
  async function drop(id: string) {
    const gone = unsent.value.find(u => u.id === id)
    unsent.value = unsent.value.filter(u => u.id !== id)
    await forget(() => localCopies.dropUnsent([id]))
    const { line } = gone ?? {}
    if (line?.kind === 'photo') await forget(() => localCopies.dropPhoto(line.photo))
  }

  /** @param fn told of lines the moment the server has them, while they still count as unsent */
  const onKept = (fn: (tab: string, kept: readonly Line[]) => void) => {
    heard.add(fn)
    return () => heard.delete(fn)
  }
  const cannotCopy = () => { deviceTrouble.value = 'This device cannot store a copy of the tab.' }
  return { unsent, reachable, trouble, cannotCopy, begin, add, send, drop, onKept }
})
