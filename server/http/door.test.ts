import { describe, expect, it } from 'vitest'
import { mayEnter, namesFrom } from './door'

const write = { method: 'POST', host: 'localhost:4300', origin: 'http://localhost:4300', own: '1' }

describe('the door', () => {
  it.each([
    ['this application\'s own page', {}, true],
    ['a command without an origin', { origin: undefined }, true],
    ['another page\'s form, which cannot send the header', { own: undefined }, false],
    ['another page with the header', { origin: 'http://elsewhere.example' }, false],
    ['the same machine on another port', { origin: 'http://localhost:9999' }, false],
    ['a page with no origin to speak of', { origin: 'null' }, false],
    [
      'a name that this server does not know',
      { host: 'rebound.example', origin: 'http://rebound.example' },
      false,
    ],
    ['the loopback in numbers', { host: '[::1]:4300', origin: 'http://[::1]:4300' }, true],
  ])('of a write by %s: %o → %s', (_, more, enters) => expect(mayEnter({ ...write, ...more }, [])).toBe(enters))
  it('lets reads in under a known name only', () => {
    const read = { method: 'GET', host: 'keep.shop', origin: undefined, own: undefined }
    expect([mayEnter(read, []), mayEnter(read, ['keep.shop'])]).toEqual([false, true])
  })
  it('takes names from the environment, and no address that means all', () => {
    expect(namesFrom({ HOST: '0.0.0.0', KEEP_TAB_HOSTS: 'keep.shop, Van-1.local' })).toEqual([
      'keep.shop',
      'van-1.local',
    ])
    expect(namesFrom({ HOST: '10.0.0.4' })).toEqual(['10.0.0.4'])
  })
})
