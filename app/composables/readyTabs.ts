/**
 * Tabs that may be opened next are made ready while nothing else is asked: a copy on this device, for where there is no
 * signal, and the model of their system in the worker.
 */
import type { TabReply } from '#contracts'
import { localCopies } from '~/composables/localCopies'
import { askServer } from '~/composables/useServer'
import { askFor, plain, useIsolation } from '~/composables/useIsolation'

const MOST = 8

/** @param wanted whether it is still worth going on; @param cannotCopy told when this device's storage is full or switched off */
export async function readyTabs(ids: readonly string[], wanted: () => boolean, cannotCopy: () => void) {
  const worker = useIsolation()
  for (const id of ids.slice(0, MOST)) {
    const fresh = wanted() ? await askServer<TabReply>(`/api/tabs/${id}`) : undefined
    // a tab opened meanwhile has saved a later copy of its own
    if (!fresh?.ok || !wanted()) return
    await localCopies.saveTab(fresh.value).catch(cannotCopy)
    await worker.isolate(askFor(fresh.value), plain(fresh.value.lines.map(k => k.line)))
  }
}
