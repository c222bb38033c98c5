/**
 * Random histories of one tab for the tests of the tape: two or three devices that write, lose each other, meet
 * again.
 */
import type { createRandom } from '#core/foundation'
import { isKnownLine, newPen, nextStamp, type AnyLine, type DraftLine, type Pen } from '#core/tab'
import { PSI } from '#core/units'

export type Random = ReturnType<typeof createRandom>

/** What a phrase says of the work, set down by hand; `foreign` stands for a kind to come. */
export type Said
  = 'power' | 'ran' | 'pressure' | 'charge' | 'dead' | 'discharged' | 'zero' | 'foreign' | 'nothing'
export interface Phrase {
  readonly name: string
  readonly says: Said
  readonly draft: DraftLine | { readonly kind: string, readonly step: string }
}

const reading = (test: string, value: number | null, more = {}): DraftLine => ({
  kind: 'reading',
  test,
  value,
  ...(value === null ? { ol: true } : {}),
  ...more,
})
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })
const state = (
  to: 'live' | 'proven-dead' | 'discharged' | 'zero-pressure',
  proof?: number[],
  reason?: string,
): DraftLine => ({ kind: 'state', to, ...(proof ? { proof } : {}), ...(reason ? { reason } : {}) })

const step = (id: string, done: boolean): DraftLine => ({
  kind: 'step',
  station: 'set-up',
  step: id,
  done,
  ...(done ? {} : { reason: 'the customer will' }),
})

/** On a three-wire well. Every kind of line is here, and every way to speak of the work. */
export const PHRASES: readonly Phrase[] = [
  { name: 'proof of dead', says: 'dead', draft: state('proven-dead', [238, 0.4, 238]) },
  { name: 'dead with a reason', says: 'dead', draft: state('proven-dead', undefined, 'plug in my hand') },
  { name: 'proof of discharged', says: 'discharged', draft: state('discharged', [0.3]) },
  { name: 'proof of zero pressure', says: 'zero', draft: state('zero-pressure', [0]) },
  { name: 'power on', says: 'ran', draft: state('live') },
  { name: 'volts', says: 'power', draft: reading('load.volts', 238) },
  { name: 'no volts', says: 'nothing', draft: reading('load.volts', 0.4) },
  { name: 'amps', says: 'ran', draft: reading('black.run', 33.1, { spread: 0.4, set: 'set-of-amps' }) },
  { name: 'no amps', says: 'nothing', draft: reading('red.run', 0, { set: 'set-of-amps' }) },
  { name: 'ohms', says: 'nothing', draft: reading('relay.ohms', null) },
  { name: 'farads', says: 'nothing', draft: reading('cap.farads', 147e-6) },
  { name: 'gauge up', says: 'pressure', draft: reading('gauge', 41 * PSI) },
  { name: 'gauge at nought', says: 'nothing', draft: reading('gauge', 0) },
  { name: 'precharge', says: 'nothing', draft: reading('precharge', 38 * PSI) },
  { name: 'it runs', says: 'ran', draft: saw('sound', 'runs') },
  { name: 'it is silent', says: 'nothing', draft: saw('sound', 'silent') },
  { name: 'it trips again', says: 'ran', draft: saw('trip-head-open', 'trips') },
  { name: 'it holds when tried', says: 'ran', draft: saw('trip-head-open', 'holds') },
  { name: 'the breaker is on', says: 'power', draft: saw('breaker-seen', 'on') },
  { name: 'contacts burnt', says: 'nothing', draft: saw('contacts', 'burnt') },
  { name: 'volts where it should be dead', says: 'power', draft: state('proven-dead', [238, 119, 238]) },
  { name: 'the known source fails', says: 'power', draft: state('proven-dead', [0.3, 0.2, 238]) },
  { name: 'the capacitor holds', says: 'charge', draft: state('discharged', [180]) },
  { name: 'the gauge is not at nought', says: 'pressure', draft: state('zero-pressure', [12 * PSI]) },
  { name: 'a test of tomorrow', says: 'ran', draft: reading('windmill.ohms', 4) },
  { name: 'a kind of tomorrow', says: 'foreign', draft: { kind: 'forecast', step: 'drain' } },
  { name: 'a step done', says: 'nothing', draft: step('drain', true) },
  { name: 'power back', says: 'ran', draft: step('power-on', true) },
  { name: 'power left off', says: 'nothing', draft: step('power-on', false) },
  { name: 'water back', says: 'pressure', draft: step('water-back', true) },
  {
    name: 'a wire landed',
    says: 'nothing',
    draft: { kind: 'landed', terminal: '1', colour: 'black', to: 'supply', as: 'left' },
  },
  {
    name: 'a nut turned',
    says: 'nothing',
    draft: { kind: 'adjusted', component: 'switch', nut: 'range', turns: -1.5 },
  },
  {
    name: 'a hold',
    says: 'ran',
    draft: { kind: 'timed', what: 'hold', seconds: 600, from: 48 * PSI, to: 47 * PSI },
  },
  { name: 'proved', says: 'ran', draft: { kind: 'proved', what: 'delivery', holds: true } },
  { name: 'opened', says: 'nothing', draft: { kind: 'opened', complaint: 'groans', words: 'it groans' } },
  {
    name: 'part',
    says: 'nothing',
    draft: { kind: 'part', component: 'box', fault: 'box.relay-open', on: 'start relay' },
  },
  { name: 'repair', says: 'nothing', draft: { kind: 'repair', component: 'tank', text: 'aired' } },
  {
    name: 'finding',
    says: 'nothing',
    draft: { kind: 'finding', role: 'failed', about: 'box.relay-open', text: '' },
  },
  { name: 'cause', says: 'nothing', draft: { kind: 'finding', role: 'cause', about: 'precharge-low', text: '' } },
  { name: 'skip', says: 'nothing', draft: { kind: 'skip', test: 'red.start', reason: 'jaw too big' } },
  { name: 'wait', says: 'nothing', draft: { kind: 'wait', test: 'cool-ohms', minutes: 10 } },
  {
    name: 'photo',
    says: 'nothing',
    draft: {
      kind: 'photo',
      caption: 'plate',
      attachments: [{ hash: 'a'.repeat(64), type: 'image/jpeg', bytes: 9 }],
    },
  },
  { name: 'note', says: 'nothing', draft: { kind: 'note', text: 'the dog is kind' } },
  { name: 'remark', says: 'nothing', draft: { kind: 'remark', text: 'key is under the pot' } },
  { name: 'remark of power', says: 'ran', draft: { kind: 'remark', text: 'it ran for a bit when I leaned on it' } },
  { name: 'carried', says: 'nothing', draft: { kind: 'carried', reason: 'part ordered', bring: 'a relay' } },
  { name: 'resumed', says: 'nothing', draft: { kind: 'resumed' } },
  { name: 'follow-up', says: 'nothing', draft: { kind: 'follow-up', text: 'tank air', due: '2026-12-01' } },
  { name: 'advice', says: 'nothing', draft: { kind: 'advice', text: 'a bigger tank' } },
  { name: 'settled', says: 'nothing', draft: { kind: 'settled', summary: 'done' } },
]

export interface Written {
  readonly line: AnyLine
  readonly says: Said
  readonly name: string
}
interface Device {
  pen: Pen
  readonly known: AnyLine[]
  readonly late: number
}

const START = Date.UTC(2026, 5, 15, 10)

/**
 * @param length how many lines;
 * @param phrases which of them to draw from;
 * @param strikes the share of strikes;
 * @returns the lines as written, one after another in true time
 */
export function writeHistory(
  random: Random,
  length: number,
  phrases: readonly Phrase[] = PHRASES,
  strikes = 0.2,
): Written[] {
  const devices: Device[] = Array.from({ length: 1 + random.below(3) }, (_, i) => ({
    pen: newPen(`device-${i}`),
    known: [],
    late: random.uniform() < 0.2 ? (random.uniform() - 0.5) * 3 * 3600e3 : (random.uniform() - 0.5) * 4e3,
  }))
  const together = random.uniform()
  const written: Written[] = []
  for (let i = 0; i < length; i++) {
    const device = devices[random.below(devices.length)]!
    if (random.uniform() < together) meet(devices)
    written.push(write(random, device, i, phrases, strikes))
  }
  return written
}

function write(random: Random, device: Device, i: number, phrases: readonly Phrase[], strikes: number): Written {
  const wall = START + i * 60e3 + device.late
  const heads = device.known.filter(l => !device.known.some(k => k.seen.includes(l.id)))
  const { pen, stamp } = nextStamp(device.pen, wall, heads)
  device.pen = pen
  const own = device.known.filter(l => l.device === device.pen.device)
  const among = random.uniform() < 0.6 && own.length > 0 ? own : device.known
  const target = among.length > 0 && random.uniform() < strikes ? among[random.below(among.length)] : undefined
  const phrase = phrases[random.below(phrases.length)]!
  const draft = target ? strikeOrTakeUp(random, target) : phrase.draft
  const line = {
    ...draft,
    id: `line-${i}-${device.pen.device}`,
    at: new Date(wall).toISOString(),
    ...stamp,
  } as AnyLine
  device.known.push(line)
  return { line, says: target ? 'nothing' : phrase.says, name: target ? draft.kind : phrase.name }
}

const strikeOrTakeUp = (random: Random, { id }: AnyLine): DraftLine =>
  random.uniform() < 0.85 ? { kind: 'strike', line: id, reason: 'wrong' } : { kind: 'taken-up', line: id }

/** All that write come to know what the others wrote. */
function meet(devices: readonly Device[]) {
  const all = new Map(devices.flatMap(d => d.known).map(l => [l.id, l]))
  for (const d of devices) for (const line of all.values()) if (!d.known.includes(line)) d.known.push(line)
}

export const shuffle = <T>(random: Random, list: readonly T[]): T[] => {
  const out = [...list]
  for (let i = out.length - 1; i > 0; i--) {
    const j = random.below(i + 1)
    ;[out[i], out[j]] = [out[j]!, out[i]!]
  }
  return out
}

export const strikesOf = (lines: readonly AnyLine[]) =>
  lines.flatMap(l => (isKnownLine(l) && l.kind === 'strike' ? [l] : []))
