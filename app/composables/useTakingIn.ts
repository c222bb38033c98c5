/** Takes a file into the book: sent whole, then asked how far it is until it is in, or stopped. */
import { importReply, type ImportReply } from '#contracts'
import type { Result } from '#core/foundation'
import { askServer, isPassing } from '~/composables/useServer'

const EVERY = 500

export function useTakingIn() {
  const going = shallowRef<ImportReply>()
  async function takeIn(bytes: Blob): Promise<Result<ImportReply>> {
    let told = await askServer('/api/books', importReply, { method: 'POST', bytes, patience: bytes.size / 50 + 60_000 })
    while (told.ok && (told.value.state === 'staging' || told.value.state === 'applying')) {
      going.value = told.value
      await new Promise(resolve => setTimeout(resolve, EVERY))
      const next = await askServer(`/api/imports/${told.value.id}`, importReply)
      // a signal that is gone for a while stops nothing
      if (next.ok || !isPassing(next.problem)) told = next
    }
    going.value = undefined
    if (told.ok && told.value.state === 'failed' && told.value.problem)
      return { ok: false, problem: told.value.problem }
    return told
  }
  const stop = () => askServer(`/api/imports/${going.value?.id ?? ''}`, importReply, { method: 'DELETE' })
  return { going, takeIn, stop }
}
