import { execFileSync } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

describe('the house', () => {
  it('loads every core area in plain Node', () => {
    const areas = readdirSync('core', { withFileTypes: true })
      .filter(d => d.isDirectory() && d.name !== 'cli')
      .map(d => d.name)
    expect(areas.length).toBeGreaterThanOrEqual(10)
    const script = `for (const a of ${JSON.stringify(areas)}) { const m = await import('#core/' + a); if `
      + `(Object.keys(m).length === 0) throw new Error(a) } console.log('loaded')`
    expect(
      execFileSync(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
        encoding: 'utf8',
      }),
    ).toContain('loaded')
  })

  it('depends only on packages under open-source licences', () => {
    const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
      packages: Record<string, { license?: string, link?: boolean }>
    }
    const OPEN = [
      'MIT', 'MIT-0', 'ISC', 'BSD-2-Clause', 'BSD-3-Clause', '0BSD', 'Apache-2.0', 'BlueOak-1.0.0', 'CC0-1.0',
      'CC-BY-4.0', 'CC-BY-3.0', 'Python-2.0', 'Unlicense', 'WTFPL', 'OFL-1.1', 'MPL-2.0', 'LGPL-3.0-or-later',
      'Artistic-2.0', 'Zlib',
    ]
    const alternatives = (l: string) => l.replace(/[()]/g, '').split(/ OR | AND /)
    const odd = Object.entries(packages).filter(
      ([name, p]) =>
        name !== '' && !p.link && !(p.license && alternatives(p.license).some(l => OPEN.includes(l.trim()))),
    )
    expect(Object.keys(packages).length).toBeGreaterThan(400)
    // these name their licence in the package's text, not in the lock file's field; each was read
    const READ: readonly string[] = ['node_modules/dejavu-fonts-ttf', 'node_modules/png-js']
    expect(
      odd
        .map(([name, p]) => `${name} ${p.license ?? 'no licence field'}`)
        .filter(o => !READ.includes(o.split(' ')[0]!)),
    ).toEqual([])
  })

  it('lists every direct dependency in docs/dependencies.md, and no other', () => {
    const { dependencies, devDependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as Record<
      string,
      Record<string, string>
    >
    const listed = [...readFileSync('docs/dependencies.md', 'utf8').matchAll(/^\| `([^`]+)` \|/gm)].map(
      m => m[1]!,
    )
    expect(listed.toSorted()).toEqual(
      [...Object.keys(dependencies!), ...Object.keys(devDependencies!)].toSorted(),
    )
  })

  it('judges a tab from the command line, and prints its netlist', () => {
    const run = (script: string, ...args: string[]) =>
      execFileSync(process.execPath, ['--import', 'tsx', `core/cli/${script}.ts`, ...args], { encoding: 'utf8' })
    const out = JSON.parse(run('isolate', 'demo/books/nursery.json')) as {
      site: string
      suspects: { fault: string }[]
      next: { test: string }[]
      heard: { said: string, as: string }[]
    }[]
    expect(out).toHaveLength(1)
    expect([out[0]!.site, out[0]!.suspects[0]!.fault]).toEqual(['Larkmead Plant Nursery', 'box.relay-open'])
    // the clamp on red, then a look at the tank that sounds dull
    expect(out[0]!.next.map(n => n.test)).toEqual(['red.start', 'air-valve', 'relay.ohms'])
    const knocked = { said: 'tank sounds dull', as: 'Knock and tilt the tank: dull, heavy' }
    expect(out[0]!.heard).toContainEqual(expect.objectContaining(knocked))
    expect(run('netlist', 'demo/books/nursery.json', '--fault', 'box.relay-open')).toContain('.ac lin 1 60 60')
    expect(() => run('isolate', 'no-such-file.json')).toThrow(/cannot be read/)
    expect(() => run('netlist', 'demo/books/nursery.json', '--fault', 'windmill.stuck')).toThrow(/no fault/)
    // five processes, each with the whole core: on a busy machine a minute is soon over
  }, 180_000)

  it('names no address of a registry or mirror in the lock file', () => {
    expect(readFileSync('package-lock.json', 'utf8')).not.toContain('"resolved"')
  })
})
