<script setup lang="ts">
/** One customer's sheet, by the link they were given: as it was signed, and nothing else of the book. */
import { sheetReply, type SheetReply } from '#contracts'
import { sayProblem } from '#core/words'
import { dayOf, sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const sheet = ref<SheetReply>()
const trouble = ref('')
const word = String(useRoute().params.id)
useHead({ title: () => (sheet.value ? `${sheet.value.site} · sheet` : 'Sheet') })
onMounted(async () => {
  const answer = await askServer(`/api/sheets/${encodeURIComponent(word)}`, sheetReply)
  if (answer.ok) sheet.value = answer.value
  else trouble.value = sayProblem(answer.problem)
})
const print = () => window.print()
</script>

<template>
  <article v-if="sheet" class="page sheet-page">
    <div class="no-print acts"><button class="press main" @click="print">Print</button></div>
    <header>
      <p class="soft">{{ sheet.company }}</p>
      <h1>{{ sheet.site }}</h1>
      <p>{{ sheet.system }} · {{ sayDay(dayOf(sheet.openedAt)) }}</p>
    </header>
    <SheetParts :entries="sheet.entries" />
    <footer class="soft">
      As signed on {{ sayDay(dayOf(sheet.settledAt)) }}{{ sheet.by ? ` by ${sheet.by}` : '' }}. Electrical and well
      work is for qualified and, where the law says so, licensed people.
    </footer>
  </article>
  <div v-else class="page narrow-page">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-else class="soft">Reading the sheet…</p>
  </div>
</template>
