/**
 * A network between devices and the real services, that drops, delays, doubles, reorders, cuts and lies (answers
 * HTML), by a seed; and a server that can be killed between taking a post in and answering it, and restored from an
 * older copy.
 */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { addLinesRequest, openTabRequest } from '../../shared/contracts'
import { filesInMemory } from '../../server/database/files'
import { openDatabase, type OpenedDatabase } from '../../server/database/open'
import { addLines, heldOf, linesOf } from '../../server/services/lines'
import { Refusal } from '../../server/services/problems'
import { openTab } from '../../server/services/tabs'
import type { Random } from './histories'

export interface Server {
  /** what a request gets, over a network in this mood */
  ask(url: string, options: { readonly method?: string, readonly body?: string }): Promise<Response>
  /** dies and comes back on the same data */
  kill(): Promise<void>
  copy(): Promise<void>
  /** comes back on the copy that was last made: what came since is gone */
  restore(): Promise<void>
  /** how often anything but a plain answer was given */
  readonly troubles: ReadonlyMap<string, number>
  /** 0 is a good network */
  mood: number
  readonly db: () => OpenedDatabase['db']
  remove(): void
}

const answer = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
const ODD = [
  'drop',
  'lose the answer',
  'html',
  'refusal of a proxy',
  'redirect',
  'cut',
  'stumble',
  'double',
  'late',
] as const

export async function startServer(random: Random): Promise<Server> {
  const folder = mkdtempSync(join(tmpdir(), 'keep-tab-trial-'))
  let path = join(folder, 'tab.db')
  let restores = 0
  let opened = await openDatabase(`file:${path}`, filesInMemory())
  const copied = join(folder, 'copy.db')
  const troubles = new Map<string, number>()
  const late: (() => Promise<unknown>)[] = []

  async function serve(
    url: string,
    options: { readonly method?: string, readonly body?: string },
  ): Promise<Response> {
    try {
      const body = options.body ? (JSON.parse(options.body) as unknown) : undefined
      const tab = /\/api\/tabs\/([\w-]+)\/lines/.exec(url)?.[1]
      const device = /\/api\/devices\/([\w-]+)\/lines/.exec(url)?.[1]
      if (tab) return answer(await addLines(opened.db, tab, addLinesRequest.parse(body).lines))
      if (device) return answer(await heldOf(opened.db, device))
      if (url === '/api/tabs') return answer(await openTab(opened.db, openTabRequest.parse(body)))
      throw new Error(`no such address: ${url}`)
    }
    catch (error) {
      if (error instanceof Refusal) return answer({ from: 'keep-tab', ...error.problem }, error.status)
      return answer({ error: true }, 500)
    }
  }

  async function ask(
    url: string,
    options: { readonly method?: string, readonly body?: string },
  ): Promise<Response> {
    // what was held up earlier may arrive now, out of its order
    if (late.length > 0 && random.uniform() < 0.3) await late.shift()!()
    if (random.uniform() >= server.mood) return serve(url, options)
    const odd = ODD[random.below(ODD.length)]!
    troubles.set(odd, (troubles.get(odd) ?? 0) + 1)
    switch (odd) {
      case 'drop':
        throw new TypeError('no route')
      case 'lose the answer':
        await serve(url, options)
        throw new TypeError('connection reset')
      case 'html':
        return new Response('<html>Welcome to the campsite network</html>', { status: 200 })
      case 'refusal of a proxy':
        return answer({ code: 'forbidden', facts: {} }, [403, 429, 404, 400][random.below(4)]!)
      case 'redirect':
        return new Response(null, { status: 302, headers: { location: '/login' } })
      case 'cut':
        return new Response((await (await serve(url, options)).text()).slice(0, 12))
      case 'stumble':
        return answer({ error: true }, 500 + random.below(4))
      case 'double':
        await serve(url, options)
        return serve(url, options)
      case 'late':
        late.push(() => serve(url, options))
        throw new DOMException('timed out', 'TimeoutError')
    }
  }

  const reopen = async () => {
    opened = await openDatabase(`file:${path}`, filesInMemory())
  }
  const server: Server = {
    ask,
    troubles,
    mood: 0,
    db: () => opened.db,
    kill: async () => {
      opened.client.close()
      await reopen()
    },
    copy: async () => {
      await opened.client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
      copyFileSync(path, copied)
    },
    restore: async () => {
      opened.client.close()
      path = join(folder, `restored-${++restores}.db`)
      copyFileSync(copied, path)
      await reopen()
    },
    remove: () => {
      opened.client.close()
      rmSync(folder, { recursive: true, force: true })
    },
  }
  return server
}

export const keptOn = (server: Server, tab: string) => linesOf(server.db(), tab)
