<script setup lang="ts">
/**
 * The customer's sheet: what was wrong, why, what was done, how it was left, what is still open. As signed once
 * settled. Printed, saved as a file with the work sheet beside it, or sent.
 */
import { inviteReply } from '#contracts'
import { sayProblem } from '#core/words'
import { useDrawnSheet } from '~/composables/useDrawnSheet'
import { dayOf, sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useTab } from '~/stores/tab'
import { useToday } from '~/stores/today'

const route = useRoute()
const tab = useTab()
const today = useToday()
watch(
  () => String(route.params.id),
  i => void tab.open(i),
  { immediate: true },
)
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `Summary · ${tab.reply.site.name}` : 'Keep Tab') })
const { sheet, signed } = useDrawnSheet(() => true)
/** a link for the customer, once it was asked for */
const link = ref('')
const trouble = ref('')
async function makeLink() {
  const path = `/api/tabs/${tab.reply!.tab.id}/link`
  const made = await askServer(path, inviteReply, { method: 'POST', body: {} })
  trouble.value = made.ok ? '' : sayProblem(made.problem)
  link.value = made.ok ? `${location.origin}/sheet/${made.value.word}` : ''
}
</script>

<template>
  <article v-if="tab.reply && tab.kind" class="page sheet-page">
    <div class="no-print acts">
      <NuxtLink class="press" :to="`/tabs/${tab.reply.tab.id}/settle`">Back</NuxtLink>
      <button v-if="signed" class="press" @click="makeLink">Link for the customer</button>
      <TabPapers :reply="tab.reply" :kind="tab.kind" :sheet="sheet" :signed="Boolean(signed)" />
    </div>
    <p v-if="trouble" class="no-print trouble" role="alert">{{ trouble }}</p>
    <p v-if="link" class="no-print link" role="status">Whoever has it reads this sheet for 60 days: {{ link }}</p>
    <header>
      <p class="soft">{{ today.reply?.company }}</p>
      <h1>{{ tab.reply.site.name }}</h1>
      <p>
        {{ tab.reply.system.name }} · {{ sayDay(dayOf(tab.reply.tab.openedAt))
        }}<span v-if="tab.state.status !== 'settled'"> · <b>not settled yet</b></span>
      </p>
    </header>
    <SheetParts :entries="sheet?.entries ?? []" />
    <TapePhoto
      v-for="a in tab.state.settled?.attachments ?? []"
      :key="a.hash"
      :name="a.hash"
      :come="tab.attachments.has(a.hash)"
      caption="Signature"
    />
    <footer class="soft">
      <span v-if="signed">As signed on {{ sayDay(dayOf(tab.state.settled!.at))
        }}<template v-if="tab.state.settled?.by"> by {{ tab.state.settled.by }}</template
        >, judged by engine {{ signed.engine }}. </span
      >Electrical and well work is for qualified and, where the law says so, licensed people. Local code and the
      maker’s instructions come first.
      <span v-if="tab.reply.record?.head" class="record">
        Record {{ tab.reply.record.head }}, signed {{ tab.reply.record.signature }}.
      </span>
    </footer>
  </article>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble">{{ sayProblem(tab.problem) }}</p>
  </div>
</template>

<style scoped>
.link,
.record {
  overflow-wrap: anywhere;
}
.link {
  background: var(--brass-ground);
  padding: var(--space-2) var(--space-3);
}
.record {
  display: block;
  margin-top: var(--space-2);
  font-size: var(--size-small);
}
</style>
