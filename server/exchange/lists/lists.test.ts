/** A list taken in whole, in a real database. */
import { randomUUID } from 'node:crypto';
import { setPlantHidden, plantLog } from '../../projections/plants/plant-log';
import { listPlants } from '../../projections/plants/list';
import { listQueryIn } from '../../projections/plants/list-query';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { listIntakes, setIntakeUndone } from '../../records/intakes/repository';
import { takeInList } from './take-in';
import { type ListInput, listInputSchema } from './schemas';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

const plant = (name: string, more: object = {}) => ({ facts: { name }, genusId: 'vanda', place: 0, ...more });
const listOf = (plants: readonly object[], more: object = {}): ListInput =>
  listInputSchema.parse({ name: 'mine.csv', takenInOn: '2026-11-27', places: ['heated-flat'], plants, ...more });
const shown = async (which = 'all') =>
  listPlants(em(), scope, listQueryIn(new URLSearchParams({ which, limit: '200' })));
const counts = async () => {
  const [row] = await em().execute<[{ plants: number; events: number; now: number }]>(
    `select (select count(*)::int from plant where collection_id = ?) as plants,
      (select count(*)::int from event where collection_id = ?) as events,
      (select count(*)::int from plant_state where collection_id = ?) as now`,
    [scope.collectionId, scope.collectionId, scope.collectionId],
  );
  return row;
};

test('each plant is on record with its papers, its medium, its last watering and how it left', async () => {
  const taken = await takeInList(
    em(),
    scope,
    listOf([
      plant('Blue Vanda', {
        facts: { name: 'Blue Vanda', tagNumber: '7', source: 'a friend', acquiredOn: '2020-05-01' },
        mediumId: 'bark-6-12',
        inMediumSince: '2024-11-27',
        wateredOn: '2026-11-20',
        note: 'Pot colour: blue',
      }),
      plant('Old Vanda', { left: { on: '2025-01-02', how: 'died' } }),
    ]),
  );
  expect(taken).toMatchObject({ status: 'taken in', plants: 2 });
  const { plants } = await shown();
  expect(plants.map(({ name, tagNumber, wateredOn, left }) => [name, tagNumber, wateredOn, left?.how ?? null])).toEqual(
    [
      ['Blue Vanda', '7', '2026-11-20', null],
      ['Old Vanda', null, null, 'died'],
    ],
  );
  const log = (await plantLog(em(), scope, plants[0]!.id, '2026-11-27'))!;
  expect(log).toMatchObject({ mediumName: null, source: 'a friend', acquiredOn: '2020-05-01', genusId: 'vanda' });
  expect(log.lastCase).toMatchObject({
    place: 'heated-flat',
    current: { mediumId: 'bark-6-12', yearsInMedium: 1.999 },
  });
  expect(log.care.map(({ kind, note }) => [kind, note ?? null])).toEqual([
    ['noted', 'Pot colour: blue'],
    ['watered', null],
  ]);
});

test('the same key is taken in once, at the same moment and later', async () => {
  const list = listOf([plant('One'), plant('Two')], { idempotencyKey: 'the-same-list' });
  const all = await Promise.all([1, 2, 3].map(() => takeInList(em(), scope, list)));
  expect(all.filter(({ status }) => status === 'taken in')).toHaveLength(1);
  expect(new Set(all.map(({ id }) => id)).size).toBe(1);
  expect(await counts()).toEqual({ plants: 2, events: 2, now: 2 });
});

test('all or nothing: one that cannot be kept keeps none', async () => {
  const list = listOf(Array.from({ length: 700 }, (_, n) => plant(`Plant ${n}`)));
  const broken = {
    ...list,
    plants: [...list.plants.slice(0, 650), { ...list.plants[0]!, facts: { ...list.plants[0]!.facts, name: '' } }],
  };
  await expect(takeInList(em(), scope, broken)).rejects.toThrow(/plant_name_check/);
  expect(await counts()).toEqual({ plants: 0, events: 0, now: 0 });
  expect((await listIntakes(em(), scope)).intakes).toEqual([]);
});

test('undone as one, and brought back; what was put away alone stays away', async () => {
  const { id } = await takeInList(em(), scope, listOf([plant('One'), plant('Two'), plant('Three')]));
  const { plants } = await shown();
  await setPlantHidden(em(), scope, plants.find(({ name }) => name === 'Two')!.id, new Date('2026-11-28T10:00:00Z'));
  expect(await setIntakeUndone(em(), scope, id, new Date())).toBe(true);
  expect((await shown()).total).toBe(0);
  expect((await listIntakes(em(), scope)).intakes).toMatchObject([
    { id, name: 'mine.csv', plants: 3, undoneAt: expect.any(String) },
  ]);
  // Undone twice is undone once.
  await setIntakeUndone(em(), scope, id, new Date('2030-01-01T00:00:00Z'));
  await setIntakeUndone(em(), scope, id, null);
  expect((await shown()).plants.map(({ name }) => name)).toEqual(['One', 'Three']);
  expect(await setIntakeUndone(em(), scope, randomUUID(), null)).toBe(false);
  expect(await setIntakeUndone(em(), await database.freshScope(), id, new Date())).toBe(false);
});

test('five thousand plants are one list', async () => {
  const list = listOf(Array.from({ length: 5000 }, (_, n) => plant(`Plant ${n}`, { wateredOn: '2026-11-01' })));
  expect(await takeInList(em(), scope, list)).toMatchObject({ plants: 5000 });
  expect(await counts()).toEqual({ plants: 5000, events: 10_000, now: 5000 });
}, 60_000);

test('a place that is not among those sent, and a day that is none, are named', () => {
  const faults = (plants: readonly object[]) => {
    const parsed = listInputSchema.safeParse({ ...listOf([plant('x')]), plants });
    return parsed.success ? [] : parsed.error.issues.map(({ path }) => path.join('.'));
  };
  expect(faults([plant('One', { place: 1 })])).toEqual(['plants.0.place']);
  expect(faults([plant('One'), plant('Two', { wateredOn: '2026-02-30' })])).toEqual(['plants.1.wateredOn']);
  expect(faults([])).toEqual(['plants']);
});
