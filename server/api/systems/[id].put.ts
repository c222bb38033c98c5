import { nameplateRequest } from '#contracts'
import { handle, idOf, readBodyAs } from '../../http/handle'
import { saveNameplate } from '../../services/sites'

export default handle(async (db, event) => saveNameplate(db, idOf(event), (await readBodyAs(event, nameplateRequest)).nameplate))
