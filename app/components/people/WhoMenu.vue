<script setup lang="ts">
/** Who is signed in, and from there: people, this device's sign-in, going; in the demo, becoming somebody else. */
import { onClickOutside, onKeyStroke } from '@vueuse/core'
import { sayProblem, ROLE_WORDS } from '#core/words'
import { useMe } from '~/stores/me'

const me = useMe()
const open = ref(false)
const trouble = ref('')
const box = useTemplateRef('box')
onClickOutside(box, () => {
  open.value = false
})
onKeyStroke('Escape', () => {
  open.value = false
})
const route = useRoute()
watch(() => route.path, () => {
  open.value = false
})
const initials = computed(() => me.name.split(/\s+/).map(w => w[0]).join('').slice(0, 2).toUpperCase())
const others = computed(() => (me.reply?.demo ?? []).filter(p => p.name !== me.name))
async function act(doing: Promise<Parameters<typeof sayProblem>[0] | undefined>) {
  const problem = await doing
  trouble.value = problem ? sayProblem(problem) : ''
}
</script>

<template>
  <div ref="box" class="who">
    <button
      class="badge"
      :aria-expanded="open"
      aria-haspopup="true"
      @click="open = !open"
    >
      <span aria-hidden="true">{{ initials }}</span><span class="visually-hidden">{{ me.name }}, signed in</span>
    </button>
    <div v-if="open" class="menu panel">
      <p><b>{{ me.name }}</b><br><span class="soft">{{ me.role ? ROLE_WORDS[me.role].title : '' }}</span></p>
      <NuxtLink class="row" to="/people">{{ me.role === 'owner' ? 'People and devices' : 'My devices' }}</NuxtLink>
      <template v-if="others.length">
        <p class="caps">In this demo, be</p>
        <button v-for="p in others" :key="p.id" class="row" @click="act(me.becomeInDemo(p.id))">
          {{ p.name }} <span class="soft">{{ ROLE_WORDS[p.role].title }}</span>
        </button>
      </template>
      <button class="row out" @click="act(me.signOut())">Sign out</button>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    </div>
  </div>
</template>

<style scoped>
.who {
  position: relative;
}
.badge {
  width: 36px;
  height: 36px;
  margin: 0 4px;
  border: 1.5px solid var(--brass);
  border-radius: 50%;
  background: var(--panel);
  color: var(--brass);
  font-weight: 700;
  font-size: var(--size-note);
  cursor: pointer;
}
.badge:hover {
  background: var(--brass-ground);
}
.menu {
  position: absolute;
  right: 0;
  top: 46px;
  width: 250px;
  padding: var(--space-3);
  border: 1.5px solid var(--edge);
  z-index: 20;
  display: grid;
  gap: var(--space-1);
}
.row {
  min-height: var(--control);
  display: flex;
  gap: var(--space-2);
  align-items: center;
  justify-content: space-between;
  padding: 0 var(--space-2);
  border: 0;
  border-radius: var(--round);
  background: none;
  color: var(--ink);
  text-decoration: none;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--brass-ground);
}
.out {
  border-top: 1px solid var(--rule);
  border-radius: 0;
}
</style>
