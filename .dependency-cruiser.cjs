/** The arrows of the house: who may know whom. Anything not listed here is forbidden. */
const MAY_KNOW = {
  core: [],
  catalogue: ['core'],
  contract: ['core'],
  // The server times circuits with the catalogue's drills for its lists (docs/decisions/shipped-library.md).
  server: ['contract', 'core', 'catalogue'],
  web: ['contract', 'core'],
  demo: ['server', 'contract', 'core', 'catalogue'],
  e2e: ['server', 'demo', 'contract', 'core', 'catalogue'],
  bench: ['core', 'catalogue'],
};
const ROOMS = Object.keys(MAY_KNOW);

module.exports = {
  forbidden: [
    ...ROOMS.map((room) => ({
      name: `${room}-knows-only-${MAY_KNOW[room].join('-') || 'itself'}`,
      severity: 'error',
      from: { path: `^${room}/` },
      to: { path: `^(${ROOMS.filter((other) => other !== room && !MAY_KNOW[room].includes(other)).join('|')})/` },
    })),
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|/testing/' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'queries-only-in-the-store',
      severity: 'error',
      from: { path: '^(server|demo)/', pathNot: '^(server/(store|schema|testing)|demo)/|\\.(test|bench)\\.ts$' },
      to: { path: 'node_modules/(drizzle-orm|pg)/' },
    },
    // Schemas are for forms, which fetch them when they are sent: no page waits for them. The Stage has them with it, for the
    // server may be away when a run ends; what was kept long ago is checked before it is read.
    {
      name: 'no-page-waits-for-schemas',
      severity: 'error',
      from: {
        path: '^web/',
        pathNot: '\\.test\\.ts$|/testing/|^web/saving/upgradeKept|^web/stage/(StageEnd|fitInAddress)',
      },
      to: {
        path: '^contract/(?!addresses|problem|passwordNeeded|documents)',
        dependencyTypesNot: ['type-only'],
        dynamic: false,
      },
    },
    // What ships of the library is made by the build (web/shippedLibrary.ts).
    {
      name: 'everything-resolves',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:shipped-library$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.data|\\.cache)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default', 'types'],
      extensions: ['.ts', '.js', '.vue', '.css', '.d.ts'],
    },
  },
};
