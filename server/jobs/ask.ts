/**
 * Has something done beside the requests: in a thread of the name, begun when it is first asked. Where there is no
 * built worker, as in development, it is done here.
 */
import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Worker } from 'node:worker_threads'
import type { Problem } from '#core/foundation'
import { precedence } from '../database/precedence'
import { Refusal } from '../services/problems'
import { runJob, type JobName, type Jobs, type Place } from './run'

interface Waiting {
  resolve(answer: never): void
  reject(reason: Error): void
}
interface Answer {
  readonly id: number
  readonly answer?: never
  readonly status?: number
  readonly problem?: Problem
  readonly failed?: string
}
interface Thread {
  ask(job: JobName, asked: object): Promise<never>
  /** Ends, unless it has something to do. */
  rest(): void
  end(): void
}
/** Files and sums do not wait for each other. */
const THREAD_OF = { import: 'files', export: 'files', sums: 'books', table: 'books' } as const
/** What a thread may hold, MB: it tidies up sooner than it would by itself. */
const ROOM = { maxOldGenerationSizeMb: 160, maxYoungGenerationSizeMb: 12 }
/** One that has had nothing to do for so long ends, ms. The books' one has read all calls, and stays. */
const IDLE = 10_000
const threads = new Map<string, Thread>()

export function askJob<J extends JobName>(job: J, at: Place, asked: Jobs[J]['asked']): Promise<Jobs[J]['answer']> {
  const script = findWorker()
  if (!script) return runJob(job, at, asked)
  const name = THREAD_OF[job]
  // a file takes the room that the sums had: they are read again in a second or two
  if (name === 'files' && !threads.has(name)) threads.get('books')?.rest()
  const thread = threads.get(name) ?? begin(script, at.url, {
    stays: name === 'books',
    // another may have begun in its place
    gone: own => threads.get(name) === own && threads.delete(name),
  })
  threads.set(name, thread)
  return thread.ask(job, asked)
}

/** Before the database is closed, or the place of the book has changed. */
export function endJobs() {
  for (const thread of threads.values()) thread.end()
  threads.clear()
}

interface Life {
  readonly stays: boolean
  gone(own: Thread): void
}
function begin(script: string, url: string, { stays, gone }: Life): Thread {
  const worker = new Worker(script, {
    workerData: { url, token: process.env.DATABASE_TOKEN, writing: precedence() },
    resourceLimits: ROOM,
  })
  const waiting = new Map<number, Waiting>()
  let last = 0
  let idle: NodeJS.Timeout | undefined
  const end = () => {
    gone(own)
    void worker.terminate()
  }
  const fail = (reason: Error) => {
    gone(own)
    for (const w of waiting.values()) w.reject(reason)
    waiting.clear()
  }
  worker.on('message', ({ id, answer, status, problem, failed }: Answer) => {
    const mine = waiting.get(id)
    waiting.delete(id)
    if (waiting.size === 0) {
      worker.unref()
      if (!stays) idle = setTimeout(end, IDLE).unref()
    }
    if (problem) mine?.reject(new Refusal(status ?? 500, problem))
    else if (failed) mine?.reject(new Error(failed))
    else mine?.resolve(answer as never)
  })
  worker.on('error', fail)
  worker.on('exit', () => fail(new Error('the thread has ended')))
  worker.unref()
  const own: Thread = {
    ask: (job, asked) => new Promise((resolve, reject) => {
      const id = ++last
      clearTimeout(idle)
      waiting.set(id, { resolve, reject })
      worker.ref()
      worker.postMessage({ id, job, asked })
    }),
    rest: () => {
      if (waiting.size === 0) end()
    },
    end,
  }
  return own
}

/** Beside the server's entry in the build. */
let found: string | undefined
function findWorker(): string | undefined {
  if (found) return found
  let folder = dirname(fileURLToPath(import.meta.url))
  for (let up = 0; up < 6; up++) {
    const script = join(folder, 'jobs.mjs')
    if (existsSync(script)) return (found = script)
    folder = dirname(folder)
  }
  return undefined
}
