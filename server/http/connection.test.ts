import { describe, expect, it } from 'vitest'
import { judgeConnection, type Seen } from './connection'
import { scriptHashes, securityHeaders } from './headers'
import { createLimits, LIMITS } from './limits'

const bare: Seen = {
  peer: '127.0.0.1', encrypted: false, forwardedFor: undefined, forwardedProto: undefined, forwarded: false,
}
const behind: Partial<Seen> = { forwardedFor: '203.0.113.9', forwardedProto: 'https', forwarded: true }

describe('where a request comes from', () => {
  it.each([
    ['a browser on this machine', {}, [], { address: '127.0.0.1', secure: false, here: true }],
    ['the same by IPv6', { peer: '::1' }, [], { address: '::1', secure: false, here: true }],
    ['an IPv4 address on an IPv6 socket', { peer: '::ffff:127.0.0.1' }, [], { address: '127.0.0.1', here: true }],
    ['another machine', { peer: '10.0.0.7' }, [], { address: '10.0.0.7', secure: false, here: false }],
    ['another machine over TLS', { peer: '10.0.0.7', encrypted: true }, [], { secure: true, here: false }],
    ['a proxy that is listed', behind, ['127.0.0.1'], { address: '203.0.113.9', secure: true, here: false }],
    ['a proxy that nobody listed', behind, [], { address: '127.0.0.1', secure: false, here: false }],
    [
      'somebody who claims a chain of addresses', { ...behind, forwardedFor: '127.0.0.1, 203.0.113.9' }, ['127.0.0.1'],
      { address: '203.0.113.9', here: false },
    ],
    ['a listed proxy that came by http', { ...behind, forwardedProto: 'http' }, ['127.0.0.1'], { secure: false }],
  ] as const)('%s', (_, seen, proxies, is) =>
    expect(judgeConnection({ ...bare, ...seen }, proxies)).toMatchObject(is))
})

describe('limits', () => {
  it('refuse what is tried too often, by name, until its time is over', () => {
    let now = 0
    const limits = createLimits(() => now)
    for (let i = 0; i < LIMITS['sign-in'].times; i++) limits.count('sign-in', 'a')
    expect(() => limits.count('sign-in', 'a')).toThrow('too-many')
    expect(() => limits.count('sign-in', 'b')).not.toThrow()
    expect(() => limits.count('posts', 'a')).not.toThrow()
    now = LIMITS['sign-in'].within * 1000 + 1
    expect(() => limits.count('sign-in', 'a')).not.toThrow()
  })
  it('forgive after a success', () => {
    const limits = createLimits(() => 0)
    for (let i = 0; i < LIMITS['sign-in'].times; i++) limits.count('sign-in', 'a')
    limits.forgive('sign-in', 'a')
    expect(() => limits.count('sign-in', 'a')).not.toThrow()
  })
})

describe('the headers', () => {
  const shell = '<script src="/a.js"></script><script>one()</script><script type="application/json">{}</script>'
  it('let a page’s own script in by its hash, and no other', () => {
    // echo -n 'one()' | openssl dgst -sha256 -binary | base64
    expect(scriptHashes(shell)).toEqual(['\'sha256-HR7iaask9daLMRRskMI++QeJtjWDOjyPA6lGzYGzKW4=\''])
    const policy = securityHeaders(scriptHashes(shell), false)['content-security-policy']!
    const scripts = policy.split('; ').find(p => p.startsWith('script-src'))!
    expect(scripts).toContain('\'self\'')
    expect(scripts).not.toMatch(/unsafe|\*|data:/)
    expect(policy).toContain('frame-ancestors \'none\'')
  })
  it('ask for TLS from then on only where there is TLS', () => {
    expect(securityHeaders([], false)).not.toHaveProperty('strict-transport-security')
    expect(securityHeaders([], true)).toHaveProperty('strict-transport-security')
  })
})
