<script setup lang="ts">
/** What the supplier's desk says of a part, and ordering it there: what is on order is a line. */
import { v7 as uuid } from 'uuid'
import { orderedReply, quoteReply, type ShelfPart } from '#contracts'
import type { LedgerDraft } from '#core/ledger'
import { sayProblem } from '#core/words'
import { sayMoney } from '~/composables/partWords'
import { askServer } from '~/composables/useServer'

const props = defineProps<{ part: ShelfPart, count: number }>()
const emit = defineEmits<{ write: [draft: LedgerDraft] }>()
const quote = shallowRef<{ price: number, available: number, days: number }>()
const trouble = ref('')
const told = ref('')
const busy = ref(false)
/** one order, however often it is pressed while no answer comes */
let key = uuid()
async function ask() {
  busy.value = true
  told.value = ''
  const answer = await askServer(`/api/desk/quotes?number=${encodeURIComponent(props.part.number)}`, quoteReply)
  busy.value = false
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  quote.value = answer.ok ? answer.value : undefined
}
async function order() {
  busy.value = true
  const { part, number } = props.part
  const count = props.count
  const answer = await askServer('/api/desk/orders', orderedReply, { method: 'POST', body: { key, number, count } })
  busy.value = false
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  if (!answer.ok) return
  key = uuid()
  told.value = `Ordered ${count}: ${answer.value.order}, in ${sayDays(answer.value.days)}.`
  emit('write', { kind: 'moved', part, do: 'ordered', count, order: answer.value.order })
}
const sayDays = (days: number) => `${days} ${days === 1 ? 'day' : 'days'}`
</script>

<template>
  <div class="desk">
    <button type="button" class="press" :disabled="busy" @click="ask">Ask the supplier’s desk</button>
    <template v-if="quote">
      <span><b class="figure">{{ sayMoney(quote.price) }}</b>
        <span class="soft"> {{ quote.available ? `${quote.available} there` : 'none there' }}, in {{
          sayDays(quote.days) }}</span></span>
      <button type="button" class="press main" :disabled="busy" @click="order">Order {{ count }}</button>
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="told" role="status">{{ told }}</p>
  </div>
</template>

<style scoped>
.desk {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding-top: 10px;
  border-top: 1px dashed var(--rule);
}
.desk p { flex-basis: 100%; }
</style>
