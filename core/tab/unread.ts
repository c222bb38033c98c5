/** What stands where no figure does: the meter showed OL, or only how it was found was told. */
import type { LineOf } from './lines'

const FOUND = { usual: 'good', low: 'low', high: 'high' } as const

export const unread = ({ judged }: Pick<LineOf<'reading'>, 'judged'>): string => (judged ? FOUND[judged] : 'OL')
