<script setup lang="ts">
/** Moves a call to another day or another person. */
import { dayAfter } from '#core/day'
import type { DayRow } from './dayRows'

const props = defineProps<{ row: DayRow, today: string, people: readonly string[], me: string }>()
const emit = defineEmits<{ put: [day: string, person: string], close: [] }>()
const day = ref(props.row.planned?.day ?? props.today)
const person = ref(props.row.planned?.person || props.me)
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
onMounted(() => dialog.value?.showModal())
const put = (on: string) => {
  emit('put', on, person.value)
  emit('close')
}
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="place-title" @close="emit('close')" @cancel="emit('close')">
    <form class="place" @submit.prevent="put(day)">
      <h2 id="place-title">{{ row.title }}</h2>
      <p class="soft">{{ row.siteName }} · {{ row.systemName }}</p>
      <label class="field"><span>Day</span><input v-model="day" type="date" :min="today" required></label>
      <label class="field"><span>Who goes</span>
        <select v-model="person">
          <option v-for="p in people" :key="p" :value="p">{{ p }}</option>
        </select>
      </label>
      <div class="acts">
        <button class="press main">Put it there</button>
        <button type="button" class="press" @click="put(dayAfter(today, 1))">Tomorrow</button>
        <button v-if="row.planned" type="button" class="press plain" @click="put('')">Off the plan</button>
        <button type="button" class="press plain" @click="emit('close')">Leave it</button>
      </div>
    </form>
  </dialog>
</template>

<style scoped>
.place { display: grid; gap: 12px; }
</style>
