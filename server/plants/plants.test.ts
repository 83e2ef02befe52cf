import { randomUUID } from 'node:crypto';
import type { PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { recordPotting } from '../events/repository';
import { pottingInputSchema } from '../events/schemas';
import type { Scope } from '../scope';
import { testDatabase } from '../testing/database';
import { findPlants, wordsOf } from './find';
import { listPlants, setPlantHidden } from './repository';

const planCase: PlanCase = { genus: 'oncidium', place: 'bathroom' };
const { spec } = makePlan(planCase).setups[0]!;
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

/** Into a new plant, or into one that was potted once. */
async function pot(plantName: string, pottedOn = '2026-05-01', plantId: string | null = null): Promise<string> {
  const input = pottingInputSchema.parse({ plantName, pottedOn, plantId, plantVersion: 1, planCase, spec });
  const recorded = await recordPotting(em(), scope, input, 'Bark in a pot');
  return recorded.status === 'recorded' ? recorded.plantId : '';
}

const names = async (limit: number, after: string | null) => {
  const { plants, next } = await listPlants(em(), scope, { limit, after });
  return { names: plants.map((plant) => plant.name), next };
};

test('each plant with its last potting, by name', async () => {
  const old = await pot('Beech corner', '2024-03-01');
  await pot('Beech corner', '2026-03-01', old);
  await pot('Attic');
  const { plants, next } = await listPlants(em(), scope, { limit: 10, after: null });
  expect(plants.map((plant) => [plant.name, plant.lastPotting!.pottedOn])).toEqual([
    ['Attic', '2026-05-01'],
    ['Beech corner', '2026-03-01'],
  ]);
  expect(next).toBeNull();
});

test('comes in pages that miss nothing and show nothing twice, equal names too', async () => {
  for (const name of ['C', 'A', 'B', 'B', 'B', 'D', 'E']) await pot(name);
  const seen: string[] = [];
  let after: string | null = null;
  for (let page = 0; page < 4; page += 1) {
    const { plants, next }: Awaited<ReturnType<typeof listPlants>> = await listPlants(em(), scope, { limit: 2, after });
    seen.push(...plants.map((plant) => plant.id));
    after = next;
  }
  expect(after).toBeNull();
  expect(seen).toHaveLength(7);
  expect(new Set(seen).size).toBe(7);
});

test('a cursor that was not made here begins at the beginning', async () => {
  await pot('A');
  expect((await names(5, 'not-a-cursor')).names).toEqual(['A']);
});

test('one query, however many plants, and none of their JSON', async () => {
  for (let i = 0; i < 12; i += 1) await pot(`Plant ${i}`);
  const queries: string[] = [];
  const config = database.orm().config;
  const spy = jest.spyOn(config.getLogger(), 'logQuery').mockImplementation(({ query }) => {
    queries.push(String(query));
  });
  config.getLogger().setDebugMode(['query']);
  try {
    await listPlants(em(), scope, { limit: 100, after: null });
  } finally {
    spy.mockRestore();
    config.getLogger().setDebugMode(false);
  }
  expect(queries).toHaveLength(1);
  expect(queries[0]).not.toMatch(/last_case|event\.data|\bdata\b/);
});

test('what was put away is not listed; another collection sees nothing of it', async () => {
  const id = await pot('Comes and goes');
  const stranger = await database.freshScope();
  expect(await setPlantHidden(em(), stranger, id, new Date())).toBe(false);
  expect((await listPlants(em(), stranger, { limit: 10, after: null })).plants).toEqual([]);
  await setPlantHidden(em(), scope, id, new Date());
  expect((await names(10, null)).names).toEqual([]);
  await setPlantHidden(em(), scope, id, null);
  expect((await names(10, null)).names).toEqual(['Comes and goes']);
});

test('a plant of no name is refused by its table', async () => {
  await expect(
    em().execute(
      `insert into plant (id, collection_id, name, genus_id, last_case, case_version, version, created_at)
       values (?, ?, '', 'vanda', '{}', 1, 1, now())`,
      [randomUUID(), scope.collectionId],
    ),
  ).rejects.toThrow(/plant_name_check/);
});

describe('found by words', () => {
  const found = async (search: string) =>
    (await findPlants(em(), scope, wordsOf(search))).plants.map((plant) => plant.name);
  beforeEach(async () => {
    for (const name of ['Beech corner', 'Attic Sharry', 'Yellow spray 100 %', 'Beach house']) await pot(name);
  });

  test('any word of the name, its beginning or middle, in any case and order', async () => {
    expect(await found('corner')).toEqual(['Beech corner']);
    expect(await found('SPRAY yell')).toEqual(['Yellow spray 100 %']);
    expect(await found('tic')).toEqual(['Attic Sharry']);
    expect(await found('corner attic')).toEqual([]);
  });

  test('a slip of the finger is forgiven, and what fits to the letter comes first', async () => {
    expect(await found('yelow')).toEqual(['Yellow spray 100 %']);
    expect(await found('cornre')).toEqual(['Beech corner']);
    expect((await found('beach'))[0]).toBe('Beach house');
    expect(await found('zebra')).toEqual([]);
  });

  test('by the kind’s names, its slips too, and by the place where it stands', async () => {
    expect(await found('oncidium')).toHaveLength(4);
    expect(await found('oncidum')).toHaveLength(4);
    expect(await found('bathroom corner')).toEqual(['Beech corner']);
  });

  test('what is typed is no pattern', async () => {
    expect(await found('100 %')).toEqual(['Yellow spray 100 %']);
    expect(await found('_')).toEqual([]);
    expect(await found("'; drop table plant; --")).toEqual([]);
  });

  test('what is put away, or another’s, is not found', async () => {
    const [attic] = (await findPlants(em(), scope, ['attic'])).plants;
    await setPlantHidden(em(), scope, attic!.id, new Date());
    expect(await found('attic')).toEqual([]);
    const stranger = await database.freshScope();
    expect((await findPlants(em(), stranger, ['beech'])).plants).toEqual([]);
  });

  test('it takes one query, whatever is found', async () => {
    const fork = em();
    const counted = jest.spyOn(fork, 'execute');
    await findPlants(fork, scope, ['oncidium']);
    expect(counted).toHaveBeenCalledTimes(1);
  });
});
