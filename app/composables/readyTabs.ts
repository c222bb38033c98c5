/**
 * Tabs that may be opened next are made ready while nothing else is asked: a copy on this device, for where there is no
 * signal, and the model of their system in the worker.
 */
import { tabReply } from '#contracts'
import { useIsolation } from '~/composables/useIsolation'
import { askServer } from '~/composables/useServer'
import { device } from '~/keeper/device'
import type { Brief } from '~/workers/brief'

const MOST = 8

/**
 * @param wanted whether it is still worth going on;
 * @param cannotCopy told when this device's storage is full or switched off;
 * @param onBrief told where each tab stands
 */
export async function readyTabs(
  ids: readonly string[],
  wanted: () => boolean,
  cannotCopy: () => void,
  onBrief: (tab: string, brief: Brief) => void = () => undefined,
) {
  const worker = useIsolation()
  for (const id of ids.slice(0, MOST)) {
    const fresh = wanted() ? await askServer(`/api/tabs/${id}`, tabReply) : undefined
    if (!fresh?.ok || !wanted()) return
    await device.saveTab(fresh.value).catch(cannotCopy)
    await worker.open(
      fresh.value,
      fresh.value.lines.map(k => k.line),
    )
    const brief = await worker.ask(id, { ask: 'brief' }).answer
    if (brief.ok) onBrief(id, brief.value)
  }
}
