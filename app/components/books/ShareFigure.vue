<script setup lang="ts">
/** A share with what it is of, how sure it is, and the tabs behind it. */
import type { BooksReply } from '#contracts'

const props = defineProps<{ name: string, share: BooksReply['firstVisit'], good?: boolean }>()
const emit = defineEmits<{ open: [tabs: readonly string[]] }>()
const percent = (x: number) => Math.round(100 * x)
const says = computed(() => {
  const { count, of, low, high, small } = props.share
  const band = `${percent(low)}–${percent(high)} %`
  return small ? `${count} of ${of}: few, anything in ${band}` : `${count} of ${of} · ${band}`
})
</script>

<template>
  <button class="share" :disabled="!share.tabs.length" @click="emit('open', share.tabs)">
    <span class="caps">{{ name }}</span>
    <b class="figure">{{ percent(share.share) }}<small>%</small></b>
    <span class="soft">{{ says }}</span>
  </button>
</template>

<style scoped>
.share {
  display: grid;
  gap: 2px;
  text-align: left;
  padding: 12px 16px;
  border: 0;
  border-right: 1px dashed var(--rule);
  background: none;
  cursor: pointer;
}
.share:disabled { cursor: default; }
.share:hover:enabled { background: var(--brass-ground); }
.figure { font-size: 30px; line-height: 1.1; }
.soft { font-size: var(--size-note); }
</style>
