<script setup lang="ts">
/**
 * The shop's practice where the trade disagrees: recorded with its day and its writer, in force for tabs that are
 * open from then on.
 */
import { practicesReply } from '#contracts'
import { USUAL_WRITTEN, type PracticeRecord } from '#core/formats'
import type { Result } from '#core/foundation'
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useWriter } from '~/composables/useWriter'

/** Schools of the trade, psi under cut-in (handbook, common practice). */
const SCHOOLS = [2, 3, 4, 5]
const records = shallowRef<readonly PracticeRecord[]>()
const trouble = ref('')
const last = computed(() => records.value?.at(-1))
const now = computed(() => last.value?.practice.prechargeOffsetPsi ?? USUAL_WRITTEN.prechargeOffsetPsi)
onMounted(async () => take(await askServer('/api/practice', practicesReply)))

function take(answer: Result<readonly PracticeRecord[]>) {
  if (answer.ok) records.value = answer.value
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
}
async function choose(psi: number) {
  const body = { practice: { prechargeOffsetPsi: psi }, by: useWriter().name.value }
  take(await askServer('/api/practice', practicesReply, { method: 'POST', body }))
}
</script>

<template>
  <section class="panel practice" aria-labelledby="practice-title">
    <h2 id="practice-title">This shop’s practice</h2>
    <div class="row" role="group" aria-label="Precharge under cut-in">
      <span>Precharge under cut-in</span>
      <button v-for="psi in SCHOOLS" :key="psi" class="press" :aria-pressed="psi === now" @click="choose(psi)">
        <span class="figure">{{ psi }}<small>psi</small></span>
      </button>
    </div>
    <p class="soft">
      Settled tabs keep the practice they were settled under.<span v-if="last">
        Since {{ sayDay(last.from) }}<template v-if="last.by">, by {{ last.by }}</template
        >.</span
      >
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.practice {
  padding: 14px 18px;
  display: grid;
  gap: 8px;
  margin-top: 22px;
}
.row {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
}
.row > span {
  margin-right: 6px;
}
.press[aria-pressed='true'] {
  background: var(--brass-ground);
  border-color: var(--edge);
  font-weight: 700;
}
</style>
