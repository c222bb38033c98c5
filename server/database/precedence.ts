/**
 * Who writes first: what somebody waits for goes before a thread's long work. Those that write for a request are
 * counted in memory that the threads of this process share; a thread begins no write while there is one.
 */
import { setTimeout as wait } from 'node:timers/promises'

/** A thread looks again so often, and goes on in the end however many there are, ms. */
const [PAUSE, MOST] = [2, 500]
let writing = new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT))
let isThread = false

/** What a thread of this process is given. */
export const precedence = (): SharedArrayBuffer => writing.buffer as SharedArrayBuffer
export function standBehind(shared: SharedArrayBuffer) {
  writing = new Int32Array(shared)
  isThread = true
}

export async function inTurn(work: () => Promise<unknown>): Promise<void> {
  if (isThread) {
    for (let waited = 0; waited < MOST && Atomics.load(writing, 0) > 0; waited += PAUSE) await wait(PAUSE)
    await work()
    return
  }
  Atomics.add(writing, 0, 1)
  try {
    await work()
  }
  finally {
    Atomics.sub(writing, 0, 1)
  }
}
