/** Potting days over a real database: prepared, run from two tablets, and nothing kept twice or by half. */
import { randomUUID } from 'node:crypto';
import { type DayKept, type PlanCase, runOf, type SetupSpec } from '@core';
import { recordQuick } from '../journal/record-quick';
import { quickInputSchema } from '../journal/quick-schemas';
import { addPlant } from '../journal/add-plant';
import { addInputSchema } from '../journal/add-schemas';
import { plantLog } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { addToStock, listStock } from '../stock/repository';
import { testDatabase } from '../../testing/database';
import { dayOf, keepEntry, listDays, saveDay, setDayHidden } from './repository';
import { dayEntryInputSchema, savedDaySchema } from './schemas';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let plantIds: readonly string[] = [];
let itemId = '';
const dayId = () => ids.day;
const ids = { day: '' };

const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
const setup = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
} as unknown as SetupSpec;

const kept = (change: object = {}): DayKept =>
  savedDaySchema.parse({
    on: '2027-03-06',
    hours: 3,
    plants: plantIds.map((id, n) => ({ id, name: `Plant ${n}`, case: planCase, setup, urgency: 0.2 * n })),
    ...change,
  });

beforeEach(async () => {
  scope = await database.freshScope();
  ids.day = randomUUID();
  plantIds = [];
  for (const name of ['One', 'Two', 'Three']) {
    const input = { facts: { name }, happenedOn: '2026-01-01', planCase };
    const added = await addPlant(em(), scope, addInputSchema.parse(input));
    if (!('plantId' in added)) throw new Error(added.status);
    plantIds = [...plantIds, added.plantId];
  }
  const stock = {
    item: { thing: { kind: 'medium', mediumId: 'bark-6-12' } as const },
    amount: 10,
    happenedOn: '2026-01-01',
  };
  const bag = await addToStock(em(), scope, stock);
  if (!('itemId' in bag)) throw new Error(bag.status);
  itemId = bag.itemId;
  expect(await saveDay(em(), scope, ids.day, kept(), null)).toEqual({ status: 'made', version: 1 });
});

let minute = 0;
const entry = (kind: string, data: object = {}, more: object = {}) => {
  minute += 1;
  return dayEntryInputSchema.parse({
    kind,
    at: new Date(Date.UTC(2027, 2, 6, 9, minute)).toISOString(),
    idempotencyKey: randomUUID(),
    data,
    ...more,
  });
};
const keep = (input: ReturnType<typeof entry>) => keepEntry(em(), scope, dayId(), input, () => 'Bark in a pot');
const potting = (litres: number) => ({
  potting: { planCase, spec: setup, pottedOn: '2027-03-06', note: 'less moss', takes: [{ itemId, amount: litres }] },
});
const run = async () => {
  const day = (await dayOf(em(), scope, dayId()))!;
  return runOf(day.day!, day.entries);
};
const inStock = async () => (await listStock(em(), scope)).items[0]!.amount;

test('prepared, changed by one and seen by the other; late changes overwrite nothing, the same twice is once', async () => {
  expect(await saveDay(em(), scope, dayId(), kept(), null)).toEqual({ status: 'changed', version: 1 });
  expect(await saveDay(em(), scope, dayId(), kept({ hours: 5 }), 1)).toEqual({ status: 'changed', version: 2 });
  expect(await saveDay(em(), scope, dayId(), kept({ hours: 4 }), 1)).toMatchObject({
    status: 'changed meanwhile',
    version: 2,
    current: { hours: 5 },
  });
  expect(await dayOf(em(), scope, dayId())).toMatchObject({ version: 2, day: { hours: 5 }, entries: [] });
  const stranger = await database.freshScope();
  expect(await saveDay(em(), stranger, dayId(), kept(), null)).toEqual({ status: 'taken' });
  expect(await dayOf(em(), stranger, dayId())).toBeNull();
});

test('a potting is in the plant’s life, out of stock and in the day, all of it or nothing', async () => {
  const input = entry('potted', { plantId: plantIds[0] }, potting(0.8));
  expect([await keep(input), await keep(input)]).toEqual([{ status: 'kept' }, { status: 'known already' }]);
  const log = (await plantLog(em(), scope, plantIds[0]!))!;
  expect(log).toMatchObject({ name: 'One', pottings: [{ pottedOn: '2027-03-06', note: 'less moss' }] });
  expect((await run()).plants[0]).toMatchObject({ status: 'potted', eventId: log.pottings[0]!.id });
  expect(await inStock()).toBe(9.2);
  const wrong = entry(
    'potted',
    { plantId: plantIds[1] },
    { potting: { ...potting(1).potting, takes: [{ itemId: randomUUID(), amount: 1 }] } },
  );
  expect(await keep(wrong)).toEqual({ status: 'no such stock' });
  expect((await plantLog(em(), scope, plantIds[1]!))!.pottings).toEqual([]);
  expect((await run()).plants[1]).toMatchObject({ status: 'waits' });
});

test('two tablets that pot the same plant: it is potted once, and stock is taken once', async () => {
  const both = await Promise.all([1, 2, 3].map(() => keep(entry('potted', { plantId: plantIds[0] }, potting(1)))));
  expect(both.map(({ status }) => status).sort()).toEqual(['kept', 'known already', 'known already']);
  expect((await plantLog(em(), scope, plantIds[0]!))!.pottings).toHaveLength(1);
  expect(await inStock()).toBe(9);
});

test('a plant that was moved since stands where it stands', async () => {
  const moved = { kind: 'moved', plantIds: [plantIds[0]], happenedOn: '2027-03-01', details: { place: 'cool-shade' } };
  await recordQuick(em(), scope, quickInputSchema.parse(moved));
  await keep(entry('potted', { plantId: plantIds[0] }, potting(1)));
  expect((await plantLog(em(), scope, plantIds[0]!))!.lastCase).toMatchObject({ place: 'cool-shade' });
});

test('what is left goes back with its reason, as a plan with its setup; potted after all, that is done', async () => {
  await keep(entry('left', { plantId: plantIds[1], reason: 'no pot', note: 'none of 14' }));
  const log = (await plantLog(em(), scope, plantIds[1]!))!;
  expect(log.planned).not.toBeNull();
  expect(log.plans).toMatchObject([
    {
      note: 'Left on the potting day of 2027-03-06: no pot for it. none of 14',
      spec: { vessel: { rimDiameterCm: 12 } },
    },
  ]);
  await keep(entry('back', { plantId: plantIds[1] }));
  await keep(entry('potted', { plantId: plantIds[1] }, potting(1)));
  expect((await plantLog(em(), scope, plantIds[1]!))!.planned).toBeNull();
});

test('what breaks is gone from the shelf', async () => {
  const pots = {
    item: { thing: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 } as const },
    amount: 3,
    happenedOn: '2026-01-01',
  };
  const shelf = await addToStock(em(), scope, pots);
  const potId = 'itemId' in shelf ? shelf.itemId : '';
  const broken = entry('broken', { itemId: potId });
  await keep(broken);
  await keep(broken);
  expect((await listStock(em(), scope)).items.find(({ id }) => id === potId)!.amount).toBe(2);
  expect(await keep(entry('broken', { itemId: randomUUID() }))).toEqual({ status: 'no such stock' });
});

test('a day is listed with how far it is, put away and brought back', async () => {
  await keep(entry('begun'));
  await keep(entry('in hand', { plantId: plantIds[2] }));
  await keep(entry('potted', { plantId: plantIds[2] }, potting(1)));
  expect((await listDays(em(), scope)).days).toEqual([
    { id: dayId(), on: '2027-03-06', plants: 3, potted: 1, isBegun: true, isStopped: false },
  ]);
  await setDayHidden(em(), scope, dayId(), new Date());
  expect((await listDays(em(), scope)).days).toEqual([]);
  expect(await keep(entry('begun'))).toEqual({ status: 'no such day' });
  await setDayHidden(em(), scope, dayId(), null);
  expect((await listDays(em(), scope)).days).toHaveLength(1);
});

test('what cannot be used is refused with its field', async () => {
  expect(await keep(entry('step done', { plantId: plantIds[0], step: 'sing' }))).toEqual({
    status: 'faulty',
    path: 'data.step',
  });
  expect(await keep(entry('in hand', { plantId: randomUUID() }))).toEqual({ status: 'not in the day' });
  expect(dayEntryInputSchema.safeParse({ kind: 'potted', at: 'now', idempotencyKey: 'x' }).success).toBe(false);
  expect((await dayOf(em(), scope, dayId()))!.entries).toEqual([]);
});
