/** What is due over a whole collection, and what is worked out behind it. */
import type { Outlook, PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { recordQuick } from '../../records/journal/record-quick';
import { setBatchHidden } from '../../records/journal/hide';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import type { Pool } from '../../runtime/worker-pool/pool';
import * as worker from '../../runtime/worker-pool/worker';
import { recordInspection, recordPotting } from '../../records/journal/record';
import { inspectionInputSchema, pottingInputSchema } from '../../records/journal/schemas';
import { plantLog } from '../plants/plant-log';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { workOutOutlooks } from './outlooks';
import { listPlants } from '../plants/list';
import { listQueryIn } from '../plants/list-query';
import { dueList } from './repository';
import { dueListSchema } from './schemas';

const planCase: PlanCase = { genus: 'oncidium', place: 'heated-flat', routine: { kind: 'every', days: 5 } };
const { spec } = makePlan(planCase).setups.find(({ spec: { vessel } }) => vessel.kind === 'pot')!;
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

/** The pool without its threads; a question counted. */
function quietPool(answer: Pool['ask'] | null = null): Pool & { readonly asked: OutlookAsked[] } {
  const asked: OutlookAsked[] = [];
  return {
    asked,
    ask: async (question, input, left) => {
      asked.push(input as OutlookAsked);
      if (answer) return answer(question, input, left);
      return { status: 'answered', json: worker.outlook(input as OutlookAsked) };
    },
    close: async () => undefined,
  };
}
type OutlookAsked = Parameters<typeof worker.outlook>[0];

async function pot(plantName: string, pottedOn: string, change: Partial<PlanCase> = {}): Promise<string> {
  const input = pottingInputSchema.parse({ plantName, pottedOn, planCase: { ...planCase, ...change }, spec });
  const recorded = await recordPotting(em(), scope, input, 'Bark in a pot');
  return 'plantId' in recorded ? recorded.plantId : '';
}
const care = (plantId: string, kind: string, happenedOn: string, details: object = {}) =>
  recordQuick(em(), scope, quickInputSchema.parse({ kind, happenedOn, plantIds: [plantId], details }));
const outlookOf = async (plantId: string) => {
  const [row] = await em().execute<[{ outlook: Outlook | null; is_new: boolean }]>(
    'select outlook, outlook_of is not distinct from outlook_key as is_new from plant_state where plant_id = ?',
    [plantId],
  );
  return row;
};

test('what is to come is worked out once, and again when the plant was potted or moved, not when it was watered', async () => {
  const id = await pot('Spray', '2024-05-01');
  expect((await dueList(em(), scope, '2026-06-01')).reckoning).toBe(1);
  const pool = quietPool();
  await workOutOutlooks(em, pool, scope);
  expect(pool.asked).toHaveLength(1);
  const first = await outlookOf(id);
  expect(first).toMatchObject({ is_new: true, outlook: { isRough: false } });
  expect((await dueList(em(), scope, '2026-06-01')).reckoning).toBe(0);

  await care(id, 'watered', '2026-05-30');
  expect((await outlookOf(id)).is_new).toBe(true);
  await care(id, 'moved', '2026-05-31', { place: 'humid-terrace' });
  expect((await outlookOf(id)).is_new).toBe(false);
  await workOutOutlooks(em, pool, scope);
  expect(pool.asked[1]!.planCase.place).toBe('humid-terrace');
  expect((await outlookOf(id)).outlook!.lifeYears).not.toBe(first.outlook!.lifeYears);
});

test('what changed while it was worked out is taken again, and nothing old is kept for new', async () => {
  const id = await pot('Spray', '2024-05-01');
  let isFirst = true;
  const pool = quietPool(async (_question, input) => {
    if (isFirst) {
      isFirst = false;
      await care(id, 'moved', '2026-05-31', { place: 'humid-terrace' });
    }
    return { status: 'answered', json: worker.outlook(input as OutlookAsked) };
  });
  await workOutOutlooks(em, pool, scope);
  expect((await outlookOf(id)).is_new).toBe(false);
  await workOutOutlooks(em, pool, scope);
  expect((await outlookOf(id)).is_new).toBe(true);
  expect(pool.asked.map(({ planCase: { place } }) => place)).toEqual(['heated-flat', 'humid-terrace']);
});

test('a busy pool is left to the growers', async () => {
  const id = await pot('Spray', '2024-05-01');
  const pool = quietPool(async () => ({ status: 'busy' }));
  await workOutOutlooks(em, pool, scope);
  expect(pool.asked).toHaveLength(1);
  expect((await outlookOf(id)).is_new).toBe(false);
});

test('a plant that cannot be read holds up no other', async () => {
  const broken = await pot('Broken', '2024-05-01');
  await em().execute(`update plant set last_case = '{"genus": 7}' where id = ?`, [broken]);
  const sound = await pot('Sound', '2024-05-01');
  await workOutOutlooks(em, quietPool(), scope);
  expect(await outlookOf(broken)).toMatchObject({ outlook: null });
  expect((await outlookOf(sound)).outlook).not.toBeNull();
});

describe('the list', () => {
  const TODAY = '2026-06-10';
  let [rotten, young, gone] = ['', '', ''];
  beforeEach(async () => {
    [rotten, young] = [await pot('Rotten', '2026-01-01'), await pot('Young', '2026-05-20')];
    await pot('Old', '2022-05-01');
    gone = await pot('Gone', '2019-05-01');
    const inspection = { rot: true };
    await recordInspection(
      em(),
      scope,
      inspectionInputSchema.parse({
        plantId: rotten,
        plantName: 'Rotten',
        planCase,
        inspectedOn: '2026-06-01',
        inspection,
      }),
    );
    await care(gone, 'left', '2026-06-01', { how: 'died' });
    await workOutOutlooks(em, quietPool(), scope);
  });

  test('the most urgent first, each with its one reason; what left, or needs nothing, is not in it', async () => {
    const list = await dueList(em(), scope, TODAY);
    expect(dueListSchema.parse(JSON.parse(JSON.stringify(list)))).toEqual(list);
    expect(list.plants.map(({ name }) => name).slice(0, 2)).toEqual(['Rotten', 'Old']);
    expect(list.plants[0]!.need.kind).toBe('rot');
    expect(list.plants.map(({ plantId }) => plantId)).not.toContain(gone);
    expect(list.plants.map(({ plantId }) => plantId)).not.toContain(young);
    const urgencies = list.plants.map(({ urgency }) => urgency);
    expect([...urgencies].sort((a, b) => b - a)).toEqual(urgencies);
  });

  test('the plant’s own page tells the same', async () => {
    const [first] = (await dueList(em(), scope, TODAY)).plants;
    const log = await plantLog(em(), scope, first!.plantId, TODAY);
    expect(log!.needs[0]).toEqual(first!.need);
  });

  test('each plant stands once a sort in the year ahead, and none before this month', async () => {
    const { ahead } = await dueList(em(), scope, TODAY);
    expect(ahead).toHaveLength(12);
    expect(ahead[0]!.from).toBe('2026-06-01');
    const repots = ahead.flatMap(({ places }) => places.map(({ repot }) => repot)).reduce((sum, n) => sum + n, 0);
    expect(repots).toBeLessThanOrEqual(3);
    expect(ahead[0]!.places[0]).toMatchObject({ placeName: 'Kiln Lane flat' });
  });

  test('water is asked for by the days of the pot, from the day it was last given', async () => {
    expect((await dueList(em(), scope, TODAY)).water).toEqual([]);
    await care(young, 'watered', '2026-05-25');
    const [thirsty] = (await dueList(em(), scope, TODAY)).water;
    expect(thirsty).toMatchObject({ name: 'Young', wateredOn: '2026-05-25', isRefill: false });
    expect(thirsty!.waterOn > '2026-05-25' && thirsty!.waterOn <= TODAY).toBe(true);
    await care(young, 'watered', TODAY);
    expect((await dueList(em(), scope, TODAY)).water).toEqual([]);
  });

  test('what stands over water asks to be refilled', async () => {
    const overWater = makePlan({ ...planCase, wants: ['a reservoir'] }).setups[0]!.spec;
    const input = pottingInputSchema.parse({
      plantName: 'Over water',
      pottedOn: '2026-04-01',
      planCase,
      spec: overWater,
    });
    const recorded = await recordPotting(em(), scope, input, 'Over water');
    const id = 'plantId' in recorded ? recorded.plantId : '';
    await workOutOutlooks(em, quietPool(), scope);
    await care(id, 'watered', '2026-01-02', { way: 'refilled' });
    const found = (await dueList(em(), scope, TODAY)).water.find(({ plantId }) => plantId === id);
    expect(found).toMatchObject({ name: 'Over water', isRefill: true });
    expect((await plantLog(em(), scope, id, TODAY))!.nextWatering).toMatchObject({ isRefill: true });
  });

  test('felt still wet, it asks later', async () => {
    await care(young, 'watered', '2026-05-25');
    const before = (await plantLog(em(), scope, young, TODAY))!.nextWatering!;
    await care(young, 'felt', before.on, { felt: 'still wet' });
    const after = (await plantLog(em(), scope, young, TODAY))!.nextWatering!;
    expect(after.factor).toBeGreaterThan(1);
    expect(after.on > before.on).toBe(true);
  });

  test('two queries, however many plants, and one where nothing changed', async () => {
    const fork = em();
    const counted = jest.spyOn(fork, 'execute');
    const first = await dueList(fork, scope, TODAY);
    expect(counted.mock.calls.length).toBeLessThanOrEqual(2);
    counted.mockClear();
    expect(await dueList(fork, scope, TODAY)).toEqual(first);
    expect(counted).toHaveBeenCalledTimes(1);
  });

  test('five weeks from today, with what falls on their days, are part of the year', async () => {
    const { ahead, weeks } = await dueList(em(), scope, TODAY);
    expect(weeks.map(({ from }) => from)).toEqual([
      '2026-06-10',
      '2026-06-17',
      '2026-06-24',
      '2026-07-01',
      '2026-07-08',
    ]);
    const sum = (spans: typeof weeks) =>
      spans
        .flatMap(({ places }) => places.map(({ repot, flush, look }) => repot + flush + look))
        .reduce((all, n) => all + n, 0);
    expect(sum(weeks)).toBeGreaterThan(0);
    expect(sum(weeks)).toBeLessThanOrEqual(sum(ahead.slice(0, 2)));
  });

  test('the list of plants can be narrowed to those that are due', async () => {
    const due = async (sort: string) =>
      (await listPlants(em(), scope, listQueryIn(new URLSearchParams({ due: sort, limit: '200' })), TODAY)).plants.map(
        ({ id }) => id,
      );
    const told = await dueList(em(), scope, TODAY);
    expect((await due('any')).sort()).toEqual(told.plants.map(({ plantId }) => plantId).sort());
    expect((await due('water')).sort()).toEqual(told.water.map(({ plantId }) => plantId).sort());
    const any = new Set(await due('any'));
    for (const sort of ['repot', 'flush', 'look']) expect((await due(sort)).filter((id) => !any.has(id))).toEqual([]);
    expect(listQueryIn(new URLSearchParams({ due: 'spaceship' })).due).toBeNull();
  });

  test('what is held tells what stands there: after a change, a leaving, an undo, another day', async () => {
    const fresh = async (day = TODAY) => {
      const told = await dueList(em(), scope, day);
      // Another day throws away what is held: read anew, it must be the same.
      await dueList(em(), scope, '2001-01-01');
      expect(await dueList(em(), scope, day)).toEqual(told);
      return told;
    };
    const before = await fresh();
    const [one] = before.plants;
    const left = await recordQuick(em(), scope, {
      kind: 'left',
      plantIds: [one!.plantId],
      happenedOn: TODAY,
      details: { how: 'sold' },
    });
    expect((await fresh()).plants.map(({ plantId }) => plantId)).not.toContain(one!.plantId);
    if (!('batchId' in left)) throw new Error(left.status);
    await setBatchHidden(em(), scope, left.batchId, new Date());
    expect(await fresh()).toEqual(before);
    expect((await fresh('2027-06-01')).today).toBe('2027-06-01');
  });
});
