import { handle, placeOf } from '../../../http/handle'
import { askForNew } from '../../../services/passkeys'

export default handle('read', ({ db, event, who }) => askForNew(db, who, placeOf(event)))
