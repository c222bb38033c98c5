/**
 * What every handler does the same way: who asks and what for, the database in, a schema at the door, a refusal out as
 * code and facts.
 */
import { once } from 'node:events'
import type { Writable } from 'node:stream'
import type { H3Event } from 'h3'
import type { z } from 'zod'
import type { Problem } from '#core/foundation'
import type { FileStore } from '../database/files'
import type { Database } from '../database/open'
import { useFiles, useOpenedDatabase } from '../database/use'
import { nameDatabaseError, Refusal } from '../services/problems'
import type { Who } from '../services/sessions'
import { connectionOf } from './connection'
import { enter, type Right } from './who'

export interface Asked {
  readonly db: Database
  /** of the database */
  readonly url: string
  readonly event: H3Event
  readonly files: FileStore
  readonly who: Who
}

/** @param right what the route is for: nobody comes in without it */
export const handle = <T>(right: Right, answer: (asked: Asked) => Promise<T>) =>
  handleAnyone(async asked => answer({ ...asked, who: await enter(asked.db, asked.event, right) }))

/** A route for those who are not signed in. */
export function handleAnyone<T>(answer: (asked: Omit<Asked, 'who'>) => Promise<T>) {
  return defineEventHandler(async (event) => {
    try {
      const { db, url } = await useOpenedDatabase()
      return await answer({ db, url, event, files: useFiles() })
    }
    catch (error) {
      const refusal = error instanceof Refusal ? error : nameDatabaseError(error)
      if (!refusal) throw error
      return refuse(event, refusal.status, refusal.problem)
    }
  })
}

/** A refusal says that it is this server's: a page that stands between may say anything. */
export function refuse(event: H3Event, status: number, problem: Problem) {
  setResponseStatus(event, status)
  if (problem.code === 'too-many') setHeader(event, 'retry-after', Number(problem.facts.seconds))
  return { from: 'keep-tab', ...problem }
}

const KB = 1024
/** What most requests may hold; lines, pieces of pictures and files have their own. */
const USUAL = 64 * KB

export async function readBodyAs<S extends z.ZodType>(event: H3Event, schema: S, most = USUAL): Promise<z.infer<S>> {
  return demand(schema, parseJson(await readBytes(event, most)))
}

export function readQueryAs<S extends z.ZodType>(event: H3Event, schema: S): z.infer<S> {
  return demand(schema, getQuery(event))
}

function demand<S extends z.ZodType>(schema: S, raw: unknown): z.infer<S> {
  const parsed = schema.safeParse(raw)
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]
  throw new Refusal(400, {
    code: 'bad-request',
    facts: { place: issue?.path.join(' › ') || 'the request', why: issue?.message ?? 'unreadable' },
  })
}

function parseJson(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes))
  }
  catch {
    return undefined
  }
}

/** The bytes of a request, given up as soon as there are too many of them; packed ones are not unpacked. */
export async function readBytes(event: H3Event, most: number): Promise<Uint8Array> {
  const pieces: Buffer[] = []
  for await (const piece of bytesOf(event, most)) pieces.push(piece)
  return Buffer.concat(pieces)
}

/** The same, put down as they come: a large file is never held. */
export async function writeBytes(event: H3Event, out: Writable, most: number): Promise<void> {
  const failed = once(out, 'error').then(([error]) => {
    throw error
  })
  failed.catch(() => undefined)
  for await (const piece of bytesOf(event, most))
    if (!out.write(piece)) await Promise.race([once(out, 'drain'), failed])
  out.end()
  await Promise.race([once(out, 'finish'), failed])
}

async function* bytesOf(event: H3Event, most: number): AsyncGenerator<Buffer> {
  const packed = getRequestHeader(event, 'content-encoding') ?? 'identity'
  if (packed !== 'identity')
    throw new Refusal(415, { code: 'bad-request', facts: { place: 'the request', why: `it is packed (${packed})` } })
  const tooLarge = () => new Refusal(413, { code: 'too-large', facts: { most: sayBytes(most) } })
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > most) throw tooLarge()
  let length = 0
  try {
    for await (const piece of event.node.req as AsyncIterable<Buffer>) {
      length += piece.length
      if (length > most) throw tooLarge()
      yield piece
    }
  }
  catch (error) {
    if (error instanceof Refusal) throw error
    // whoever sent it is gone: nobody reads the answer, and nothing went wrong here
    throw new Refusal(400, { code: 'bad-request', facts: { place: 'the request', why: 'it was cut off' } })
  }
}
const sayBytes = (bytes: number) => (bytes >= KB * KB ? `${bytes / KB / KB} MB` : `${bytes / KB} kB`)

/** The page that asks, as its browser names it: the door has looked at the name. */
export function placeOf(event: H3Event): { readonly host: string, readonly origin: string } {
  const host = getRequestHeader(event, 'host') ?? ''
  return {
    host: host.replace(/:\d+$/, ''),
    origin: `${connectionOf(event).secure ? 'https' : 'http'}://${host}`,
  }
}

export const idOf = (event: H3Event) => getRouterParam(event, 'id') ?? ''
/** A whole number from the address, nought where there is none. */
export const numberOf = (event: H3Event, name: string) => {
  const asked = Number(getQuery(event)[name])
  return Number.isSafeInteger(asked) && asked > 0 ? asked : 0
}
/** The shop's time: KEEP_TAB_NOW lays it to a fixed instant for pictures and tests. */
export const nowOf = () => process.env.KEEP_TAB_NOW ?? new Date().toISOString()
export const todayOf = (event: H3Event) => {
  const asked = getQuery(event).today
  return typeof asked === 'string' && isDay(asked) ? asked : nowOf().slice(0, 10)
}
/** 2026-02-30 has the form of a day and is none. */
const isDay = (text: string) =>
  /^\d{4}-\d\d-\d\d$/.test(text) && new Date(`${text}T00:00:00Z`).toJSON()?.slice(0, 10) === text
