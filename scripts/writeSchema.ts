/** Writes the published JSON Schema of the open file: run after changing it. A test holds the two together. */
import { writeFileSync } from 'node:fs'
import { bookJsonSchema } from '#core/formats'

writeFileSync('docs/keep-tab.schema.json', `${JSON.stringify(bookJsonSchema(), null, 2)}\n`)
