/**
 * `npm run -s plan -- FILE`: reads a book file and prints, for every tab that is not settled (or for all with --all),
 * as JSON: the stations with their steps, how the wires on record would behave, what to set and turn, what is proved
 * and what not, and what the system will do as it then stands.
 */
import { isolate } from '#core/isolation'
import { planFor, sheetOf, type JudgedWiring, type Plan, type Sheet } from '#core/plan'
import {
  sayAdvice, sayDifference, sayFollowUp, sayMove, sayOpenPoints, saySummary, sayWiringFault, sayWiringNote,
} from '#core/words'
import { sayHeard } from './heard'
import { readTabs, stop } from './tabs'

const args = process.argv.slice(2)
const file = args.find(a => !a.startsWith('--')) ?? stop('Name a file: npm run -s plan -- FILE [--all]')

const out = readTabs(file, args.includes('--all')).map(({ site, system, kind, tab, day, state, tables }) => {
  const isolation = isolate(tables, state)
  const { repairs, stations, next, minutesLeft, wiring, setUp, proof } = planFor(tables, state, isolation)
  return {
    site,
    system,
    kind: kind.id,
    tab,
    day,
    status: state.status,
    heard: sayHeard(kind, state),
    repairs: repairs.map(r => ({
      fault: r.mode.id, repair: r.mode.repair.name, because: r.because, opens: r.recipe.opens,
    })),
    stations,
    next,
    minutesLeft,
    wiring: wiring.map(sayWiring),
    setUp: setUp && saySetUp(setUp),
    proof,
    prediction: setUp?.after,
    sheet: saySheet(sheetOf(tables, state, isolation)),
  }
})
process.stdout.write(`${JSON.stringify(out, null, 2)}\n`)

function saySheet({ findings, figures, advice, followUps, ...sheet }: Sheet) {
  return {
    summary: saySummary({ findings, ...sheet }),
    findings,
    figures,
    open: sayOpenPoints(sheet),
    advice: advice.map(sayAdvice),
    followUps: followUps.map(({ code, days, facts }) => ({ days, text: sayFollowUp(code, facts) })),
  }
}

function sayWiring({ component, circuit, of, record, differences, verdict, mend }: JudgedWiring) {
  return {
    component,
    part: circuit.part,
    of,
    found: record.found,
    left: record.left,
    differences: differences.map(sayDifference),
    verdict: verdict.faults.length === 0 ? 'as it should be' : 'not so',
    faults: verdict.faults.map(f => ({ ...f, say: sayWiringFault(f) })),
    notes: verdict.notes.map(n => ({ ...n, say: sayWiringNote(n) })),
    motorVolts: verdict.motorVolts,
    amps: verdict.amps,
    mend: mend?.map(m => ({ ...m, say: sayMove(m) })),
  }
}

function saySetUp({ target, problems, air, coach, read }: NonNullable<Plan['setUp']>) {
  const [cutIn, cutOut, range, small] = coach.state.mean
  return {
    target,
    read,
    problems,
    air,
    advice: coach.advice,
    estimate: { cutIn, cutOut, rangePerTurn: range, smallPerTurn: small },
  }
}
