import { handle, idOf } from '../../../../http/handle'
import { keepPhoto } from '../../../../services/photos'

export default handle(async (db, event) => keepPhoto(db, idOf(event), getRouterParam(event, 'photo') ?? '', await readRawBody(event, false)))
