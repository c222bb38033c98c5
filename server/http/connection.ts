/**
 * Where a request comes from, as far as it can be trusted: a forwarding header counts only from a proxy that is
 * listed (KEEP_TAB_PROXIES).
 */
import type { H3Event } from 'h3'

export interface Connection {
  /** the address that limits are counted by */
  readonly address: string
  /** over TLS, here or up to a trusted proxy */
  readonly secure: boolean
  /** a browser on this very machine, nothing in between */
  readonly here: boolean
}

export interface Seen {
  readonly peer: string
  readonly encrypted: boolean
  readonly forwardedFor: string | undefined
  readonly forwardedProto: string | undefined
  readonly forwarded: boolean
}

const LOOPBACK = new Set(['127.0.0.1', '::1'])
/** An IPv4 address as an IPv6 socket shows it. */
const plain = (address: string) => address.replace(/^::ffff:/, '')

export function judgeConnection(
  { peer, encrypted, forwardedFor, forwardedProto, forwarded }: Seen,
  proxies: readonly string[],
): Connection {
  const from = plain(peer)
  const trusted = proxies.includes(from)
  // the last address is the one that the trusted proxy itself saw
  const last = forwardedFor?.split(',').at(-1)?.trim()
  return {
    address: trusted && last ? plain(last) : from,
    secure: encrypted || (trusted && forwardedProto === 'https'),
    here: LOOPBACK.has(from) && !forwarded,
  }
}

const PASSED_ON = ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-real-ip', 'via']

export const connectionOf = (event: H3Event, env = process.env): Connection =>
  judgeConnection({
    peer: event.node.req.socket.remoteAddress ?? '',
    encrypted: 'encrypted' in event.node.req.socket,
    forwardedFor: getRequestHeader(event, 'x-forwarded-for'),
    forwardedProto: getRequestHeader(event, 'x-forwarded-proto'),
    forwarded: PASSED_ON.some(h => getRequestHeader(event, h) !== undefined),
  }, (env.KEEP_TAB_PROXIES ?? '').split(',').map(p => plain(p.trim())).filter(Boolean))
