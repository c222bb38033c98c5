/**
 * A remark that a hand places: what it means is logged in its stead, and the shop's words are heard so from then on.
 */
import { ref } from 'vue'
import type { DraftLine } from '#core/tab'
import type { Write } from '~/composables/useProving'
import { useLedger } from '~/stores/ledger'
import { useTab } from '~/stores/tab'

export interface Remark {
  readonly line: string
  readonly words: string
}
/** A test with what was seen in it; without that, a reading. */
export interface Answer {
  readonly test: string
  readonly outcome?: string | undefined
}

/** Characters: a story is placed once, and never told again word for word. */
const MOST_LEARNED = 200

export function usePlacing(write: Write) {
  const [tab, ledger] = [useTab(), useLedger()]
  const placing = ref<Remark>()
  /** why it could not be placed so */
  const trouble = ref('')

  const begin = (remark: Remark) => {
    trouble.value = ''
    placing.value = remark
  }
  const leave = () => {
    placing.value = undefined
  }
  let busy = false
  /** Once, however often it is pressed. */
  async function place(answer: Answer) {
    const remark = placing.value
    if (!remark || busy) return
    busy = true
    await placeAs(remark, answer).finally(() => {
      busy = false
    })
  }
  async function placeAs(remark: Remark, { test, outcome }: Answer) {
    const saying = { words: remark.words, test, ...(outcome ? { outcome } : {}) }
    const heard = await tab.hear(remark.words, undefined, [saying])
    const said = heard.ok && heard.value.ok ? heard.value.value : undefined
    if (said?.kind !== 'lines' || !said.placed) {
      trouble.value = outcome
        ? 'These words say too little to be told again.'
        : 'There is no figure in these words that this test could show.'
      return
    }
    if ((await write(said.lines, remark.words)) === 'refused') return
    leave()
    await tab.log({ kind: 'strike', line: remark.line, reason: `placed: ${said.say}` })
    if (remark.words.length <= MOST_LEARNED) await ledger.write({ kind: 'saying', ...saying })
  }
  return { placing, trouble, begin, leave, place }
}

/** Learns words by the line that was chosen for them. */
export async function learn(words: string, line: DraftLine) {
  if (words.length > MOST_LEARNED || (line.kind !== 'reading' && line.kind !== 'observation')) return
  const outcome = line.kind === 'observation' ? { outcome: line.outcome } : {}
  await useLedger().write({ kind: 'saying', words, test: line.test, ...outcome })
}
