import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { MeReply } from '#contracts'
import { useMe } from './me'

let reply: unknown
const json = (body: unknown) =>
  new Response(JSON.stringify(body), { status: 200, headers: { 'content-type': 'application/json' } })
const signedIn = (me: MeReply['me']): MeReply => ({ me, backedUpAt: '', unowned: false, bare: false, demo: [] })
const OWNER = { name: 'A. Thornbeck', role: 'owner' } as const

beforeEach(() => {
  vi.stubGlobal('fetch', () => (reply ? Promise.resolve(json(reply)) : Promise.reject(new TypeError('no route'))))
  vi.stubGlobal('window', { location: { assign: () => undefined } })
  setActivePinia(createPinia())
})

describe('who writes on this device', () => {
  it('is who signed in, also without a signal and after the session was ended elsewhere', async () => {
    const me = useMe()
    reply = signedIn(OWNER)
    await me.load()
    expect([me.name, me.writer]).toEqual(['A. Thornbeck', 'A. Thornbeck'])
    reply = undefined
    await me.load()
    expect([me.name, me.writer]).toEqual(['A. Thornbeck', 'A. Thornbeck'])
    reply = signedIn(null)
    await me.load()
    expect([me.name, me.writer]).toEqual(['', 'A. Thornbeck'])
  })
  it('is nobody after a sign-out', async () => {
    const me = useMe()
    reply = signedIn(OWNER)
    await me.load()
    reply = { done: true }
    await me.signOut()
    expect(me.writer).toBe('')
  })
})
