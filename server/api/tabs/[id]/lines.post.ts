import { addLinesRequest } from '#contracts'
import { handle, idOf, readBodyAs } from '../../../http/handle'
import { addLines } from '../../../services/lines'

export default handle(async (db, event) => addLines(db, idOf(event), (await readBodyAs(event, addLinesRequest)).lines))
