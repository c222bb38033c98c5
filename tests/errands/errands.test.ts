/**
 * Errands of a newcomer, as patches: a new fault with its test, chance and cause; a tenth kind. Each is applied to a
 * copy of the core, which must build and do what the errand is for; the compiler leads where a step is left out.
 */
import { execFileSync, spawnSync } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import ts from 'typescript'
import { afterAll, describe, expect, it } from 'vitest'

const folders: string[] = []
afterAll(() => folders.splice(0).forEach(f => rmSync(f, { recursive: true, force: true })))

/** A copy of the core without its tests, that can be changed. */
function copyOfCore(): string {
  const folder = mkdtempSync(join(tmpdir(), 'keep-tab-errand-'))
  folders.push(folder)
  cpSync('core', join(folder, 'core'), { recursive: true, filter: path => !path.endsWith('.test.ts') })
  cpSync('package.json', join(folder, 'package.json'))
  symlinkSync(resolve('node_modules'), join(folder, 'node_modules'))
  return folder
}

const patchOf = (name: string) => readFileSync(join('tests/errands', name), 'utf8')
const filesOf = (patch: string) => [...patch.matchAll(/^\+\+\+ b\/(.+)$/gm)].map(m => m[1])

const apply = (folder: string, ...args: string[]) =>
  execFileSync('git', ['apply', '--unidiff-zero', ...args], { cwd: folder, stdio: 'pipe' })

/** What the compiler says of the core there; nothing where it builds. */
function build(folder: string): string {
  const done = spawnSync(
    process.execPath,
    [resolve('node_modules/typescript/bin/tsc'), '-p', 'core/tsconfig.json'],
    { cwd: folder, encoding: 'utf8' },
  )
  return done.stdout.trim()
}

/** What the compiler says of some of the files there: the whole core is not checked where an error is looked for. */
function errorsIn(folder: string, ...files: string[]): string {
  const at = join(folder, 'core/tsconfig.json')
  const { config } = ts.readConfigFile(at, path => readFileSync(path, 'utf8')) as { config: object }
  const { options, fileNames } = ts.parseJsonConfigFileContent(config, ts.sys, join(folder, 'core'))
  const program = ts.createProgram(fileNames, options)
  return files
    .flatMap(file => program.getSemanticDiagnostics(program.getSourceFile(join(folder, file))))
    .map(d => `${d.file?.fileName}: ${ts.flattenDiagnosticMessageText(d.messageText, ' ')}`)
    .join('\n')
}

function ask<T>(folder: string, script: string): T {
  writeFileSync(join(folder, 'ask.ts'), `${script}\n`)
  return JSON.parse(
    execFileSync(process.execPath, ['--import', 'tsx', 'ask.ts'], { cwd: folder, encoding: 'utf8' }),
  ) as T
}

/** Both run in one copy: they are at the same lists, and neither may stand in the other's way. */
describe('both errands together', () => {
  it('build', () => expect(build(ran())).toBe(''))
})
let both: string | undefined
function ran(): string {
  if (both) return both
  const folder = copyOfCore()
  for (const name of ['new-fault', 'new-kind']) apply(folder, resolve(`tests/errands/${name}.patch`))
  return (both = folder)
}

describe('a new fault with a test, a chance and a cause on one kind', () => {
  it('takes at most three files, and is found by its own test', () => {
    expect(filesOf(patchOf('new-fault.patch')).length).toBeLessThanOrEqual(3)
    const folder = ran()
    const found = ask<{ top: string, causes: string[] }>(
      folder,
      `
      import { isolate, prepareSystem } from '#core/isolation'
      import { createWriter, foldTab } from '#core/tab'
      import { requireOk } from '#core/foundation'
      const tables = requireOk(prepareSystem('jet', {}))
      const write = createWriter('errand-device')
      const at = '2026-01-01T10:00:00.000Z'
      const { kind } = tables.model
      const lines = [
        write({ id: 'line-1', at, kind: 'opened', complaint: 'starts-alone', words: '' }),
        write({ id: 'line-2', at, kind: 'observation', test: 'plug-look', outcome: 'wet' }),
      ]
      const answer = isolate(tables, foldTab(kind, lines))
      const fault = kind.faults.find(f => f.id === 'pump.plug-weeps')
      console.log(JSON.stringify({ top: answer.suspects[0]?.fault, causes: fault?.causes.map(c => c.because) }))`,
    )
    expect(found).toEqual({ top: 'pump.plug-weeps', causes: ['ran-dry', 'sand'] })
  })
  it('does not build while it is in no list', () => {
    const folder = copyOfCore()
    apply(folder, '--exclude=core/systems/ids.ts', resolve('tests/errands/new-fault.patch'))
    expect(errorsIn(folder, 'core/systems/blocks/jetPump.ts')).toContain('pump.plug-weeps')
  })
})

describe('a tenth kind', () => {
  it('takes at most five files, and has its faults', () => {
    expect(filesOf(patchOf('new-kind.patch')).length).toBeLessThanOrEqual(5)
    const folder = ran()
    const kinds = ask<{ ids: string[], faults: number }>(
      folder,
      `
      import { KIND_IDS, kindFor } from '#core/systems'
      console.log(JSON.stringify({ ids: KIND_IDS, faults: kindFor('cistern-pump').faults.length }))`,
    )
    expect(kinds.ids).toHaveLength(10)
    expect(kinds.faults).toBeGreaterThan(30)
  })
  it('is asked for by the compiler once it is in the list of kinds', () => {
    const folder = copyOfCore()
    const registry = join(folder, 'core/systems/registry.ts')
    writeFileSync(registry, readFileSync(registry, 'utf8').replace('  \'rv\',\n', '  \'rv\',\n  \'cistern-pump\',\n'))
    expect(errorsIn(folder, 'core/systems/registry.ts')).toMatch(/registry\.ts.*cistern-pump/s)
  })
})

describe('where a rule stands', () => {
  const rows = [...readFileSync('docs/where.md', 'utf8').matchAll(/^\| (.+?) \| `(.+?)` \| `(.+?)` \|$/gm)].map(
    m => m.slice(1) as [string, string, string],
  )
  it('is told for twenty of them', () => expect(rows.length).toBeGreaterThanOrEqual(20))
  it.each(rows)('%s: %s', (_, path, name) => {
    expect(existsSync(path), path).toBe(true)
    const files = statSync(path).isDirectory() ? readdirSync(path).map(f => join(path, f)) : [path]
    expect(
      files.some(f => readFileSync(f, 'utf8').includes(name)),
      `${name} in ${path}`,
    ).toBe(true)
  })
  it('takes two opens for a waiting time and three for the precharge school, this list among them', () => {
    const opens = (about: RegExp) =>
      1
      + new Set(
        rows
          .filter(([what], i) => about.test(what) || (what.startsWith('…') && about.test(rows[i - 1]?.[0] ?? '')))
          .map(r => r[1]),
      ).size
    expect(opens(/how long a test waits/)).toBe(2)
    expect(opens(/the precharge school/)).toBe(3)
  })
})
