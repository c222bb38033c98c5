<script setup lang="ts">
/** The shelf: what the shop keeps, where it is, what is short; counted, loaded, ordered and brought by lines. */
import { shelfReply, type ShelfPart, type ShelfReply } from '#contracts'
import { isFound } from '~/composables/useSearch'
import { shortage } from '~/components/shelf/shortage'
import { askServer } from '~/composables/useServer'
import { sayProblem } from '#core/words'
import { useKeeping } from '~/stores/keeping'
import { useLedger } from '~/stores/ledger'

useHead({ title: 'Shelf · Keep Tab' })
const ledger = useLedger()
const keeping = useKeeping()
const reply = shallowRef<ShelfReply>()
const trouble = ref('')
const route = useRoute()
const chosen = ref(String(route.query.part ?? ''))
const editing = ref<'new' | 'chosen'>()
const filter = ref('')
const onlyShort = ref(false)
async function load() {
  const answer = await askServer('/api/shelf', shelfReply)
  if (answer.ok) reply.value = answer.value
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
}
onMounted(load)
onBeforeUnmount(ledger.onKept(load))
/** with what was written here and is not yet in the server's answer */
const parts = computed<readonly ShelfPart[]>(() => {
  const told = reply.value?.parts ?? []
  const fresh = ledger.own.parts().filter(p => !told.some(t => t.part === p.part))
    .map((p): ShelfPart => ({ ...p, stock: ledger.own.stock(p.part) }))
  return [...told.map(p => ({ ...p, ...(ledger.own.parts().find(o => o.part === p.part) ?? {}) })), ...fresh]
})
const shown = computed(() => parts.value.filter(p =>
  (!filter.value.trim() || isFound(filter.value, `${p.name} ${p.number} ${p.type} ${p.maker ?? ''}`))
  && (!onlyShort.value || shortage(p))))
const part = computed(() => parts.value.find(p => p.part === chosen.value))
const short = computed(() => parts.value.filter(p => shortage(p)).length)
const choose = (id: string) => {
  chosen.value = id
  editing.value = undefined
}
</script>

<template>
  <div class="page">
    <header class="headed">
      <div>
        <h1>Shelf</h1>
        <p v-if="reply" class="soft">{{ parts.length }} parts<template v-if="short"> · {{ short }} short</template></p>
      </div>
      <div class="acts">
        <label class="find"><span class="visually-hidden">Find a part</span>
          <input v-model="filter" placeholder="number or name…" autocomplete="off">
        </label>
        <button class="press" :aria-pressed="onlyShort" @click="onlyShort = !onlyShort">
          {{ onlyShort ? 'All parts' : 'What is short' }}</button>
        <button class="press main" @click="editing = 'new'">Add a part</button>
      </div>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-for="r in ledger.refused" :key="r.id" class="trouble" role="alert">
      {{ r.problem ? sayProblem(r.problem) : '' }}
      <button class="press plain" @click="keeping.drop(r.id)">Let it go</button></p>
    <div class="cols">
      <div class="panel list">
        <ShelfList v-if="shown.length" :parts="shown" :chosen="chosen" @choose="choose" />
        <p v-else-if="reply" class="soft none">
          {{ parts.length ? 'No part has these words.'
            : 'Nothing is on the shelf yet. Add a part: what it is called, its number, how many there are.' }}
        </p>
        <p v-else-if="!trouble" class="soft none">Looking through the shelf…</p>
      </div>
      <PartForm
        v-if="editing"
        :key="editing + chosen"
        :part="editing === 'chosen' ? part : undefined"
        @write="ledger.write"
        @close="editing = undefined"
      />
      <PartCard v-else-if="part" :part="part" @write="ledger.write" @edit="editing = 'chosen'" />
      <p v-else class="soft panel none">Choose a part to count it, load it, order it or see what it fits by.</p>
    </div>
  </div>
</template>

<style scoped>
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 16px;
  align-items: start;
}
.cols > :last-child {
  position: sticky;
  top: 12px;
  max-height: calc(100vh - 90px);
  overflow: auto;
}
.list { padding: 4px 6px 10px; }
.none { padding: 18px 16px; }
.find input {
  min-height: 44px;
  padding: 6px 12px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
@media (max-width: 1000px) {
  .cols { grid-template-columns: minmax(0, 1fr); }
  .cols > :last-child { position: static; order: -1; max-height: none; }
}
</style>
