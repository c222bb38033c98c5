/**
 * What the Tab screen says of its lines: rows for the tape, a line in a sentence, a line in as few words as tell it.
 */
import { computed, ref } from 'vue'
import { sayProblem } from '#core/words'
import { labelOf, tapeRows, wordLine } from '~/components/tab/tapeRows'
import { timeOf } from '~/composables/useClock'
import { useTab } from '~/stores/tab'

/** the newest lines are shown; the rest on request */
const LATEST = 300

export function useTabWords() {
  const tab = useTab()
  const shownLines = ref(LATEST)
  const rows = computed(() =>
    tab.kind
      ? tapeRows(tab.kind, tab.state, tab.isolation, {
          most: shownLines.value,
          units: tab.units,
          has: h => tab.attachments.has(h),
          receivedAt: tab.receivedAt,
          senderOf: tab.senderOf,
        })
      : [],
  )
  const earlier = computed(() => {
    const all = tab.lines.filter(l => l.kind !== 'strike').length
    return Math.max(0, all - rows.value.length)
  })
  const label = (fault: string) => (tab.kind ? labelOf(tab.kind, fault).toLowerCase() : fault)
  const find = (id: string) => tab.lines.find(l => l.id === id)

  function sayLine(line: (typeof tab.lines)[number]) {
    if (!tab.kind) return ''
    const w = wordLine(tab.kind, line, tab.units)
    return [w.title, w.digits ? `${w.digits} ${w.unit ?? ''}`.trim() : w.detail].filter(Boolean).join(': ')
  }
  function sayId(id: string) {
    const line = find(id)
    return line ? sayLine(line) : ''
  }
  /** Its time and its figure, or what it is. */
  function sayShort(id: string) {
    const line = find(id)
    if (!line || !tab.kind) return ''
    const w = wordLine(tab.kind, line, tab.units)
    return `${timeOf(line.at)} · ${w.digits ? `${w.digits} ${w.unit ?? ''}`.trim() : w.title.toLowerCase()}`
  }
  const refused = computed(() =>
    tab.refused.flatMap(u =>
      u.problem ? [{ line: u.line, reason: sayProblem(u.problem, tab.units), title: sayLine(u.line) }] : [],
    ),
  )
  const begin = () => {
    shownLines.value = LATEST
  }
  const showEarlier = () => {
    shownLines.value += LATEST
  }
  return { rows, earlier, refused, label, sayId, sayShort, begin, showEarlier }
}
