/** Arrows point inwards only: web and server to contract and core, contract to core, core to nothing. */
const layer = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.ts$|/testing/' },
  to: {
    path: '^(core|contract|server|web|library|season|e2e|scripts|benchmarks|simulators)/',
    pathNot: allowed,
  },
});

/** Folders of the core, each of which knows only those before it. */
const CORE = [
  'units',
  'time',
  'repertoire',
  'chance',
  'statistics',
  'solver',
  'calculators',
  'readings',
  'learning',
  'brief',
  'told',
  'trials',
  'lineup',
  'inventory',
  'library',
  'kit',
  'stage',
  'after',
  'ready',
  'proposal',
];
const coreOrder = CORE.slice(0, -1).map((name, i) => ({
  name: `core-${name}-knows-only-what-comes-before`,
  severity: 'error',
  from: { path: `^core/${name}/`, pathNot: '\\.test\\.ts$|/testing/' },
  to: { path: `^core/(${CORE.slice(i + 1).join('|')})/` },
}));

/** Pure packages of numerics that the core may use. */
const NUMERIC = ['jstat'];
const numeric = NUMERIC.length > 0 ? { pathNot: `node_modules/(${NUMERIC.join('|')})/` } : {};

module.exports = {
  forbidden: [
    ...coreOrder,
    layer('core-knows-nothing', '^core/', '^core/'),
    layer('contract-knows-core', '^contract/', '^(contract|core)/'),
    layer('library-knows-core', '^library/', '^(library|core)/'),
    layer('season-knows-library-contract-and-core', '^season/', '^(season|library|contract|core)/'),
    layer('server-knows-contract-and-core', '^server/', '^(server|contract|core|library|season)/'),
    layer('web-knows-contract-and-core', '^web/', '^(web|contract|core)/'),
    layer('simulators-know-core', '^simulators/', '^(simulators|core)/'),
    {
      name: 'core-needs-no-package-but-numerics',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|/testing/' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], ...numeric },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      // Types may refer to each other; code may not.
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
