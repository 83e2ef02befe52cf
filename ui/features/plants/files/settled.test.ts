/** What is sent of a list, after what the grower settled. */
import { demoPlaces, type PlantTable, readPlantTable } from '@core';
import { listInputSchema } from '@server/exchange/lists/schemas';
import { bodyOf, isOnRecord, NOT_SETTLED, nothingSettled, openPlaces, placeFor, sortedOut } from './settled';

function tableOf(text: string): PlantTable {
  const read = readPlantTable(text);
  if (read.status !== 'ok') throw new Error(read.why);
  return read.table;
}
const table = tableOf(
  [
    'No,Name,Kind,Place,Repotted',
    '1,Blue,Vanda,glasshouse,2024-05-01',
    '2,Red,Vanda,,',
    '3,Odd,Monstera,,',
    '4,Green,Catleya,shade,',
  ].join('\n'),
);
const own = { ...demoPlaces[0]!, id: 'mine', name: 'My shade house' };
const places = [own, ...demoPlaces];

test('on record is who has the number, or without one the name', () => {
  const known = isOnRecord([
    { name: 'Blue', tagNumber: 'K 7' },
    { name: 'Rosé', tagNumber: null },
  ]);
  expect(known({ name: 'anything', tagNumber: 'k-7' })).toBe(true);
  expect(known({ name: 'Blue', tagNumber: '8' })).toBe(false);
  expect(known({ name: 'ROSE', tagNumber: null })).toBe(true);
});

test('a place is found by its name, by a part of it, else it is asked for; what was chosen holds', () => {
  expect(placeFor(nothingSettled, 'shade', places)).toBe('mine');
  expect(placeFor(nothingSettled, 'Attic', places)).toBe(NOT_SETTLED);
  expect(placeFor(nothingSettled, '', places)).toBe(NOT_SETTLED);
  expect(placeFor({ ...nothingSettled, places: { '': 'glasshouse' } }, '', places)).toBe('glasshouse');
  expect(placeFor({ ...nothingSettled, places: { '': 'gone' } }, '', places)).toBe(NOT_SETTLED);
  expect(openPlaces(table.plants, nothingSettled, places)).toEqual(['']);
  expect(openPlaces(table.plants, { ...nothingSettled, places: { '': 'mine' } }, places)).toEqual([]);
});

test('of no known kind is left out until it is said; on record already too, unless asked for', () => {
  const recorded = [{ name: 'Red', tagNumber: '2' }];
  const names = (settled = nothingSettled) => {
    const { taken, onRecord, ofNoKind } = sortedOut(table, settled, recorded);
    return [taken, onRecord, ofNoKind].map((plants) => plants.map(({ name }) => name));
  };
  expect(names()).toEqual([['Blue', 'Green'], ['Red'], ['Odd']]);
  expect(names({ ...nothingSettled, isAgain: true })).toEqual([['Blue', 'Red', 'Green'], ['Red'], ['Odd']]);
  expect(names({ ...nothingSettled, genera: { Monstera: 'vanilla', Vanda: '' } })).toEqual([
    ['Odd', 'Green'],
    [],
    ['Blue', 'Red'],
  ]);
});

test('what is sent is what the server takes: each place once, the grower’s own whole', () => {
  const { taken } = sortedOut(table, nothingSettled, []);
  const body = bodyOf(
    'mine.csv',
    '2026-11-27',
    table,
    { ...nothingSettled, places: { glasshouse: 'glasshouse', '': 'mine' } },
    taken,
    places,
  );
  expect(body.places).toEqual(['glasshouse', own]);
  expect(body.plants.map(({ facts, genusId, place }) => [facts.name, genusId, place])).toEqual([
    ['Blue', 'vanda', 0],
    ['Red', 'vanda', 1],
    ['Green', 'cattleya-unifoliate', 1],
  ]);
  expect(listInputSchema.safeParse(body)).toMatchObject({ success: true });
});

test('a medium is sent as it was read, as it was put right, or not at all', () => {
  const mixed = tableOf(
    ['Name,Kind,Place,Mix', 'A,Vanda,glasshouse,bark/perlite 3:1', 'B,Vanda,glasshouse,mystery'].join('\n'),
  );
  const plantsOf = (settled: typeof nothingSettled) =>
    bodyOf('x', '2026-11-27', mixed, settled, sortedOut(mixed, settled, []).taken, places).plants;
  expect(plantsOf(nothingSettled)[0]).toMatchObject({
    mediumId: 'bark-6-12',
    mix: [
      { mediumId: 'bark-6-12', parts: 3 },
      { mediumId: 'perlite-3-6', parts: 1 },
    ],
  });
  expect(plantsOf(nothingSettled)[1]).not.toHaveProperty('mediumId');
  const right = plantsOf({ ...nothingSettled, media: { mystery: 'pumice-3-6', 'bark/perlite 3:1': '' } });
  expect(right[1]).toMatchObject({ mediumId: 'pumice-3-6' });
  expect(right[0]).not.toHaveProperty('mediumId');
  expect(right[0]!.note).toContain('bark/perlite 3:1');
});
