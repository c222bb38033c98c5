/** What something does once it is tried. */
export const RAN = ['runs', 'start', 'came alive', 'kicks', 'works', 'lights up', 'spun up']
export const HUMMED = ['hum', 'still hums', 'same hum', 'not start hum', 'strains']
export const DEAD = ['noth', 'still noth', 'dead', 'silent', 'no difference', 'not start', 'not run']
export const TRIPPED = ['trip', 'still trips', 'breaker goes', 'trip atonce', 'blows', 'still blows']
export const TRIED = { runs: RAN, groans: HUMMED, silent: DEAD, trips: TRIPPED }
