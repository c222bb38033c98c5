<script setup lang="ts">
/**
 * A site's file: its systems, their nameplates, what is fitted, every tab, and how its readings have moved over the
 * years.
 */
import { useLedger } from '~/stores/ledger'
import { sayDay } from '~/composables/useClock'
import { useSite } from '~/composables/useSite'

const route = useRoute()
const { site: reply, whole, asOf, trouble, load } = useSite(String(route.params.id))
onMounted(load)
onBeforeUnmount(useLedger().onKept(load))
useHead({ title: () => (reply.value ? `${reply.value.site.name} · Keep Tab` : 'Keep Tab') })
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="asOf" class="soft" role="status">The site’s file as this device had it {{ sayDay(asOf) }}.</p>
    <template v-if="reply">
      <header class="top">
        <div>
          <h1>{{ reply.site.name }}</h1>
          <p class="soft">{{ reply.site.place }}</p>
        </div>
        <div class="acts">
          <SiteFiles :reply="reply" :whole="whole" />
          <NuxtLink class="press main" :to="`/open?site=${reply.site.id}`">Open a tab here</NuxtLink>
        </div>
      </header>
      <p v-if="!whole && !trouble" class="soft" role="status">Older calls are being read…</p>
      <SiteSame v-if="reply.alike.length" :reply="reply" />
      <SiteFacts :site="reply.site" :facts="reply.facts" />
      <SiteSystem
        v-for="s in reply.systems" :key="s.system.id" :entry="s" :site="reply.site"
        :asked="route.query.system === s.system.id" @changed="load"
      />
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
