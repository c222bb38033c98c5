/** The customer's sheet of the tab in hand: as it was signed, or as its lines have it now. */
import { computed, shallowRef, watch } from 'vue'
import type { Sheet } from '#core/plan'
import type { SignedSheet } from '#core/tab'
import { useTab } from '~/stores/tab'
import type { Head } from './signedSheet'

/** @param wanted whether it is shown; until then it is not drawn */
export function useDrawnSheet(wanted: () => boolean) {
  const tab = useTab()
  const now = shallowRef<Sheet>()
  const signed = computed(() => tab.state.settled?.sheet)
  watch([wanted, signed, () => tab.isolation], async () => {
    now.value = wanted() && !signed.value ? await tab.readSheet() : undefined
  }, { immediate: true })
  const sheet = computed((): SignedSheet | undefined =>
    signed.value ?? (now.value && tab.drawn(now.value, tab.state.settled?.summary)))
  return { sheet, signed }
}

/** Entries under their headings, in the order of these; figures where they were read as found and as left. */
export const partsOf = (entries: SignedSheet['entries'], heads: readonly Head[]) =>
  heads.flatMap((head) => {
    const own = entries.filter(e => e.head === head)
    return own.length > 0 ? [{ head, entries: own, figures: own.some(e => e.left !== undefined) }] : []
  })
