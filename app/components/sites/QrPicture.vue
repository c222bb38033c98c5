<script setup lang="ts">
/** A QR code (ISO/IEC 18004) on the screen. */
import encodeQR from 'qr'

const props = defineProps<{ text: string }>()
const cells = computed(() => encodeQR(props.text, 'raw', { ecc: 'medium', border: 2 }))
const path = computed(() =>
  cells.value.flatMap((row, y) => row.flatMap((on, x) => (on ? [`M${x} ${y}h1v1h-1z`] : []))).join(''))
</script>

<template>
  <svg :viewBox="`0 0 ${cells.length} ${cells.length}`" role="img" aria-label="QR code" shape-rendering="crispEdges">
    <rect width="100%" height="100%" fill="#fff" /><path :d="path" fill="#000" />
  </svg>
</template>
