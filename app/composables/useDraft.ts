import { computed } from 'vue'
import { StorageSerializers, useLocalStorage } from '@vueuse/core'

/**
 * Text that is being typed, held on this device until it is logged: neither a crash nor a reload nor a wrong tap
 * loses it.
 * @param of what it is typed on: a tab's id, or the name of a form
 */
export const useDraft = (of: string, field: string) => hold<string>(of, field, '', text => text === '')

/** The same for a form of many figures, by the name of each. */
export const useDraftOfMany = (of: string, field: string) =>
  hold<Readonly<Record<string, string>>>(of, field, {}, figures => Object.values(figures).every(v => v === ''))

/** One of many, by a name that changes: the reason for leaving out whichever test is shown. */
export function useDraftAt(of: string, field: string, name: () => string | undefined) {
  const all = useDraftOfMany(of, field)
  return computed<string>({
    get: () => all.value[name() ?? ''] ?? '',
    set: (text) => {
      all.value = { ...all.value, [name() ?? '']: text }
    },
  })
}

/** Changes to figures that are kept already, blanks among them; nothing while there are none. */
export const useDraftOfEdits = (of: string, field: string) =>
  hold<Readonly<Record<string, string>> | undefined>(of, field, undefined, edits => edits === undefined)

/** Lines that wait for a proof. */
export const useDraftOfLines = <T>(of: string, field: string) =>
  hold<T | undefined>(of, field, undefined, held => held === undefined)

function hold<T>(of: string, field: string, empty: T, isBare: (typed: T) => boolean) {
  // nothing typed is nothing stored; two windows each type their own
  const stored = useLocalStorage<T | null>(`keep-tab-draft ${of} ${field}`, null, {
    serializer: StorageSerializers.object,
    listenToStorageChanges: false,
    flush: 'sync',
  })
  return computed<T>({
    get: () => stored.value ?? empty,
    set: (typed) => {
      stored.value = isBare(typed) ? null : typed
    },
  })
}
