/** The worker that isolates, one for the whole app. */
import { wrap, type Remote } from 'comlink'
import type { IsolationApi } from '~/workers/isolation.worker'

let remote: Remote<IsolationApi> | undefined

export function useIsolation(): Remote<IsolationApi> {
  return remote ??= wrap<IsolationApi>(new Worker(new URL('../workers/isolation.worker.ts', import.meta.url), { type: 'module' }))
}
