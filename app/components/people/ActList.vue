<script setup lang="ts">
/** Acts that are no line of a tab, the latest first: only ever added to. */
import { auditReply, type AuditReply } from '#contracts'
import { sayAct, sayProblem } from '#core/words'
import { sayDay, timeOf } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const acts = ref<AuditReply>([])
const trouble = ref('')
const SHOWN = 40
onMounted(async () => {
  const answer = await askServer('/api/audit', auditReply)
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  if (answer.ok) acts.value = answer.value
})
</script>

<template>
  <section class="panel form" aria-labelledby="acts-title">
    <header class="headed">
      <h2 id="acts-title">Acts on record</h2>
      <a class="press" href="/api/audit?as=csv" download>Save all as CSV</a>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <table>
      <tbody>
        <tr v-for="a in acts.slice(0, SHOWN)" :key="a.seq">
          <td class="soft">{{ sayDay(a.at) }} {{ timeOf(a.at) }}</td>
          <td><b>{{ a.who }}</b></td>
          <td>{{ sayAct(a.act, a.facts) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="acts.length > SHOWN" class="soft">The latest {{ SHOWN }} of {{ acts.length }}.</p>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
td {
  padding: var(--space-1) var(--space-3) var(--space-1) 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
td:first-child {
  white-space: nowrap;
}
</style>
