<script setup lang="ts">
/** A one-time link taken up: a name and a passphrase. The link's word stands behind the #, which no server logs. */
import type { PersonCard } from '#contracts'
import { ROLE_WORDS, sayProblem } from '#core/words'
import { useMe } from '~/stores/me'

const me = useMe()
const [name, passphrase, trusted] = [ref(''), ref(''), ref(true)]
const [trouble, busy] = [ref(''), ref(false)]
const person = ref<PersonCard>()
const word = useRoute().hash.slice(1)
useHead({ title: 'Join · Keep Tab' })
onMounted(async () => {
  await me.load()
  const read = await me.readLink(word)
  if (!read.ok) return void (trouble.value = sayProblem(read.problem))
  person.value = read.value
  // the first owner has no name yet
  name.value = me.reply?.unowned ? '' : read.value.name
})
async function join() {
  busy.value = true
  const problem = await me.join(word, name.value, passphrase.value, trusted.value)
  busy.value = false
  trouble.value = problem ? sayProblem(problem) : ''
}
</script>

<template>
  <div class="page narrow-page">
    <h1>{{ person?.joined ? 'A new passphrase' : 'Come in' }}</h1>
    <p v-if="me.reply?.bare" class="trouble" role="alert">{{ sayProblem({ code: 'needs-tls', facts: {} }) }}</p>
    <template v-else-if="person">
      <p>
        You come in as <b>{{ ROLE_WORDS[person.role].title.toLowerCase() }}</b>: {{ ROLE_WORDS[person.role].may }}.
      </p>
      <form class="panel form" @submit.prevent="join">
        <PassphraseFields v-model:name="name" v-model:passphrase="passphrase" v-model:trusted="trusted" fresh />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div class="acts"><button class="press main" :disabled="busy">Keep it and come in</button></div>
      </form>
    </template>
    <p v-else-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-else class="soft">Reading the link…</p>
  </div>
</template>
