<script setup lang="ts">
/** Settings: the shop's practice where the trade disagrees, and its units. */
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { usePractice } from '~/stores/practice'

const practice = usePractice()
useHead({ title: 'Settings · Keep Tab' })
onMounted(() => void practice.load())
</script>

<template>
  <div class="page">
    <header class="top">
      <h1>This shop’s practice</h1>
      <p class="soft">
        Where the trade disagrees the shop settles it here. Open tabs go by it from now on; settled tabs keep the
        practice they were settled under.
        <span v-if="practice.last">
          Last changed {{ sayDay(practice.last.from) }}{{ practice.last.by ? `, by ${practice.last.by}` : '' }}.
        </span>
      </p>
    </header>
    <p v-if="practice.problem" class="trouble" role="alert">{{ sayProblem(practice.problem) }}</p>
    <PracticeSchools />
    <CheckRules />
    <PracticeRate />
    <PracticeUnits />
    <OwnWords />
  </div>
</template>

<style scoped>
.top {
  display: grid;
  gap: var(--space-1);
}
</style>
