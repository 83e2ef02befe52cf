/**
 * The floors of the house. Folders depend downwards only, a room of the core is entered by its index,
 * and there is no circle, types included. `npm run lint` fails on anything else.
 */

/** The core, from the ground up; rooms on one floor know each other only where listed. */
const floors = [
  ['base'],
  ['physics/air', 'solutions'],
  ['physics/places', 'physics/media', 'physics/pots'],
  ['physics/drydown'],
  ['physics/stress', 'physics/salt'],
  ['physics/year'],
  [
    'catalogue/media',
    'catalogue/vessels',
    'catalogue/genera',
    'catalogue/places',
    'catalogue/schools',
    'catalogue/climates',
    'catalogue/names',
    'catalogue/appearances',
  ],
  ['growth', 'rooms', 'names', 'identification'],
  ['case', 'practice', 'decide/place'],
  ['place-files', 'inspect', 'stock', 'decide/setups'],
  ['decide/rules', 'plant-files', 'said-setups'],
  ['decide/choice'],
  ['advise'],
  ['aftercare'],
  ['explore', 'proof', 'due', 'insights', 'trials'],
  ['day'],
  ['words'],
];
const rooms = floors.flat();
const isTest = '\\.test\\.tsx?$|^core/testing/|^server/testing/';

const upwards = floors.map((floor, level) => ({
  name: `core-floor-${level}-${floor.join('-').replaceAll('/', '-')}`,
  comment: 'a floor of the core knows only the floors below it',
  severity: 'error',
  from: { path: `^core/(${floor.join('|')})/`, pathNot: isTest },
  to: {
    path: `^core/(${[...floors.slice(level + 1).flat(), 'testing'].join('|')})/|^core/index\\.ts$`,
  },
}));

const byIndex = rooms.map((room) => ({
  name: `core-room-${room.replaceAll('/', '-')}-by-its-index`,
  comment: 'a room is entered by its index',
  severity: 'error',
  from: { pathNot: `^core/${room}/` },
  to: { path: `^core/${room}/`, pathNot: `^core/${room}/index\\.ts$|^core/base/time\\.ts$` },
}));

/** A house whose floors are folders, from the ground up: each knows only what lies below, types included. */
const upwardsIn = (house, levels) =>
  levels.slice(0, -1).map((floor, level) => ({
    name: `${house}-${[floor].flat().join('-')}-knows-only-what-is-below`,
    severity: 'error',
    from: { path: `^${house}/(${[floor].flat().join('|')})/`, pathNot: isTest },
    to: {
      path: `^${house}/(${levels
        .slice(level + 1)
        .flat()
        .join('|')})/`,
    },
  }));
const upwardsInUi = upwardsIn('ui', [
  'theme',
  'data',
  'controls',
  'drawing',
  ['journal', 'potting'],
  'shell',
  'features',
]);
const upwardsInServer = upwardsIn('server', [
  'runtime',
  'records',
  'projections',
  'exchange',
  ['api', 'demo'],
  'start',
]);
/** The records, from the ground up: a plant's life is written by the journal alone. */
const upwardsInRecords = upwardsIn('server/records', [
  ['changes', 'collections'],
  ['plants', 'library', 'places', 'photos'],
  'stock',
  'journal',
  ['days', 'intakes'],
]);

module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...upwards,
    ...byIndex,
    {
      name: 'core-is-pure',
      comment: 'the core knows no screen, no server, no database and no Node',
      severity: 'error',
      from: { path: '^core/', pathNot: isTest },
      to: { path: '^(ui|server|app|cli)/|node_modules/(react|next|antd|@mikro-orm|zustand|@tanstack)/' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: '^core/', pathNot: isTest },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-from-outside-by-its-doors',
      comment:
        'the public surface: @core, @core/words, @core/base/time for whoever needs no more, and @core/testing for tests',
      severity: 'error',
      from: { pathNot: '^core/' },
      to: { path: '^core/', pathNot: '^core/(index|words/index|testing/index|base/time)\\.ts$' },
    },
    {
      name: 'words-for-those-who-speak',
      comment: 'only command line, handlers and screens make sentences; everything else hands over facts',
      severity: 'error',
      from: {
        path: '^server/',
        pathNot: `^server/api/|^server/runtime/http/|^server/runtime/worker-pool/worker\\.ts$|^server/demo/load-demo\\.ts$|${isTest}`,
      },
      to: { path: '^core/words/' },
    },
    { name: 'testing-for-tests', severity: 'error', from: { pathNot: `${isTest}|^bench/` }, to: { path: '/testing/' } },
    ...upwardsInUi,
    ...upwardsInServer,
    ...upwardsInRecords,
    {
      name: 'only-the-journal-writes-a-life',
      severity: 'error',
      from: { path: '^server/', pathNot: `^server/records/(journal/|entities\\.ts)|${isTest}` },
      to: { path: '^server/records/journal/entity\\.ts$' },
    },
    {
      name: 'features-do-not-know-each-other',
      severity: 'error',
      from: { path: '^ui/features/([^/]+)/' },
      to: { path: '^ui/features/', pathNot: '^ui/features/$1/' },
    },
    {
      name: 'screens-share-only-schemas-with-the-server',
      severity: 'error',
      from: { path: '^ui/' },
      to: { path: '^server/', pathNot: '/[a-z-]*schemas\\.ts$' },
    },
    {
      name: 'server-knows-no-screen',
      severity: 'error',
      from: { path: '^(server|cli)/' },
      to: { path: '^(ui|app)/' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.(css|woff2?)$|^\\.next' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mjs', '.js', '.d.ts'] },
  },
};
