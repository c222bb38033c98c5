export { findInTrace, medianOf, type TraceFindings } from './find'
export { linesOfTrace } from './lines'
export { readTrace, TRACE_NOTES, type Trace, type TraceNote, type TraceProblem } from './read'
