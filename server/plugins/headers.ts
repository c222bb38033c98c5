import { existsSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { connectionOf } from '../http/connection'
import { scriptHashes, securityHeaders } from '../http/headers'

/** Before anything answers, so that files and the prerendered shell have them too. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  let hashes: readonly string[] | undefined
  nitro.hooks.hook('request', (event) => {
    hashes ??= scriptHashes(findShell())
    setHeaders(event, securityHeaders(hashes, connectionOf(event).secure))
    // what a route says of itself comes after this, as pictures do
    if (event.path.startsWith('/api/')) setHeader(event, 'cache-control', 'no-store')
  })
})

/** The prerendered shell of this build: its scripts are those of every page. */
function findShell(): string {
  let folder = dirname(fileURLToPath(import.meta.url))
  for (let up = 0; up < 6; up++) {
    const shell = join(folder, 'public/shell/index.html')
    if (existsSync(shell)) return readFileSync(shell, 'utf8')
    folder = dirname(folder)
  }
  return ''
}
