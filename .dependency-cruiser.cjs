/**
 * The direction of the house, as rules: foundation ← units ← standards ← {circuit | flow} ← systems ← tab ←
 * isolation.
 */
const core = (area, allowed) => ({
  name: `core-${area}`,
  severity: 'error',
  comment: `core/${area} may use only ${allowed.join(', ') || 'nothing of ours'}`,
  from: { path: `^core/${area}/`, pathNot: '\\.test\\.ts$' },
  to: { path: '^(core|app|server|shared|standins|tests)/', pathNot: `^core/(${[area, ...allowed].join('|')})/` },
})
const base = ['foundation']
const units = [...base, 'units']
const standards = [...units, 'standards']
const systems = [...standards, 'circuit', 'flow']
const tab = [...systems, 'systems']
const isolation = [...tab, 'tab']
const formats = [...isolation, 'listening', 'parts', 'tags', 'ledger']

module.exports = {
  forbidden: [
    core('foundation', []),
    core('units', base),
    core('standards', units),
    core('circuit', standards),
    core('flow', standards),
    core('systems', systems),
    core('tab', tab),
    core('isolation', isolation),
    core('listening', isolation),
    core('wiring', isolation),
    core('setup', isolation),
    core('trace', isolation),
    core('parts', systems.concat('systems')),
    core('books', tab.concat('tab')),
    core('tags', base),
    core('ledger', [...tab, 'tab', 'parts', 'tags']),
    core('day', [...tab, 'tab', 'ledger', 'books']),
    core('plan', [...isolation, 'isolation', 'wiring', 'setup']),
    core('formats', formats),
    core('pieces', [...formats, 'formats']),
    core('tables', [...formats, 'formats', 'parts']),
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'the core knows no interface, server or clock',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/cli/' },
      to: { path: 'node_modules/(vue|nuxt|pinia|primevue|h3|drizzle-orm|@libsql)|^(app|server)/' },
    },
    {
      name: 'core-by-its-doors',
      severity: 'error',
      comment: 'a core area is entered through its index',
      from: { path: '^(app|server|shared|standins|demo)/' },
      to: { path: '^core/[^/]+/', pathNot: '^core/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-by-its-doors-only',
      severity: 'error',
      comment: 'no way round the index',
      from: {},
      to: { path: '^#core', couldNotResolve: true },
    },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/' } },
    { name: 'server-not-app', severity: 'error', from: { path: '^server/' }, to: { path: '^app/' } },
    {
      name: 'services-know-no-http',
      severity: 'error',
      from: { path: '^server/(services|database)/' },
      to: { path: 'node_modules/h3|^server/api/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.cruise.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { conditionNames: ['import', 'default'], exportsFields: ['exports'] },
  },
}
