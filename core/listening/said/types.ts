/**
 * What people say for what is seen, heard, tried and told, by test. A thing and how it may be: each word for the one
 * with each word for the other is a way to say the answer, in either order, and short speech is made of these two.
 * `said` has whole turns by answer. Besides these each test brings its own words with those of its answers, so that a
 * new test is sayable the day it is added. Words of one meaning are one already (words.ts): `burnt` is charred,
 * melted and toast too.
 */
export interface Thing {
  readonly what: readonly string[]
  readonly is: Readonly<Record<string, readonly string[]>>
}

export interface Saying extends Partial<Thing> {
  readonly said?: Readonly<Record<string, readonly string[]>>
}
export type Sayings = Readonly<Record<string, Saying>>
