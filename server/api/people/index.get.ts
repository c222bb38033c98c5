import { handle } from '../../http/handle'
import { listPeople } from '../../services/people'

export default handle('keep', ({ db }) => listPeople(db))
