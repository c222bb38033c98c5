<script setup lang="ts">
/** What the shelf has for this repair: whether it fits and why not, where it is, and what must change with it. */
import { computedAsync } from '@vueuse/core'
import { shelfReply, type ShelfPart, type TabReply } from '#contracts'
import { typesFor, type Judged } from '#core/parts'
import { sayAlsoChange, sayJudged } from '#core/words'
import { sayAttribute } from '~/composables/partWords'
import { askOrCopy } from '~/composables/useCopies'
import { useSystems } from '~/composables/useSystems'
import { useLedger } from '~/stores/ledger'
import { usePractice } from '~/stores/practice'

const props = defineProps<{
  reply: TabReply
  component: string
  fault: string
  /** the number that was typed or pressed */
  chosen: string
  /** of the catalogue's repair */
  minutes: number
  /** what the part is called */
  name: string
}>()
const emit = defineEmits<{ choose: [part: ShelfPart] }>()
const practice = usePractice()
const MOST = 3
const WORDS = { fits: '✓ fits', unknown: '? may fit', not: '✕ does not fit' } as const
const parts = shallowRef<readonly ShelfPart[]>([])
const lives = ref<Readonly<Record<string, number>>>({})
onMounted(() => askOrCopy('/api/shelf', shelfReply, ({ reply }) => {
  parts.value = reply.parts
  lives.value = reply.lives
}))
/** the part in service, where the shelf lists it by its number */
const off = computed(() => {
  const own = props.reply.fitted.filter(f => f.component === props.component && !f.removed && f.number)
  return parts.value.find(p => own.some(f => f.number === p.number))?.attributes ?? {}
})
const offered = computedAsync(async () => {
  const { system } = props.reply
  const found = await useSystems().fits({
    kind: system.kind, nameplate: system.nameplate, practice: props.reply.practice, component: props.component,
    fault: props.fault, off: off.value,
    parts: parts.value.map(({ part, type, attributes = {} }) => ({ part, type, attributes })),
  })
  return found.flatMap((fit) => {
    const part = parts.value.find(p => p.part === fit.part)
    return part ? [{ ...fit, of: part }] : []
  })
}, [])
/** a number that was typed and that the shelf does not know: one press, and it does */
const unlisted = computed(() => {
  const number = props.chosen.trim()
  return number && loaded.value && !parts.value.some(p => p.number === number) && !listed.value.includes(number)
    ? number
    : ''
})
const listed = ref<readonly string[]>([])
const loaded = computed(() => parts.value.length > 0)
async function list() {
  const number = unlisted.value
  listed.value = [...listed.value, number]
  await useLedger().write({
    kind: 'listed', part: `part-${crypto.randomUUID()}`, type: typesFor(props.component, props.fault)[0] ?? 'other',
    name: props.name, number,
  })
}
const where = ({ van, shop, onOrder }: ShelfPart['stock']) =>
  [van ? `${van} on the van` : '', shop ? `${shop} in the shop` : '', onOrder ? `${onOrder} on order` : '']
    .filter(Boolean).join(', ') || 'none on the shelf'
const say = (j: Judged) => sayJudged(j, figure => sayAttribute(j.attribute, figure, practice.units))
const troubles = (judged: readonly Judged[]) => judged.filter(j => j.verdict === 'not' || j.verdict === 'unknown')
</script>

<template>
  <ul v-if="offered.length" class="offered" aria-label="From the shelf">
    <li v-for="o in offered.slice(0, MOST)" :key="o.part">
      <button :aria-pressed="chosen === o.of.number" @click="emit('choose', o.of)">
        <span><b>{{ o.of.name }}</b> <span class="soft">{{ o.of.number }} · {{ where(o.of.stock) }}</span></span>
        <b :class="o.verdict">{{ WORDS[o.verdict] }}</b>
        <span v-if="troubles(o.judged).length" class="soft why">{{
          troubles(o.judged).slice(0, 2).map(say).join('; ') }}</span>
        <span v-for="c in o.verdict === 'not' ? [] : o.changes" :key="c.code" class="soft why">{{
          sayAlsoChange(c, practice.units) }}</span>
      </button>
    </li>
  </ul>
  <p v-if="unlisted" class="unlisted">
    <button type="button" class="press plain" @click="list">Put {{ unlisted }} on the shelf’s list</button></p>
  <ShelfWays
    :component="component" :fault="fault" :minutes="minutes" :booked="lives[component]"
    :offered="offered.filter(o => o.verdict !== 'not').map(o => o.of)"
  />
</template>

<style scoped>
.offered { list-style: none; margin: 0; padding: 0; display: grid; gap: 4px; }
button {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
  width: 100%;
  text-align: left;
  min-height: 44px;
  padding: 6px 10px;
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: var(--panel);
  cursor: pointer;
}
button:hover { background: var(--brass-ground); }
button[aria-pressed='true'] {
  border-color: var(--brass);
  background: var(--brass-ground);
}
.why { grid-column: 1 / -1; font-size: var(--size-small); }
.fits { color: var(--ink); }
.unknown { color: var(--soft); }
.not { color: var(--danger); }
</style>
