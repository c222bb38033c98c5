/**
 * Tabs that may be opened next are made ready while nothing else is asked: a copy on this device, for where there is no
 * signal, and the model of their system in the worker.
 */
import { tabReply } from '#contracts'
import { useIsolation } from '~/composables/useIsolation'
import { askServer } from '~/composables/useServer'
import { device } from '~/keeper/device'

const MOST = 8

/**
 * @param wanted whether it is still worth going on;
 * @param cannotCopy told when this device's storage is full or switched off
 */
export async function readyTabs(ids: readonly string[], wanted: () => boolean, cannotCopy: () => void) {
  const worker = useIsolation()
  for (const id of ids.slice(0, MOST)) {
    const fresh = wanted() ? await askServer(`/api/tabs/${id}`, tabReply) : undefined
    if (!fresh?.ok || !wanted()) return
    await device.saveTab(fresh.value).catch(cannotCopy)
    await worker.open(
      fresh.value,
      fresh.value.lines.map(k => k.line),
    )
    await worker.ask(id, { ask: 'rank' }).answer
  }
}
