<script setup lang="ts">
/**
 * What the shop settles for itself where the trade disagrees: each school in a sentence, and what the choice changes.
 * Recorded with its day and its writer, in force for tabs that are open from then on.
 */
import { SCHOOLS, type School } from '#core/words'
import { usePractice } from '~/stores/practice'

const practice = usePractice()
const chosen = (school: School) =>
  practice.now
  && {
    ...practice.now,
    ...practice.written,
  }[school.key]
</script>

<template>
  <div class="schools">
    <section v-for="school in SCHOOLS" :key="school.key" class="panel school" :aria-label="school.title">
      <h2>{{ school.title }}</h2>
      <div class="choices" role="radiogroup" :aria-label="school.title">
        <button
          v-for="c in school.choices(practice.units)"
          :key="c.value"
          type="button"
          role="radio"
          class="choice"
          :aria-checked="c.value === chosen(school)"
          @click="practice.change({ [school.key]: c.value })"
        >
          <b>{{ c.label }}</b>
          <span class="soft">{{ c.says }}</span>
        </button>
      </div>
      <p class="changes">{{ school.changes(practice.now) }}</p>
    </section>
  </div>
</template>

<style scoped>
.schools {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: var(--space-4);
}
.school {
  align-content: start;
  padding: var(--space-3) var(--space-4);
  display: grid;
  gap: var(--space-2);
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: var(--space-2);
}
.choice {
  display: grid;
  gap: 2px;
  align-content: start;
  text-align: left;
  padding: var(--space-2) var(--space-3);
  min-height: var(--control);
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: transparent;
  cursor: pointer;
}
.choice .soft {
  font-size: var(--size-small);
}
.choice:hover {
  border-color: var(--brass);
}
.choice[aria-checked='true'] {
  background: var(--brass-ground);
  border-color: var(--edge);
}
.changes {
  font-size: var(--size-text);
}
</style>
