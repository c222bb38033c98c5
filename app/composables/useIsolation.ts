/** The worker that isolates, one for the whole app, as tabs ask it. */
import { proxy, wrap, type Remote } from 'comlink'
import { v7 as uuid } from 'uuid'
import { ref } from 'vue'
import type { Result } from '#core/foundation'
import type { AnyLine, Attachment } from '#core/tab'
import { useClock } from '~/composables/useClock'
import type { IsolationApi } from '~/workers/isolation.worker'
import type { AnswerTo, AskedSystem, Question, SystemOf } from '~/workers/openTabs'

let remote: Remote<IsolationApi> | undefined
/** The worker could not be loaded, or broke off: nothing that is asked of it will be answered. */
export const workerFailed = ref(false)

export function useWorker(): Remote<IsolationApi> {
  if (remote) return remote
  const worker = new Worker(new URL('../workers/isolation.worker.ts', import.meta.url), { type: 'module' })
  worker.addEventListener('error', () => {
    workerFailed.value = true
  })
  return (remote = wrap<IsolationApi>(worker))
}

export interface Asking<T> {
  readonly answer: Promise<Result<T>>
  cancel(): void
}

export function useIsolation() {
  const worker = useWorker()
  return {
    open: (reply: SystemOf, lines: readonly AnyLine[]) =>
      worker.open(reply.tab.id, systemOf(reply), plain(lines)),
    append: (tab: string, lines: readonly AnyLine[]) => worker.append(tab, plain(lines)),
    ask<Q extends Question>(tab: string, question: Q): Asking<AnswerTo<Q>> {
      const id = uuid()
      const answer = worker.ask(id, tab, plain(question)) as unknown as Promise<Result<AnswerTo<Q>>>
      return { answer, cancel: () => void worker.cancel(id) }
    },
    readTrace: (tab: string, text: string, attachment: Attachment, onShare: (share: number) => void) =>
      worker.readTrace(tab, text, plain(attachment), proxy(onShare)),
  }
}

function systemOf({ system, learned, tab, practice }: SystemOf): AskedSystem {
  return plain({
    kind: system.kind,
    nameplate: system.nameplate,
    practice,
    counts: learned,
    installed: system.installed,
    today: (tab.openedAt || useClock().now()).slice(0, 10),
  })
}

/** A structured-clone-safe copy without reactive wrappers. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
