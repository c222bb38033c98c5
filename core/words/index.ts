export { SAID_CODES, sayProblem } from './problems'
