/**
 * The sheet that ends a tab: what its lines come to, what is proposed besides, and the signing. What is changed here
 * before it is signed stays on this device until it is.
 */
import { computed, ref, shallowRef, watch } from 'vue'
import { addDays } from '#core/formats'
import type { Sheet, SheetFinding } from '#core/plan'
import type { Attachment, DraftLine } from '#core/tab'
import { sayAdvice, sayFollowUp, sayOpenPoints, saySummary } from '#core/words'
import { useClock } from '~/composables/useClock'
import { useDraftOfMany } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

/** A sentence that is proposed, and can be said otherwise or left out. */
export interface Proposed {
  readonly key: string
  readonly text: string
  /** when it is due, where it is a follow-up */
  readonly due?: string
  readonly out: boolean
}

const keyOf = (f: SheetFinding) => `${f.role} ${f.about}`

/** @param write logs lines in their order; false where one was not taken */
export function useSheet(tabId: string, write: (lines: readonly DraftLine[]) => Promise<boolean>) {
  const tab = useTab()
  const today = useClock().today()
  const sheet = shallowRef<Sheet>()
  const changed = useDraftOfMany(tabId, 'sheet')
  const left = useDraftOfMany(tabId, 'sheet left out')
  const read = async () => {
    sheet.value = await tab.readSheet()
  }
  watch(() => tab.isolation, i => i && void read(), { immediate: true })

  const change = (key: string, text: string) => {
    changed.value = { ...changed.value, [key]: text }
  }
  const leave = (key: string, out: boolean) => {
    left.value = { ...left.value, [key]: out ? 'out' : '' }
  }
  const isOut = (key: string) => left.value[key] === 'out'
  const propose = (key: string, said: string, due?: string): Proposed => ({
    key, text: changed.value[key] || said, out: isOut(key), ...(due ? { due } : {}),
  })

  const findings = computed(() => {
    const named = (role: SheetFinding['role']) => sheet.value?.findings.some(f => f.role === role && f.line)
    return (sheet.value?.findings ?? [])
      .filter(f => f.line || f.role === 'also' || !named(f.role))
      .map(f => ({ ...f, key: keyOf(f), out: !f.line && isOut(keyOf(f)) }))
  })
  const isLogged = (text: string) =>
    [...tab.state.advice, ...tab.state.followUps].some(l => l.text === text)
  const advice = computed(() =>
    (sheet.value?.advice ?? []).map(code => propose(code, sayAdvice(code))).filter(a => !isLogged(a.text)))
  const followUps = computed(() =>
    (sheet.value?.followUps ?? [])
      .map(({ code, days, facts }, i) => propose(`due ${code} ${i}`, sayFollowUp(code, facts), addDays(today, days)))
      .filter(f => !isLogged(f.text)))
  const open = computed(() => (sheet.value ? sayOpenPoints(sheet.value) : []))
  const summary = computed(() => changed.value.summary ?? (sheet.value ? saySummary(sheet.value) : ''))

  /** What was proposed and left standing becomes lines; then the sheet as it stands is part of the line that signs. */
  const signing = ref(false)
  async function sign(signature?: Attachment) {
    if (signing.value || !sheet.value) return false
    signing.value = true
    const kept = await write([
      ...findings.value.filter(f => !f.line && !f.out).map(({ role, about, text }): DraftLine => ({
        kind: 'finding', role, about, text,
      })),
      ...advice.value.filter(a => !a.out).map(({ text }): DraftLine => ({ kind: 'advice', text })),
      ...followUps.value.filter(f => !f.out).map(({ text, due }): DraftLine => ({
        kind: 'follow-up', text, due: due!,
      })),
    ]) && await settle(signature)
    signing.value = false
    return kept
  }
  async function settle(signature?: Attachment) {
    const now = await tab.readSheet()
    const said = summary.value.trim() || 'Settled.'
    // what was left out is not signed
    const drawn = now && tab.drawn({ ...now, findings: now.findings.filter(f => f.line) }, said)
    return write([{
      kind: 'settled',
      summary: said,
      ...(drawn ? { sheet: drawn } : {}),
      ...(signature ? { attachments: [signature] } : {}),
    }])
  }
  return { sheet, findings, advice, followUps, open, summary, change, leave, sign, signing }
}
