<script setup lang="ts">
/**
 * The same place opened twice, as on two devices without a signal: put together by moving what is here to the other,
 * with what is known. Both files stay; this one is empty then.
 */
import { siteReply, type SiteReply } from '#contracts'
import { FACTS } from '#core/ledger'
import { askServer } from '~/composables/useServer'
import { useLedger } from '~/stores/ledger'

const props = defineProps<{ reply: SiteReply }>()
const ledger = useLedger()
const busy = ref(false)
async function putTogether(other: string) {
  busy.value = true
  for (const { system } of props.reply.systems)
    await ledger.write({ kind: 'system', system: system.id, site: other })
  // what is known there already stands
  const there = await askServer(`/api/sites/${other}`, siteReply)
  const held = new Set(there.ok ? there.value.facts.map(f => f.fact) : FACTS)
  for (const { fact, text } of props.reply.facts) {
    const known = FACTS.find(f => f === fact && !held.has(f))
    if (known) await ledger.write({ kind: 'fact', site: other, fact: known, text })
  }
  await navigateTo(`/sites/${other}`)
}
const place = (p: string) => (p ? ` (${p})` : '')
</script>

<template>
  <section class="same panel" aria-label="The same place">
    <p v-for="a in reply.alike" :key="a.id">
      There is another site with the same name{{ place(a.place) }}.
      <template v-if="reply.systems.length">
        If they are one place, its systems, tabs and facts go together there.</template>
      <template v-else>This one has no system any more.</template>
      <span class="acts">
        <NuxtLink class="press" :to="`/sites/${a.id}`">Look at it</NuxtLink>
        <button v-if="reply.systems.length" class="press" :disabled="busy" @click="putTogether(a.id)">
          They are one</button>
      </span>
    </p>
  </section>
</template>

<style scoped>
.same { padding: 10px 16px; border-left: 4px solid var(--brass); }
.same p { display: flex; flex-wrap: wrap; gap: 8px 14px; align-items: center; }
.acts { display: inline-flex; gap: 8px; margin-left: auto; }
</style>
