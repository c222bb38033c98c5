/**
 * Opens a tab while the server cannot be reached: on this device, with its system as far as it is known here. The line
 * that opens it waits among the unsent ones; the server, which does not know the tab then, is given all of it first
 * (keeper/sender).
 */
import { siteReply, type ListedSite, type OpenTabRequest, type TabReply } from '#contracts'
import type { KindId } from '#core/systems'
import type { Line } from '#core/tab'
import { copiesOf } from '~/composables/useCopies'
import { useSystems } from '~/composables/useSystems'
import { device } from '~/keeper/device'
import { useKeeping } from '~/stores/keeping'
import { usePractice } from '~/stores/practice'
import { useToday } from '~/stores/today'

interface Known { readonly site: ListedSite | undefined, readonly kind: KindId }

/** @returns whether this device could take it */
export async function openHere(request: OpenTabRequest, opened: Line, { site, kind }: Known): Promise<boolean> {
  const { id: tab } = request.tab
  const system = (await heldSystem(request.system.id)) ?? {
    id: request.system.id,
    site: request.site.id,
    name: request.system.name ?? site?.systems.find(s => s.id === request.system.id)?.name ?? '',
    kind: request.system.kind ?? kind,
    location: '',
    installed: request.system.installed ?? null,
    retired: '',
    nameplate: await useSystems().figures(request.system.kind ?? kind, request.system.nameplate ?? {}),
  }
  const { complaint, words } = opened as Line & { readonly complaint: string, readonly words: string }
  const place = { id: request.site.id, name: request.site.name ?? '', place: request.site.place ?? site?.place ?? '' }
  const card = { id: tab, system: system.id, openedAt: opened.at, status: 'open' as const, complaint, words, note: '' }
  const reply: TabReply = {
    tab: card,
    site: { ...place, access: '', contact: '' },
    facts: [],
    system,
    practice: usePractice().written,
    fitted: [],
    lines: [],
    attachments: [],
    learned: {},
    sayings: [],
  }
  try {
    await device.saveOpening({ tab, request }, opened, 'unsent')
    await device.saveTab(reply)
  }
  catch {
    useKeeping().cannotCopy()
    return false
  }
  await useToday().addHere({
    ...card, siteName: place.name, systemName: system.name, siteId: place.id, kind: system.kind,
  })
  await useKeeping().toSend(tab, opened)
  return true
}

/** The system with its nameplate, where a copy of its site's file or of one of its tabs is here. */
async function heldSystem(id: string): Promise<TabReply['system'] | undefined> {
  const files = await copiesOf('/api/sites/', siteReply)
  const known = files.flatMap(f => f.systems.map(s => s.system)).find(s => s.id === id)
  return known ?? (await device.readTabs().catch(() => [])).find(t => t.system.id === id)?.system
}
