import { beforeEach, describe, expect, it, vi } from 'vitest'
import { seekLead } from './leader'

/** The browser's locks, as far as one name goes: the first in line holds it until it is let go or taken. */
function fakeLocks() {
  const line: { grant: () => void, fail: (reason: unknown) => void }[] = []
  let holder: (typeof line)[number] | undefined
  const next = () => {
    holder = line.shift()
    holder?.grant()
  }
  return {
    request: (_: string, { steal, signal }: LockOptions, work: () => Promise<unknown>) =>
      new Promise((_resolve, fail) => {
        const mine = { grant: () => void work(), fail }
        if (steal) {
          holder?.fail(new DOMException('taken', 'AbortError'))
          holder = mine
          mine.grant()
          return
        }
        line.push(mine)
        signal?.addEventListener('abort', () => {
          if (!line.includes(mine)) return
          line.splice(line.indexOf(mine), 1)
          fail(new DOMException('given up', 'AbortError'))
        })
        if (!holder) next()
      }),
    /** how many stand in line */
    waiting: () => line.length,
    /** the window that holds it is closed */
    close: () => next(),
  }
}

let locks: ReturnType<typeof fakeLocks>
beforeEach(() => {
  locks = fakeLocks()
  vi.stubGlobal('navigator', { locks })
})
const newWindow = () => {
  const seen = { leads: false, begun: 0 }
  return {
    seen,
    lead: seekLead({
      begin: () => Object.assign(seen, { leads: true, begun: seen.begun + 1 }),
      end: () => {
        seen.leads = false
      },
    }),
  }
}
const settle = () => new Promise(resolve => setTimeout(resolve, 0))

describe('the lead among windows', () => {
  it('is the first one\'s, and goes to the next when that is closed', async () => {
    const [a, b, c] = [newWindow(), newWindow(), newWindow()]
    expect([a, b, c].map(w => w.seen.leads)).toEqual([true, false, false])
    locks.close()
    await settle()
    expect([b, c].map(w => w.seen.leads)).toEqual([true, false])
  })
  it('is taken from one that does not answer, which stands in line again', async () => {
    const [frozen, shown] = [newWindow(), newWindow()]
    shown.lead.takeOver()
    await settle()
    expect([frozen.seen.leads, shown.seen.leads]).toEqual([false, true])
    expect(locks.waiting()).toBe(1)
    locks.close()
    await settle()
    expect([frozen, shown].some(w => w.seen.leads)).toBe(true)
  })
  it('leaves each window one place, however often it is taken to and fro', async () => {
    const [a, b, c] = [newWindow(), newWindow(), newWindow()]
    for (const taker of [b, a, c, b]) {
      taker.lead.takeOver()
      await settle()
    }
    expect([a, b, c].map(w => w.seen.leads)).toEqual([false, true, false])
    expect(locks.waiting()).toBe(2)
  })
  it('is each window\'s own where the browser has no locks, or gives none', async () => {
    vi.stubGlobal('navigator', {})
    expect(newWindow().seen.leads).toBe(true)
    vi.stubGlobal('navigator', {
      locks: { request: () => Promise.reject(new DOMException('no', 'SecurityError')) },
    })
    const w = newWindow()
    await settle()
    expect(w.seen).toEqual({ leads: true, begun: 1 })
  })
})
