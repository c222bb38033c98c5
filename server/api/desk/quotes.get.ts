import { deskQuery } from '#contracts'
import { handle, readQueryAs } from '../../http/handle'
import { openDesk } from '../../services/desk'

export default handle('read', async ({ event }) => openDesk().quote(readQueryAs(event, deskQuery).number))
