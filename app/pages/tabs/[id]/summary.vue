<script setup lang="ts">
/**
 * The customer's sheet: what was wrong, why, what was done, how it was left, what is still open. As signed once
 * settled. Made to be printed.
 */
import { sayProblem } from '#core/words'
import { HEADS } from '~/composables/signedSheet'
import { partsOf, useDrawnSheet } from '~/composables/useDrawnSheet'
import { dayOf, sayDay } from '~/composables/useClock'
import { useTab } from '~/stores/tab'
import { useToday } from '~/stores/today'

const route = useRoute()
const tab = useTab()
const today = useToday()
watch(
  () => String(route.params.id),
  i => void tab.open(i),
  { immediate: true },
)
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `Summary · ${tab.reply.site.name}` : 'Keep Tab') })
const printSheet = () => window.print()
const { sheet, signed } = useDrawnSheet(() => true)
const parts = computed(() => partsOf(sheet.value?.entries ?? [], HEADS))
</script>

<template>
  <article v-if="tab.reply && tab.kind" class="page sheet-page">
    <div class="no-print acts">
      <NuxtLink class="press" :to="`/tabs/${tab.reply.tab.id}/settle`">Back</NuxtLink>
      <button class="press main" @click="printSheet">Print</button>
    </div>
    <header>
      <p class="soft">{{ today.reply?.company }}</p>
      <h1>{{ tab.reply.site.name }}</h1>
      <p>
        {{ tab.reply.system.name }} · {{ sayDay(dayOf(tab.reply.tab.openedAt))
        }}<span v-if="tab.state.status !== 'settled'"> · <b>not settled yet</b></span>
      </p>
    </header>
    <section v-for="p in parts" :key="p.head">
      <h2>{{ p.head }}</h2>
      <table v-if="p.figures">
        <thead>
          <tr>
            <th>Reading</th>
            <th>Found</th>
            <th>Left</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="e in p.entries" :key="e.text">
            <td>{{ e.text }}</td>
            <td>{{ e.found }}</td>
            <td>
              <b>{{ e.left }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <ul v-else-if="p.entries.length > 1">
        <li v-for="e in p.entries" :key="e.text">{{ e.text }}</li>
      </ul>
      <p v-else>{{ p.entries[0]?.text }}</p>
    </section>
    <TapePhoto
      v-for="a in tab.state.settled?.attachments ?? []"
      :key="a.hash"
      :name="a.hash"
      :come="tab.attachments.has(a.hash)"
      caption="Signature"
    />
    <footer class="soft">
      <span v-if="signed">As signed on {{ sayDay(dayOf(tab.state.settled!.at))
        }}<template v-if="tab.state.settled?.by"> by {{ tab.state.settled.by }}</template
        >, judged by engine {{ signed.engine }}. </span
      >Electrical and well work is for qualified and, where the law says so, licensed people. Local code and the
      maker’s instructions come first.
    </footer>
  </article>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble">{{ sayProblem(tab.problem) }}</p>
  </div>
</template>

<style scoped>
.sheet-page {
  max-width: 760px;
  background: var(--panel);
  padding: 28px 36px;
  gap: 14px;
}
.acts {
  display: flex;
  gap: 8px;
  justify-content: flex-end;
}
table {
  border-collapse: collapse;
  width: 100%;
}
td,
th {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule);
}
ul {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
