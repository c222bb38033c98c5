<script setup lang="ts">
/** Where lines cannot be kept as they should: what this device cannot hold comes before what the server cannot. */
import { sayProblem } from '#core/words'
import { useKeeping } from '~/stores/keeping'

const keeping = useKeeping()
</script>

<template>
  <p v-if="keeping.trouble" class="banner trouble" role="alert">
    {{ sayProblem({ code: keeping.trouble, facts: { seconds: 60 } }) }}
    <NuxtLink v-if="keeping.trouble === 'sign-in-first'" class="press" to="/sign-in">Sign in</NuxtLink>
  </p>
  <p v-else-if="!keeping.reachable" class="banner" role="status">
    {{ sayProblem({ code: 'unreachable', facts: {} }) }}
  </p>
</template>
