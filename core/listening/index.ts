export { hear, sayLine, type Heard, type HearingOf } from './hear'
export { lexiconOf, phraseOf, type Lexicon } from './lexicon'
export { SAID } from './said'
export { spokenAfter, spokenBefore, type Spoken } from './spoken'
