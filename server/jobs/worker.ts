/** A thread of its own with a connection of its own: what takes long is worked out here, and requests go on. */
import { parentPort, workerData } from 'node:worker_threads'
import { openFilesFor } from '../database/files'
import { openDatabase } from '../database/open'
import { standBehind } from '../database/precedence'
import { Refusal } from '../services/problems'
import { runJob, type JobName, type Jobs } from './run'
import { tidily } from './tidy'

interface Asked {
  readonly id: number
  readonly job: JobName
  readonly asked: Jobs[JobName]['asked']
}
const { url, token, writing } = workerData as {
  readonly url: string
  readonly token?: string
  readonly writing: SharedArrayBuffer
}
standBehind(writing)
const files = openFilesFor(url)
const opened = openDatabase(url, files, token)

parentPort?.on('message', ({ id, job, asked }: Asked) => {
  void opened
    .then(({ db }) => tidily(() => runJob(job, { db, files, url }, asked as never)))
    .then(
      answer => parentPort?.postMessage({ id, answer }),
      (error: unknown) => parentPort?.postMessage({
        id,
        // only what can travel: a refusal by its code, anything else by its words
        ...(error instanceof Refusal
          ? { status: error.status, problem: error.problem }
          : { failed: error instanceof Error ? (error.stack ?? error.message) : String(error) }),
      }),
    )
})
