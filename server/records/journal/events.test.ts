import { randomUUID } from 'node:crypto';
import { checkWith, type PlanCase } from '@core';
import { wordFault } from '@core/words';
import { makePlan } from '@core/testing';
import { Plant } from '../plants/entity';
import { plantLog, setPlantHidden } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { PlantEvent } from './entity';
import { readEvent } from './read';
import { setEventHidden } from './hide';
import { recordPotting } from './record';
import { pottingInputSchema, type PottingInput } from './schemas';

const planCase: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const [best] = makePlan(planCase).setups;
const nobody = '00000000-0000-4000-8000-000000000000';

function input(change: Partial<Record<keyof PottingInput, unknown>> = {}): PottingInput {
  return pottingInputSchema.parse({
    plantName: 'Test plant',
    pottedOn: '2026-05-01',
    planCase,
    spec: best!.spec,
    ...change,
  });
}

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

async function recorded(change: Partial<Record<keyof PottingInput, unknown>> = {}) {
  const result = await recordPotting(em(), scope, input(change), 'Bark in a pot');
  if (result.status !== 'recorded' && result.status !== 'known already') throw new Error(result.status);
  return (await plantLog(em(), scope, result.plantId))!;
}
const eventCount = () => em().count(PlantEvent, { collection: scope.collectionId });
const plantCount = () => em().count(Plant, { collection: scope.collectionId });

test('"potted it" keeps plant, plan, recipe and date together', async () => {
  const { pottings } = await recorded({ note: 'first' });
  expect(pottings).toHaveLength(1);
  expect(pottings[0]).toMatchObject({ pottedOn: '2026-05-01', note: 'first', planCase });
  expect(pottings[0]!.recipe[0]!.takeL).toBeGreaterThan(0);
  expect(pottings[0]!.spec).toMatchObject({ id: best!.id });
});

test('a second potting of the same plant joins its log, newest first, and counts as a change of the plant', async () => {
  const log = await recorded();
  const again = await recorded({
    plantId: log.id,
    plantVersion: log.version,
    plantName: 'Renamed',
    pottedOn: '2028-04-01',
  });
  expect(again).toMatchObject({ id: log.id, name: 'Renamed', version: log.version + 1 });
  expect(again.pottings.map((entry) => entry.pottedOn)).toEqual(['2028-04-01', '2026-05-01']);
});

test('on the same day, what was written down last comes first', async () => {
  const log = await recorded({ note: 'morning' });
  const again = await recorded({ plantId: log.id, plantVersion: log.version, note: 'evening' });
  expect(again.pottings.map((entry) => entry.note)).toEqual(['evening', 'morning']);
});

test('an unknown plant saves nothing', async () => {
  expect(await recordPotting(em(), scope, input({ plantId: nobody }), 'Bark in a pot')).toEqual({
    status: 'no such plant',
  });
  expect(await eventCount()).toBe(0);
});

test('the same key twice saves once: a double tap at the same moment, or a retry', async () => {
  const idempotencyKey = randomUUID();
  const results = await Promise.all(
    Array.from({ length: 4 }, () => recordPotting(em(), scope, input({ idempotencyKey }), 'Bark in a pot')),
  );
  expect(results.map((result) => result.status).sort()).toEqual([
    'known already',
    'known already',
    'known already',
    'recorded',
  ]);
  expect(await recordPotting(em(), scope, input({ idempotencyKey }), 'Bark in a pot')).toMatchObject({
    status: 'known already',
  });
  expect(await eventCount()).toBe(1);
  expect(await plantCount()).toBe(1);
});

test('without a key each one counts', async () => {
  const log = await recorded();
  await recorded({ plantId: log.id, plantVersion: log.version });
  expect(await eventCount()).toBe(2);
});

test('whoever saw an older plant is told, and overwrites nothing', async () => {
  const log = await recorded();
  await recorded({ plantId: log.id, plantName: 'First', plantVersion: log.version });
  const late = await recordPotting(
    em(),
    scope,
    input({ plantId: log.id, plantName: 'Late', plantVersion: log.version }),
    'Bark in a pot',
  );
  expect(late).toEqual({ status: 'changed meanwhile', current: { name: 'First', version: log.version + 1 } });
  expect((await plantLog(em(), scope, log.id))!.name).toBe('First');
  expect(await eventCount()).toBe(2);
});

test('a failure after the plant was made leaves neither plant nor entry', async () => {
  // The plant is fine; its entry is what the table refuses, at the very end of the transaction.
  const broken = { ...input(), pottedOn: '2026-02-31' } as PottingInput;
  await expect(recordPotting(em(), scope, broken, 'Bark in a pot')).rejects.toThrow();
  expect([await plantCount(), await eventCount()]).toEqual([0, 0]);
});

test('a failure in a second potting leaves the plant as it was', async () => {
  const log = await recorded();
  const broken = {
    ...input({ plantId: log.id, plantVersion: log.version, plantName: 'Half-way' }),
    pottedOn: '2026-02-31',
  } as PottingInput;
  await expect(recordPotting(em(), scope, broken, 'Bark in a pot')).rejects.toThrow();
  expect(await plantLog(em(), scope, log.id)).toMatchObject({ name: 'Test plant', version: log.version });
});

test('one entry can be put away and brought back; another collection cannot touch it', async () => {
  const log = await recorded();
  const entry = log.pottings[0]!;
  const stranger = await database.freshScope();
  expect(await setEventHidden(em(), stranger, entry.id, new Date())).toBe(false);
  expect(await setEventHidden(em(), scope, entry.id, new Date())).toBe(true);
  expect((await plantLog(em(), scope, log.id))!.pottings).toHaveLength(0);
  expect(await setEventHidden(em(), scope, entry.id, null)).toBe(true);
  expect((await plantLog(em(), scope, log.id))!.pottings).toHaveLength(1);
});

test('a plant put away is gone from sight with its log, and comes back with it', async () => {
  const log = await recorded();
  expect(await setPlantHidden(em(), scope, log.id, new Date())).toBe(true);
  expect(await plantLog(em(), scope, log.id)).toBeNull();
  expect(await recordPotting(em(), scope, input({ plantId: log.id }), 'Bark in a pot')).toEqual({
    status: 'no such plant',
  });
  expect(await setPlantHidden(em(), scope, log.id, null)).toBe(true);
  expect((await plantLog(em(), scope, log.id))!.pottings).toHaveLength(1);
});

describe('what the tables refuse', () => {
  const insert = (values: Readonly<Record<string, unknown>>) => {
    const row = {
      id: randomUUID(),
      collection_id: scope.collectionId,
      kind: 'potted',
      happened_on: '2026-05-01',
      recorded_at: new Date(),
      idempotency_key: randomUUID(),
      title: 't',
      data: '{}',
      data_version: 1,
      ...values,
    };
    const names = Object.keys(row);
    const marks = names.map(() => '?').join(', ');
    return em().execute(`insert into event (${names.join(', ')}) values (${marks})`, Object.values(row));
  };

  test('an event in another collection than its plant', async () => {
    const log = await recorded();
    const stranger = await database.freshScope();
    await expect(insert({ plant_id: log.id, collection_id: stranger.collectionId })).rejects.toThrow(/foreign key/);
  });

  test('a kind nobody knows, a day that is none, data that is no object, a version before the first', async () => {
    const log = await recorded();
    await expect(insert({ plant_id: log.id, kind: 'sung to' })).rejects.toThrow(/event_kind_check/);
    await expect(insert({ plant_id: log.id, happened_on: '2026-02-30' })).rejects.toThrow(/date/);
    await expect(insert({ plant_id: log.id, data: '[]' })).rejects.toThrow(/event_data_check/);
    await expect(insert({ plant_id: log.id, data_version: 0 })).rejects.toThrow(/version/);
    await expect(insert({ plant_id: nobody })).rejects.toThrow(/foreign key/);
    await expect(insert({ plant_id: log.id })).resolves.toBeDefined();
  });

  test('what is in the table and cannot be read is shown as such, beside what can', async () => {
    const log = await recorded();
    await insert({ plant_id: log.id, title: 'From a newer program', data: '{"pot":"floating"}', data_version: 7 });
    await insert({ plant_id: log.id, title: 'Damaged', data: '{"planCase":1}' });
    const read = (await plantLog(em(), scope, log.id))!;
    expect(read.pottings).toHaveLength(1);
    expect(read.unreadable.map((entry) => entry.title).sort()).toEqual(['Damaged', 'From a newer program']);
    expect(read.unreadable.find((entry) => entry.title === 'From a newer program')!.data).toEqual({ pot: 'floating' });
  });
});

test('an event of an unknown kind is unreadable, not lost', () => {
  const row = {
    id: nobody,
    kind: 'sung to',
    happenedOn: '2026-05-01',
    title: 't',
    data: { tune: 1 },
    dataVersion: 1,
    version: 1,
    batchId: null,
  };
  expect(readEvent(row)).toMatchObject({ status: 'unreadable', entry: { kind: 'sung to', data: { tune: 1 } } });
});

test('what "potted it" refuses, it refuses with the field', () => {
  const sent = { plantName: ' ', pottedOn: 'yesterday', planCase, spec: best!.spec };
  const checked = checkWith(pottingInputSchema, sent);
  expect(checked.status === 'faulty' && checked.faults.map(wordFault).map(({ message }) => message)).toEqual([
    'plantName must be between 1 and 120 characters',
    'pottedOn must be a date such as 2026-04-18, between 1900 and 2199',
  ]);
});

test('what was kept in the first version is read as it is asked now, and stays as it was kept', () => {
  const data = {
    planCase: { ...planCase, state: 'in bud or bloom', hasNewTips: true },
    spec: { ...best!.spec, id: best!.id },
    recipe: [],
    note: 'as it was',
  };
  const row = {
    id: nobody,
    kind: 'potted',
    happenedOn: '2026-05-01',
    title: 't',
    data,
    dataVersion: 1,
    version: 1,
    batchId: null,
  };
  const read = readEvent(row);
  expect(read).toMatchObject({ status: 'potted', entry: { planCase: { signs: { inBloom: true, tips: 'starting' } } } });
  expect(read.entry).not.toHaveProperty('planCase.state');
  expect(data.planCase.state).toBe('in bud or bloom');
});
