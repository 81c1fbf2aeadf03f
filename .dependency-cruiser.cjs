const STATIONS = ['plan', 'deck', 'box', 'board', 'larder', 'table', 'book', 'catalogue', 'aid', 'handbook'];

/** Storeys of the interface, the lowest first: primitives, the copy on this device, what is asked of the book, … stations, the shell. */
const WEB = ['ui', 'offline', 'asked', 'lines', 'devices', 'fish', 'frame', 'features', 'app'];

/** Storeys of the journal, the lowest first: each knows those beneath it alone. */
const JOURNAL = [
  'log/entry',
  'log/facts',
  'log/state',
  'log/kinds',
  'log/book',
  'read/bodies',
  'read/places',
  'read/warmth',
  'read/fish',
  'read/rules',
  'read/keeping',
  'read/board',
  'read/menu',
  'read/table',
  'read/larder',
  'read/deck',
  'read/box',
  'read/diary',
  'calendar',
];

/** Imports point one way: web and server > journal > core; web > catalogue > figure > core; packs is data. Stations of the interface know nothing of each other. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^(core|journal|figure|catalogue|packs|server|web)/src' },
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(journal|figure|catalogue|packs|server|web)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^(core|figure|journal|catalogue)/src', pathNot: '\\.test(-support)?\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'journal-knows-core',
      severity: 'error',
      from: { path: '^journal/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(figure|catalogue|packs|server|web)/' },
    },
    {
      name: 'figure-knows-core',
      severity: 'error',
      from: { path: '^figure/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(journal|catalogue|packs|server|web)/' },
    },
    {
      name: 'catalogue-knows-core-and-figure',
      severity: 'error',
      from: { path: '^catalogue/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(journal|packs|server|web)/' },
    },
    ...JOURNAL.slice(0, -1).map((storey, i) => ({
      name: `journal-${storey.replace('/', '-')}-looks-down`,
      severity: 'error',
      from: { path: `^journal/src/${storey}/`, pathNot: '\\.test(-support)?\\.ts$' },
      to: { path: `^journal/src/(${JOURNAL.slice(i + 1).join('|')}|index\\.ts)` },
    })),
    {
      name: 'journal-without-circles-of-types',
      severity: 'error',
      from: { path: '^journal/src', pathNot: '\\.test(-support)?\\.ts$' },
      to: { circular: true },
    },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/src' }, to: { path: '^web/' } },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^web/src', pathNot: '\\.test(-support)?\\.tsx?$' },
      to: { path: '^(server|packs)/' },
    },
    ...WEB.slice(0, -1).map((storey, i) => ({
      name: `web-${storey}-looks-down`,
      severity: 'error',
      from: { path: `^web/src/${storey}/`, pathNot: '\\.test(-support)?\\.tsx?$' },
      to: { path: `^web/src/(${WEB.slice(i + 1).join('|')})/` },
    })),
    ...STATIONS.map((s) => ({
      name: `${s}-knows-no-other-station`,
      severity: 'error',
      from: { path: `^web/src/features/${s}/` },
      to: { path: `^web/src/features/(${STATIONS.filter((x) => x !== s).join('|')})/` },
    })),
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.base.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { conditionNames: ['source', 'types', 'import', 'default'], exportsFields: ['exports'] },
  },
};
