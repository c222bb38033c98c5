/** All that is said, by test. A key that no kind has fails the sweep (listening.test.ts). */
import { AIR } from './air'
import { DIRECT } from './direct'
import { HOUSE } from './house'
import { MOTOR } from './motor'
import { POWER } from './power'
import { RUNNING } from './running'
import { SOURCE } from './source'
import { START_GEAR } from './startGear'
import { STARTER } from './starter'
import { SWITCH } from './switch'
import { TRIPPING } from './tripping'
import { WATER } from './water'
import { WELL } from './well'
import type { Saying, Thing } from './types'

const ROOMS = [
  POWER, TRIPPING, SWITCH, MOTOR, START_GEAR, STARTER, SOURCE, WELL, WATER, RUNNING, HOUSE, AIR, DIRECT,
]
const ALL = ROOMS.flatMap(room => Object.entries(room))
const twice = ALL.find(([test], i) => ALL.findIndex(([other]) => other === test) !== i)
if (twice) throw new Error(`how ${twice[0]} is said stands in two rooms`)

const isThing = (saying: Saying): saying is Saying & Thing => saying.what !== undefined && saying.is !== undefined

/** Whole turns, by test and answer. */
export const SAID: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = Object.fromEntries(
  ALL.flatMap(([test, { said }]) => (said ? [[test, said]] : [])),
)
/** What is looked at, and how it may be. */
export const THINGS: Readonly<Record<string, Thing>> = Object.fromEntries(
  ALL.flatMap(([test, saying]) => (isThing(saying) ? [[test, saying]] : [])),
)
