/** What pages ask the worker of systems without a tab in hand. */
import { computedAsync } from '@vueuse/core'
import type { FaultCounts, PairOhms } from '#core/isolation'
import type { Owner, Saying } from '#core/listening'
import type { KindId, Nameplate } from '#core/systems'
import type { Practice } from '#core/formats'
import type { AnyLine } from '#core/tab'
import type { Units } from '#core/units'
import { plain, useWorker } from '~/composables/useIsolation'
import type { FitQuestion, ListedKind } from '~/workers/askedSystems'

type Written = Readonly<Record<string, string>>

export function useSystems() {
  const worker = useWorker()
  return {
    kinds: () => worker.kinds(),
    plate: (kind: KindId, written: Written, practice: Practice) =>
      worker.plate(kind, plain(written), plain(practice)),
    write: (kind: string, nameplate: Nameplate, units: Units) =>
      worker.write(kind, plain(nameplate), plain(units)),
    figures: (kind: string, spelled: Readonly<Record<string, string | number>>) =>
      worker.figures(kind, plain(spelled)),
    spell: (kind: string, written: Written, units: Units) => worker.spell(kind, plain(written), plain(units)),
    history: (kind: string, nameplate: Nameplate, practice: Practice, tabs: readonly (readonly AnyLine[])[]) =>
      worker.history(kind, plain(nameplate), plain(practice), plain(tabs)),
    netlist: (kind: string, nameplate: Nameplate, practice: Practice, title: string) =>
      worker.netlist(kind, plain(nameplate), plain(practice), title),
    owner: (kind: string, told: Owner) => worker.owner(kind, plain(told)),
    rates: (kind: string, counts: FaultCounts) => worker.rates(kind, plain(counts)),
    fits: (asked: FitQuestion) => worker.fits(plain(asked)),
    leads: (ohms: PairOhms) => worker.leads(plain(ohms)),
    meant: (sayings: readonly Saying[]) => worker.meant(plain(sayings)),
  }
}

/** The kinds that there are, once the worker has told them. */
export function useKinds() {
  const kinds = computedAsync<readonly ListedKind[]>(() => useSystems().kinds(), [])
  const nameOf = (kind: string) => kinds.value.find(k => k.id === kind)?.name.toLowerCase() ?? ''
  return { kinds, nameOf }
}
