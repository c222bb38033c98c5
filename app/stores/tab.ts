/**
 * The tab in hand: its lines (kept and not yet kept), and what the worker makes of them: their order, the state
 * folded from them and the isolation.
 */
import { defineStore } from 'pinia'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { tabLinesReply, tabReply, type KeptLine, type TabReply } from '#contracts'
import { practiceOf } from '#core/formats'
import { fail, ok, type Problem, type Result } from '#core/foundation'
import { US } from '#core/units'
import type { ProposedTest } from '#core/isolation'
import type { Saying } from '#core/listening'
import type { SystemOutline } from '#core/systems'
import type { AnyLine, Attachment, DraftLine, Line } from '#core/tab'
import type { Sheet } from '#core/plan'
import { drawSheet } from '~/composables/signedSheet'
import { inGoodTime } from '~/composables/inGoodTime'
import { plain, useIsolation, workerFailed, type Asking } from '~/composables/useIsolation'
import { askServer } from '~/composables/useServer'
import type { Message } from '~/keeper/channel'
import { device } from '~/keeper/device'
import { holdPicture, nameBytes, shrinkPicture } from '~/keeper/pictures'
import type { AnswerTo, PlanView, Question, Ranked, TabNow, TabView } from '~/workers/openTabs'
import { useKeeping } from './keeping'
import { useLedger } from './ledger'
import { NOTHING_YET } from './nothingYet'

export type LoggedAll
  = | { readonly ok: true }
    | {
      readonly ok: false
      readonly problem: Problem
      readonly line: DraftLine
      readonly rest: readonly DraftLine[]
      /** how many had been taken before it */
      readonly taken: number
    }

export const useTab = defineStore('tab', () => {
  const keeping = useKeeping()
  const ledger = useLedger()
  /** the tab's card, site, system and facts; its lines are in the state */
  const reply = shallowRef<TabReply>()
  /** what a screen shows of its system */
  const kind = shallowRef<SystemOutline>()
  const state = shallowRef<TabView>(NOTHING_YET)
  /** the version of the engine that judges */
  let engine = ''
  /** when the server received each line, and from whom */
  const received = new Map<string, Pick<KeptLine, 'received' | 'sender'>>()
  const attachments = shallowRef<ReadonlySet<string>>(new Set())
  const problem = shallowRef<Problem>()
  const isolation = shallowRef<Ranked>()
  /** once something is found or put right: the stations with their steps */
  const plan = shallowRef<PlanView>()
  const busy = ref(false)
  /** the test in hand, chosen by the person; it settles what an ambiguous reading means */
  const inHand = ref<string>()
  const picked = ref<string>()
  const worker = useIsolation()
  watch(workerFailed, () => {
    problem.value = { code: 'engine-missing', facts: {} }
  })
  /** the tab's lines by id: those that the worker has, and those on their way to it */
  let held = new Map<string, AnyLine>()
  /** the system that the worker's fold is of; anew each time that it is begun anew */
  let begun: { readonly system: string } | undefined
  /** the tab last asked for: an answer about another comes too late */
  let asked: string | undefined
  let after = 0
  let ranking: Asking<Ranked> | undefined

  /** what this tab's figures are shown in, and bare ones taken in */
  const units = computed(() => (reply.value ? practiceOf(reply.value.practice).units : US))
  const lines = computed(() => state.value.lines)
  const notKept = computed(
    () => new Set(keeping.unsent.filter(u => u.tab === reply.value?.tab.id).map(u => u.id)),
  )
  const refused = computed(() => keeping.refused.filter(u => u.tab === reply.value?.tab.id))

  let taking = Promise.resolve()
  /** Has the worker take in lines and rank anew. Lines that are here already change nothing. */
  function take(fresh: readonly AnyLine[]): Promise<void> {
    const lacking = fresh.filter(l => !held.has(l.id))
    const id = reply.value?.tab.id
    if (id && begun && lacking.length > 0) taking = bring(id, lacking)
    return taking
  }

  async function bring(id: string, lacking: readonly AnyLine[]) {
    const mine = begun
    for (const line of lacking) held.set(line.id, line)
    const now = await worker.append(id, lacking)
    if (mine !== begun) return
    if (!now) return foldAnew([...held.values()])
    show(now, lacking)
    void rank(id)
  }

  /** Begins the fold anew: another tab, another nameplate, or a line that is no longer there. */
  async function foldAnew(all: readonly AnyLine[]) {
    if (!reply.value) return
    const mine = (begun = { system: systemOf(reply.value) })
    held = new Map(all.map(l => [l.id, l]))
    busy.value = true
    const id = reply.value.tab.id
    const now = await worker.open(reply.value, [...held.values()])
    if (mine !== begun) return
    if (!now.ok) {
      problem.value = now.problem
      busy.value = false
      return
    }
    show(now.value, [])
    void rank(id)
  }

  function show({ state: now, order, outline, engine: judge }: TabNow, last: readonly AnyLine[]) {
    if (outline) kind.value = outline
    engine = judge
    const lines = order ? order.flatMap(id => held.get(id) ?? []) : [...state.value.lines, ...last]
    state.value = { ...now, lines }
  }

  async function rank(id: string) {
    ranking?.cancel()
    const mine = (ranking = worker.ask(id, { ask: 'rank' }) as Asking<Ranked>)
    busy.value = true
    const answer = await mine.answer
    if (mine !== ranking || id !== reply.value?.tab.id) return
    busy.value = false
    if (answer.ok) {
      isolation.value = answer.value
      void planOn(id)
      void nextTick(() => performance.mark('keep-tab-usable'))
    }
    else if (answer.problem.code !== 'cancelled') {
      problem.value = answer.problem
    }
  }

  const isFound = () =>
    isolation.value?.decision !== undefined || state.value.repaired.length > 0 || state.value.worked.length > 0
    || state.value.findings.failed.length > 0

  async function planOn(id: string) {
    if (!isFound()) return void (plan.value = undefined)
    const answer = await worker.ask(id, { ask: 'plan' }).answer
    if (id === reply.value?.tab.id && answer.ok) plan.value = answer.value as PlanView
  }

  /**
   * Opens a tab from the server, or from this device's copy where the server cannot be reached or is slow to answer.
   */
  async function open(id: string) {
    asked = id
    if (reply.value?.tab.id !== id) {
      reply.value = undefined
      begun = undefined
      held = new Map()
      kind.value = undefined
      state.value = NOTHING_YET
      isolation.value = undefined
      plan.value = undefined
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
      if (copy && id === asked && !reply.value) await receive(copy)
    }
    const fresh = await asking
    if (!fresh.ok && id === asked && !reply.value) problem.value = fresh.problem
  }

  async function refresh(id: string): Promise<Result<TabReply>> {
    const fresh = await askServer(`/api/tabs/${id}`, tabReply)
    if (fresh.ok && id === asked) {
      await receive(fresh.value)
      await device.saveTab(fresh.value).catch(keeping.cannotCopy)
    }
    return fresh
  }

  /** What the server or the device's copy says of the tab, with what was written here and may not be in it yet. */
  async function receive(fresh: TabReply) {
    const own = await ownLines(fresh.tab.id)
    if (fresh.tab.id !== asked) return
    reply.value = fresh
    note(fresh.lines, fresh.attachments)
    const all = [...fresh.lines.map(k => k.line), ...own]
    // a tab only grows: what is here already and not in an answer was overtaken on its way, and stays
    if (begun?.system === systemOf(fresh)) await take(all)
    else await foldAnew([...held.values(), ...all])
  }

  function note(kept: readonly KeptLine[], held: readonly string[]) {
    for (const k of kept) {
      received.set(k.line.id, k)
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
    await take(fresh.value.lines.map(k => k.line))
    if (id !== reply.value?.tab.id) return
    reply.value = { ...reply.value, tab: fresh.value.tab, attachments: [...attachments.value], lines: [] }
    await device.saveTab({ ...reply.value, lines: fresh.value.lines }).catch(keeping.cannotCopy)
  }

  keeping.onHear((message: Message) => {
    const id = reply.value?.tab.id
    if (message.say === 'streaming' && asked) void refresh(asked)
    if (!id || !('tab' in message) || message.tab !== id) return
    if (message.say === 'news' || message.say === 'kept') void catchUp(id)
    if (message.say === 'written') void ownLines(id).then(own => id === reply.value?.tab.id && void take(own))
    if (message.say === 'refused') void leaveOut(id)
  })

  /** A refused line stands beside the tape, not on it. */
  async function leaveOut(id: string) {
    await nextTick()
    const odd = new Set(
      (await device.readStanding('refused').catch(() => [])).filter(o => o.tab === id).map(o => o.id),
    )
    if (id === reply.value?.tab.id && [...odd].some(line => held.has(line)))
      await foldAnew([...held.values()].filter(l => !odd.has(l.id)))
  }

  function close() {
    asked = undefined
  }

  let writing: Promise<unknown> = Promise.resolve()
  /** Adds a line: checked before it is written, then kept. Returns the line, or why it cannot be added. */
  function log(draft: DraftLine): Promise<Result<Line>> {
    const id = reply.value?.tab.id
    if (!id || !kind.value) return Promise.resolve(fail('not-found', { what: 'tab' }))
    // one after another: each line has seen the one before it
    const mine = writing.then(() => add(id, plain(draft)))
    writing = mine.catch(() => undefined)
    return mine
  }

  /** Several of one go, in their order: where one is not taken, which it was and what stood behind it. */
  async function logAll(drafts: readonly DraftLine[]): Promise<LoggedAll> {
    for (const [i, line] of drafts.entries()) {
      const done = await log(line)
      if (!done.ok) return { ok: false, problem: done.problem, line, rest: drafts.slice(i + 1), taken: i }
    }
    return { ok: true }
  }

  async function add(id: string, draft: DraftLine): Promise<Result<Line>> {
    const checked = await askAgain(id, { ask: 'check', draft })
    if (!checked.ok) return checked
    if (!checked.value.ok) return checked.value
    const line = await keeping.add(id, draft, id === reply.value?.tab.id ? state.value.heads : [])
    if ((line.kind === 'reading' || line.kind === 'observation') && line.test === inHand.value)
      inHand.value = undefined
    if (id === reply.value?.tab.id) await take([line])
    return ok(line)
  }

  /** The worker keeps the tabs last used: one that it has let go is opened anew. */
  async function askAgain<Q extends Question>(id: string, question: Q): Promise<Result<AnswerTo<Q>>> {
    const answer = await worker.ask(id, question).answer
    if (answer.ok || answer.problem.code !== 'not-found' || id !== reply.value?.tab.id) return answer
    await foldAnew([...held.values()])
    return worker.ask(id, question).answer
  }

  /** Keeps a picture with the tab: made small, held on this device, its line logged at once. */
  async function addPhoto(file: Blob, caption: string): Promise<Result<Line>> {
    const small = await shrinkPicture(file)
    if (!small || !reply.value) return fail('attachment-unreadable', { where: ' by this browser' })
    const { blob, attachment } = small
    if (!(await holdPicture(attachment, blob))) return fail('attachment-no-room')
    return log({ kind: 'photo', caption, attachments: [attachment] })
  }

  /** Holds a signature or a trace on this device, to be sent as any picture. */
  async function keepBytes(blob: Blob, type: 'image/png' | 'text/csv'): Promise<Result<Attachment>> {
    const named = await nameBytes(blob, type)
    if (!(await holdPicture(named, blob))) return fail('attachment-no-room')
    return ok(named)
  }

  /** Takes in a logger's trace: kept as it is, and what was found in it as lines. */
  async function addTrace(file: Blob, onShare: (share: number) => void): Promise<Result<readonly DraftLine[]>> {
    const kept = await keepBytes(file, 'text/csv')
    if (!kept.ok) return kept
    return worker.readTrace(idNow(), await file.text(), kept.value, onShare)
  }

  const ask = async <T>(asking: Asking<T>, otherwise: T): Promise<T> => {
    const answer = await asking.answer
    return answer.ok ? answer.value : otherwise
  }
  const idNow = () => reply.value?.tab.id ?? ''
  const preview = (drafts: readonly DraftLine[]) => ask(worker.ask(idNow(), { ask: 'preview', drafts }), [])
  const describe = (test: string) =>
    ask<ProposedTest | undefined>(worker.ask(idNow(), { ask: 'describe', test }), undefined)
  const clearing = (fault: string) =>
    ask<ProposedTest | undefined>(worker.ask(idNow(), { ask: 'clearing', fault }), undefined)
  /** @param placed words that a hand is just placing, besides those of the shop */
  const hear = (typed: string, test = inHand.value, placed: readonly Saying[] = []) => {
    const sayings = [...ledger.sayings(reply.value?.sayings ?? []), ...placed]
    return askAgain(idNow(), { ask: 'hear', typed, inHand: test, sayings })
  }
  const complete = (typed: string) => ask(worker.ask(idNow(), { ask: 'complete', typed }), [])
  /** What the tab comes to, for signing. */
  const readSheet = () => ask<Sheet | undefined>(worker.ask(idNow(), { ask: 'sheet' }), undefined)
  /** The customer's sheet as it stands now. */
  const drawn = (sheet: Sheet, summary?: string) =>
    kind.value ? drawSheet(kind.value, state.value, { engine, sheet, summary, units: units.value }) : undefined
  const receivedAt = (id: string) => received.get(id)?.received
  const senderOf = (id: string) => received.get(id)?.sender

  return {
    reply,
    problem,
    isolation,
    plan,
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
    hear,
    logAll,
    complete,
    readSheet,
    drawn,
    addPhoto,
    keepBytes,
    addTrace,
    receivedAt,
    senderOf,
  }
})

/** What decides how the lines of a tab are folded. */
const systemOf = ({ system, practice }: TabReply) => JSON.stringify([system.kind, system.nameplate, practice])
