import { handle } from '../http/handle'
import { readSayings } from '../services/ledger'

export default handle('read', ({ db }) => readSayings(db))
