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
  ['catalogue/media', 'catalogue/vessels', 'catalogue/genera', 'catalogue/places', 'catalogue/schools'],
  ['growth'],
  ['case', 'practice', 'decide/place'],
  ['place-files', 'inspect', 'stock', 'decide/setups'],
  ['decide/rules', 'plant-files'],
  ['decide/choice'],
  ['advise'],
  ['nursing'],
  ['explore', 'proof', 'due', 'learned', 'trials'],
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
  to: { path: `^core/${room}/`, pathNot: `^core/${room}/index\\.ts$` },
}));

/** The screens, from the ground up. */
const screens = ['theme', 'data', 'controls', 'drawing', 'care', 'shell', 'features'];
const upwardsInUi = screens.slice(0, -1).map((floor, level) => ({
  name: `ui-${floor}-knows-only-what-is-below`,
  severity: 'error',
  from: { path: `^ui/${floor}/`, pathNot: isTest },
  to: { path: `^ui/(${screens.slice(level + 1).join('|')})/` },
}));

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
      comment: 'the public surface: @core, @core/words, and @core/testing for tests',
      severity: 'error',
      from: { pathNot: '^core/' },
      to: { path: '^core/', pathNot: '^core/(index|words/index|testing/index)\\.ts$' },
    },
    {
      name: 'words-for-those-who-speak',
      comment: 'only command line, handlers and screens make sentences; everything else hands over facts',
      severity: 'error',
      from: {
        path: '^server/',
        pathNot: `^server/[^/]+/handlers\\.ts$|^server/http/|^server/compute/worker\\.ts$|^server/db/load-demo\\.ts$|${isTest}`,
      },
      to: { path: '^core/words/' },
    },
    { name: 'testing-for-tests', severity: 'error', from: { pathNot: isTest }, to: { path: '/testing/' } },
    ...upwardsInUi,
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
      to: { path: '^server/', pathNot: '/(entry-|facts-|correct-|add-)?schemas\\.ts$' },
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
