/** Where a database stands, by its URL. */
import { describe, expect, it } from 'vitest'
import { fileOf, folderOf } from './fileUrl'

describe('the URL of a database', () => {
  it.each([
    ['file:/var/book/keep-tab.db', '/var/book/keep-tab.db', '/var/book'],
    ['file:data/keep-tab.db?mode=ro', 'data/keep-tab.db', 'data'],
    ['file:keep-tab.db', 'keep-tab.db', '.'],
    ['libsql://books.example', undefined, 'data'],
  ])('%s', (url, file, folder) => {
    expect(fileOf(url)).toBe(file)
    expect(folderOf(url)).toBe(folder)
  })
})
