import { dirname } from 'node:path'

/** The path of a local database; nothing where the URL is of a server. */
export const fileOf = (url: string): string | undefined => /^file:([^?]*)/.exec(url)?.[1]

/** The folder that it stands in; `data` under the working folder where it is not local. */
export function folderOf(url: string): string {
  const file = fileOf(url)
  return file === undefined ? 'data' : dirname(file) || '.'
}
