import { handle, idOf } from '../../../http/handle'
import { readTab } from '../../../services/tabs'

export default handle((db, event) => readTab(db, idOf(event)))
