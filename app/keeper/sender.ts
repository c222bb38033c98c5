/**
 * Sends what this device has written: one at a time, in order, a hundred lines at most in a post. A line leaves the
 * unsent ones only when this server has acknowledged it; only a refusal of this server's refuses one. Everything else
 * passes, and is tried again after growing waits. Pictures go beside, whatever waits before them.
 */
import {
  addLinesReply,
  attachmentProgress,
  heldReply,
  MOST_LINES,
  openTabReply,
  PIECE_BYTES,
  type ProblemReply,
} from '#contracts'
import type { Problem } from '#core/foundation'
import { LEDGER } from '#core/ledger'
import { askServer, isPassing } from '~/composables/useServer'
import { device } from './device'
import type { HeldPicture, OwnLine } from './held'

/** What those who watch the sending hear. */
export interface Heard {
  kept(tab: string, ids: readonly string[]): void
  refused(tab: string): void
  /** @param problem of the trouble that passes; nothing once the server has answered */
  trouble(problem: Problem | undefined): void
}

/** What is sent from: the device's store, or what a window holds in memory while that store fails. */
export interface Outgoing {
  unsent(): Promise<readonly OwnLine[]>
  keep(ids: readonly string[]): Promise<void>
  refuse(problems: ReadonlyMap<string, ProblemReply>): Promise<void>
}

export const fromDevice: Outgoing = {
  unsent: () => device.readStanding('unsent'),
  keep: ids =>
    device.change(ids, ({ problem: _gone, ...own }) => ({ ...own, standing: 'kept', keptAt: Date.now() })),
  refuse: problems =>
    device.change([...problems.keys()], own => ({ ...own, standing: 'refused', problem: problems.get(own.id)! })),
}

/** Refusals of a whole post that say nothing of each of its lines. */
const ONE_BY_ONE: ReadonlySet<string> = new Set(['bad-request', 'too-large'])

const WAITS = [500, 1000, 2000, 4000, 8000, 15000, 30000, 60000]
/** Between half of a wait and all of it, so that many devices do not come back at once. */
export const waitFor = (attempt: number, random: number) =>
  WAITS[Math.min(attempt, WAITS.length - 1)]! * (0.5 + random / 2)

export function createSender(from: Outgoing, heard: Heard) {
  let sending: Promise<void> | undefined
  let again = false
  let attempt = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let stopped = false

  /** Nobody waits for this one: what the device will not give is told to who asks next. */
  const sendAgain = () => void send().catch(() => undefined)

  /** Sends all that waits. Asked while it sends, it looks once more afterwards. */
  function send(): Promise<void> {
    clearTimeout(timer)
    again = true
    return (sending ??= (async () => {
      while (again && !stopped) {
        again = false
        await sendLines()
      }
    })().finally(() => {
      sending = undefined
      // asked in the instant between the last look and this one
      if (again && !stopped) sendAgain()
    }))
  }

  async function sendLines() {
    for (;;) {
      const waiting = await from.unsent()
      const first = waiting[0]
      if (!first || stopped) return
      const group = waiting.filter(u => u.tab === first.tab).slice(0, MOST_LINES)
      const trouble = await post(first.tab, group)
      if (trouble) return comeBack(trouble)
    }
  }

  /** @returns the trouble that passes, or nothing once the group is dealt with */
  async function post(tab: string, group: readonly OwnLine[]): Promise<Problem | undefined> {
    const path = tab === LEDGER ? '/api/ledger/lines' : `/api/tabs/${tab}/lines`
    const reply = await askServer(path, addLinesReply, {
      method: 'POST',
      body: { lines: group.map(u => u.line) },
    })
    if (!reply.ok) {
      if (isPassing(reply.problem)) return reply.problem
      if (reply.problem.code === 'not-found' && (await openAgain(tab))) return undefined
      if (group.length > 1 && ONE_BY_ONE.has(reply.problem.code)) return postEach(tab, group)
    }
    const kept = reply.ok ? group.map(u => u.id).filter(id => reply.value.kept.includes(id)) : []
    const refused = new Map(
      reply.ok ? reply.value.refused.map(r => [r.id, r.problem]) : group.map(u => [u.id, reply.problem]),
    )
    // an answer that tells of none of them is none
    const told = group.filter(u => kept.includes(u.id) || refused.has(u.id))
    if (told.length === 0) return { code: 'torn-reply', facts: {} }
    attempt = 0
    heard.trouble(undefined)
    await from.keep(kept)
    await from.refuse(refused)
    if (kept.length > 0) heard.kept(tab, kept)
    if (refused.size > 0) heard.refused(tab)
    return undefined
  }

  async function postEach(tab: string, group: readonly OwnLine[]): Promise<Problem | undefined> {
    for (const one of group) {
      const trouble = await post(tab, [one])
      if (trouble) return trouble
    }
    return undefined
  }

  function comeBack(problem: Problem) {
    heard.trouble(problem)
    clearTimeout(timer)
    if (!stopped) timer = setTimeout(sendAgain, waitFor(attempt++, Math.random()))
  }

  function stop() {
    stopped = true
    clearTimeout(timer)
  }
  return { send, stop }
}

/** A tab that the server has lost and that was opened from here is opened again. */
async function openAgain(tab: string): Promise<boolean> {
  const held = await device.readOpening(tab).catch(() => undefined)
  if (!held) return false
  const reply = await askServer('/api/tabs', openTabReply, { method: 'POST', body: held.request })
  return reply.ok
}

/**
 * Gives back what the server once acknowledged and does not have, as after it was restored from an older copy: lines
 * of this device whose number is in none of the ranges that it holds go among the unsent again. A server that has
 * numbers which this device never gave shows the other way round that the device was restored: it takes a name of its
 * own from then on.
 * @returns how many lines are given back
 */
export async function giveBack(): Promise<number> {
  const pen = await device.readPen()
  if (!pen) return 0
  const kept = await device.readStanding('kept')
  let given = 0
  for (const name of new Set([pen.device, ...kept.map(k => k.device)])) {
    const reply = await askServer(`/api/devices/${name}/lines`, heldReply)
    if (!reply.ok) continue
    const { ranges } = reply.value
    const lacking = kept.filter(
      k => k.device === name && !ranges.some(([from, to]) => k.counter >= from && k.counter <= to),
    )
    await device.change(
      lacking.map(l => l.id),
      ({ keptAt: _gone, ...own }) => ({ ...own, standing: 'unsent' }),
    )
    given += lacking.length
    if (name === pen.device && (ranges.at(-1)?.[1] ?? 0) > pen.counter) await device.renew()
  }
  return given
}

/**
 * Sends each picture from where the server has it; one that is refused stays on this device, where its line shows it.
 * @returns the trouble that passes
 */
export async function sendPictures(): Promise<Problem | undefined> {
  for (const picture of await device.readPictures()) {
    if (picture.standing !== 'unsent') continue
    const trouble = await sendPicture(picture)
    if (trouble && isPassing(trouble)) return trouble
    await device.savePicture({ ...picture, standing: trouble ? 'refused' : 'kept' })
  }
  return undefined
}

async function sendPicture({ hash, blob }: HeldPicture): Promise<Problem | undefined> {
  const path = `/api/attachments/${hash}`
  let progress = await askServer(`${path}/progress`, attachmentProgress)
  for (let pieces = 0; pieces < 1 + Math.ceil(blob.size / PIECE_BYTES) * 2; pieces++) {
    if (!progress.ok) return progress.problem
    const { have } = progress.value
    if (have === 'all') return undefined
    const bytes = blob.slice(have, have + PIECE_BYTES)
    progress = await askServer(`${path}?from=${have}&size=${blob.size}`, attachmentProgress, {
      method: 'PUT',
      bytes,
    })
  }
  return { code: 'torn-reply', facts: {} }
}
