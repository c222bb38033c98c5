/**
 * Keeping lines. Every line goes to this device's store first, then to the server in order; it leaves the device's store
 * only when the server has acknowledged it. A refused line stays, with its reason, until the person deals with it.
 */
import { defineStore } from 'pinia'
import type { AddLinesReply } from '#contracts'
import type { Line } from '#core/tab'
import { localCopies, type UnsentLine } from '~/composables/localCopies'
import { askServer } from '~/composables/useServer'

const RETRY = [500, 1000, 2000, 4000, 8000]

export const useKeeping = defineStore('keeping', () => {
  const unsent = ref<UnsentLine[]>([])
  const reachable = ref(true)
  const trouble = ref<string>()
  let order = 0
  let sending: Promise<void> | undefined
  let attempt = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  const heard = new Set<(tab: string) => void>()

  async function begin() {
    unsent.value = await localCopies.readUnsent()
    order = Math.max(0, ...unsent.value.map(u => u.order))
    window.addEventListener('online', () => void send())
    void send()
  }

  /** Keeps a line on this device, then tries to send all that wait. Resolves once it is safe on the device. */
  async function add(tab: string, line: Line) {
    const entry: UnsentLine = { id: line.id, tab, line, order: ++order }
    unsent.value = [...unsent.value, entry]
    try {
      await localCopies.saveUnsent(entry)
      trouble.value = undefined
    }
    catch {
      trouble.value = 'This device cannot store lines (its storage is full or switched off): keep this page open until the server has them.'
    }
    void send()
  }

  function send(): Promise<void> {
    if (timer) clearTimeout(timer)
    timer = undefined
    return sending ??= sendAll().finally(() => { sending = undefined })
  }

  /** Pictures go ahead of the lines that name them. One that cannot be taken is let go; its line says what it showed. */
  async function sendPhotos(): Promise<boolean> {
    for (const photo of await localCopies.readPhotos().catch(() => [])) {
      const reply = await askServer(`/api/tabs/${photo.tab}/photos/${photo.id}`, { method: 'PUT', bytes: photo.blob })
      if (!reply.ok && (reply.problem.code === 'unreachable' || reply.problem.code === 'disk-full')) return false
      await localCopies.dropPhoto(photo.id)
    }
    return true
  }

  async function sendAll() {
    for (;;) {
      const next = unsent.value.find(u => !u.problem)
      if (!next) break
      if (next.line.kind === 'photo') await sendPhotos()
      const group = unsent.value.filter(u => u.tab === next.tab && !u.problem)
      const reply = await askServer<AddLinesReply>(`/api/tabs/${next.tab}/lines`, { method: 'POST', body: { lines: group.map(u => u.line) } })
      if (!reply.ok && (reply.problem.code === 'unreachable' || reply.problem.code === 'disk-full')) {
        reachable.value = reply.problem.code !== 'unreachable'
        trouble.value = reply.problem.code === 'disk-full' ? 'disk-full' : undefined
        timer = setTimeout(() => void send(), RETRY[Math.min(attempt++, RETRY.length - 1)])
        return
      }
      attempt = 0
      reachable.value = true
      trouble.value = undefined
      const refused = reply.ok ? reply.value.refused : group.map(u => ({ id: u.id, problem: reply.problem }))
      const kept = reply.ok ? reply.value.kept : []
      for (const fn of heard) fn(next.tab)
      await localCopies.dropUnsent(kept)
      const reasons = new Map(refused.map(r => [r.id, r.problem]))
      unsent.value = unsent.value.filter(u => !kept.includes(u.id)).map(u => reasons.has(u.id) ? { ...u, problem: reasons.get(u.id)! } : u)
      await Promise.all(unsent.value.filter(u => reasons.has(u.id)).map(u => localCopies.saveUnsent(u)))
    }
  }

  /** Lets a refused line go, once the person has read why. */
  async function drop(id: string) {
    await localCopies.dropUnsent([id])
    unsent.value = unsent.value.filter(u => u.id !== id)
  }

  const onKept = (fn: (tab: string) => void) => {
    heard.add(fn)
    return () => heard.delete(fn)
  }
  return { unsent, reachable, trouble, begin, add, send, drop, onKept }
})
