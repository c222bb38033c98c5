/**
 * The tab in hand: its lines (kept and not yet kept), the state folded from them and the isolation worked out in the
 * worker.
 */
import { defineStore } from 'pinia'
import { computed, nextTick, ref, shallowRef } from 'vue'
import { tabLinesReply, tabReply, type KeptLine, type TabReply } from '#contracts'
import { practiceOf } from '#core/formats'
import { fail, ok, type Problem, type Result } from '#core/foundation'
import { US } from '#core/units'
import type { Isolation, ProposedTest } from '#core/isolation'
import { isKindId, kindFor, type SystemKind } from '#core/systems'
import {
  checkLine,
  createFold,
  type AnyLine,
  type DraftLine,
  type Fold,
  type Line,
  type TabState,
} from '#core/tab'
import { inGoodTime } from '~/composables/inGoodTime'
import { plain, useIsolation, type Asking } from '~/composables/useIsolation'
import { askServer } from '~/composables/useServer'
import type { Message } from '~/keeper/channel'
import { device } from '~/keeper/device'
import { shrinkPicture } from '~/keeper/pictures'
import { useKeeping } from './keeping'

export const useTab = defineStore('tab', () => {
  const keeping = useKeeping()
  /** the tab's card, site, system and facts; its lines are in the state */
  const reply = shallowRef<TabReply>()
  const state = shallowRef<TabState>(emptyState())
  /** when the server received each line */
  const received = new Map<string, string>()
  const attachments = shallowRef<ReadonlySet<string>>(new Set())
  const problem = shallowRef<Problem>()
  const isolation = shallowRef<Isolation>()
  const busy = ref(false)
  /** the test in hand, chosen by the person; it settles what an ambiguous reading means */
  const inHand = ref<string>()
  const picked = ref<string>()
  const worker = useIsolation()
  let fold: { readonly kind: SystemKind, readonly fold: Fold } | undefined
  /** the tab last asked for: an answer about another comes too late */
  let asked: string | undefined
  let after = 0
  let ranking: Asking<Isolation> | undefined

  const kind = computed(() =>
    reply.value && isKindId(reply.value.system.kind)
      ? kindFor(reply.value.system.kind, reply.value.system.nameplate, practiceOf(reply.value.practice))
      : undefined,
  )
  /** what this tab's figures are shown in, and bare ones taken in */
  const units = computed(() => (reply.value ? practiceOf(reply.value.practice).units : US))
  const lines = computed(() => state.value.lines)
  const notKept = computed(
    () => new Set(keeping.unsent.filter(u => u.tab === reply.value?.tab.id).map(u => u.id)),
  )
  const refused = computed(() => keeping.refused.filter(u => u.tab === reply.value?.tab.id))

  /** Takes lines into the state, and has the worker rank anew. Lines that are here already change nothing. */
  function take(fresh: readonly AnyLine[]) {
    if (!fold) return
    const lacking = fresh.filter(l => !fold!.fold.has(l.id))
    if (lacking.length === 0) return
    state.value = fold.fold.append(lacking)
    const id = reply.value!.tab.id
    void worker.append(id, lacking)
    void rank(id)
  }

  /** Begins the fold anew: another tab, another nameplate, or a line that is no longer there. */
  function foldAnew(all: readonly AnyLine[]) {
    if (!reply.value || !kind.value) return
    fold = { kind: kind.value, fold: createFold(kind.value, all) }
    state.value = fold.fold.state()
    const id = reply.value.tab.id
    busy.value = true
    void worker.open(reply.value, all).then((opened) => {
      if (!opened.ok) problem.value = opened.problem
      else void rank(id)
    })
  }

  async function rank(id: string) {
    ranking?.cancel()
    const mine = (ranking = worker.ask(id, { ask: 'rank' }) as Asking<Isolation>)
    busy.value = true
    const answer = await mine.answer
    if (mine !== ranking || id !== reply.value?.tab.id) return
    busy.value = false
    if (answer.ok) {
      isolation.value = answer.value
      void nextTick(() => performance.mark('keep-tab-usable'))
    }
    else if (answer.problem.code !== 'cancelled') {
      problem.value = answer.problem
    }
  }

  /**
   * Opens a tab from the server, or from this device's copy where the server cannot be reached or is slow to answer.
   */
  async function open(id: string) {
    asked = id
    if (reply.value?.tab.id !== id) {
      reply.value = undefined
      fold = undefined
      state.value = emptyState()
      isolation.value = undefined
      inHand.value = undefined
      picked.value = undefined
      received.clear()
      attachments.value = new Set()
      after = 0
    }
    problem.value = undefined
    const asking = refresh(id)
    if (!(await inGoodTime(asking))?.ok) {
      const copy = await device.readTab(id).catch(() => undefined)
      if (copy && id === asked && !reply.value) await show(copy)
    }
    const fresh = await asking
    if (!fresh.ok && id === asked && !reply.value) problem.value = fresh.problem
  }

  async function refresh(id: string): Promise<Result<TabReply>> {
    const fresh = await askServer(`/api/tabs/${id}`, tabReply)
    if (fresh.ok && id === asked) {
      await show(fresh.value)
      await device.saveTab(fresh.value).catch(keeping.cannotCopy)
    }
    return fresh
  }

  /** What the server or the device's copy says of the tab, with what was written here and may not be in it yet. */
  async function show(fresh: TabReply) {
    const own = await ownLines(fresh.tab.id)
    if (fresh.tab.id !== asked) return
    reply.value = fresh
    note(fresh.lines, fresh.attachments)
    const all = [...fresh.lines.map(k => k.line), ...own]
    // a tab only grows: what is here already and not in an answer was overtaken on its way, and stays
    if (fold?.kind === kind.value) take(all)
    else foldAnew([...new Map([...state.value.lines, ...all].map(l => [l.id, l])).values()])
  }

  function note(kept: readonly KeptLine[], held: readonly string[]) {
    for (const k of kept) {
      received.set(k.line.id, k.received)
      after = Math.max(after, k.seq)
    }
    if (held.some(h => !attachments.value.has(h))) attachments.value = new Set([...attachments.value, ...held])
  }

  /** What was written on this device: a line that was refused is told apart. */
  const ownLines = async (id: string): Promise<AnyLine[]> => {
    const stored = await device.readOwn(id).catch(() => [])
    const held = [...stored, ...keeping.unsent.filter(u => u.tab === id)]
    return held.filter(o => o.standing !== 'refused').map(o => o.line)
  }

  let catching = false
  let missed = false
  /** What the server has kept since it was last asked; asked meanwhile, it asks once more. */
  async function catchUp(id: string) {
    missed = true
    if (catching) return
    catching = true
    while (missed) {
      missed = false
      await askForNew(id)
    }
    catching = false
  }

  async function askForNew(id: string) {
    const fresh = await askServer(`/api/tabs/${id}/lines?after=${after}`, tabLinesReply)
    if (!fresh.ok || id !== reply.value?.tab.id) return
    note(fresh.value.lines, fresh.value.attachments)
    take(fresh.value.lines.map(k => k.line))
    reply.value = { ...reply.value, tab: fresh.value.tab, attachments: [...attachments.value], lines: [] }
    await device.saveTab({ ...reply.value, lines: fresh.value.lines }).catch(keeping.cannotCopy)
  }

  keeping.onHear((message: Message) => {
    const id = reply.value?.tab.id
    if (message.say === 'streaming' && asked) void refresh(asked)
    if (!id || !('tab' in message) || message.tab !== id) return
    if (message.say === 'news' || message.say === 'kept') void catchUp(id)
    if (message.say === 'written') void ownLines(id).then(own => id === reply.value?.tab.id && take(own))
    if (message.say === 'refused') void leaveOut(id)
  })

  /** A refused line stands beside the tape, not on it. */
  async function leaveOut(id: string) {
    await nextTick()
    const odd = new Set(
      (await device.readStanding('refused').catch(() => [])).filter(o => o.tab === id).map(o => o.id),
    )
    if (id === reply.value?.tab.id && state.value.lines.some(l => odd.has(l.id)))
      foldAnew(state.value.lines.filter(l => !odd.has(l.id)))
  }

  function close() {
    asked = undefined
  }

  /** Adds a line: checked here before it is written, then kept. Returns the line, or why it cannot be added. */
  async function log(draft: DraftLine): Promise<Result<Line>> {
    if (!reply.value || !kind.value) return fail('not-found', { what: 'tab' })
    const checked = checkLine(kind.value, state.value, draft)
    if (!checked.ok) return checked
    const id = reply.value.tab.id
    const line = await keeping.add(id, plain(draft), state.value.heads)
    if ((line.kind === 'reading' || line.kind === 'observation') && line.test === inHand.value)
      inHand.value = undefined
    if (id === reply.value?.tab.id) take([line])
    return ok(line)
  }

  /** Keeps a picture with the tab: made small, held on this device, its line logged at once. */
  async function addPhoto(file: Blob, caption: string): Promise<Result<Line>> {
    const small = await shrinkPicture(file)
    if (!small || !reply.value) return fail('attachment-unreadable', { where: ' by this browser' })
    const { blob, attachment } = small
    try {
      await device.savePicture({ hash: attachment.hash, type: attachment.type, blob, standing: 'unsent' })
    }
    catch {
      return fail('attachment-no-room')
    }
    return log({ kind: 'photo', caption, attachments: [attachment] })
  }

  const ask = async <T>(asking: Asking<T>, otherwise: T): Promise<T> => {
    const answer = await asking.answer
    return answer.ok ? answer.value : otherwise
  }
  const idNow = () => reply.value?.tab.id ?? ''
  const preview = (draft: DraftLine) => ask(worker.ask(idNow(), { ask: 'preview', draft }), [])
  const describe = (test: string) =>
    ask<ProposedTest | undefined>(worker.ask(idNow(), { ask: 'describe', test }), undefined)
  const clearing = (fault: string) =>
    ask<ProposedTest | undefined>(worker.ask(idNow(), { ask: 'clearing', fault }), undefined)
  const receivedAt = (id: string) => received.get(id)

  return {
    reply,
    problem,
    isolation,
    busy,
    inHand,
    picked,
    kind,
    units,
    lines,
    state,
    attachments,
    notKept,
    refused,
    open,
    refresh,
    close,
    log,
    preview,
    describe,
    clearing,
    addPhoto,
    receivedAt,
  }
})

/** Before a tab is open there are no lines; the kind does not matter. */
const emptyState = () => createFold(kindFor('well-3wire')).state()
