<script setup lang="ts">
/** What failed, what made it fail, what else was found: three different things, kept apart. */
import type { DraftLine, LineOf } from '#core/tab'
import { labelOf } from '~/components/tab/tapeRows'
import { useDraft } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

const props = defineProps<{ log: (line: DraftLine) => Promise<boolean>, settled: boolean }>()
const tab = useTab()
const label = (about: string) => (tab.kind ? labelOf(tab.kind, about) : about)
const likely = computed(
  () =>
    tab.isolation?.suspects
      .filter(s => s.component && s.failed > 0.02 && !tab.state.findings.failed.some(f => f.about === s.fault))
      .slice(0, 4) ?? [],
)
const causes = computed(() => tab.isolation?.causes.flatMap(c => c.causes) ?? [])
const also = computed(() => tab.isolation?.alsoFound ?? [])
const other = useDraft(String(useRoute().params.id), 'also')
const STANDING = {
  named: 'named',
  shown: 'shown by the lines',
  excluded: 'lines speak against it',
  untested: 'not looked at',
} as const

async function find(role: LineOf<'finding'>['role'], about: string, text = '') {
  await props.log({ kind: 'finding', role, about, text })
}
async function addOther() {
  if (
    other.value.trim()
    && (await props.log({ kind: 'finding', role: 'also', about: 'other', text: other.value.trim() }))
  )
    other.value = ''
}
const strike = (line: string) => props.log({ kind: 'strike', line, reason: 'taken back while settling' })
</script>

<template>
  <section class="panel box" aria-label="Findings">
    <div class="col">
      <h2>What failed</h2>
      <p v-for="f in tab.state.findings.failed" :key="f.id" class="named">
        <b>{{ label(f.about) }}</b> {{ f.text }}
        <button v-if="!settled" class="press plain" @click="strike(f.id)">take back</button>
      </p>
      <template v-if="!settled">
        <p v-if="!tab.state.findings.failed.length" class="soft">Name what failed. The likeliest first:</p>
        <button v-for="s in likely" :key="s.fault" class="press offer" @click="find('failed', s.fault)">
          <span>{{ s.label }}</span><span class="figure">{{ Math.round(s.failed * 100) }}</span>
        </button>
      </template>
    </div>
    <div class="col">
      <h2>What made it fail</h2>
      <p v-for="f in tab.state.findings.cause" :key="f.id" class="named">
        <b>{{ label(f.about) }}</b> {{ f.text }}
        <button v-if="!settled" class="press plain" @click="strike(f.id)">take back</button>
      </p>
      <p v-if="tab.state.findings.failed.length && !tab.state.findings.cause.length" class="open">
        <b>Still open.</b> A new part on an old cause comes back.
      </p>
      <template v-if="!settled">
        <button
          v-for="(c, i) in causes.filter(x => x.standing !== 'named').slice(0, 5)"
          :key="c.id"
          class="press offer"
          :class="{ main: c.standing === 'shown' && i === 0 && !tab.state.findings.cause.length }"
          @click="find('cause', c.id)"
        >
          <span>{{ c.label }}<small>{{ STANDING[c.standing] }} · {{ c.why }}</small>
          </span>
        </button>
        <p v-if="!tab.state.findings.failed.length" class="soft">Comes after what failed.</p>
      </template>
    </div>
    <div class="col">
      <h2>What else was found</h2>
      <p v-for="f in tab.state.findings.also" :key="f.id" class="named">
        <b>{{ f.about === 'other' ? '' : label(f.about) }}</b> {{ f.text }}
        <button v-if="!settled" class="press plain" @click="strike(f.id)">take back</button>
      </p>
      <template v-if="!settled">
        <button v-for="a in also" :key="a.id" class="press offer" @click="find('also', a.id)">
          <span>{{ a.label }}<small>{{ a.advice }}</small>
          </span>
        </button>
        <form class="row" @submit.prevent="addOther">
          <input
            v-model="other"
            placeholder="Something else worth keeping"
            aria-label="Something else found">
          <button class="press">Add</button>
        </form>
      </template>
    </div>
  </section>
</template>

<style scoped>
.box {
  padding: 16px 18px;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 20px;
}
.col {
  display: grid;
  gap: 8px;
  align-content: start;
}
.offer {
  justify-content: space-between;
  text-align: left;
  padding: 6px 14px;
  width: 100%;
}
.offer small {
  display: block;
  font-weight: 400;
  font-size: var(--size-small);
}
.named {
  padding: 8px 12px;
  background: var(--panel-2);
}
.open {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
}
.row {
  display: flex;
  gap: 6px;
}
.row input {
  flex: 1;
  min-width: 0;
  min-height: var(--control);
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
@media (max-width: 760px) {
  .box {
    grid-template-columns: 1fr;
  }
}
</style>
