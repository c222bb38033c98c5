/** A database of its own for a test of the services, and lines as one device writes them. */
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll } from 'vitest'
import { createWriter, type Line } from '#core/tab'
import { filesInMemory } from '../database/files'
import { openDatabase, type OpenedDatabase } from '../database/open'
import { exportBook, importBook } from './books'
import { Refusal } from './problems'
import { openTab } from './tabs'

let n = 0
const write = createWriter('test-device')
/** A number that no other tab or line of the file has. */
export const nextNumber = () => ++n
export const line = (over: object) =>
  write({ id: `line-unit-${nextNumber()}`, at: '2026-06-15T10:00:00.000Z', ...over } as Line)

export interface TestBook {
  readonly folder: string
  readonly files: ReturnType<typeof filesInMemory>
  /** there from the first test on */
  readonly opened: OpenedDatabase
  open(tab?: string, system?: string): Promise<string>
  takeIn(content: string, layTo?: string): ReturnType<typeof importBook>
  giveOut(): Promise<Awaited<ReturnType<typeof exportBook>>['book']>
}

/** Opened before the tests of the file that asks for it, and removed after them. */
export function useTestBook(): TestBook {
  const folder = mkdtempSync(join(tmpdir(), 'keep-tab-unit-'))
  const files = filesInMemory()
  let opened: OpenedDatabase
  beforeAll(async () => {
    opened = await openDatabase(`file:${join(folder, 'unit.db')}`, files)
  })
  afterAll(() => {
    opened.client.close()
    rmSync(folder, { recursive: true, force: true })
  })
  return {
    folder,
    files,
    get opened() {
      return opened
    },
    open: async (tab = `tab-unit-${nextNumber()}`, system = `system-unit-${n}`) => {
      const given = await openTab(opened.db, {
        site: { id: 'site-unit', name: 'Hill Farm' },
        system: { id: system, name: 'well', kind: 'well-3wire' },
        tab: { id: tab, opened: line({ kind: 'opened', complaint: 'groans', words: 'it groans' }) },
      })
      return given.tab
    },
    takeIn: (content, layTo) => importBook(opened.db, files, new TextEncoder().encode(content), { layTo }),
    giveOut: async () => (await exportBook(opened.db)).book,
  }
}

/** The refusal that a piece of work ends in. */
export async function refusal(work: Promise<unknown>): Promise<Refusal> {
  const error = await work.then(
    () => undefined,
    (e: unknown) => e,
  )
  if (error instanceof Refusal) return error
  throw new Error(`expected a refusal, got ${String(error)}`)
}
