/** Numbers by their names, and what may be counted by a word: `a couple of minutes`. */
export const NAMES: Readonly<Record<string, number>> = {
  one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12,
  fifteen: 15, twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, ninety: 90, a: 1, an: 1, half: 0.5, couple: 2,
}

export const countOf = (said: string) => NAMES[said] ?? Number(said)
