<script setup lang="ts">
/** A site's files: its history on paper, its readings as a table, itself as the open file. */
import type { SiteReply } from '#contracts'
import { useClock } from '~/composables/useClock'
import { usePrinting } from '~/composables/usePrinter'
import { useSystems } from '~/composables/useSystems'
import { sitePaper } from '~/papers/sitePaper'
import { usePractice } from '~/stores/practice'
import { useToday } from '~/stores/today'

/** `whole`: all its calls are here, so that the history is one */
const props = defineProps<{ reply: SiteReply, whole: boolean }>()
const practice = usePractice()
const { busy, trouble, print } = usePrinting()
async function history() {
  const systems = useSystems()
  const { units, written } = practice
  const [histories, plates] = await Promise.all([
    Promise.all(props.reply.systems.map(async ({ system, tabs }) => {
      const told = await systems.history(system.kind, system.nameplate, written, tabs.map(t => t.lines))
      return told.ok ? told.value : undefined
    })),
    Promise.all(props.reply.systems.map(({ system }) => systems.write(system.kind, system.nameplate, units))),
  ])
  return sitePaper({
    company: useToday().reply?.company ?? '', reply: props.reply, histories, plates, date: useClock().today(), units,
    sheet: units.pressure === 'si' ? 'A4' : 'LETTER',
  })
}
</script>

<template>
  <button class="press" :disabled="busy !== '' || !whole" @click="print(history())">{{
    busy ? 'Drawing…' : 'History (PDF)' }}</button>
  <a class="press" :href="`/api/readings?site=${reply.site.id}`" download>Readings (CSV)</a>
  <a class="press" :href="`/api/books?site=${reply.site.id}`" download>Give out this site</a>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
</template>
