<script setup lang="ts">
/**
 * What the shop's own settled tabs have taught: how often each fault was found, and what its base rate is moved to.
 * Can be begun anew.
 */
import { computedAsync } from '@vueuse/core'
import { learnedReply, type LearnedReply } from '#contracts'
import type { Result } from '#core/foundation'
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useKinds, useSystems } from '~/composables/useSystems'

const learned = shallowRef<LearnedReply>()
const trouble = ref('')
const sure = ref(false)
onMounted(async () => take(await askServer('/api/learned', learnedReply)))
function take(answer: Result<LearnedReply>) {
  if (answer.ok) learned.value = answer.value
  else trouble.value = sayProblem(answer.problem)
}
async function forget() {
  take(await askServer('/api/learned/forget', learnedReply, { method: 'POST', body: {} }))
  sure.value = false
}
const systems = useSystems()
const { nameOf } = useKinds()
const moved = computedAsync(async () => {
  const all = learned.value?.kinds ?? []
  return Promise.all(all.map(async k => ({ ...k, changes: (await systems.rates(k.kind, k.counts)).slice(0, 5) })))
}, [])
const kinds = computed(() => moved.value.filter(k => k.changes.length > 0))
const percent = (x: number) => `${(100 * x).toFixed(x < 0.1 ? 1 : 0)} %`
</script>

<template>
  <section class="panel learned" aria-labelledby="learned-title">
    <h2 id="learned-title">What this shop has found</h2>
    <p class="soft">
      Settled tabs shift how likely each fault is to begin with, smoothed against the catalogue.<span
        v-if="learned?.since"
      >
        Counted since {{ sayDay(learned.since) }}.</span>
    </p>
    <div class="kinds">
      <div v-for="k in kinds" :key="k.kind">
        <h3>
          {{ nameOf(k.kind) }} <span class="soft">{{ k.tabs }} settled</span>
        </h3>
        <ul>
          <li v-for="c in k.changes" :key="c.fault">
            <b>{{ c.seen }}</b><span>{{ c.label }}</span>
            <span class="soft">{{ percent(c.before) }} → {{ percent(c.after) }}</span>
          </li>
        </ul>
      </div>
    </div>
    <p v-if="learned && !kinds.length" class="soft">
      No settled tab has named what failed yet: the catalogue stands as it is.
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="kinds.length" class="row">
      <button v-if="!sure" class="press" @click="sure = true">Begin counting anew</button>
      <template v-else>
        <span>The tabs stay; only the counting begins again from now.</span>
        <button class="press danger" @click="forget">Begin anew</button>
        <button class="press plain" @click="sure = false">Leave it</button>
      </template>
    </div>
  </section>
</template>

<style scoped>
.learned {
  padding: 14px 18px;
  display: grid;
  gap: 8px;
  margin-top: 22px;
}
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 12px 28px;
}
h3 {
  font-size: var(--size-text);
}
ul {
  list-style: none;
  margin: 2px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 26px 1fr auto;
  gap: 8px;
  padding: 2px 0;
  font-size: var(--size-note);
  border-bottom: 1px dashed var(--rule);
}
.row {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
</style>
