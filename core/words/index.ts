export { sayMark } from './marks'
export { sayProblem, SAID_CODES } from './problems'
