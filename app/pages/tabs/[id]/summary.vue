<script setup lang="ts">
/** The customer's sheet: what was wrong, why, what was done, how it was left, what is still open. Made to be printed. */
import { formatValue } from '#core/units'
import { sayProblem } from '#core/words'
import { labelOf, nameOf, shortTitle } from '~/components/tab/tapeRows'
import { dayOf, sayDay } from '~/composables/useClock'
import { useTab } from '~/stores/tab'
import { useToday } from '~/stores/today'

const route = useRoute()
const tab = useTab()
const today = useToday()
watch(() => String(route.params.id), i => void tab.open(i), { immediate: true })
onUnmounted(() => tab.close())
useHead({ title: () => tab.reply ? `Summary · ${tab.reply.site.name}` : 'Keep Tab' })
const label = (about: string) => tab.kind ? labelOf(tab.kind, about) : about
const printSheet = () => window.print()
const asLeft = computed(() => tab.state.asLeft.flatMap((l) => {
  const test = tab.kind?.tests.find(t => t.id === l.test)
  if (l.kind !== 'reading' || test?.kind !== 'numeric') return []
  const was = tab.state.lines.find(x => x.kind === 'reading' && x.test === l.test && !x.asLeft && !tab.state.struck.has(x.id))
  const say = (v: number | null) => v === null ? 'OL' : formatValue(test.quantity, v)
  return [{ id: l.id, name: shortTitle(tab.kind!, l.test), found: was?.kind === 'reading' ? say(was.value) : '', left: say(l.value) }]
}))
const causeOpen = computed(() => tab.state.findings.failed.length > 0 && tab.state.findings.cause.length === 0)
</script>

<template>
  <article v-if="tab.reply && tab.kind" class="page sheet-page">
    <div class="no-print acts">
      <NuxtLink class="press" :to="`/tabs/${tab.reply.tab.id}/settle`">Back</NuxtLink><button class="press main" @click="printSheet">Print</button>
    </div>
    <header>
      <p class="soft">{{ today.reply?.company }}</p><h1>{{ tab.reply.site.name }}</h1><p>{{ tab.reply.system.name }} · {{ sayDay(dayOf(tab.reply.tab.openedAt)) }}<span v-if="tab.state.status !== 'settled'"> · <b>not settled yet</b></span></p>
    </header>
    <section><h2>What you told us</h2><p>{{ tab.state.opened?.words }}<span v-if="tab.state.opened?.since"> ({{ tab.state.opened.since }})</span></p></section>
    <section v-if="tab.state.settled">
      <h2>In short</h2><p>{{ tab.state.settled.summary }}</p>
    </section>
    <section>
      <h2>What we found</h2>
      <dl>
        <template v-for="f in tab.state.findings.failed" :key="f.id">
          <dt>Failed</dt><dd>{{ label(f.about) }} {{ f.text }}</dd>
        </template>
        <template v-for="f in tab.state.findings.cause" :key="f.id">
          <dt>Because</dt><dd>{{ label(f.about) }} {{ f.text }}</dd>
        </template>
        <template v-if="causeOpen">
          <dt>Because</dt><dd><b>Not yet known: the cause is still open.</b></dd>
        </template>
        <template v-for="f in tab.state.findings.also" :key="f.id">
          <dt>Also</dt><dd>{{ f.about === 'other' ? '' : label(f.about) }} {{ f.text }}</dd>
        </template>
      </dl>
    </section>
    <section v-if="tab.state.parts.length || tab.state.repairs.length">
      <h2>What we did</h2>
      <ul>
        <li v-for="p in tab.state.parts" :key="p.id">
          {{ p.on ? `Fitted ${p.on}${p.number ? ` (${p.number})` : ''}` : `Took off ${p.off}` }} on the {{ nameOf(tab.kind, p.component) }}{{ p.temporary ? ' — temporary, to be finished' : '' }}
        </li><li v-for="r in tab.state.repairs" :key="r.id">{{ r.text }} ({{ nameOf(tab.kind, r.component) }})</li>
      </ul>
    </section>
    <section v-if="asLeft.length">
      <h2>How it was left</h2><table>
        <thead><tr><th>Reading</th><th>Found</th><th>Left</th></tr></thead><tbody>
          <tr v-for="r in asLeft" :key="r.id">
            <td>{{ r.name }}</td><td>{{ r.found }}</td><td><b>{{ r.left }}</b></td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="tab.state.advice.length || tab.state.followUps.length">
      <h2>What we advise</h2><ul>
        <li v-for="a in tab.state.advice" :key="a.id">{{ a.text }}</li><li v-for="f in tab.state.followUps" :key="f.id">{{ f.text }}, {{ sayDay(f.due) }}</li>
      </ul>
    </section>
    <footer class="soft">
      Electrical and well work is for qualified and, where the law says so, licensed people. Local code and the maker’s instructions come first.
    </footer>
  </article>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble">{{ sayProblem(tab.problem) }}</p>
  </div>
</template>

<style scoped>
.sheet-page { max-width: 760px; background: var(--panel); padding: 28px 36px; gap: 14px; }
.acts { display: flex; gap: 8px; justify-content: flex-end; }
dl { display: grid; grid-template-columns: 90px 1fr; gap: 4px 12px; margin: 4px 0; }
dt { font-weight: 700; } dd { margin: 0; }
table { border-collapse: collapse; width: 100%; } td, th { text-align: left; padding: 4px 12px 4px 0; border-bottom: 1px solid var(--rule); }
ul { margin: 4px 0; padding-left: 20px; }
</style>
