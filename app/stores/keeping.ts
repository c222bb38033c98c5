/**
 * Keeping lines, as one window sees it. A line is on this device before it is anywhere else. One window of the
 * browser sends for all (leader), over one stream and one queue; the others tell it what was written and hear what
 * became of it.
 */
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { v7 as uuid } from 'uuid'
import { watchMessage, type ProblemReply } from '#contracts'
import type { Problem, ProblemCode } from '#core/foundation'
import { newPen, type AnyLine, type DraftLine, type Line, type Pen } from '#core/tab'
import { useClock } from '~/composables/useClock'
import { openChannel, type Message } from '~/keeper/channel'
import { device, lineOf, useStore } from '~/keeper/device'
import type { OwnLine } from '~/keeper/held'
import { ANSWER_WITHIN, seekLead } from '~/keeper/leader'
import { createSender, fromDevice, giveBack, sendPictures, type Outgoing } from '~/keeper/sender'
import { readOldPictures } from '~/keeper/upgrade'
import { useMe } from './me'

/** How long acknowledged lines stay here where the server names no backup, and how far clocks may lie apart, ms. */
const [KEPT_FOR, APART] = [90 * 86400e3, 86400e3]

export const useKeeping = defineStore('keeping', () => {
  /** whole entries, never wrapped: the device's store takes plain objects only */
  const unsent = shallowRef<readonly OwnLine[]>([])
  const refused = shallowRef<readonly OwnLine[]>([])
  const reachable = ref(true)
  /** what this device cannot hold, and what the server cannot: the first outlives a dead signal */
  const deviceTrouble = ref<ProblemCode>()
  const serverTrouble = ref<ProblemCode>()
  const trouble = computed(() => deviceTrouble.value ?? serverTrouble.value)
  /** whether the browser has promised not to clear what is held here */
  const lasting = ref(true)
  const leads = ref(false)
  const heard = new Set<(message: Message) => void>()
  /** lines that this device's store would not take: held by this window, sent by it */
  let memory: readonly OwnLine[] = []
  let memoryPen: Pen | undefined
  let stream: EventSource | undefined

  const inMemory: Outgoing = {
    unsent: async () => memory.filter(u => u.standing === 'unsent'),
    keep: async (ids) => {
      memory = memory.filter(u => !ids.includes(u.id))
    },
    refuse: async (problems) => {
      memory = memory.map(u =>
        problems.has(u.id) ? { ...u, standing: 'refused', problem: problems.get(u.id)! } : u,
      )
    },
  }
  const listener = {
    kept: (tab: string, ids: readonly string[]) => tell({ say: 'kept', tab, ids: [...ids] }),
    refused: (tab: string) => tell({ say: 'refused', tab }),
    trouble: (problem: Problem | undefined) => tell({ say: 'trouble', code: problem?.code ?? '' }),
  }
  const sender = createSender(fromDevice, listener)
  const memorySender = createSender(inMemory, listener)

  const channel = openChannel(hear)
  /** Says it to the other windows and to this one. */
  function tell(message: Message) {
    channel.tell(message)
    hear(message)
  }

  function hear(message: Message) {
    switch (message.say) {
      case 'written':
        void refresh()
        break
      case 'kept':
      case 'refused':
        words++
        void refresh()
        break
      case 'trouble':
        words++
        sayTrouble(message.code)
        break
      case 'send':
        if (leads.value) void sendAll()
        break
      case 'ping':
        if (leads.value) channel.tell({ say: 'pong', id: message.id })
        break
      case 'pong':
        answered = message.id
        break
      case 'news':
      case 'streaming':
        break
    }
    for (const fn of heard) fn(message)
  }

  function sayTrouble(code: string) {
    reachable.value = code !== 'unreachable' && code !== 'torn-reply'
    serverTrouble.value = SAID_BY_THE_SERVER.find(c => c === code)
  }

  /** What waits and what was refused, as the device holds it now. */
  async function refresh() {
    const [waiting, odd] = await Promise.all([
      device.readStanding('unsent'),
      device.readStanding('refused'),
    ]).catch((): [OwnLine[], OwnLine[]] => [[], []])
    const ofMemory = (standing: OwnLine['standing']) => memory.filter(u => u.standing === standing)
    unsent.value = [...waiting, ...ofMemory('unsent')]
    refused.value = [...odd, ...ofMemory('refused')]
  }

  async function begin() {
    window.addEventListener('online', () => void send())
    document.addEventListener('visibilitychange', () => void checkKeeper())
    try {
      if ((await readOldPictures(await useStore())) > 0) void sendPictures()
      // a tab that the server did not know may be there by now, and somebody signed in who may write such lines
      const odd = await device.readStanding('refused')
      await device.change(
        odd.filter(o => AGAIN.has(o.problem?.code ?? '')).map(o => o.id),
        ({ problem: _gone, ...own }) => ({ ...own, standing: 'unsent' }),
      )
      await device.prune(safeSince())
    }
    catch {
      deviceTrouble.value = 'device-full'
    }
    await refresh()
    lasting.value = (await navigator.storage?.persist?.().catch(() => false)) ?? false
    lead = seekLead({ begin: beginLeading, end: endLeading })
    void send()
  }
  let lead: ReturnType<typeof seekLead> | undefined

  /** What was acknowledged before is held by a backup, or has been here for long: this device may let it go. */
  function safeSince(): number {
    const backup = Date.parse(useMe().reply?.backedUpAt ?? '')
    return Math.max(Date.now() - KEPT_FOR, Number.isNaN(backup) ? 0 : backup - APART)
  }

  function beginLeading() {
    leads.value = true
    watchServer()
    void sendAll()
  }
  function endLeading() {
    leads.value = false
    stream?.close()
    stream = undefined
  }

  /** One stream for all windows of this browser. */
  function watchServer() {
    stream?.close()
    stream = new EventSource('/api/watch')
    stream.onmessage = ({ data }) => {
      const news = watchMessage.safeParse(readJson(data as string))
      if (news.success) tell({ say: 'news', ...news.data })
    }
    stream.onopen = () => {
      tell({ say: 'trouble', code: '' })
      tell({ say: 'streaming' })
      void giveBack()
        .catch(() => 0)
        .then(() => sendAll())
    }
    // a stream that is refused does not say why
    stream.onerror = () => void useMe().load().then(
      me => tell({ say: 'trouble', code: me && !me.me ? 'sign-in-first' : 'unreachable' }),
    )
  }

  let sendingPictures: Promise<unknown> | undefined
  async function sendAll() {
    sendingPictures ??= sendPictures()
      .catch(() => undefined)
      .finally(() => {
        sendingPictures = undefined
      })
    await sender.send().catch(() => {
      deviceTrouble.value = 'device-full'
    })
    await refresh()
  }

  /** Has all that waits sent, by whichever window keeps for all. */
  async function send() {
    void memorySender.send().then(refresh)
    if (leads.value) await sendAll()
    else channel.tell({ say: 'send' })
    void checkKeeper()
  }

  let answered = ''
  /** how often the keeper has told what became of a post */
  let words = 0
  let checking = false
  const isWanted = () => !leads.value && document.visibilityState === 'visible'
  /**
   * A keeper that does not answer while a person looks at this window is taken over from; so is one that answers and
   * gets nothing done while a line waits: a frozen window may still hear, and send nothing.
   */
  async function checkKeeper() {
    if (checking) return
    checking = true
    for (let idle = 0; lead && isWanted();) {
      const [id, before] = [uuid(), words]
      channel.tell({ say: 'ping', id })
      await new Promise(resolve => setTimeout(resolve, ANSWER_WITHIN))
      const waits = unsent.value.length > 0
      idle = waits && words === before ? idle + 1 : 0
      if ((answered !== id || idle > 1) && isWanted()) lead.takeOver()
      if (answered !== id || !waits || idle > 1) break
    }
    checking = false
  }

  /**
   * Keeps a line on this device, then has it sent. Resolves once it is safe here.
   * @param heads what had been seen of the tab
   */
  async function add(tab: string, draft: DraftLine, heads: readonly AnyLine[]): Promise<Line> {
    const { at, now } = useClock().stamp()
    const by = useMe().writer
    const writing = { id: uuid(), at, now, ...(by ? { by } : {}), heads }
    const line = await device.write(tab, draft, writing).then(
      (written) => {
        deviceTrouble.value = undefined
        return written
      },
      () => {
        deviceTrouble.value = 'device-full'
        const written = lineOf(memoryPen ?? newPen(`dev-${uuid()}`), draft, writing)
        memoryPen = written.pen
        const { line } = written
        memory = [
          ...memory,
          { id: line.id, tab, counter: line.counter, device: line.device, line, standing: 'unsent' },
        ]
        return line
      },
    )
    await toSend(tab, line)
    return line
  }
  /** Has a line sent that is among the unsent ones now. */
  async function toSend(tab: string, line: Line) {
    await refresh()
    tell({ say: 'written', tab, ids: [line.id] })
    void send()
  }

  /** Lets a refused line go, once the person has read why. */
  async function drop(id: string) {
    const gone = refused.value.find(u => u.id === id)
    memory = memory.filter(u => u.id !== id)
    await device.dropLine(id).catch(cannotCopy)
    for (const a of gone?.line.attachments ?? []) await device.dropPicture(a.hash).catch(cannotCopy)
    tell({ say: 'refused', tab: gone?.tab ?? '' })
    await refresh()
  }

  const onHear = (fn: (message: Message) => void) => {
    heard.add(fn)
    return () => heard.delete(fn)
  }
  const cannotCopy = () => {
    deviceTrouble.value = 'no-copy'
  }
  return { unsent, refused, reachable, trouble, lasting, leads, cannotCopy, begin, add, toSend, send, drop, onHear }
})

/** Refusals that are tried again when the application begins anew. */
const AGAIN: ReadonlySet<string> = new Set(['not-found', 'no-right'])

/** Troubles that this server itself tells of, and that pass. */
const SAID_BY_THE_SERVER = [
  'disk-full', 'busy', 'not-here', 'sign-in-first', 'too-many', 'read-only', 'book-gone',
] as const

export type Refusal = { readonly line: Line, readonly problem: ProblemReply }

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  }
  catch {
    return undefined
  }
}
