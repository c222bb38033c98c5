/**
 * Lines of the ledger as this window writes them: kept on the device first, sent as a tab's are. What is not yet in
 * an answer of the server is laid over it, so that what was done shows at once, with or without a signal.
 */
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { PlacedWords } from '#contracts'
import { createLedger, LEDGER, type LedgerDraft, type LedgerLine } from '#core/ledger'
import type { DraftLine, Line } from '#core/tab'
import { useKeeping } from './keeping'

export const useLedger = defineStore('ledger', () => {
  const keeping = useKeeping()
  /** written here, and not yet in what the pages were last told */
  const recent = shallowRef<readonly LedgerLine[]>([])
  const own = computed(() => {
    const waiting = keeping.unsent.filter(u => u.tab === LEDGER).map(u => u.line as unknown as LedgerLine)
    return createLedger([...recent.value, ...waiting])
  })
  const refused = computed(() => keeping.refused.filter(u => u.tab === LEDGER))

  async function write(draft: LedgerDraft): Promise<void> {
    // the ledger's kinds are foreign to a tab: the envelope and the way they go are the same
    const line: Line = await keeping.add(LEDGER, draft as unknown as DraftLine, [])
    recent.value = [...recent.value, line as unknown as LedgerLine]
  }

  /**
   * Reloads once lines of the ledger were kept, from here or elsewhere.
   * @returns what stops it
   */
  function onKept(reload: () => Promise<void>): () => void {
    return keeping.onHear((message) => {
      const kept = (message.say === 'kept' || message.say === 'news') && message.tab === LEDGER
      if (!kept && message.say !== 'streaming') return
      const told = new Set(recent.value.map(l => l.id))
      void reload().then(() => {
        const waiting = new Set(keeping.unsent.map(u => u.id))
        recent.value = recent.value.filter(l => !told.has(l.id) || waiting.has(l.id))
      })
    })
  }
  /** Words that a hand has placed: as the server told them, with what was placed and forgotten here since. */
  function sayings(told: readonly PlacedWords[]): readonly PlacedWords[] {
    const names = new Set(told.map(s => s.id))
    const fresh = own.value.sayings().filter(s => !names.has(s.id))
    return [...told.filter(s => !own.value.isStruck(s.id)), ...fresh]
  }
  return { own, refused, write, onKept, sayings }
})
