/** Counts one report of the tests: "passed failed" to stdout, and what failed, with its reason, to stderr. */
import { readFileSync } from 'node:fs'

interface Report {
  numPassedTests: number
  numFailedTests: number
  numTotalTests: number
  testResults: FileResult[]
}
interface FileResult {
  name: string
  status: string
  message: string
  assertionResults: { fullName: string, status: string, failureMessages: string[] }[]
}

const readReport = (path: string): Report | undefined => {
  try {
    return JSON.parse(readFileSync(path, 'utf8'))
  }
  catch {
    return undefined
  }
}

/** What failed in one file; a file that could not even be loaded is one failure. */
const failuresOf = (file: FileResult): string[] => {
  const failed = file.assertionResults.filter(test => test.status === 'failed')
  if (file.status === 'failed' && !failed.length) return [`${file.name}: ${file.message}`]
  return failed.map(test => `${file.name}: ${test.fullName}\n${test.failureMessages.join('\n')}`)
}

const path = process.argv[2] ?? ''
const report = readReport(path)
const failures = report?.numTotalTests ? report.testResults.flatMap(failuresOf) : [`No test reported to ${path}.`]
for (const failure of failures) console.error(`-- failed: ${failure}\n`)
console.log(report?.numPassedTests ?? 0, failures.length)
