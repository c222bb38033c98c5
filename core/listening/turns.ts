/** Turns of speech that are tried before the names of things (joined.ts), in their order. */
import type { Joined } from './turnOf'
import { FIRST_TURNS } from './turnsFirst'
import { THEN_TURNS } from './turnsThen'

export const TURNS: readonly Joined[] = [...FIRST_TURNS, ...THEN_TURNS]
