import { useLocalStorage } from '@vueuse/core'

/** Who writes on this device: a claim, put on each line until people sign in. */
export const useWriter = () => ({ name: useLocalStorage('keep-tab-writer', '') })
