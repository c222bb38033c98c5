<script setup lang="ts">
/** People, signed-in devices, acts on record: the owner's all of it, everybody else their own devices. */
import { useMe } from '~/stores/me'

const me = useMe()
const owner = computed(() => me.role === 'owner')
useHead({ title: 'People · Keep Tab' })
</script>

<template>
  <div class="page">
    <h1>{{ owner ? 'People and devices' : 'My devices' }}</h1>
    <PeopleList v-if="owner" />
    <SessionList :everybody="owner" />
    <KeepingState />
    <ActList v-if="owner" />
  </div>
</template>
