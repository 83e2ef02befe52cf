/** On a real PostgreSQL: ./check hands its address over in TEST_DATABASE_URL. */
import { MikroORM } from '@mikro-orm/postgresql';
import { demoPlaces, type PlanCase } from '@core';
import { ormConfig } from '../db/config';
import { Plant, Potting } from '../db/entities';
import { ensureCollection } from './collections';
import { listPlants, plantLog, savePotting, setPlantDeleted, setPottingDeleted } from './plants';
import { listPlaces, savePlace, setPlaceDeleted } from './places';
import { pottingInputSchema, type PottingInput } from './potting-input';
import { makePlan } from '@core/testing';

const url = process.env.TEST_DATABASE_URL;
const describeWithDatabase = url ? describe : describe.skip;

const planCase: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const [best] = makePlan(planCase).setups;

function input(change: Partial<Record<keyof PottingInput, unknown>> = {}): PottingInput {
  return pottingInputSchema.parse({
    plantName: 'Test plant',
    pottedOn: '2026-05-01',
    planCase,
    spec: best!.spec,
    ...change,
  });
}

describeWithDatabase('the collection on PostgreSQL', () => {
  let orm: MikroORM;

  beforeAll(async () => {
    orm = await MikroORM.init({ ...ormConfig(url ?? ''), debug: false });
    await orm.getMigrator().up();
    await ensureCollection(orm.em.fork());
  });

  afterAll(async () => {
    await orm.close();
  });

  const em = () => orm.em.fork();

  test('"potted it" keeps plant, plan, recipe and date together', async () => {
    const log = (await savePotting(em(), input({ note: 'first' })))!;
    const read = (await plantLog(em(), log.id))!;
    expect(read.pottings).toHaveLength(1);
    expect(read.pottings[0]).toMatchObject({ pottedOn: '2026-05-01', note: 'first', planCase });
    expect(read.pottings[0]!.recipe.length).toBeGreaterThan(0);
    expect(read.pottings[0]!.recipe[0]!.takeL).toBeGreaterThan(0);
  });

  test('a second potting of the same plant joins its log, newest first', async () => {
    const log = (await savePotting(em(), input()))!;
    const again = (await savePotting(em(), input({ plantId: log.id, plantName: 'Renamed', pottedOn: '2028-04-01' })))!;
    expect(again.id).toBe(log.id);
    expect(again.name).toBe('Renamed');
    expect(again.pottings.map((entry) => entry.pottedOn)).toEqual(['2028-04-01', '2026-05-01']);
  });

  test('an unknown plant saves nothing', async () => {
    const before = await em().count(Potting);
    expect(await savePotting(em(), input({ plantId: '00000000-0000-4000-8000-000000000000' }))).toBeNull();
    expect(await em().count(Potting)).toBe(before);
  });

  test('a failure half-way leaves no half-saved record', async () => {
    const plants = await em().count(Plant);
    const broken = { ...input(), pottedOn: 'a date far longer than the column takes' } as PottingInput;
    await expect(savePotting(em(), broken)).rejects.toThrow();
    expect(await em().count(Plant)).toBe(plants);
  });

  test('putting away hides, undo brings back, nothing is lost', async () => {
    const log = (await savePotting(em(), input({ plantName: 'Comes and goes' })))!;
    expect(await setPlantDeleted(em(), log.id, new Date())).toBe(true);
    expect(await plantLog(em(), log.id)).toBeNull();
    expect((await listPlants(em())).map((plant) => plant.id)).not.toContain(log.id);
    expect(await setPlantDeleted(em(), log.id, null)).toBe(true);
    expect((await plantLog(em(), log.id))!.pottings).toHaveLength(1);
  });

  test('one entry can be put away and brought back', async () => {
    const log = (await savePotting(em(), input()))!;
    const entry = log.pottings[0]!;
    await setPottingDeleted(em(), entry.id, new Date());
    expect((await plantLog(em(), log.id))!.pottings).toHaveLength(0);
    await setPottingDeleted(em(), entry.id, null);
    expect((await plantLog(em(), log.id))!.pottings).toHaveLength(1);
  });

  test('own places are kept, hidden and brought back', async () => {
    const { id: _id, ...air } = demoPlaces[0]!;
    const kept = await savePlace(em(), { ...air, id: 'own-place', name: 'Own air' });
    expect((await listPlaces(em())).find((place) => place.id === kept.id)).toMatchObject({
      name: 'Own air',
      months: air.months,
    });
    expect(await setPlaceDeleted(em(), kept.id, new Date())).toBe(true);
    expect((await listPlaces(em())).map((place) => place.id)).not.toContain(kept.id);
    expect(await setPlaceDeleted(em(), kept.id, null)).toBe(true);
    expect((await listPlaces(em())).map((place) => place.id)).toContain(kept.id);
  });

  test('migrations run again without harm', async () => {
    expect(await orm.getMigrator().up()).toEqual([]);
  });
});

test('what "potted it" refuses, it refuses with the field', () => {
  const parsed = pottingInputSchema.safeParse({ plantName: ' ', pottedOn: 'yesterday', planCase, spec: best!.spec });
  expect(parsed.success).toBe(false);
  expect(parsed.error!.issues.map((issue) => issue.message)).toEqual([
    'plantName must be between 1 and 120 characters',
    'pottedOn must be a date such as 2026-04-18',
  ]);
});
