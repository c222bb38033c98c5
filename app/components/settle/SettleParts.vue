<script setup lang="ts">
/** Parts off and on with their numbers, and what was put right without a part. */
import type { DraftLine } from '#core/tab'
import { useDraft } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

const props = defineProps<{ log: (line: DraftLine) => Promise<boolean>, settled: boolean }>()
const tab = useTab()
const component = ref('')
/** the fault that it puts right; empty for the whole component */
const fault = ref('')
const of = String(useRoute().params.id)
const off = useDraft(of, 'part-off')
const on = useDraft(of, 'part-on')
const number = useDraft(of, 'part-number')
const text = useDraft(of, 'repair')
const temporary = ref(false)
const names = computed(() => tab.kind?.components ?? [])
const nameOf = (id: string) => names.value.find(c => c.id === id)?.name ?? id
/** What can be done about the component: each repair once, by a fault that it is for. */
const repairs = computed(() => {
  const own = tab.kind?.faults.filter(f => f.component === component.value) ?? []
  const named = new Set(
    Object.values(tab.state.findings)
      .flat()
      .map(f => f.about),
  )
  return [...new Map(own.map(f => [f.repair.id, f.repair])).values()].map(({ id, name }) => {
    const of = own.filter(f => f.repair.id === id)
    return { id, label: name, fault: (of.find(f => named.has(f.id)) ?? of[0])?.id ?? '' }
  })
})
watch(repairs, (list) => {
  if (!list.some(r => r.fault === fault.value))
    fault.value = list.find(r => tab.state.findings.failed.some(f => f.about === r.fault))?.fault ?? ''
})
const suggested = computed(() =>
  tab.isolation?.suspects.find(s => tab.state.findings.failed.some(f => f.about === s.fault)),
)
watch(
  suggested,
  (s) => {
    if (s && !component.value) {
      component.value = s.component
      fault.value = repairs.value.find(r => r.id === s.repair.id)?.fault ?? ''
      on.value ||= s.repair.part
      off.value ||= s.repair.part
    }
  },
  { immediate: true },
)
const fittedNow = computed(
  () => tab.reply?.fitted.filter(f => f.component === component.value && !f.removed) ?? [],
)

async function addPart() {
  const done = await props.log({
    kind: 'part',
    component: component.value,
    from: 'van',
    ...(fault.value ? { fault: fault.value } : {}),
    ...(off.value ? { off: off.value } : {}),
    ...(on.value ? { on: on.value } : {}),
    ...(number.value ? { number: number.value } : {}),
    ...(temporary.value ? { temporary: true } : {}),
  })
  if (done) off.value = on.value = number.value = ''
}
async function addRepair() {
  if (
    await props.log({
      kind: 'repair',
      component: component.value,
      ...(fault.value ? { fault: fault.value } : {}),
      text: text.value,
    })
  )
    text.value = ''
}
</script>

<template>
  <section class="panel box" aria-label="Parts and repairs">
    <h2>Parts and repairs</h2>
    <ul v-if="tab.state.parts.length || tab.state.repairs.length" class="done">
      <li v-for="p in tab.state.parts" :key="p.id">
        <b>{{ nameOf(p.component) }}</b> <span v-if="p.off">off: {{ p.off }} </span>
        <span v-if="p.on">on: {{ p.on }} </span>
        <span class="soft">{{ p.number }}{{ p.temporary ? ' temporary, to be finished' : '' }}</span>
      </li>
      <li v-for="r in tab.state.repairs" :key="r.id">
        <b>{{ nameOf(r.component) }}</b> {{ r.text }}
      </li>
    </ul>
    <p v-else class="soft">Nothing fitted or put right yet.</p>
    <div v-if="!settled" class="forms">
      <div class="what">
        <label class="field">
          <span>On what</span>
          <select v-model="component">
            <option value="" disabled>Choose</option>
            <option v-for="c in names" :key="c.id" :value="c.id">{{ c.name }}</option>
          </select>
        </label>
        <label v-if="repairs.length" class="field">
          <span>Which repair</span>
          <select v-model="fault">
            <option v-for="r in repairs" :key="r.fault" :value="r.fault">{{ r.label }}</option>
            <option value="">The whole of it, made new</option>
          </select>
        </label>
      </div>
      <form class="part" @submit.prevent="addPart">
        <label class="field">
          <span>Part off</span><input v-model="off" list="fitted-now" autocomplete="off"><datalist
            id="fitted-now"
          >
            <option v-for="f in fittedNow" :key="f.part" :value="f.part" /></datalist>
        </label>
        <label class="field"><span>Part on</span><input v-model="on" autocomplete="off"></label>
        <label class="field"><span>Number</span><input v-model="number" autocomplete="off"></label>
        <label class="check"><Checkbox v-model="temporary" binary /> temporary</label>
        <button class="press" :disabled="!component || (!off && !on)">Part changed</button>
      </form>
      <form class="part" @submit.prevent="addRepair">
        <label class="field grow">
          <span>Put right without a part</span>
          <input v-model="text" autocomplete="off" placeholder="aired at zero pressure">
        </label>
        <button class="press" :disabled="!component || !text.trim()">Put right</button>
      </form>
      <p class="caution">
        Dead, discharged and at zero pressure before anything comes off; the wiring noted first.
      </p>
    </div>
  </section>
</template>

<style scoped>
.box {
  padding: 16px 18px;
  display: grid;
  gap: 10px;
}
.done {
  margin: 0;
  padding-left: 18px;
}
.forms {
  display: grid;
  gap: 12px;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.what .field {
  flex: 1 1 180px;
  max-width: 320px;
}
.part {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.part .field {
  flex: 1 1 180px;
  max-width: 320px;
}
.part .grow {
  flex: 2 1 300px;
  max-width: 660px;
}
.check {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: var(--control);
}
.check input {
  width: 20px;
  height: 20px;
  accent-color: var(--brass);
}
</style>
