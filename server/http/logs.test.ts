import { describe, expect, it } from 'vitest'
import { routeOf, writeError, writeRequest } from './logs'

describe('the log', () => {
  it.each([
    ['/api/tabs/tab-0198ab/lines?after=4', '/api/tabs/…/lines'],
    ['/api/sites/site-hill-farm', '/api/sites/…'],
    ['/api/me/sign-in', '/api/me/sign-in'],
    ['/api/sheets/tab-1.20500.c2ln', '/api/sheets/…'],
    ['/api/people/0198', '/api/people/…'],
    ['/_nuxt/entry.BnQ.js', '/_nuxt/…'],
    ['/', '/'],
  ])('%s is shown as %s', (path, route) => expect(routeOf(path)).toBe(route))
  it('is one line of JSON, of nobody', () => {
    const line = writeRequest(
      { id: 'r1', method: 'GET', path: '/api/sites/site-hill-farm?name=Ann', status: 200, ms: 3.4 }, '2026')
    expect(JSON.parse(line)).toEqual({ at: '2026', id: 'r1', method: 'GET', route: '/api/sites/…', status: 200, ms: 3 })
    expect(line).not.toMatch(/Ann|hill/)
    expect(line).not.toContain('\n')
  })
  it('tells where something failed, and not what was said', () => {
    const line = writeError(new Error('Ann said: UNIQUE constraint'), '2026', { id: 'r1', path: '/api/tabs/tab-1' })
    expect(JSON.parse(line)).toMatchObject({ id: 'r1', route: '/api/tabs/…', error: 'Error' })
    expect(line).not.toContain('Ann')
  })
})
