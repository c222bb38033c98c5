<script setup lang="ts">
/** One search over sites, systems, tabs, parts and what was written on them. */
import { useSearch } from '~/composables/useSearch'

useHead({ title: 'Search · Keep Tab' })
const route = useRoute()
const typed = ref(String(route.query.q ?? ''))
const { found, alone, asking } = useSearch(typed)
const input = useTemplateRef<HTMLInputElement>('input')
onMounted(() => input.value?.focus())
watch(typed, q => void navigateTo({ query: q ? { q } : {} }, { replace: true }))
</script>

<template>
  <div class="page search">
    <h1>Search</h1>
    <label class="field"><span class="visually-hidden">What to find</span>
      <input ref="input" v-model="typed" placeholder="a site, a number, a word somebody wrote…" autocomplete="off">
    </label>
    <p v-if="alone && found.length" class="soft" role="status">
      The server does not answer: only what this device holds was looked through.</p>
    <FoundList v-if="found.length" class="panel" :found="found" />
    <p v-else-if="typed.trim() && !asking" class="soft" role="status">
      Nothing begins with these words. Fewer letters find more; a number is found by how it starts.</p>
    <p v-else-if="!typed.trim()" class="soft">
      Sites by name or place, systems, parts by number, tabs by what was said and found: “capacitor bulged”,
      “PS-4060”, “lightning”.</p>
  </div>
</template>

<style scoped>
.search { max-width: 860px; }
.field input { font-size: var(--size-figure); min-height: 52px; }
</style>
