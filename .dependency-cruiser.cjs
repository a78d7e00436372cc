/**
 * The house rules of docs/architecture.md: floors of the core, order of folders, doors.
 * A room may use only rooms on lower floors, and other rooms only through their index.ts.
 */
const floors = [
  ['numbers', 'words'],
  ['units', 'geometry', 'random', 'result'],
  ['cloth', 'stitch'],
  ['kit'],
  ['setup'],
  ['physics', 'interlock', 'photo', 'standin'],
  ['card'],
  ['match'],
  ['seam'],
  ['procedure', 'swatch', 'diagnose'],
  ['job', 'practice', 'calculator'],
  ['ledger'],
  ['file'],
  ['workroom'],
  ['exchange'],
];
/** What a core may take from npm: the border and small numeric packages. */
const mayUse = ['zod', 'svgpath', 'simple-statistics', 'ml-matrix', 'fft.js', 'ts-fsrs'];
const upward = floors.map((rooms, floor) => ({
  name: `core-floor-${floor}-uses-only-lower`,
  comment: 'A room uses rooms on lower floors only (the first and the top floor have three steps each).',
  severity: 'error',
  from: { path: `^src/core/(${rooms.join('|')})/` },
  to: {
    path: `^src/core/(${floors.slice(floor).flat().join('|')})/`,
    pathNot: '^src/core/$1/',
  },
}));
const test = '\\.test\\.tsx?$';
/** What tests of several rooms begin with. */
const fixture = '\\.testing\\.tsx?$';
const layer = (name, from, to) => ({ name, severity: 'error', from: { path: from, pathNot: test }, to: { path: to } });

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...upward,
    {
      name: 'core-rooms-by-their-door',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/([^/]+)/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$', fixture] },
    },
    {
      name: 'fixtures-for-tests-only',
      severity: 'error',
      from: { pathNot: [test, fixture] },
      to: { path: fixture },
    },
    {
      name: 'core-by-its-doors',
      severity: 'error',
      from: { path: '^(src/(data|workers|ui|parts|features|app)|cli|bench|e2e|scripts)/', pathNot: test },
      to: { path: '^src/core/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-imports-nothing-above',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: '^(src/(data|workers|ui|parts|features|app)|cli|scripts|demo)/' },
    },
    {
      name: 'core-takes-only-zod-and-small-numeric-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: test },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: `node_modules/(${mayUse.join('|')})/` },
    },
    {
      name: 'standin-only-floors-0-and-1',
      severity: 'error',
      from: { path: '^src/core/standin/' },
      to: {
        path: `^src/core/(${floors
          .slice(5)
          .flat()
          .filter((r) => r !== 'standin')
          .join('|')})/`,
      },
    },
    layer('only-data-touches-dexie', '^src/(?!data/)', 'node_modules/dexie'),
    layer('data-and-workers-use-core-only', '^src/(data|workers)/', '^src/(ui|parts|features|app)/'),
    layer('ui-uses-core-only', '^src/ui/', '^src/(data|workers|parts|features|app)/'),
    layer('parts-below-features', '^src/parts/', '^src/(features|app)/'),
    layer('features-below-app', '^src/features/', '^src/app/'),
    layer('app-uses-features-and-theme', '^src/app/', '^src/(data|workers|core)/'),
    layer('cli-takes-core-only', '^cli/', '^src/(?!core/)'),
    {
      name: 'features-know-nothing-of-each-other',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
