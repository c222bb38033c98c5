export { sayMark } from './marks'
export { SCHOOLS, UNIT_TITLES, type School, type SchoolChoice } from './practice'
export { sayProofFault } from './proofs'
export { NEED_WORDS, sayProblem } from './problems'
