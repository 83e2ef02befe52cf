import { randomUUID } from 'node:crypto';
import type { PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import { recordPotting } from '../../records/journal/record';
import { pottingInputSchema } from '../../records/journal/schemas';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { changeFacts, factsBefore } from '../../records/plants/facts';
import { type PlantFacts, plantFactsSchema } from '../../records/plants/facts-schemas';
import { listFacets, listPlants } from './list';
import { plantLog, setPlantHidden } from './plant-log';
import { plantSorts } from './schemas';
import { everyPlant, type ListQuery, listQueryIn, wordsOf } from './list-query';

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

const list = (wish: Partial<ListQuery> = {}, of = scope) => listPlants(em(), of, { ...everyPlant, ...wish });
const findPlants = (words: readonly string[], of = scope) => list({ words }, of);

const names = async (limit: number, after: string | null) => {
  const { plants, next } = await list({ limit, after });
  return { names: plants.map((plant) => plant.name), next };
};

test('each plant with its last potting, by name', async () => {
  const old = await pot('Beech corner', '2024-03-01');
  await pot('Beech corner', '2026-03-01', old);
  await pot('Attic');
  const { plants, next } = await list({ limit: 10 });
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
    const { plants, next }: Awaited<ReturnType<typeof listPlants>> = await list({ limit: 2, after });
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
    await list({ limit: 100 });
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
  expect((await list({}, stranger)).plants).toEqual([]);
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
  const found = async (search: string) => (await findPlants(wordsOf(search))).plants.map((plant) => plant.name);
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
    const [attic] = (await findPlants(['attic'])).plants;
    await setPlantHidden(em(), scope, attic!.id, new Date());
    expect(await found('attic')).toEqual([]);
    const stranger = await database.freshScope();
    expect((await findPlants(['beech'], stranger)).plants).toEqual([]);
  });

  test('it takes one query, whatever is found', async () => {
    const fork = em();
    const counted = jest.spyOn(fork, 'execute');
    await listPlants(fork, scope, { ...everyPlant, words: ['oncidium'] });
    expect(counted).toHaveBeenCalledTimes(1);
  });
});

describe('filtered and ordered', () => {
  const care = async (plantId: string, kind: 'watered' | 'left', happenedOn: string) =>
    recordQuick(
      em(),
      scope,
      quickInputSchema.parse({
        kind,
        happenedOn,
        plantIds: [plantId],
        details: kind === 'left' ? { how: 'sold' } : {},
      }),
    );
  const factsOf = (name: string, more: Partial<PlantFacts>) => plantFactsSchema.parse({ name, ...more });
  let [old, young, sold] = ['', '', ''];
  beforeEach(async () => {
    old = await pot('Old', '2019-05-01');
    young = await pot('Young', '2026-05-01');
    sold = await pot('Sold', '2024-05-01');
    await changeFacts(em(), scope, old, factsOf('Old', { tagNumber: 'B 10', flag: 'watch' }), 1);
    await changeFacts(em(), scope, young, factsOf('Young', { tagNumber: 'b 9', parentage: 'Alba x Rosea' }), 1);
    await care(young, 'watered', '2026-06-01');
    await care(sold, 'left', '2026-06-02');
  });
  const named = async (wish: Partial<ListQuery>) => (await list(wish)).plants.map(({ name }) => name);

  test('those that have left are listed apart', async () => {
    expect(await named({})).toEqual(['Old', 'Young']);
    expect(await named({ which: 'left' })).toEqual(['Sold']);
    expect(await named({ which: 'all' })).toEqual(['Old', 'Sold', 'Young']);
    expect((await list({ which: 'left' })).plants[0]!.left).toEqual({ on: '2026-06-02', how: 'sold' });
  });

  test('by place, kind, medium, flag and the age of the medium', async () => {
    expect(await named({ flag: 'watch' })).toEqual(['Old']);
    expect(await named({ olderYears: 3 })).toEqual(['Old']);
    expect(await named({ place: 'bathroom', genus: 'oncidium' })).toEqual(['Old', 'Young']);
    expect(await named({ place: 'heated-flat' })).toEqual([]);
    const { media } = await listFacets(em(), scope);
    expect(await named({ medium: media[0]!.id })).toHaveLength(media[0]!.plants);
  });

  test('only those that are named', async () => {
    expect(await named({ ids: [young, sold], which: 'all' })).toEqual(['Sold', 'Young']);
    expect(await named({ ids: [] })).toEqual([]);
    const asked = listQueryIn(new URLSearchParams({ ids: `${young},no-id,${'x'.repeat(36)}` }));
    expect(asked.ids).toEqual([young]);
  });

  test('by tag, where 9 comes before 10; by what was done longest ago, never first', async () => {
    expect(await named({ sort: 'tag' })).toEqual(['Young', 'Old']);
    expect(await named({ sort: 'watered' })).toEqual(['Old', 'Young']);
    expect(await named({ sort: 'potted' })).toEqual(['Old', 'Young']);
  });

  test('in pages by every order nothing is missed and nothing shown twice', async () => {
    for (const sort of plantSorts) {
      const first = await list({ sort, limit: 2, which: 'all' });
      const second = await list({ sort, limit: 2, which: 'all', after: first.next });
      expect([first.total, second.total, second.next]).toEqual([3, 3, null]);
      expect(new Set([...first.plants, ...second.plants].map(({ id }) => id)).size).toBe(3);
    }
  });

  test('what there is to filter by is counted, of those that are here', async () => {
    const facets = await listFacets(em(), scope);
    expect(facets.left).toBe(1);
    expect(facets.genera).toEqual([{ id: 'oncidium', name: null, plants: 2 }]);
    expect(facets.places).toEqual([{ id: 'bathroom', name: 'Soapstone bathroom', plants: 2 }]);
    expect(facets.flags).toEqual([{ id: 'watch', name: null, plants: 1 }]);
  });

  test('tag and papers are found by words too', async () => {
    expect(await named({ words: ['rosea'] })).toEqual(['Young']);
    expect(await named({ words: ['b', '10'] })).toEqual(['Old']);
  });
});

describe('what stands on the tag', () => {
  const facts = (more: Partial<PlantFacts> = {}) => plantFactsSchema.parse({ name: 'Beech', ...more });

  test('is changed as a whole; what it was stays readable', async () => {
    const id = await pot('Beech corner');
    expect(await changeFacts(em(), scope, id, facts({ source: 'a friend', acquiredOn: '2020-02-29' }), 1)).toEqual({
      status: 'changed',
      version: 2,
    });
    const log = await plantLog(em(), scope, id);
    expect(log).toMatchObject({ name: 'Beech', source: 'a friend', acquiredOn: '2020-02-29', version: 2 });
    const history = await factsBefore(em(), scope, id);
    expect(history!.before.map(({ version, facts: before }) => [version, before.name])).toEqual([[1, 'Beech corner']]);
  });

  test('a late writer is told, and overwrites nothing; the same change twice is one', async () => {
    const id = await pot('Beech corner');
    await changeFacts(em(), scope, id, facts({ spot: 'east' }), 1);
    expect(await changeFacts(em(), scope, id, facts({ spot: 'east' }), 1)).toMatchObject({
      status: 'changed',
      version: 2,
    });
    expect(await changeFacts(em(), scope, id, facts({ spot: 'west' }), 1)).toMatchObject({
      status: 'changed meanwhile',
      version: 2,
      current: { spot: 'east' },
    });
    expect(await changeFacts(em(), scope, id, facts({ spot: 'west' }), null)).toMatchObject({
      status: 'changed meanwhile',
    });
    expect((await factsBefore(em(), scope, id))!.before).toHaveLength(1);
  });

  test('another’s plant is none', async () => {
    const id = await pot('Beech corner');
    const stranger = await database.freshScope();
    expect(await changeFacts(em(), stranger, id, facts(), 1)).toEqual({ status: 'no such plant' });
    expect(await factsBefore(em(), stranger, id)).toBeNull();
  });
});
