/** The faces that the product ships, as its printer takes them. */
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Faces } from '../../app/papers/draw'

const { resolve } = createRequire(import.meta.url)
const read = (name: string) => readFileSync(resolve(name)).toString('base64')
const house = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin'

export const FACES: Faces = {
  plain: read(`${house}-400-normal.woff`),
  bold: read(`${house}-700-normal.woff`),
  rest: read('dejavu-fonts-ttf/ttf/DejaVuSans.ttf'),
}
