<script setup lang="ts">
/**
 * A site's file: its systems, their nameplates, what is fitted, every tab, and how its readings have moved over the
 * years.
 */
import { siteReply, type SiteReply } from '#contracts'
import { sayProblem } from '#core/words'
import { useLedger } from '~/stores/ledger'
import { askServer } from '~/composables/useServer'

const route = useRoute()
const reply = shallowRef<SiteReply>()
const trouble = ref('')
async function load() {
  const answer = await askServer(`/api/sites/${String(route.params.id)}`, siteReply)
  if (answer.ok) reply.value = answer.value
  else trouble.value = sayProblem(answer.problem)
}
onMounted(load)
onBeforeUnmount(useLedger().onKept(load))
useHead({ title: () => (reply.value ? `${reply.value.site.name} · Keep Tab` : 'Keep Tab') })
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="reply">
      <header class="top">
        <div>
          <h1>{{ reply.site.name }}</h1>
          <p class="soft">{{ reply.site.place }}</p>
        </div>
        <div class="acts">
          <a class="press" :href="`/api/books?site=${reply.site.id}`" download>Give out this site</a>
          <NuxtLink class="press main" :to="`/open?site=${reply.site.id}`">Open a tab here</NuxtLink>
        </div>
      </header>
      <SiteFacts :site="reply.site" :facts="reply.facts" />
      <SiteSystem v-for="s in reply.systems" :key="s.system.id" :entry="s" @changed="load" />
    </template>
    <p v-else-if="!trouble" class="soft">Reading the site’s file…</p>
  </div>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  flex-wrap: wrap;
}
.acts {
  display: flex;
  gap: 8px;
  align-items: start;
  flex-wrap: wrap;
}
</style>
