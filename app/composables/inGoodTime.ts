import { promiseTimeout } from '@vueuse/core'

/** How long a person waits for a server before what the device holds stands in, ms. */
export const PATIENCE = 800

/** The answer, or nothing where it does not come in good time: a weak signal may hold one up for many seconds. */
export const inGoodTime = <T>(answer: Promise<T>): Promise<T | undefined> =>
  Promise.race([answer, promiseTimeout(PATIENCE).then(() => undefined)])
