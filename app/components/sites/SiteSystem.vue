<script setup lang="ts">
/** One system of a site: how its readings moved, what is fitted and how old, its checks, its tabs, newest first. */
import { computedAsync } from '@vueuse/core'
import type { SiteReply } from '#contracts'
import { labelOf } from '~/components/tab/tapeRows'
import { sayDay, useClock } from '~/composables/useClock'
import { useSystems } from '~/composables/useSystems'
import { recurring } from './recurs'
import { usePractice } from '~/stores/practice'

const props = defineProps<{ entry: SiteReply['systems'][number], site: SiteReply['site'], asked: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const practice = usePractice()
/** what the worker makes of the lines of all its tabs */
const history = computedAsync(async () => {
  const { system, tabs } = props.entry
  const told = await useSystems().history(
    system.kind,
    system.nameplate,
    practice.written,
    tabs.map(t => t.lines),
  )
  return told.ok ? { ...told.value, tabs } : undefined
})
const kind = computed(() => history.value?.outline)
const calls = computed(
  () => history.value?.tabs.map(({ tab }, i) => ({ tab, state: history.value!.states[i]! })) ?? [],
)
const again = computed(() =>
  (kind.value ? recurring(kind.value, calls.value.map(c => c.state), useClock().today()) : []))
const say = (about: string) => (kind.value ? labelOf(kind.value, about) : about)
</script>

<template>
  <section
    :id="entry.system.id" class="system panel" :class="{ asked, retired: entry.system.retired }"
    :aria-label="entry.system.name"
  >
    <SystemHead :entry="entry" :site="site" :kind-name="kind?.name.toLowerCase() ?? ''" />
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
        <SiteTrend
          v-if="kind && history" :kind="kind" :nameplate="entry.system.nameplate" :bands="history.bands"
          :calls="calls.map(c => c.state)"
        />
        <p v-for="r in again" :key="r" class="again"><b>{{ r }}</b></p>
        <SystemFitted :fitted="entry.fitted" :kind="kind" />
        <SystemChecks :system="entry.system.id" :checks="entry.checks" />
        <SitePictures :tabs="entry.tabs" />
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
.asked {
  border-color: var(--brass);
  border-width: 2px;
}
.retired .cols {
  opacity: 0.75;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 24px;
}
.calls {
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
@media (max-width: 760px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
  .system {
    padding: 12px;
  }
}
</style>
