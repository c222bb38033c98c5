/** A paper as plain data: blocks of words, tables and drawings, one below the other; draw.ts draws it. */
export type Block
  = | { readonly is: 'title', readonly text: string, readonly under?: string }
    | { readonly is: 'head', readonly text: string }
    | { readonly is: 'line', readonly text: string, readonly soft?: boolean, readonly bold?: boolean }
    | { readonly is: 'list', readonly items: readonly string[] }
    | { readonly is: 'rows', readonly columns: readonly Column[], readonly rows: readonly (readonly Cell[])[] }
    /** SVG with its styles in it */
    | { readonly is: 'drawing', readonly svg: string }
    /** a picture as a data URL */
    | { readonly is: 'picture', readonly data: string, readonly width: number }
    | { readonly is: 'tag', readonly token: string, readonly code: string, readonly lines: readonly string[] }
    | { readonly is: 'page' }

export interface Column {
  readonly head: string
  /** points, or a share of what is left */
  readonly width: number | '*' | 'auto'
  readonly right?: boolean
}
export type Cell = string | { readonly text: string, readonly bold?: boolean, readonly struck?: boolean }

export interface Paper {
  /** of its file, without ending */
  readonly name: string
  readonly title: string
  /** at the foot of each page */
  readonly foot: string
  readonly blocks: readonly Block[]
  /** a label's, mm; a page of US letter or A4 otherwise */
  readonly size?: Label
  readonly sheet: 'LETTER' | 'A4'
}
export interface Label {
  readonly width: number
  readonly height: number
}

export const CAUTION = 'Electrical and well work is for qualified and, where the law says so, licensed people. Local '
  + 'code and the maker’s instructions come first.'

/** A file name out of words: 2026-06-15-stillwater-nursery-sheet. */
export const fileName = (...words: readonly string[]): string =>
  words.map(w => w.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-'))
    .map(w => w.replace(/^-|-$/g, '')).filter(Boolean).join('-').slice(0, 80)
