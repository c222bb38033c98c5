<script setup lang="ts">
/** Opens the system whose tag is scanned, or whose code is typed: from this device's copy without a signal. */
import { tagsReply, type TagsReply } from '#contracts'
import { findTags, readTag } from '#core/tags'
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askOrCopy } from '~/composables/useCopies'
import { useScanner } from '~/composables/useScanner'

useHead({ title: 'Scan a tag · Keep Tab' })
const tags = shallowRef<TagsReply['tags']>()
const asOf = ref<string>()
const trouble = ref('')
const typed = ref('')
/** those whose code begins alike */
const several = shallowRef<readonly TagsReply['tags'][number][]>([])
onMounted(async () => {
  const answer = await askOrCopy('/api/tags', tagsReply, (copy) => {
    tags.value = copy.reply.tags
    asOf.value = copy.asOf
  })
  if (!answer.ok) trouble.value = sayProblem(answer.problem)
})
const video = useTemplateRef<HTMLVideoElement>('video')
const { seen, standing } = useScanner(video)
watch([seen, tags], () => {
  if (seen.value && tags.value) open(seen.value)
})
function open(said: string) {
  trouble.value = ''
  several.value = []
  const read = readTag(said)
  if (!read.ok) {
    trouble.value = sayProblem(read.problem)
    return
  }
  const found = findTags(read.value, tags.value ?? [])
  if (found.length === 0) {
    trouble.value = asOf.value
      ? 'This device’s copy knows no system with this tag. It may be of another book, or newer than the copy of '
      + `${sayDay(asOf.value)}.`
      : 'No system of this book has this tag: it may be of another one.'
    return
  }
  if (new Set(found.map(t => t.system)).size > 1) several.value = found
  else void go(found[0]!)
}
const go = ({ site, system }: TagsReply['tags'][number]) =>
  navigateTo({ path: `/sites/${site}`, query: { system } })
const SAID = {
  starting: 'Starting the camera…',
  looking: 'Hold the tag’s square in the picture.',
  none: 'This device has no camera that may be used: type the code under the square.',
} as const
</script>

<template>
  <div class="page narrow">
    <header class="headed"><h1>Scan a tag</h1></header>
    <div class="frame" :class="standing">
      <video ref="video" muted playsinline aria-label="What the camera sees" />
      <p role="status">{{ SAID[standing] }}</p>
    </div>
    <form class="typed" @submit.prevent="open(typed)">
      <label class="field"><span>Or its code</span>
        <input v-model="typed" placeholder="4KX7-2M9Q" autocapitalize="characters" autocomplete="off" maxlength="40">
      </label>
      <button class="press main" :disabled="!typed.trim()">Open</button>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="several.length" class="several">
      <li v-for="t in several" :key="t.token">
        <button class="press" @click="go(t)">{{ t.siteName }} · {{ t.systemName }}</button></li>
    </ul>
    <p v-if="asOf" class="soft">Tags as this device had them {{ sayDay(asOf) }}.</p>
  </div>
</template>

<style scoped>
.narrow { max-width: 620px; }
.frame {
  position: relative;
  background: #0b0f11;
  border: 1.5px solid var(--edge);
  border-radius: 6px;
  overflow: hidden;
  aspect-ratio: 4 / 3;
}
.frame.none { aspect-ratio: auto; }
.frame.none video { display: none; }
video { width: 100%; height: 100%; object-fit: cover; display: block; }
.frame p {
  position: absolute;
  inset: auto 0 0;
  padding: 10px 14px;
  background: rgb(11 15 17 / 0.8);
  color: #f4eddf;
}
.frame.none p { position: static; }
.typed { display: flex; gap: 10px; align-items: end; }
.typed .field { flex: 1; }
.several { list-style: none; padding: 0; display: grid; gap: 8px; }
</style>
