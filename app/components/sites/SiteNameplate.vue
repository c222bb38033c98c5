<script setup lang="ts">
/** The nameplate, written as people write it. Every figure that comes sharpens what the readings are expected to be. */
import { computedAsync } from '@vueuse/core'
import { systemReply, type SystemCard } from '#contracts'
import type { KindId, SystemOutline } from '#core/systems'
import { sayProblem } from '#core/words'
import { useDraftOfEdits } from '~/composables/useDraft'
import { askServer } from '~/composables/useServer'
import { useSystems } from '~/composables/useSystems'
import { usePractice } from '~/stores/practice'

const props = defineProps<{ kind: SystemOutline, system: SystemCard }>()
const emit = defineEmits<{ changed: [] }>()
const practice = usePractice()
const edits = useDraftOfEdits(props.system.id, 'nameplate')
const systems = useSystems()
const plate = computedAsync<Readonly<Record<string, string>>>(
  () => systems.write(props.system.kind, props.system.nameplate, practice.units),
  {},
)
const written = computed<Record<string, string>>({
  get: () => ({ ...(edits.value ?? plate.value) }),
  set: (figures) => {
    edits.value = figures
  },
})
const trouble = ref('')
const kept = ref(false)
const fields = computed(() =>
  props.kind.components.flatMap(c =>
    (c.fields ?? []).map(f => ({ id: `${c.id}.${f.id}`, label: `${c.name}: ${f.label.toLowerCase()}` })),
  ),
)
const filled = computed(() => fields.value.filter(f => plate.value[f.id]))

async function save() {
  const nameplate = await systems.spell(props.system.kind, written.value, practice.units)
  const answer = await askServer(`/api/systems/${props.system.id}`, systemReply, {
    method: 'PUT',
    body: { nameplate },
  })
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  kept.value = answer.ok
  if (!answer.ok) return
  edits.value = undefined
  emit('changed')
}
</script>

<template>
  <div>
    <h3 class="caps">Nameplate</h3>
    <ul class="plate">
      <li v-for="f in filled" :key="f.id">
        <span class="soft">{{ f.label }}</span> <b>{{ plate[f.id] }}</b>
      </li>
    </ul>
    <p v-if="!filled.length" class="soft">No figures yet: tables stand in, with a wide spread.</p>
    <details :open="edits !== undefined || kept">
      <summary>Fill in or correct</summary>
      <form class="form" @submit.prevent="save">
        <NameplateForm v-model="written" :kind="(system.kind as KindId)" />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div>
          <button class="press main">Keep these figures</button>
          <button v-if="edits" type="button" class="press plain" @click="edits = undefined">
            Put back what is kept
          </button>
          <span v-else-if="kept && !trouble" role="status">Kept.</span>
        </div>
      </form>
    </details>
  </div>
</template>

<style scoped>
.plate {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  font-size: var(--size-note);
  columns: 2;
  column-gap: 20px;
}
.plate li {
  break-inside: avoid;
  padding: 1px 0;
}
.form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  margin-top: 8px;
}
summary {
  cursor: pointer;
  min-height: 32px;
  color: var(--brass);
}
@media (max-width: 760px) {
  .plate {
    columns: 1;
  }
}
</style>
