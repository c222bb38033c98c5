<script setup lang="ts">
/** What the service worker serves for any page when the server cannot be reached: the app itself, which then routes. */
definePageMeta({ middleware: () => navigateTo('/') })
</script>

<template>
  <p class="page soft">Opening…</p>
</template>
