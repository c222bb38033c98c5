export { sayMark } from './marks'
export { sayProofFault } from './proofs'
export { NEED_WORDS, sayProblem } from './problems'
