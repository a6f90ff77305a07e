// Arrows run one way: app -> ui, server; server -> data, core, devices; ui and server -> schemas -> core; data -> core;
// core -> nothing.
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: '^src/', pathNot: [`^src/${from}/`, ...allowed.map((to) => `^src/${to}/`)] },
})
/** The floors of core, from the ground up: a floor may use only those below it. */
const floors = [
  ['measure', 'calendar', 'errors', 'cautions'],
  ['places'],
  ['scope'],
  ['sequence', 'selections'],
  ['walk'],
  ['schedule', 'narration', 'reckoning'],
  ['share'],
]
const floorRules = floors.flatMap((floor, i) =>
  floor.map((name) => ({
    name: `core-${name}-stands-on-lower-floors`,
    severity: 'error',
    from: { path: `^src/core/${name}/`, pathNot: '\\.test\\.tsx?$' },
    to: {
      path: floors
        .slice(i + 1)
        .flat()
        .map((above) => `^src/core/${above}/`)
        .concat('^$'),
    },
  })),
)
module.exports = {
  forbidden: [
    only('core-knows-nothing-else', 'core', []),
    {
      name: 'core-uses-no-package',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.tsx?$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'date-fns' },
    },
    only('data-speaks-to-core', 'data', ['core']),
    only('devices-stand-alone', 'devices', ['core']),
    only('schemas-know-core', 'schemas', ['core']),
    only('ui-speaks-to-core', 'ui', ['core', 'schemas']),
    only('server-decides', 'server', ['data', 'core', 'devices', 'schemas']),
    only('workers-run-core', 'workers', ['core']),
    only('demo-tells-a-story', 'demo', ['server', 'core', 'data', 'devices']),
    only('app-is-thin', 'app', ['ui', 'server', 'core']),
    {
      name: 'verbs-do-not-import-each-other',
      severity: 'error',
      from: { path: '^src/ui/([^/]+)/', pathNot: '^src/ui/shared/' },
      to: { path: '^src/ui/', pathNot: ['^src/ui/$1/', '^src/ui/shared/'] },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'only-data-speaks-sql',
      severity: 'error',
      from: { pathNot: '^src/data/' },
      to: { path: 'better-sqlite3' },
    },
    ...floorRules,
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
  },
}
