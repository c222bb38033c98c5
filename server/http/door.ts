/**
 * Who may come in: requests to this machine under a name it is known by, and writes only from this application's own
 * pages. A page that a browser visits can send a request here, but neither with the header nor with this origin.
 */
import { OWN_HEADER } from '#contracts'

export interface Knock {
  readonly method: string
  readonly host: string
  readonly origin: string | undefined
  readonly own: string | undefined
}

const HERE = ['localhost', '127.0.0.1', '[::1]']

/** @param names further names that this server is known by (HOST, KEEP_TAB_HOSTS) */
export function mayEnter({ method, host, origin, own }: Knock, names: readonly string[]): boolean {
  const known = new Set([...HERE, ...names])
  if (!known.has(nameOf(host))) return false
  if (method === 'GET' || method === 'HEAD') return true
  return own !== undefined && (origin === undefined || hostOf(origin) === host)
}

/** Names from the environment; an address that means every one of this machine's is no name. */
export const namesFrom = (env: Readonly<Record<string, string | undefined>>): string[] =>
  [env.HOST, ...(env.KEEP_TAB_HOSTS ?? '').split(',')].flatMap(n =>
    n?.trim() && n.trim() !== '0.0.0.0' && n.trim() !== '::' ? [n.trim().toLowerCase()] : [],
  )

export const OWN = OWN_HEADER

const nameOf = (host: string) => host.toLowerCase().replace(/:\d+$/, '')

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host
  }
  catch {
    return undefined
  }
}
