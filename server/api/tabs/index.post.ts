import { openTabRequest } from '#contracts'
import { handle, readBodyAs } from '../../http/handle'
import { openTab } from '../../services/tabs'

export default handle(async (db, event) => openTab(db, await readBodyAs(event, openTabRequest)))
