<script setup lang="ts">
/** What failed, what made it fail, what else was found: as the lines name it, or as they show it and will be signed. */
import type { SheetFinding } from '#core/plan'
import type { DraftLine, FindingRole } from '#core/tab'
import { useTab } from '~/stores/tab'

defineProps<{
  findings: readonly (SheetFinding & { readonly key: string, readonly out: boolean })[]
  settled: boolean
  say: (line: string) => string
}>()
const emit = defineEmits<{ write: [lines: readonly DraftLine[]], leave: [key: string, out: boolean] }>()
const tab = useTab()
const ROLES: readonly { readonly role: FindingRole, readonly title: string, readonly none: string }[] = [
  { role: 'failed', title: 'What failed', none: 'Not named yet.' },
  { role: 'cause', title: 'What made it fail', none: 'Still open. A new part on an old cause comes back.' },
  { role: 'also', title: 'What else was found', none: 'Nothing besides.' },
]
const choosing = ref<FindingRole>()
const STANDING = {
  named: 'named', shown: 'shown by the lines', excluded: 'lines speak against it', untested: 'not looked at',
} as const
/** What else it can be said to be, likeliest first. */
const choices = computed(() =>
  choosing.value === 'failed'
    ? (tab.isolation?.suspects ?? [])
        .filter(s => s.component && !s.ruledOut)
        .slice(0, 6)
        .map(s => ({ about: s.fault, label: s.label, aside: `${Math.round(s.failed * 100)} in 100` }))
    : (tab.isolation?.causes ?? [])
        .flatMap(c => c.causes)
        .slice(0, 8)
        .map(c => ({ about: c.id, label: c.label, aside: STANDING[c.standing] })))
function name(role: FindingRole, about: string) {
  choosing.value = undefined
  emit('write', [{ kind: 'finding', role, about, text: '' }])
}
const takeBack = (line: string) => emit('write', [{ kind: 'strike', line, reason: 'taken back on the sheet' }])
</script>

<template>
  <section v-for="r in ROLES" :key="r.role" class="role" :aria-label="r.title">
    <div class="finding">
      <h2>{{ r.title }}</h2>
      <button
        v-if="!settled && r.role !== 'also' && choosing !== r.role"
        class="press plain"
        @click="choosing = r.role"
      >
        something else…
      </button>
    </div>
    <template v-for="f in findings.filter(x => x.role === r.role)" :key="f.key">
      <div class="finding" :class="{ out: f.out }">
        <p>
          <b>{{ f.label || f.text }}</b>
          <template v-if="f.label && f.text && f.text !== f.label"> {{ f.text }}</template>
          <span class="by">{{ f.by.slice(0, 3).map(say).filter(Boolean).join(' · ') }}</span>
        </p>
        <template v-if="!settled">
          <button v-if="f.line" class="press plain" @click="takeBack(f.line)">take back</button>
          <button v-else class="press plain" @click="emit('leave', f.key, !f.out)">
            {{ f.out ? 'put back' : 'leave out' }}
          </button>
        </template>
      </div>
    </template>
    <p v-if="!findings.some(f => f.role === r.role && !f.out)" :class="{ open: r.role !== 'also' }">{{ r.none }}</p>
    <div v-if="!settled && choosing === r.role" class="choices">
      <button v-for="c in choices" :key="c.about" class="press choice" @click="name(r.role, c.about)">
        <span>{{ c.label }}</span><span class="soft">{{ c.aside }}</span>
      </button>
      <button class="press plain" @click="choosing = undefined">back</button>
    </div>
  </section>
</template>

<style scoped>
.role {
  display: grid;
  gap: 4px;
}
.finding {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.finding .press {
  font-size: var(--size-small);
}
/* high enough to press, no higher than its line */
.finding .press,
.finding h2 {
  margin: -6px 0;
}
.by {
  display: block;
  font-size: var(--size-small);
  color: var(--soft);
}
.out p {
  text-decoration: line-through;
  color: var(--soft);
}
.open {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
}
.choices {
  display: grid;
  gap: 6px;
}
.choice {
  justify-content: space-between;
  text-align: left;
}
</style>
