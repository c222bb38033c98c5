/**
 * Lets go of what a job has left behind while it goes on, and once it is done. By itself a thread keeps all it has
 * room for, since nothing tells it how much the machine has for others; what it does not need then is the server's.
 */
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'

/** How often, ms: it takes some tens of milliseconds of the thread's time. */
const EVERY = 700
setFlagsFromString('--expose-gc')
const collect = runInNewContext('gc') as () => void

export async function tidily<T>(work: () => Promise<T>): Promise<T> {
  const beat = setInterval(collect, EVERY)
  try {
    return await work()
  }
  finally {
    clearInterval(beat)
    setTimeout(collect, 0)
  }
}
