<script setup lang="ts">
/** A tab's papers: customer's sheet and work sheet as PDF, the drawing, the circuit, the readings; and the post. */
import type { TabReply } from '#contracts'
import type { SystemOutline } from '#core/systems'
import type { SignedSheet } from '#core/tab'
import { sayProblem } from '#core/words'
import { tapeRows } from '~/components/tab/tapeRows'
import { dayOf, sayDay } from '~/composables/useClock'
import { usePathState } from '~/composables/usePathState'
import { saveFile, usePrinting } from '~/composables/usePrinter'
import { useSystems } from '~/composables/useSystems'
import { drawingFile, pngOf } from '~/papers/drawingFile'
import { fileName } from '~/papers/paper'
import { sheetPaper, workPaper, type About } from '~/papers/tabPapers'
import { device } from '~/keeper/device'
import { useTab } from '~/stores/tab'
import { useToday } from '~/stores/today'

const props = defineProps<{
  reply: TabReply
  kind: SystemOutline
  sheet: SignedSheet | undefined
  signed: boolean
}>()
const tab = useTab()
const path = usePathState()
const { busy, trouble, print } = usePrinting()
const drawn = useTemplateRef('drawn')
const sending = ref(false)

const about = computed((): About => ({
  company: useToday().reply?.company ?? '',
  site: props.reply.site.name,
  place: props.reply.site.place,
  system: props.reply.system.name,
  day: sayDay(dayOf(props.reply.tab.openedAt)),
  date: dayOf(props.reply.tab.openedAt),
  sheet: tab.units.pressure === 'si' ? 'A4' : 'LETTER',
}))
const standing = computed(() => {
  const { settled } = tab.state
  return settled
    ? `As signed on ${sayDay(dayOf(settled.at))}${settled.by ? ` by ${settled.by}` : ''}.`
    : 'Not settled yet: as the lines have it now.'
})
async function sheetNow() {
  const { record } = props.reply
  const signature = await signatureOf()
  return sheetPaper({
    ...about.value,
    entries: props.sheet?.entries ?? [],
    standing: standing.value,
    ...(record?.head ? { record: `Record ${record.head}, signed ${record.signature}.` } : {}),
    ...(signature ? { signature } : {}),
  })
}
/** Out of this device, or from the server. */
async function signatureOf(): Promise<string | undefined> {
  const hash = tab.state.settled?.attachments?.[0]?.hash
  if (!hash) return undefined
  const held = await device.readPicture(hash).catch(() => undefined)
  const blob = held?.blob ?? await fetch(`/api/attachments/${hash}`)
    .then(r => (r.ok ? r.blob() : undefined)).catch(() => undefined)
  return blob && dataUrl(blob)
}
/** PNG of whatever it is: a paper takes no other kind that a browser may have made. */
async function dataUrl(blob: Blob): Promise<string> {
  const image = await createImageBitmap(blob)
  const canvas = document.createElement('canvas')
  canvas.width = image.width
  canvas.height = image.height
  canvas.getContext('2d')?.drawImage(image, 0, 0)
  return canvas.toDataURL('image/png')
}
const drawing = () => {
  const svg = drawn.value?.querySelector('svg')
  return svg ? drawingFile(svg) : undefined
}
function workNow() {
  const svg = drawing()
  return workPaper({
    ...about.value,
    complaint: tab.state.opened?.words ?? '',
    rows: tapeRows(props.kind, tab.state, tab.isolation, { units: tab.units }),
    entries: props.sheet?.entries ?? [],
    ...(svg ? { drawing: svg } : {}),
  })
}
const name = (what: string) => fileName(about.value.date, about.value.site, what)
const saveDrawing = () => saveFile(`${name('drawing')}.svg`, 'image/svg+xml', drawing() ?? '')
const savePicture = async () => saveFile(`${name('drawing')}.png`, 'image/png', await pngOf(drawing() ?? ''))
async function saveNetlist() {
  const { system, practice } = props.reply
  const list = await useSystems().netlist(system.kind, system.nameplate, practice, `${system.name}, running`)
  if (list.ok) saveFile(`${name('circuit')}.cir`, 'text/plain', list.value)
  else trouble.value = sayProblem(list.problem)
}
const printPage = () => window.print()
</script>

<template>
  <div class="papers">
    <button class="press" @click="printPage">Print</button>
    <details class="more">
      <summary class="press">Files</summary>
      <div class="menu panel">
        <button class="press plain" @click="print(workNow())">Work sheet with tape (PDF)</button>
        <button class="press plain" @click="saveDrawing">Drawing (SVG)</button>
        <button class="press plain" @click="savePicture">Drawing (PNG)</button>
        <button class="press plain" @click="saveNetlist">Circuit (SPICE netlist)</button>
        <a class="press plain" :href="`/api/readings?tab=${tab.reply?.tab.id}`" download>Readings (CSV)</a>
      </div>
    </details>
    <button v-if="signed" class="press" @click="sending = true">Send it</button>
    <button class="press main" :disabled="busy !== ''" @click="print(sheetNow())">
      {{ busy ? 'Drawing…' : 'Save as PDF' }}</button>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="tab.kind" ref="drawn" class="off-page" aria-hidden="true">
      <PathDrawing
        :kind="tab.kind" :standings="tab.isolation?.path ?? []" :readings="path.readings.value"
        :notes="path.notes.value" :positions="path.positions.value"
      />
    </div>
    <SendSheet v-if="sending" :draw="sheetNow" @close="sending = false" />
  </div>
</template>

<style scoped>
.papers { display: contents; }
.more { position: relative; }
.more summary { list-style: none; }
.menu {
  position: absolute;
  z-index: 7;
  right: 0;
  top: 100%;
  display: grid;
  justify-items: start;
  padding: 6px;
  min-width: 260px;
  border-color: var(--edge);
}
.off-page { position: absolute; left: -3000px; width: 1180px; visibility: hidden; }
</style>
