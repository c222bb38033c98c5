/** The stopwatch of a tab, held on this device. */
import { computed, onUnmounted, watch } from 'vue'
import { StorageSerializers, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { beatOn, type Stopwatch } from '~/components/station/stopwatch'

const BEAT = 250

export function useStopwatch(tabId: string) {
  const held = useLocalStorage<Stopwatch | null>(`keep-tab-watch ${tabId}`, null, {
    serializer: StorageSerializers.object,
    listenToStorageChanges: false,
  })
  // a page that was away, by reload or by sleep, knows the wall clock only
  let last: number | undefined
  const away = () => {
    if (document.hidden) last = undefined
  }
  /** @returns what it stands at */
  const beat = (): Stopwatch | undefined => {
    const now = performance.now()
    if (held.value) held.value = beatOn(held.value, last === undefined ? undefined : now - last, Date.now())
    last = document.hidden ? undefined : now
    return held.value ?? undefined
  }
  const { pause, resume } = useIntervalFn(beat, BEAT, { immediate: false })
  watch(held, (on, before) => {
    if (on && !before) resume()
    if (!on) pause()
  }, { immediate: true })
  document.addEventListener('visibilitychange', away)
  onUnmounted(() => document.removeEventListener('visibilitychange', away))

  function start(what: Stopwatch['what'], from = '', cycle?: number) {
    last = performance.now()
    held.value = { what, elapsed: 0, beat: Date.now(), from, ...(cycle === undefined ? {} : { cycle }) }
  }
  function stop() {
    held.value = null
  }
  return { running: computed(() => held.value ?? undefined), start, beat, stop }
}
