/**
 * Does the substitute fit? Each attribute of a part is judged against what the system and the part that comes off ask
 * for. What nobody knows is asked for, never taken as fitting.
 */
import { ATTRIBUTES, rulesOf, type AttributeId, type Attributes, type PartTypeId, type Rule } from './types'

export const FITS = ['fits', 'unknown', 'not'] as const
export type Fits = (typeof FITS)[number]

export interface Judged {
  readonly attribute: AttributeId
  readonly rule: Rule
  readonly verdict: Fits | 'look'
  readonly need?: number
  readonly has?: number
}
export interface Fit {
  readonly verdict: Fits
  readonly judged: readonly Judged[]
}

/** Rated figures are rounded: the same to within one in a hundred. */
const SAME = 0.01

/** @param need what is asked for, @param has what the part is */
export function judgeFit(type: PartTypeId, need: Attributes, has: Attributes): Fit {
  const judged = rulesOf(type).flatMap(([attribute, rule]): Judged[] => {
    const [wanted, own] = [need[attribute], has[attribute]]
    if (wanted === undefined && (own === undefined || rule !== 'look')) return []
    const figures = { ...(wanted === undefined ? {} : { need: wanted }), ...(own === undefined ? {} : { has: own }) }
    return [{ attribute, rule, verdict: verdictOf(attribute, rule, wanted, own), ...figures }]
  })
  const verdict = judged.some(j => j.verdict === 'not')
    ? 'not'
    : judged.length === 0 || judged.some(j => j.verdict === 'unknown') ? 'unknown' : 'fits'
  return { verdict, judged }
}

function verdictOf(attribute: AttributeId, rule: Rule, need?: number, has?: number): Judged['verdict'] {
  if (rule === 'look') return 'look'
  if (has === undefined || need === undefined) return 'unknown'
  const near = SAME * Math.max(Math.abs(need), Math.abs(has))
  const slack = ATTRIBUTES[attribute].quantity === 'choice' || attribute === 'gauge' ? 0 : near
  const fits = rule === 'equal'
    ? Math.abs(has - need) <= slack
    : rule === 'at-least' ? has >= need - slack : has <= need + slack
  return fits ? 'fits' : 'not'
}
