/** What something does once it is tried. */
export const RAN = [
  'runs', 'start', 'came alive', 'kicks', 'works', 'lights up', 'spun up', 'take off', 'took right off',
  'fires up', 'kicks in', 'came on', 'away it goes', 'runs great', 'starts right up',
]
export const HUMMED = [
  'hum', 'still hums', 'same hum', 'not start hum', 'strains', 'just hums', 'only hums', 'still just hums',
]
export const DEAD = [
  'noth', 'still noth', 'dead', 'still dead', 'silent', 'no difference', 'no change', 'not start', 'not run',
  'no sound',
  'still no sound', 'still not run', 'still not start', 'still not do anything', 'does nothing', 'still silent',
]
export const TRIPPED = [
  'trip', 'still trips', 'breaker goes', 'trip atonce', 'blows', 'still blows', 'breaker blew', 'breaker blows',
  'kicks the breaker', 'trips anyway', 'trips the same', 'still kicks', 'breaker still goes', 'kicks out',
  'trips again',
]
export const TRIED = { runs: RAN, groans: HUMMED, silent: DEAD, trips: TRIPPED }
/** What let go, once a thing is taken off. */
export const HELD = [
  'holds', 'breaker holds', 'no trip', 'no more trip', 'not trip', 'breaker stays', 'breaker stays in', 'stays set',
  'stopped tripping', 'not trip any more', 'stays on', 'not kick', 'quit tripping', 'noth trip',
]
export const LETS_GO = { holds: HELD, trips: TRIPPED }
