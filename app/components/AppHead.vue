<script setup lang="ts">
/** The top edge: the name, open tabs as dividers, the screens, the light. */
import IconMoon from '@lucide/vue/dist/esm/icons/moon.mjs'
import IconQrcode from '@lucide/vue/dist/esm/icons/qr-code.mjs'
import IconSearch from '@lucide/vue/dist/esm/icons/search.mjs'
import IconSun from '@lucide/vue/dist/esm/icons/sun.mjs'
import { useTheme } from '~/composables/useTheme'
import { useKeeping } from '~/stores/keeping'
import { useMe } from '~/stores/me'
import { useToday } from '~/stores/today'

const today = useToday()
const keeping = useKeeping()
const me = useMe()
const { night, turn } = useTheme()
const route = useRoute()
watch(
  [() => route.path, () => me.name],
  () => {
    if (me.name) void today.load()
  },
  { immediate: true },
)

const here = computed(() => String(route.params.id ?? ''))
const dividers = computed(() => {
  const tabs = today.reply?.tabs ?? []
  const shown = [...tabs.filter(t => t.id === here.value), ...tabs.filter(t => t.id !== here.value)]
  return shown.slice(0, 3)
})
</script>

<template>
  <header class="head no-print">
    <NuxtLink to="/" class="name" aria-label="Keep Tab, today">Keep <b>Tab</b></NuxtLink>
    <nav v-if="me.name" class="dividers" aria-label="Open tabs">
      <NuxtLink
        v-for="t in dividers"
        :key="t.id"
        :to="`/tabs/${t.id}`"
        class="divider"
        :class="{ here: t.id === here && route.path.startsWith('/tabs') }"
      >
        <span class="title">{{ t.siteName }} · {{ t.systemName }}</span>
        <small v-if="t.status === 'carried'">carried</small>
      </NuxtLink>
      <NuxtLink to="/open" class="divider open">+ open a tab</NuxtLink>
    </nav>
    <p v-if="keeping.unsent.length" class="unsent" role="status">
      {{ keeping.unsent.length }} <span class="long">{{ keeping.unsent.length === 1 ? 'line' : 'lines' }}</span>
      not <span class="long">yet</span> kept
    </p>
    <nav class="screens" aria-label="Screens">
      <template v-if="me.name">
        <NuxtLink to="/">Today</NuxtLink>
        <NuxtLink to="/sites">Sites</NuxtLink>
        <NuxtLink to="/shelf">Shelf</NuxtLink>
        <NuxtLink to="/books">Books</NuxtLink>
        <NuxtLink to="/settings">Settings</NuxtLink>
      </template>
    </nav>
    <div class="own">
      <NuxtLink v-if="me.name" to="/scan" class="light" aria-label="Scan a tag"><IconQrcode :size="19" /></NuxtLink>
      <NuxtLink v-if="me.name" to="/search" class="light" aria-label="Search"><IconSearch :size="19" /></NuxtLink>
      <WhoMenu v-if="me.name" />
      <button class="light" :aria-label="night ? 'Day theme' : 'Night theme'" @click="turn">
        <component :is="night ? IconSun : IconMoon" :size="19" />
      </button>
    </div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: end;
  gap: 16px;
  padding: 6px 16px 0;
  border-bottom: 2px solid var(--edge);
  min-height: 46px;
}
.name {
  font-size: var(--size-figure);
  font-weight: 700;
  color: var(--ink);
  text-decoration: none;
  align-self: center;
  white-space: nowrap;
}
.name b {
  border-bottom: 3px solid var(--brass);
}
.dividers {
  display: flex;
  gap: 6px;
  flex: 1;
  min-width: 0;
}
.screens {
  margin-left: auto;
}
.divider {
  display: block;
  flex: 0 1 auto;
  min-width: 84px;
  padding: 7px 13px;
  min-height: 36px;
  max-width: 300px;
  border: 1.5px solid var(--rule);
  border-bottom: 0;
  border-radius: 7px 7px 0 0;
  background: var(--panel-2);
  color: var(--soft);
  text-decoration: none;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: var(--size-note);
}
.divider.here {
  background: var(--panel);
  color: var(--ink);
  font-weight: 700;
  border-color: var(--edge);
  border-width: 2px 2px 0;
  margin-bottom: -2px;
  padding-bottom: 9px;
}
.divider.open {
  flex: none;
  min-width: 0;
}
.divider:hover {
  color: var(--ink);
}
.screens,
.own {
  display: flex;
  align-items: center;
  gap: 4px;
  align-self: center;
}
.screens a {
  color: var(--ink);
  text-decoration: none;
  padding: 8px 10px;
  border-radius: var(--round);
}
.screens a:hover,
.light:hover {
  background: var(--brass-ground);
}
.screens a.router-link-exact-active {
  font-weight: 700;
}
.light {
  border: 0;
  background: none;
  color: var(--ink);
  width: 40px;
  height: 40px;
  cursor: pointer;
  display: grid;
  place-items: center;
  border-radius: var(--round);
}
.unsent {
  align-self: center;
  font-size: var(--size-small);
  font-weight: 600;
  padding: 3px 9px;
  border: 1.5px dashed var(--brass);
  color: var(--brass);
  border-radius: var(--round);
  white-space: nowrap;
}
@media (max-width: 1000px) {
  .head {
    gap: 8px;
    padding: 4px 10px 0;
    flex-wrap: wrap;
  }
  .name {
    flex: 1;
  }
  /* comes and goes with every line: it must not push what is under a finger */
  .unsent {
    flex: 0 1 auto;
    padding: 3px 6px;
  }
  .unsent .long {
    display: none;
  }
  .screens {
    order: 2;
    flex: 1 0 100%;
    justify-content: space-between;
    margin: 0;
  }
  .dividers {
    order: 3;
    flex: 1 0 100%;
    overflow-x: auto;
    scrollbar-width: none;
  }
  .divider {
    flex: none;
    max-width: 190px;
    padding: 6px 10px;
  }
  .screens a {
    padding: 10px 6px;
  }
}
</style>
