/** Day and night, of equal standing: as the device prefers until the person chooses. */
import { computed, watchEffect } from 'vue'
import { useLocalStorage, usePreferredDark } from '@vueuse/core'

export function useTheme() {
  const chosen = useLocalStorage<'day' | 'night' | ''>('keep-tab-theme', '')
  const dark = usePreferredDark()
  const night = computed(() => chosen.value ? chosen.value === 'night' : dark.value)
  watchEffect(() => document.documentElement.classList.toggle('night', night.value))
  return { night, turn: () => { chosen.value = night.value ? 'day' : 'night' } }
}
