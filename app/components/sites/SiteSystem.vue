<script setup lang="ts">
/** One system of a site: nameplate, fitted parts, trend and its tabs, newest first. */
import { computedAsync } from '@vueuse/core'
import type { SiteReply } from '#contracts'
import { labelOf } from '~/components/tab/tapeRows'
import { sayDay } from '~/composables/useClock'
import { useSystems } from '~/composables/useSystems'

const props = defineProps<{ entry: SiteReply['systems'][number] }>()
const emit = defineEmits<{ changed: [] }>()
/** what the worker makes of the lines of all its tabs */
const history = computedAsync(async () => {
  const { system, tabs } = props.entry
  const told = await useSystems().history(
    system.kind,
    system.nameplate,
    tabs.map(t => t.lines),
  )
  return told.ok ? { outline: told.value.outline, tabs, states: told.value.states } : undefined
})
const kind = computed(() => history.value?.outline)
const calls = computed(
  () => history.value?.tabs.map(({ tab }, i) => ({ tab, state: history.value!.states[i]! })) ?? [],
)
const say = (about: string) => (kind.value ? labelOf(kind.value, about) : about)
const nameOf = (component: string) => kind.value?.components.find(c => c.id === component)?.name ?? component
const fitted = computed(() => props.entry.fitted.filter(f => !f.removed))
const removed = computed(() => props.entry.fitted.filter(f => f.removed))
</script>

<template>
  <section class="system panel" :aria-label="entry.system.name">
    <header>
      <h2>{{ entry.system.name }}</h2>
      <p class="soft">
        {{
          [
            kind?.name.toLowerCase(),
            entry.system.location,
            entry.system.installed ? `installed ${sayDay(entry.system.installed)}` : '',
          ]
            .filter(Boolean)
            .join(' · ')
        }}
      </p>
    </header>
    <div class="cols">
      <div>
        <h3 class="caps">Calls</h3>
        <ol class="calls">
          <li v-for="c in calls" :key="c.tab.id">
            <NuxtLink :to="`/tabs/${c.tab.id}`" class="call">
              <span class="when">{{ sayDay(c.tab.openedAt) }}<small>{{ c.tab.status }}</small>
              </span>
              <span>
                <b>{{ c.tab.words }}</b>
                <span v-for="f in c.state.findings.failed" :key="f.id" class="found">
                  <i>failed</i> {{ say(f.about) }}</span>
                <span v-for="f in c.state.findings.cause" :key="f.id" class="found">
                  <i>because</i> {{ say(f.about) }}</span>
                <span v-for="f in c.state.findings.also" :key="f.id" class="found">
                  <i>also</i> {{ say(f.about) }}</span>
                <span v-if="c.state.findings.failed.length && !c.state.findings.cause.length" class="found open"
                  >cause still open</span>
                <span v-if="c.tab.note" class="soft note">{{ c.tab.note }}</span>
              </span>
            </NuxtLink>
          </li>
        </ol>
        <p v-if="!entry.tabs.length" class="soft">No calls yet.</p>
      </div>
      <div class="side">
        <SiteTrend v-if="kind" :kind="kind" :nameplate="entry.system.nameplate" :calls="calls.map(c => c.state)" />
        <div>
          <h3 class="caps">Fitted</h3>
          <ul v-if="fitted.length" class="parts">
            <li v-for="f in fitted" :key="f.component + f.part">
              <b>{{ f.part }}</b>
              <span class="soft">{{
                [nameOf(f.component), f.number, f.fitted ? sayDay(f.fitted) : ''].filter(Boolean).join(' · ')
              }}</span>
            </li>
          </ul>
          <p v-else class="soft">Nothing on record.</p>
          <details v-if="removed.length">
            <summary>{{ removed.length }} taken off</summary>
            <ul class="parts">
              <li v-for="f in removed" :key="f.component + f.part + f.removed">
                {{ f.part }}
                <span class="soft">{{ f.fitted ? sayDay(f.fitted) : '' }} – {{ sayDay(f.removed!)
                  }}{{ f.why ? ` · ${say(f.why)}` : '' }}</span>
              </li>
            </ul>
          </details>
        </div>
        <SiteNameplate v-if="kind" :kind="kind" :system="entry.system" @changed="emit('changed')" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.system {
  padding: 16px 18px;
  display: grid;
  gap: 12px;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 24px;
}
.calls,
.parts {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
.call {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 12px;
  padding: 8px 6px;
  border-bottom: 1px dashed var(--rule);
  color: var(--ink);
  text-decoration: none;
}
.call:hover {
  background: var(--brass-ground);
}
.when small {
  display: block;
  color: var(--soft);
}
.found {
  display: block;
  font-size: var(--size-note);
}
.found i {
  font-style: normal;
  font-weight: 700;
}
.found.open {
  font-weight: 700;
  color: var(--brass);
}
.note {
  display: block;
  font-size: var(--size-note);
}
.side {
  display: grid;
  gap: 16px;
  align-content: start;
}
.parts li {
  padding: 3px 0;
}
.parts b {
  margin-inline-end: 8px;
}
summary {
  cursor: pointer;
  min-height: 32px;
  color: var(--soft);
}
@media (max-width: 760px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
  .system {
    padding: 12px;
  }
}
</style>
