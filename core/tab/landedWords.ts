/**
 * Wires as they are said: `t1 black supply`, `white supply on 3`, `as found 1 black line, 2 black motor`, `yellow on Y,
 * black on B`. Each part of a line names one terminal, one colour and where it goes, in any order; where it goes is
 * kept from one part to the next, or follows from the terminal (L is fed, T goes to the motor). A word that is none of
 * these makes it a line of something else.
 */
import { entryOf, itemAt } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import type { DraftLine, LineOf } from './lines'

type Landed = Extract<DraftLine, { readonly kind: 'landed' }>

const COLOURS: Readonly<Record<string, string>> = {
  black: 'black', blk: 'black', white: 'white', wht: 'white', red: 'red', blue: 'blue', brown: 'brown',
  yellow: 'yellow', yel: 'yellow', orange: 'orange', gray: 'gray', grey: 'gray', green: 'green', grn: 'green',
  bare: 'bare', copper: 'bare', purple: 'purple', violet: 'purple', pink: 'pink',
}
const GOALS: Readonly<Record<string, string>> = {
  supply: 'supply', line: 'supply', panel: 'supply', breaker: 'supply', source: 'supply', feed: 'supply',
  incoming: 'supply', hot: 'supply', disconnect: 'supply', supplies: 'supply', feeds: 'supply',
  neutral: 'neutral',
  motor: 'motor', pump: 'motor', load: 'motor', well: 'motor',
  ground: 'ground', grounds: 'ground', earth: 'ground', earths: 'ground', frame: 'ground', gnd: 'ground',
  pilot: 'pilot', control: 'pilot', coil: 'coil', float: 'float',
}
const TERMINALS = /^(?:[1-8]|l[1-3]|t[1-8]|a[12]|13|14|95|96|y|b|r|g|c|up|down|plus|minus|\+|-|j|nut)$/
const NAMED: Readonly<Record<string, string>> = { '+': 'plus', '-': 'minus', 'splice': 'nut', 'wirenut': 'nut' }
const PARTS = new Set(['switch', 'float', 'box', 'starter', 'contactor', 'protector', 'saver', 'links', 'plug'])
/** Words that say that a terminal follows. */
const BEFORE = new Set(['terminal', 'term', 'screw', 'post', 'pole', 't'])
const FILLER = new Set([
  'goes', 'go', 'going', 'to', 'from', 'the', 'on', 'is', 'lead', 'leads', 'wire', 'wires', 'leg', 'side', 'of', 'at',
  'under', 'has', 'put', 'landed', 'lands', 'land', 'in', 'a', 'an', 'conductor', 'coming', 'into', 'out', 'with',
  'its', 'were', 'are', 'it', 'went', 'back', 'screw', 'terminal', 'and', 'i', 'now',
])
const AS_FOUND = /^(?:as found|found|was|originally)[: ]+|,? as found$/
const AS_LEFT = /^(?:as landed|as left|left|now|landed)[: ]+|,? as (?:left|landed)$/
const OFF = /\b(?:off|removed|lifted|disconnected)$/

/** @returns nothing where the line is of something else */
export function readLandedWords(kind: SystemKind, typed: string): readonly Landed[] | undefined {
  const text = typed.trim().toLowerCase().replace(/[.]$/, '').replace(/\s+/g, ' ')
  const as = AS_FOUND.test(text) ? 'found' : AS_LEFT.test(text) ? 'left' : undefined
  const rest = text.replace(AS_FOUND, '').replace(AS_LEFT, '')
  const parts = rest.split(/\s*[,;]\s*|\s+and\s+(?=\S+ )/).filter(Boolean)
  const out: Landed[] = []
  let goal: string | undefined
  for (const words of parts) {
    const one = readPart(kind, words, goal)
    if (!one) return undefined
    goal = one.to
    out.push({ ...one, ...(as ? { as } : {}), typed })
  }
  return out.length > 0 ? out : undefined
}

type Found = Pick<LineOf<'landed'>, 'kind' | 'terminal' | 'colour' | 'to' | 'part' | 'off'>

function readPart(kind: SystemKind, words: string, before: string | undefined): Found | undefined {
  const off = OFF.test(words)
  const tokens = tidy(words.replace(OFF, '').trim()).split(' ').filter(Boolean)
  const terminals: string[] = []
  const colours: string[] = []
  const goals: string[] = []
  let part: string | undefined
  for (const [i, token] of tokens.entries()) {
    const goes = i > 0 && /^(?:to|from)$/.test(itemAt(tokens, i - 1, 'token'))
    if (token in COLOURS) colours.push(entryOf(COLOURS, token))
    else if (i === 0 && PARTS.has(token)) part = token
    else if (isTerminal(token) && goes && terminals.length > 0) goals.push(terminalOf(kind, token))
    else if (isTerminal(token)) terminals.push(terminalOf(kind, token))
    else if (token in GOALS) goals.push(entryOf(GOALS, token))
    else if (token === 'switch' && part === undefined) goals.push('pilot')
    else if (!FILLER.has(token) && !BEFORE.has(token)) return undefined
  }
  const [terminal, second] = terminals
  // `green motor ground`: what it is, and where it goes
  const where = goals.length > 1 ? goals.filter(g => g !== 'ground') : goals
  // a ground needs no colour: it is green or bare
  const [colour = goals.includes('ground') ? 'green' : undefined, other] = colours
  if (!terminal || !colour || other) return undefined
  const to = off ? 'off' : (where[0] ?? (second === undefined ? impliedBy(terminal, before) : second))
  // a bare figure with a colour and nowhere to go is a reading
  if (!to || where.length > 1) return undefined
  return { kind: 'landed', terminal, colour, to, ...(part ? { part } : {}), ...(off ? { off: true } : {}) }
}

/** Two words for one thing, and marks that stick to it. */
const tidy = (words: string) =>
  words
    .replace(/\b(?:green|ground|bonding|grounding) (?:screw|terminal|bar|stud)\b/g, 'g')
    .replace(/\bwire ?nut\b/g, 'nut')
    .replace(/\b(?:t|term|terminal|screw|post)[. ](?=[1-8]\b)/g, 't')
    .replace(/\bgoes to\b/g, 'to')
    .replace(/[:=]/g, ' ')
    .replace(/\s+/g, ' ')

const isTerminal = (token: string) => TERMINALS.test(token) || token in NAMED

/** On a starter T1 is a terminal by that name; on a switch it is the first. */
function terminalOf(kind: SystemKind, token: string): string {
  const lettered = kind.components.some(c => c.id === 'starter' || c.id === 'protector')
  const named = NAMED[token] ?? token
  return /^t\d$/.test(named) && !lettered ? named.slice(1) : named
}

/** A line terminal is fed, a load terminal and a box's letters go to the motor, a ground screw to ground. */
function impliedBy(terminal: string, before: string | undefined): string | undefined {
  if (/^l\d$/.test(terminal)) return 'supply'
  if (/^t\d$|^[ybr]$/.test(terminal)) return 'motor'
  if (terminal === 'g') return 'ground'
  return before
}
