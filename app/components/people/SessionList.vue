<script setup lang="ts">
/** Where somebody is signed in, each to be ended; and a passkey for this browser. */
import { doneReply, sessionsReply, type SessionCard } from '#contracts'
import { sayProblem } from '#core/words'
import { sayDay, timeOf } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useMe } from '~/stores/me'

defineProps<{ everybody: boolean }>()
const me = useMe()
const sessions = ref<readonly SessionCard[]>([])
const [trouble, told] = [ref(''), ref('')]
onMounted(() => void load())
async function load() {
  const answer = await askServer('/api/sessions', sessionsReply)
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  if (answer.ok) sessions.value = answer.value
}
async function end(session: SessionCard) {
  const answer = await askServer(`/api/sessions/${session.id}`, doneReply, { method: 'DELETE' })
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  await load()
}
async function addPasskey() {
  const problem = await me.addPasskey()
  trouble.value = problem ? sayProblem(problem) : ''
  told.value = problem ? '' : 'This browser’s passkey signs you in from now on.'
}
const hasPasskeys = computed(() => typeof PublicKeyCredential !== 'undefined' && isSecureContext)
/** What a browser calls itself, as far as a person needs it. */
const deviceOf = (agent: string) =>
  /Android|iPhone|iPad|Windows|Macintosh|Linux/.exec(agent)?.[0] ?? (agent || 'a device')
</script>

<template>
  <section class="panel form" aria-labelledby="sessions-title">
    <h2 id="sessions-title">{{ everybody ? 'Signed-in devices' : 'Where I am signed in' }}</h2>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul class="rows ruled">
      <li v-for="s in sessions" :key="s.id">
        <span class="grow"><b v-if="everybody">{{ s.name }} · </b>{{ deviceOf(s.device)
        }}<b v-if="s.here">, this one</b></span>
        <span class="soft">seen {{ sayDay(s.seen) }} {{ timeOf(s.seen) }}, until {{ sayDay(s.until) }}</span>
        <button v-if="!s.here" class="press plain danger" @click="end(s)">End it</button>
      </li>
    </ul>
    <div v-if="hasPasskeys" class="acts">
      <button class="press" @click="addPasskey">Make a passkey for this browser</button>
      <span role="status">{{ told }}</span>
    </div>
  </section>
</template>

<style scoped>
.grow {
  flex: 1;
  min-width: 180px;
}
</style>
