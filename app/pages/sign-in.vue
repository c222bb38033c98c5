<script setup lang="ts">
/** Signing in: by name and passphrase, or by a passkey where the browser has one. */
import { sayProblem } from '#core/words'
import { useKeeping } from '~/stores/keeping'
import { useMe } from '~/stores/me'

const me = useMe()
const keeping = useKeeping()
const [name, passphrase, trusted] = [ref(''), ref(''), ref(true)]
const [trouble, busy] = [ref(''), ref(false)]
useHead({ title: 'Sign in · Keep Tab' })
onMounted(() => void me.load())
const hasPasskeys = computed(() => typeof PublicKeyCredential !== 'undefined' && isSecureContext)
const bare = computed(() => me.reply?.bare ?? false)
async function act(doing: ReturnType<typeof me.signIn>) {
  busy.value = true
  const problem = await doing
  busy.value = false
  trouble.value = problem ? sayProblem(problem) : ''
}
</script>

<template>
  <div class="page narrow-page">
    <h1>Sign in</h1>
    <p v-if="keeping.unsent.length" class="banner" role="status">
      {{ keeping.unsent.length }} {{ keeping.unsent.length === 1 ? 'line waits' : 'lines wait' }} on this device and
      {{ keeping.unsent.length === 1 ? 'is' : 'are' }} sent once somebody has signed in.
    </p>
    <p v-if="bare" class="trouble" role="alert">{{ sayProblem({ code: 'needs-tls', facts: {} }) }}</p>
    <p v-else-if="me.reply?.unowned" class="banner">
      Nobody is here yet. The server printed a link as it started: whoever opens it becomes the owner.
    </p>
    <template v-else>
      <form class="panel form" @submit.prevent="act(me.signIn(name, passphrase, trusted))">
        <PassphraseFields v-model:name="name" v-model:passphrase="passphrase" v-model:trusted="trusted" />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div class="acts">
          <button class="press main" :disabled="busy">Sign in</button>
          <button v-if="hasPasskeys" type="button" class="press" @click="act(me.byPasskey(trusted))">
            With a passkey
          </button>
        </div>
      </form>
      <p class="soft">
        A passphrase that is lost is made anew by a link: the owner gives you one. An owner who cannot sign in runs
        <code>npm run recover</code> on the server.
      </p>
      <section v-if="me.reply?.demo.length" class="panel form" aria-labelledby="demo-title">
        <h2 id="demo-title">This is the demo: come in as</h2>
        <div class="acts">
          <button v-for="p in me.reply.demo" :key="p.id" class="press" @click="act(me.becomeInDemo(p.id))">
            {{ p.name }}, {{ p.role }}
          </button>
        </div>
      </section>
    </template>
  </div>
</template>
