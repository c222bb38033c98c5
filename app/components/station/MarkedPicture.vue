<script setup lang="ts">
/** The picture taken last, its terminals marked by touch: a tap says where one is. */
import type { Landing } from '#core/wiring'

const props = defineProps<{
  name: string
  come: boolean
  landings: readonly Landing[]
  at: { readonly x: number, readonly y: number } | undefined
}>()
const emit = defineEmits<{ mark: [at: { x: number, y: number }] }>()
const marks = computed(() =>
  [...new Map(props.landings.flatMap(({ terminal, on }) =>
    (on?.picture === props.name ? [[terminal, on] as const] : [])))])
const share = (v: number) => Math.min(1, Math.max(0, Number(v.toFixed(4))))
function tap(event: MouseEvent) {
  const image = (event.currentTarget as HTMLElement).querySelector('img')
  if (!image) return
  const { left, top, width, height } = image.getBoundingClientRect()
  emit('mark', { x: share((event.clientX - left) / width), y: share((event.clientY - top) / height) })
}
const place = (at: { x: number, y: number }) => ({ left: `${100 * at.x}%`, top: `${100 * at.y}%` })
</script>

<template>
  <div class="picture">
    <button class="frame" @click="tap">
      <span class="visually-hidden">Mark a terminal on the picture</span>
      <span class="held">
        <TapePhoto :name="name" :come="come" caption="as found" />
        <b v-for="[terminal, on] in marks" :key="terminal" class="mark" :style="place(on)">
          {{ terminal.toUpperCase() }}
        </b>
        <b v-if="at" class="mark now" :style="place(at)">?</b>
      </span>
    </button>
  </div>
</template>

<style scoped>
.picture {
  min-height: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
}
.frame {
  padding: 0;
  border: 0;
  background: none;
  cursor: crosshair;
}
.held {
  position: relative;
  display: inline-block;
}
.mark {
  position: absolute;
  transform: translate(-50%, -50%);
  min-width: 24px;
  height: 24px;
  line-height: 22px;
  padding: 0 4px;
  border-radius: 12px;
  border: 1.5px solid var(--panel);
  background: var(--brass);
  color: var(--panel);
  font-size: var(--size-small);
}
.mark.now {
  background: var(--ink);
}
</style>
