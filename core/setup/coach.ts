/**
 * The adjusting coach: which nut of a pressure switch, which way and how far, learnt from what the last turn did.
 *   state  x = (cut-in, cut-out, a, b): pressures now, and what a clockwise turn of each nut moves them by
 *   turn   range nut by t: cut-in += a·t, cut-out += a·t;  small nut by t: cut-out += b·t
 *   read   z = cut-in or cut-out + gauge noise
 * A Kalman filter: a turn is linear in the state, so that reading after it teaches what a turn does. Up to a quarter
 * turn of slack may be lost when a nut goes the other way than before: that turn adds its own doubt. A reading that no
 * turn on record explains (another nut was turned, or by another hand) stands as it was read, and what was learnt goes.
 * Pressures in Pa.
 * Prior: 2.5 psi a turn of the range nut and 3.5 of the small one, each within half and twice (handbook §12; common
 * practice, no source).
 */
import type { Nut } from '#core/tab'
import { PSI } from '#core/units'

export type Watched = 'cut-in' | 'cut-out'
export type CoachEvent
  = | { readonly kind: 'read', readonly what: Watched, readonly pressure: number }
    | { readonly kind: 'turned', readonly nut: Nut, readonly turns: number }

export interface CoachTarget {
  readonly cutIn: number
  readonly cutOut: number
  /** how far off is near enough, Pa */
  readonly tolerance: number
  /** one nut alone: cut-out follows cut-in */
  readonly oneNut?: boolean
}

/** Of each of the four things that the coach knows. */
export type Four<T> = readonly [T, T, T, T]
type Place = 0 | 1 | 2 | 3
const ofFour = <U>(made: (i: Place) => U): Four<U> => [made(0), made(1), made(2), made(3)]
const sumOf = (made: (i: Place) => number): number => made(0) + made(1) + made(2) + made(3)

export interface CoachState {
  /** cut-in, cut-out, Pa; what a clockwise turn of the range nut and of the small nut does, Pa a turn */
  readonly mean: Four<number>
  readonly covariance: Four<Four<number>>
  readonly read: Readonly<Record<Watched, boolean>>
  /** the way each nut went last */
  readonly lastWay: Readonly<Record<Nut, number>>
  readonly turned: Readonly<Record<Nut, number>>
  /** the figures read last, since a nut that moves them was turned */
  readonly fresh: Readonly<Record<Watched, boolean>>
}

const [CUT_IN, CUT_OUT, RANGE, SMALL] = [0, 1, 2, 3] as const
/** Of one reading of a gauge watched while it moves slowly: ±1 psi all over, so 0.58 psi. */
const NOISE = 0.6 * PSI
/** What may be lost in slack when a nut goes back, in turns: evenly up to a quarter, less half of it on average. */
const [SLACK_MEAN, SLACK_SPREAD] = [0.125, 0.0722]
/** A hand turns what it says to within so many turns, all told. */
const HAND = 0.03
const USUAL_GAIN = { range: 2.5 * PSI, differential: 3.5 * PSI }
const GAIN_SPREAD = { range: 1.2 * PSI, differential: 1.5 * PSI }
const UNKNOWN = 15 * PSI
const LEAST_GAIN = 0.4 * PSI
/** From so many standard deviations on a reading is not what the turns on record would do. */
const BEYOND = 4

export function startCoach(cutIn: number, cutOut: number): CoachState {
  const spreads: Four<number> = [UNKNOWN, UNKNOWN, GAIN_SPREAD.range, GAIN_SPREAD.differential]
  return {
    mean: [cutIn, cutOut, USUAL_GAIN.range, USUAL_GAIN.differential],
    covariance: ofFour(i => ofFour(j => (i === j ? spreads[i] ** 2 : 0))),
    read: { 'cut-in': false, 'cut-out': false },
    fresh: { 'cut-in': false, 'cut-out': false },
    lastWay: { range: 0, differential: 0 },
    turned: { range: 0, differential: 0 },
  }
}

export const learn = (state: CoachState, event: CoachEvent): CoachState =>
  event.kind === 'read' ? readPressure(state, event.what, event.pressure) : turnNut(state, event.nut, event.turns)

function readPressure(before: CoachState, what: Watched, pressure: number): CoachState {
  const row = what === 'cut-in' ? CUT_IN : CUT_OUT
  const surprise = Math.abs(pressure - before.mean[row]) / Math.sqrt(before.covariance[row][row] + NOISE ** 2)
  const state = surprise > BEYOND ? withoutLearnt(before, row) : before
  const { mean, covariance: P } = state
  const innovation = P[row][row] + NOISE ** 2
  const gain = ofFour(i => P[i][row] / innovation)
  const off = pressure - mean[row]
  const next = ofFour(i => mean[i] + gain[i] * off)
  return {
    ...state,
    mean: [next[CUT_IN], next[CUT_OUT], Math.max(next[RANGE], LEAST_GAIN), Math.max(next[SMALL], LEAST_GAIN)],
    covariance: ofFour(i => ofFour(j => P[i][j] - gain[i] * P[row][j])),
    read: { ...state.read, [what]: true },
    fresh: { ...state.fresh, [what]: true },
  }
}

/** One pressure not known any more; the other as it was; the turns as usual. */
function withoutLearnt(state: CoachState, row: 0 | 1): CoachState {
  const anew = startCoach(state.mean[CUT_IN], state.mean[CUT_OUT])
  const other = row === CUT_IN ? CUT_OUT : CUT_IN
  const covariance = ofFour(i =>
    ofFour(j => (i === other && j === other ? state : anew).covariance[i][j]))
  return { ...state, mean: anew.mean, covariance, turned: anew.turned }
}

function turnNut(state: CoachState, nut: Nut, turns: number): CoachState {
  const way = Math.sign(turns)
  const back = state.lastWay[nut] !== 0 && way !== 0 && state.lastWay[nut] !== way
  const column = nut === 'range' ? RANGE : SMALL
  const moved: readonly Place[] = nut === 'range' ? [CUT_IN, CUT_OUT] : [CUT_OUT]
  const effective = back ? way * Math.max(0, Math.abs(turns) - SLACK_MEAN) : turns
  const F = ofFour(i => ofFour(j => (i === j ? 1 : moved.includes(i) && j === column ? effective : 0)))
  const mean = ofFour(i => sumOf(j => F[i][j] * state.mean[j]))
  const carried = timesTransposed(F, state.covariance)
  const spread = (back ? SLACK_SPREAD : 0) + HAND
  const doubt = (spread * state.mean[column]) ** 2
  const covariance = ofFour(i =>
    ofFour(j => carried[i][j] + (moved.includes(i) && moved.includes(j) ? doubt : 0)))
  return {
    ...state,
    mean,
    covariance,
    fresh: nut === 'range' ? { 'cut-in': false, 'cut-out': false } : { ...state.fresh, 'cut-out': false },
    lastWay: { ...state.lastWay, [nut]: way === 0 ? state.lastWay[nut] : way },
    turned: { ...state.turned, [nut]: state.turned[nut] + turns },
  }
}

/** F·P·Fᵀ */
function timesTransposed(F: Four<Four<number>>, P: Four<Four<number>>): Four<Four<number>> {
  const FP = ofFour(i => ofFour(j => sumOf(k => F[i][k] * P[k][j])))
  return ofFour(i => ofFour(j => sumOf(k => FP[i][k] * F[j][k])))
}

export type Advice
  = | { readonly do: 'watch', readonly what: Watched }
    | { readonly do: 'turn', readonly nut: Nut, readonly turns: number, readonly expect: Expected, readonly gain: Gain }
    | { readonly do: 'done', readonly expect: Expected }

export interface Expected {
  readonly cutIn: number
  readonly cutOut: number
}
/** What a turn of a nut does, and how well that is known, Pa a turn. */
export interface Gain {
  readonly perTurn: number
  readonly spread: number
  readonly learnt: boolean
}

/** The chance from which a pressure counts as inside its tolerance. */
const SURE = 0.9
/** The least that is worth turning. */
const LEAST_TURN = 0.25

/** Cut-in first by the range nut, then cut-out by the small one; each only where it is not near enough yet. */
export function advise(state: CoachState, target: CoachTarget): Advice {
  const [cutIn, cutOut] = state.mean
  if (!state.fresh['cut-in']) return { do: 'watch', what: 'cut-in' }
  const turn = (nut: Nut, off: number): Advice | undefined => {
    const column = nut === 'range' ? RANGE : SMALL
    // in quarters, as a hand turns
    const turns = Math.round(turnsFor(state, nut, off) * 4) / 4
    if (Math.abs(turns) < LEAST_TURN) return undefined
    const moves = turns * state.mean[column]
    return {
      do: 'turn',
      nut,
      turns,
      expect: { cutIn: nut === 'range' ? cutIn + moves : cutIn, cutOut: cutOut + moves },
      gain: {
        perTurn: state.mean[column],
        spread: Math.sqrt(state.covariance[column][column]),
        learnt: state.turned[nut] !== 0,
      },
    }
  }
  if (!isInside(state, CUT_IN, target.cutIn, target.tolerance)) {
    const advice = turn('range', target.cutIn - cutIn)
    if (advice) return advice
  }
  if (target.oneNut) return { do: 'done', expect: { cutIn, cutOut } }
  if (!state.fresh['cut-out']) return { do: 'watch', what: 'cut-out' }
  if (!isInside(state, CUT_OUT, target.cutOut, target.tolerance)) {
    const advice = turn('differential', target.cutOut - cutOut)
    if (advice) return advice
  }
  return { do: 'done', expect: { cutIn, cutOut } }
}

/** A nut that goes back has its slack to take up first. */
function turnsFor(state: CoachState, nut: Nut, off: number): number {
  const plain = off / state.mean[nut === 'range' ? RANGE : SMALL]
  const back = state.lastWay[nut] !== 0 && Math.sign(off) !== state.lastWay[nut]
  return back ? plain + Math.sign(off) * SLACK_MEAN : plain
}

function isInside(state: CoachState, row: 0 | 1, target: number, tolerance: number): boolean {
  const sigma = Math.sqrt(state.covariance[row][row])
  const off = state.mean[row] - target
  return normal((tolerance - off) / sigma) - normal((-tolerance - off) / sigma) >= SURE
}

/** The normal distribution, by the logistic with its third power (Bowling and others 2009): within 2 in 10,000. */
const normal = (z: number) => 1 / (1 + Math.exp(-(0.07056 * z ** 3 + 1.5976 * z)))
