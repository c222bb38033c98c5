<script setup lang="ts">
/** Who may come in and as what; a link to invite somebody, or for a passphrase anew. */
import { inviteReply, peopleReply, ROLES, type PersonCard, type Role } from '#contracts'
import type { Result } from '#core/foundation'
import { ROLE_WORDS, sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const people = ref<readonly PersonCard[]>([])
const [name, role, trouble] = [ref(''), ref<Role>('technician'), ref('')]
/** a link just made, and for whom */
const link = ref<{ readonly name: string, readonly address: string }>()
onMounted(() => void load())

function take<T>(answer: Result<T>): T | undefined {
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  return answer.ok ? answer.value : undefined
}
async function load() {
  people.value = take(await askServer('/api/people', peopleReply)) ?? people.value
}
async function linkFor(who: string, path: string, body: object) {
  const made = take(await askServer(path, inviteReply, { method: 'POST', body }))
  if (!made) return
  link.value = { name: who, address: `${location.origin}/join#${made.word}` }
  await load()
}
async function invite() {
  await linkFor(name.value, '/api/people', { name: name.value, role: role.value })
  if (!trouble.value) name.value = ''
}
async function change(person: PersonCard, to: Role | 'left') {
  people.value
    = take(await askServer(`/api/people/${person.id}`, peopleReply, { method: 'PUT', body: { role: to } }))
      ?? people.value
}
</script>

<template>
  <section class="panel form" aria-labelledby="people-title">
    <h2 id="people-title">People</h2>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul class="rows ruled">
      <li v-for="p in people" :key="p.id" :class="{ gone: p.left }">
        <b>{{ p.name }}</b>
        <span class="soft">
          {{ p.left ? `left ${sayDay(p.left)}` : p.joined ? '' : 'has not come in yet' }}
        </span>
        <template v-if="!p.left">
          <select
            :value="p.role"
            :aria-label="`Role of ${p.name}`"
            @change="change(p, ($event.target as HTMLSelectElement).value as Role)"
          >
            <option v-for="r in ROLES" :key="r" :value="r">{{ ROLE_WORDS[r].title }}</option>
          </select>
          <button class="press plain" @click="linkFor(p.name, `/api/people/${p.id}/link`, {})">New link</button>
          <button class="press plain danger" @click="change(p, 'left')">Leaves</button>
        </template>
      </li>
    </ul>
    <form class="invite" @submit.prevent="invite">
      <label class="field grow"><span>Invite</span><input
        v-model.trim="name"
        maxlength="80"
        placeholder="Name, as it stands on the sheets"
        required
      ></label>
      <label class="field"><span>as</span><select v-model="role">
        <option v-for="r in ROLES" :key="r" :value="r">{{ ROLE_WORDS[r].title }}</option>
      </select></label>
      <button class="press main">Make a link</button>
    </form>
    <p class="soft">{{ ROLE_WORDS[role].title }}: {{ ROLE_WORDS[role].may }}.</p>
    <p v-if="link" class="link" role="status">
      For {{ link.name }}, once, within seven days: <code>{{ link.address }}</code>
    </p>
  </section>
</template>

<style scoped>
.rows .soft {
  flex: 1;
}
@media (max-width: 760px) {
  .rows b {
    flex: 1 0 100%;
    padding-top: var(--space-2);
  }
  .rows .soft:empty {
    display: none;
  }
}
.gone b {
  text-decoration: line-through;
}
select {
  min-height: var(--control);
  padding: 0 var(--space-2);
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
.invite {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: end;
}
.grow {
  flex: 1;
  min-width: 200px;
}
.link {
  background: var(--brass-ground);
  padding: var(--space-2) var(--space-3);
  overflow-wrap: anywhere;
}
</style>
