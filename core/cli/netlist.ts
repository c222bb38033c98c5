/**
 * `npm run -s netlist -- FILE [--fault ID] [--scenario running]`: prints the SPICE netlist of the first system in a
 * book file.
 */
import { readFileSync } from 'node:fs'
import { writeSpice } from '#core/circuit'
import { readFile } from '#core/formats'
import { itemAt } from '#core/foundation'
import { buildModel, SCENARIOS, type Scenario } from '#core/systems'
import { sayProblem } from '#core/words'

const args = process.argv.slice(2)
const option = (name: string) => (args.includes(name) ? args[args.indexOf(name) + 1] : undefined)
const [fault, scenario = 'running'] = [option('--fault'), option('--scenario')]
const file = args.find((a, i) => !a.startsWith('--') && !args[i - 1]?.startsWith('--'))
if (!file) stop('Name a file: npm run -s netlist -- FILE [--fault ID] [--scenario running]')
const book = readFile(readFileSync(file!))
if (!book.ok) stop(sayProblem(book.problem))
else {
  const system = book.value.sites[0]?.systems[0]
  if (!system) stop('The file has no system.')
  const model = buildModel(system!.kind, system!.nameplate)
  if (!model.ok) stop(sayProblem(model.problem))
  else {
    if (!(SCENARIOS as readonly string[]).includes(scenario))
      stop(`There is no scenario “${scenario}”: ${SCENARIOS.join(', ')}.`)
    const hypotheses = model.value.hypotheses
    const h = fault ? hypotheses.findIndex(x => x.id === fault || x.fault === fault) : 0
    if (h < 0)
      stop(
        `There is no fault “${fault}” on this system. It knows: `
        + `${[...new Set(hypotheses.map(x => x.fault))].join(', ')}.`,
      )
    process.stdout.write(
      writeSpice(
        model.value.network(scenario as Scenario, h),
        `${system!.name}: ${itemAt(hypotheses, h, 'hypothesis').id}, ${scenario}`,
      ),
    )
  }
}

function stop(message: string): never {
  process.stderr.write(`${message}\n`)
  process.exit(2)
}
