/**
 * What is proven of the work, written apart from the fold: a plain table of rules over the raw lines, without order,
 * checkpoints or clocks. Slow on purpose. It reads what each line says from the phrase it was drawn from.
 */
import { strikesOf, type Said, type Written } from './histories'

export type Proof = 'proven-dead' | 'discharged' | 'zero-pressure'

/** Which sayings speak against which proof. */
const AGAINST: Readonly<Record<Proof, readonly Said[]>> = {
  'proven-dead': ['power', 'ran', 'foreign'],
  'discharged': ['power', 'ran', 'foreign', 'charge'],
  'zero-pressure': ['ran', 'pressure', 'foreign'],
}
const PROOFS: Readonly<Partial<Record<Said, Proof>>> = {
  dead: 'proven-dead',
  discharged: 'discharged',
  zero: 'zero-pressure',
}

export interface Told {
  readonly held: ReadonlySet<Proof>
  readonly rules: ReadonlySet<string>
}

export function tellWork(written: readonly Written[]): Told {
  const rules = new Set<string>()
  const lines = written.map(w => w.line)
  const strikes = strikesOf(lines)
  const isStruck = (id: string): boolean => strikes.some(s => s.line === id && s.id !== id && !isStruck(s.id))
  const deviceOf = (id: string) => lines.find(l => l.id === id)?.device
  /** the first strike in force is not asked for: any of the writer's own takes the line back */
  const isTakenBack = (id: string): boolean =>
    strikes.some(s => s.line === id && s.id !== id && s.device === deviceOf(id) && !isStruck(s.id))
  const knownTo = (id: string, known = new Set<string>()): Set<string> => {
    for (const seen of lines.find(l => l.id === id)?.seen ?? [])
      if (!known.has(seen)) knownTo(seen, known.add(seen))
    return known
  }
  const held = new Map<Proof, string[]>()
  for (const said of ['dead', 'discharged', 'zero'] as const) {
    const proof = PROOFS[said]!
    held.set(proof, [])
    for (const { line } of written.filter(w => w.says === said)) {
      if (isStruck(line.id)) {
        rules.add('a struck proof is none')
        continue
      }
      const known = knownTo(line.id)
      const against = written.filter(w => AGAINST[proof].includes(w.says) && !known.has(w.line.id))
      const standing = against.filter(w => !isTakenBack(w.line.id))
      for (const w of standing) rules.add(`${proof} is ended by: ${w.name}`)
      for (const w of standing)
        if (w.line.device !== line.device)
          rules.add(
            isAfter(written, w, line.id)
              ? 'another device ends it later'
              : 'another device ends it by a line written before that it had not seen',
          )
      for (const w of standing) if (isStruck(w.line.id)) rules.add('struck on another device, it still speaks')
      if (against.length > standing.length && standing.length === 0)
        rules.add('taken back where it was written, it no longer speaks')
      if (standing.length > 0) continue
      if (proof === 'discharged' && !held.get('proven-dead')!.some(id => known.has(id))) {
        rules.add('discharged without dead is not')
        continue
      }
      rules.add(`${proof} holds`)
      if ([...known].some(id => written.some(w => w.line.id === id && AGAINST[proof].includes(w.says))))
        rules.add('what its writer knew of does not speak against it')
      held.get(proof)!.push(line.id)
    }
  }
  return { held: new Set([...held].filter(([, ids]) => ids.length > 0).map(([proof]) => proof)), rules }
}

const isAfter = (written: readonly Written[], w: Written, id: string) =>
  written.indexOf(w) > written.findIndex(x => x.line.id === id)
