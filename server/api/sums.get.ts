import { booksQuery } from '#contracts'
import { handle, readQueryAs, todayOf } from '../http/handle'
import { readBooks } from '../services/sums'

export default handle('read', ({ db, event }) => readBooks(db, readQueryAs(event, booksQuery), todayOf(event)))
