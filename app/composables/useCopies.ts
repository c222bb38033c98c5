/**
 * Asks the server, and keeps what it answered: where it cannot be reached, or is slow to answer, this device's copy
 * stands in.
 */
import type { z } from 'zod'
import { ok, type Result } from '#core/foundation'
import { inGoodTime } from '~/composables/inGoodTime'
import { useClock } from '~/composables/useClock'
import { askServer, isPassing } from '~/composables/useServer'
import { device } from '~/keeper/device'
import { useKeeping } from '~/stores/keeping'

export interface Copy<T> {
  readonly reply: T
  /** when it was true, where it is a copy */
  readonly asOf?: string
}

/** @param show is given the copy while the server is still asked, then its answer */
export async function askOrCopy<S extends z.ZodType>(
  path: string, schema: S, show: (copy: Copy<z.infer<S>>) => void,
): Promise<Result<unknown>> {
  const asking = askServer(path, schema)
  if (!(await inGoodTime(asking))) await showCopy(path, schema, show)
  const answer = await asking
  if (answer.ok) {
    show({ reply: answer.value })
    await device.saveReply({ path, at: useClock().now(), reply: answer.value }).catch(useKeeping().cannotCopy)
    return answer
  }
  if (!isPassing(answer.problem)) return answer
  return (await showCopy(path, schema, show)) ? ok(undefined) : answer
}

async function showCopy<S extends z.ZodType>(
  path: string, schema: S, show: (copy: Copy<z.infer<S>>) => void,
): Promise<boolean> {
  const held = await device.readReply(path).catch(() => undefined)
  // what an older program left may lack something
  const read = schema.safeParse(held?.reply)
  if (!held || !read.success) return false
  show({ reply: read.data, asOf: held.at })
  return true
}

/** Every copy of answers to what begins so. */
export async function copiesOf<S extends z.ZodType>(begins: string, schema: S): Promise<z.infer<S>[]> {
  const all = await device.readReplies().catch(() => [])
  return all.filter(r => r.path.startsWith(begins)).flatMap((r) => {
    const read = schema.safeParse(r.reply)
    return read.success ? [read.data] : []
  })
}
