/** What can be said of a kind, and what is made of the words of a clause. */
import type { NumericTest, SeenTest } from '#core/systems'

/** The words of one way to say something, without what only fills. */
export type Phrase = readonly string[]

export interface SeenEntry {
  readonly test: SeenTest
  readonly outcome: string
  readonly label: string
  readonly phrases: readonly Phrase[]
  /** how many of them, from the first, are not from the tables of things */
  readonly own: number
  /** words that several of its answers are said with: they part nothing and are explained by any */
  readonly about: readonly string[]
  readonly staged: boolean
}

export interface ReadEntry {
  readonly test: NumericTest
  readonly places: readonly Phrase[]
  readonly variants: readonly Phrase[]
  /** the first of its point and quantity: its variant need not be said */
  readonly first: boolean
  /** the first of its quantity on the kind: not even its place need be said */
  readonly foremost: boolean
  readonly conditions: readonly Phrase[]
  readonly quantities: readonly Phrase[]
  /** the points that it comes next to on the way of the power: `nothing out of it` */
  readonly follows: readonly string[]
  readonly staged: boolean
  /** on a battery: a few volts are volts */
  readonly vehicle: boolean
}

export interface Lexicon {
  readonly seen: readonly SeenEntry[]
  /** by word: the answers, with the ways to say them whose search begins with it */
  readonly saidWith: ReadonlyMap<string, ReadonlyMap<SeenEntry, readonly Phrase[]>>
  readonly read: readonly ReadEntry[]
  /** words that some phrase has */
  readonly known: ReadonlySet<string>
  /** how much each of them tells: what one test alone is said with more, what many are said with less */
  readonly tells: ReadonlyMap<string, number>
  /** by word: the ways to say something that hold it, and what they weigh */
  readonly company: ReadonlyMap<string, readonly { readonly words: Phrase, readonly weight: number }[]>
  /** a second pump stands behind the first */
  readonly hasStages: boolean
  /** contacts are those of a starter, unless the switch is named */
  readonly starter: boolean
  /** words that name a place or a thing */
  readonly subjects: ReadonlySet<string>
  /** which answers words are likeliest for */
  readonly likeness: Likeness
  /** what is seen of a broken part itself: heard where nothing else is */
  readonly partsWith: Lexicon['saidWith']
  /** what is known, with the words of those */
  readonly partWords: ReadonlySet<string>
}

export interface Weights {
  /** weight of each word of the clause, by its meaning */
  readonly of: ReadonlyMap<string, number>
  readonly total: number
  /** words that name another place or thing: left over, they say that something else is meant */
  readonly subjects: ReadonlySet<string>
}

/** The answer that words are likeliest for. */
export interface Likened {
  readonly entry: SeenEntry
  readonly chance: number
  readonly covered: number
  readonly left: number
  /** how many words nobody knows */
  readonly strange: number
}

/** Answers by their words; made once for a kind. */
export type Likeness = (weights: Weights) => Likened | undefined
