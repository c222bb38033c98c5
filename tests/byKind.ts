/** Texts of one folder, one file a kind of system: `jet.txt`. */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { isKindId, type KindId } from '#core/systems'

export interface KindText {
  readonly kind: KindId
  readonly file: string
  readonly text: string
}

/** Throws where a file is named after no kind. */
export const textsByKind = (folder: string): readonly KindText[] =>
  readdirSync(folder)
    .filter(f => f.endsWith('.txt'))
    .toSorted()
    .map((file) => {
      const kind = file.replace('.txt', '')
      if (!isKindId(kind)) throw new Error(`${file} is not named after a kind of system`)
      return { kind, file, text: readFileSync(join(folder, file), 'utf8') }
    })
