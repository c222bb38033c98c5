<script setup lang="ts">
/** Where what was written stands: what waits on this device, what it holds besides, and the book's last backup. */
import { sayDay, timeOf } from '~/composables/useClock'
import { device } from '~/keeper/device'
import { useKeeping } from '~/stores/keeping'
import { useMe } from '~/stores/me'

const keeping = useKeeping()
const me = useMe()
const held = ref<number>()
watch(() => keeping.unsent.length, async () => {
  held.value = (await device.readStanding('kept').catch(() => undefined))?.length
}, { immediate: true })
const lines = (n: number) => (n === 1 ? '1 line' : `${n} lines`)
const backup = computed(() => me.reply?.backedUpAt ?? '')
</script>

<template>
  <section class="panel form" aria-labelledby="keeping-title">
    <h2 id="keeping-title">What is kept</h2>
    <dl>
      <dt>Waits on this device</dt>
      <dd>
        {{ keeping.unsent.length ? `${lines(keeping.unsent.length)}, sent once the server has them` : 'nothing' }}
      </dd>
      <template v-if="keeping.refused.length">
        <dt>Not taken by the server</dt>
        <dd>{{ lines(keeping.refused.length) }}: on their tabs, with the reason</dd>
      </template>
      <dt>Held here besides</dt>
      <dd v-if="held === 0">nothing</dd>
      <dd v-else-if="held !== undefined">{{ lines(held) }} that the server has, until a backup holds them too</dd>
      <dd v-else>this device stores nothing</dd>
      <dt>The book’s last backup</dt>
      <dd>{{ backup ? `${sayDay(backup)} ${timeOf(backup)}` : 'none yet: npm run backup on the server makes one' }}</dd>
    </dl>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-2) var(--space-4);
  margin: 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
@media (max-width: 760px) {
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
