/** What is logged of a request: its id, route, status and time; nobody's name, address, tab or figure. */

/** Without what is asked for, and without whose it is: any part of the address that is no word of a route. */
export const routeOf = (path: string): string =>
  path.replace(/\?.*$/, '').split('/').map(part => (part === '' || WORD.test(part) ? part : '…')).join('/')
/** Words of routes are short and of small letters; ids have figures, names of files their endings. */
const WORD = /^_?[a-z]{1,10}(?:-[a-z]{1,6})?$/

export interface Answered {
  readonly id: string
  readonly method: string
  readonly path: string
  readonly status: number
  readonly ms: number
}

/** One line of JSON. */
export const writeRequest = ({ id, method, path, status, ms }: Answered, at: string): string =>
  JSON.stringify({ at, id, method, route: routeOf(path), status, ms: Math.round(ms) })

export const writeError = (error: Error, at: string, asked?: { readonly id: string, readonly path: string }): string =>
  JSON.stringify({
    at,
    ...(asked ? { id: asked.id, route: routeOf(asked.path) } : {}),
    error: error.name,
    stack: error.stack?.split('\n').slice(1, 6).map(l => l.trim()),
  })
