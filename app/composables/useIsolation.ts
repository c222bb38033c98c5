/** The worker that isolates, one for the whole app. */
import { wrap, type Remote } from 'comlink'
import type { TabReply } from '#contracts'
import { useClock } from '~/composables/useClock'
import type { AskedSystem, IsolationApi } from '~/workers/isolation.worker'

let remote: Remote<IsolationApi> | undefined

export function useIsolation(): Remote<IsolationApi> {
  return remote ??= wrap<IsolationApi>(new Worker(new URL('../workers/isolation.worker.ts', import.meta.url), { type: 'module' }))
}

/** A tab's system as the worker needs it: kind, nameplate, and what shifts its base rates. */
export function askFor({ system, learned, tab }: TabReply): AskedSystem {
  return plain({ kind: system.kind, nameplate: system.nameplate, counts: learned ?? {}, installed: system.installed, today: (tab.openedAt ?? useClock().now()).slice(0, 10) })
}

/** A structured-clone-safe copy without reactive wrappers. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
