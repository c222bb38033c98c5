import { handle } from '../http/handle'

export default handle(async () => ({ ok: true }))
