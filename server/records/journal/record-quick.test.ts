/** What is done to plants, one or many at once: kept once, all or nothing, undone together, and corrected. */
import { randomUUID } from 'node:crypto';
import type { PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { correctEvent, eventBefore } from './correct';
import { setBatchHidden, setEventHidden } from './hide';
import { lifeOf, recordInspection, recordPotting } from './record';
import { inspectionInputSchema, pottingInputSchema } from './schemas';
import { findPlant, plantLog } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { fillPlantState } from '../../projections/plant-state/refresh';
import { testDatabase } from '../../testing/database';
import { recordQuick } from './record-quick';
import { type QuickInput, quickInputSchema } from './quick-schemas';

const planCase: PlanCase = { genus: 'oncidium', place: 'bathroom' };
const { spec } = makePlan(planCase).setups[0]!;
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let [one, two] = ['', ''];
beforeEach(async () => {
  scope = await database.freshScope();
  [one, two] = [await pot('One'), await pot('Two')];
});

async function pot(plantName: string): Promise<string> {
  const input = pottingInputSchema.parse({ plantName, pottedOn: '2026-05-01', planCase, spec });
  const recorded = await recordPotting(em(), scope, input, 'Bark in a pot');
  return 'plantId' in recorded ? recorded.plantId : '';
}

const said = (kind: QuickInput['kind'], details: object = {}, more: Partial<QuickInput> = {}): QuickInput =>
  quickInputSchema.parse({ kind, happenedOn: '2026-06-01', plantIds: [one, two], details, ...more });
const keep = (...of: Parameters<typeof said>) => recordQuick(em(), scope, said(...of));
const log = async (plantId: string) => (await plantLog(em(), scope, plantId, '2026-06-10'))!;
const eventCount = async () => {
  const [{ n }] = await em().execute<[{ n: string }]>(
    'select count(*)::text as n from event where collection_id = ? and kind <> ?',
    [scope.collectionId, 'potted'],
  );
  return Number(n);
};

const details: Readonly<Record<QuickInput['kind'], object>> = {
  watered: { felt: 'dry', way: 'hose' },
  felt: { felt: 'still wet' },
  fed: {},
  flushed: { note: 'ran clear' },
  bloomed: { state: 'open' },
  treated: { against: 'scale' },
  moved: { place: 'heated-flat', spot: 'east sill' },
  weighed: { weightG: 412 },
  noted: { note: 'smells of vanilla' },
  'put off': { need: 'medium spent', until: '2027-03-01' },
  left: { how: 'given away', note: 'to the plant swap' },
  nursed: { pottingId: '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f', task: 'tug', outcome: 'done' },
  grew: { what: 'keiki', note: 'on the old spike' },
};

const doneKinds = Object.keys(details) as QuickInput['kind'][];

test.each(doneKinds)('%s: into both lives, and read back as it was said', async (kind) => {
  expect(await keep(kind, details[kind])).toMatchObject({ status: 'recorded', plants: 2 });
  for (const id of [one, two]) {
    const { care, unreadable } = await lifeOf(em(), scope, id);
    expect(unreadable).toEqual([]);
    expect(care).toHaveLength(1);
    const { place: _place, ...rest } = details[kind] as { place?: string };
    expect(care[0]).toMatchObject({ kind, happenedOn: '2026-06-01', version: 1, ...rest });
  }
});

test('the same key twice is one batch, also at the same moment', async () => {
  const input = said('watered', {}, { idempotencyKey: 'two-taps-at-once' });
  const kept = await Promise.all([1, 2, 3, 4].map(() => recordQuick(em(), scope, input)));
  expect(new Set(kept.map((one_) => 'batchId' in one_ && one_.batchId)).size).toBe(1);
  expect(kept.filter(({ status }) => status === 'recorded')).toHaveLength(1);
  expect(await eventCount()).toBe(2);
});

test('one plant that is not there: nothing is kept of any', async () => {
  const nobody = randomUUID();
  expect(await keep('fed', {}, { plantIds: [one, nobody] })).toEqual({ status: 'no such plants', missing: [nobody] });
  const stranger = await database.freshScope();
  expect(await recordQuick(em(), stranger, said('fed'))).toMatchObject({ status: 'no such plants' });
  expect(await eventCount()).toBe(0);
});

test('a batch is put away and brought back as one, and what it told with it', async () => {
  const kept = await keep('watered');
  const batchId = 'batchId' in kept ? kept.batchId : '';
  expect((await log(one)).wateredOn).toBe('2026-06-01');
  expect(await setBatchHidden(em(), await database.freshScope(), batchId, new Date())).toBe(false);
  expect(await setBatchHidden(em(), scope, batchId, new Date())).toBe(true);
  expect((await log(one)).wateredOn).toBeNull();
  expect((await log(two)).care).toEqual([]);
  expect(await setBatchHidden(em(), scope, batchId, null)).toBe(true);
  expect((await log(two)).wateredOn).toBe('2026-06-01');
});

describe('moved', () => {
  const whereIs = async (id: string) => {
    const plant = (await findPlant(em(), scope, id))!;
    return [(plant.lastCase as PlanCase).place, plant.spot];
  };

  test('the plant stands there from now on, and back again when that is taken back', async () => {
    const kept = await keep('moved', { place: 'heated-flat', spot: 'sill' });
    expect(await whereIs(one)).toEqual(['heated-flat', 'sill']);
    expect((await log(one)).placeName).toBe('Kiln Lane flat');
    expect((await log(one)).care[0]).toMatchObject({ placeName: 'Kiln Lane flat', fromName: 'Soapstone bathroom' });
    const batchId = 'batchId' in kept ? kept.batchId : '';
    await setBatchHidden(em(), scope, batchId, new Date());
    expect(await whereIs(two)).toEqual(['bathroom', null]);
    await setBatchHidden(em(), scope, batchId, null);
    expect(await whereIs(two)).toEqual(['heated-flat', 'sill']);
  });

  test('a move that was followed by another takes nothing back', async () => {
    const first = await keep('moved', { place: 'heated-flat' });
    await keep('moved', { place: 'cool-shade' }, { plantIds: [one] });
    await setBatchHidden(em(), scope, 'batchId' in first ? first.batchId : '', new Date());
    expect(await whereIs(one)).toEqual(['cool-shade', null]);
    expect(await whereIs(two)).toEqual(['bathroom', null]);
  });

  test('a bench that saw the plant before it was moved is told', async () => {
    await keep('moved', { place: 'heated-flat' });
    const late = pottingInputSchema.parse({
      plantId: one,
      plantVersion: 1,
      plantName: 'One',
      pottedOn: '2026-06-02',
      planCase,
      spec,
    });
    expect(await recordPotting(em(), scope, late, 'Bark')).toMatchObject({ status: 'changed meanwhile' });
  });
});

describe('what a life comes to', () => {
  test('the newest day of each counts, whenever it was written down', async () => {
    await keep('watered', {}, { happenedOn: '2026-06-08' });
    await keep('watered', {}, { happenedOn: '2026-06-03' });
    await keep('flushed', {}, { happenedOn: '2026-05-20' });
    expect((await log(one)).wateredOn).toBe('2026-06-08');
    const [row] = await em().execute<[{ flushed_on: string; felt: unknown }]>(
      'select flushed_on::text, felt from plant_state where plant_id = ?',
      [one],
    );
    expect(row).toEqual({ flushed_on: '2026-05-20', felt: null });
  });

  test('a finger counts with the days since the watering before', async () => {
    await keep('watered', {}, { happenedOn: '2026-06-01' });
    await keep('felt', { felt: 'still wet' }, { happenedOn: '2026-06-05' });
    await keep('watered', { felt: 'just right' }, { happenedOn: '2026-06-09' });
    const [row] = await em().execute<[{ felt: unknown }]>('select felt from plant_state where plant_id = ?', [one]);
    expect(row.felt).toEqual([
      { felt: 'just right', on: '2026-06-09', afterDays: 8 },
      { felt: 'still wet', on: '2026-06-05', afterDays: 4 },
    ]);
  });

  test('what was seen before it was potted says nothing of it now', async () => {
    const inspect = (inspectedOn: string) =>
      recordInspection(
        em(),
        scope,
        inspectionInputSchema.parse({
          plantId: one,
          plantName: 'One',
          planCase,
          inspectedOn,
          inspection: { rot: true },
        }),
      );
    await inspect('2026-04-01');
    expect((await log(one)).needs.map(({ kind }) => kind)).not.toContain('rot');
    await inspect('2026-06-05');
    expect((await log(one)).needs[0]).toMatchObject({ kind: 'rot', dueOn: '2026-06-05' });
  });

  test('put off until a day, a need is not told before', async () => {
    const kinds = async () => (await plantLog(em(), scope, one, '2027-06-01'))!.needs.map(({ kind }) => kind);
    expect(await kinds()).toContain('look it over');
    const kept = await keep('put off', { need: 'look it over', until: '2027-09-01' });
    expect(await kinds()).not.toContain('look it over');
    await setBatchHidden(em(), scope, 'batchId' in kept ? kept.batchId : '', new Date());
    expect(await kinds()).toContain('look it over');
  });

  test('it is what a fresh reading of the life gives, after anything in any order', async () => {
    const now = () => em().execute('select * from plant_state where plant_id in (?, ?) order by plant_id', [one, two]);
    for (const kind of doneKinds) await keep(kind, details[kind]);
    const [, second] = (await lifeOf(em(), scope, one)).care;
    await setEventHidden(em(), scope, second!.id, new Date());
    const kept = await now();
    await em().execute('delete from plant_state where plant_id in (?, ?)', [one, two]);
    await fillPlantState(em());
    expect(await now()).toEqual(kept);
  });
});

test.each([
  ['potted', { recipe: 'none', note: 7 }],
  ['inspected', { photoIds: { a: 1 }, liveRootsPct: 'many' }],
  ['noted', { photoIds: ['no id'] }],
  ['watered', []],
])('an entry of the kind %s that nobody can read stops no other from being kept', async (kind, data) => {
  await em().execute(
    `insert into event (id, collection_id, plant_id, kind, happened_on, recorded_at, idempotency_key, title, data,
       data_version, version)
     values (?, ?, ?, ?, '2026-05-20', now(), ?, 'Damaged', ?::jsonb, 1, 1)`,
    [
      randomUUID(),
      scope.collectionId,
      one,
      kind,
      randomUUID(),
      JSON.stringify(Array.isArray(data) ? { felt: data } : data),
    ],
  );
  await em().execute(`update plant set last_case = '{"current": {"yearsInMedium": "old"}}' where id = ?`, [one]);
  expect(await keep('watered')).toMatchObject({ status: 'recorded' });
  expect(await log(one)).toMatchObject({ wateredOn: '2026-06-01', unreadable: [{ title: 'Damaged' }] });
});

describe('a correction', () => {
  const first = async () => (await lifeOf(em(), scope, one)).care[0]!;

  test('of the day, the note and what was said; what it said before is kept', async () => {
    await keep('bloomed', { state: 'in bud' });
    const { id } = await first();
    const to = { happenedOn: '2026-05-20', note: 'two spikes', details: { state: 'open' } };
    expect(await correctEvent(em(), scope, id, to, 1)).toMatchObject({ status: 'corrected', version: 2 });
    expect(await first()).toMatchObject({ happenedOn: '2026-05-20', note: 'two spikes', state: 'open', version: 2 });
    expect(await eventBefore(em(), scope, id)).toMatchObject({
      before: [{ version: 1, happenedOn: '2026-06-01', data: { state: 'in bud' } }],
    });
    expect(await eventBefore(em(), await database.freshScope(), id)).toBeNull();
  });

  test('a late one overwrites nothing; sent twice it is one', async () => {
    await keep('fed');
    const { id } = await first();
    const to = { happenedOn: '2026-05-20', note: 'half strength' };
    await correctEvent(em(), scope, id, to, 1);
    expect(await correctEvent(em(), scope, id, to, 1)).toMatchObject({ status: 'corrected', version: 2 });
    expect(await correctEvent(em(), scope, id, { happenedOn: '2026-05-21', note: '' }, 1)).toMatchObject({
      status: 'changed meanwhile',
      current: { happenedOn: '2026-05-20', note: 'half strength' },
      version: 2,
    });
    expect(await correctEvent(em(), await database.freshScope(), id, to, 2)).toEqual({ status: 'no such entry' });
  });

  test('what its kind cannot say is refused, and nothing changed', async () => {
    await keep('weighed', { weightG: 400 });
    const { id } = await first();
    const to = { happenedOn: '2026-06-01', note: '', details: { weightG: -3 } };
    expect(await correctEvent(em(), scope, id, to, 1)).toEqual({ status: 'cannot be said of it', kind: 'weighed' });
    expect(await first()).toMatchObject({ weightG: 400, version: 1 });
  });

  test('a corrected day is what its life comes to', async () => {
    await keep('watered');
    await correctEvent(em(), scope, (await first()).id, { happenedOn: '2026-05-30', note: '' }, 1);
    expect((await log(one)).wateredOn).toBe('2026-05-30');
  });

  test('of a potting: its day and note, and nothing else of it', async () => {
    const [potting] = (await log(one)).pottings;
    await correctEvent(em(), scope, potting!.id, { happenedOn: '2026-04-30', note: 'a day sooner' }, 1);
    const [after] = (await log(one)).pottings;
    expect(after).toEqual({ ...potting, pottedOn: '2026-04-30', note: 'a day sooner', version: 2 });
  });

  test('of a potting: the litres that really went in; a line that is none is refused', async () => {
    const [potting] = (await log(one)).pottings;
    const recipe = potting!.recipe.map((line) => ({ ...line, takeL: 0.123 }));
    const to = { happenedOn: potting!.pottedOn, note: potting!.note, details: { recipe } };
    await correctEvent(em(), scope, potting!.id, to, 1);
    expect((await log(one)).pottings[0]!.recipe.map(({ takeL }) => takeL)).toEqual(recipe.map(() => 0.123));
    const wrong = { ...to, details: { recipe: [{ ...recipe[0]!, takeL: 'some' }] } };
    expect(await correctEvent(em(), scope, potting!.id, wrong, 2)).toMatchObject({ status: 'cannot be said of it' });
  });

  test('what was seen in a look-over is put right or taken back; what cannot be seen is refused', async () => {
    const seen = { liveRootsPct: 80, smell: 'fresh', condition: 'sound' };
    const plantId = one;
    const input = { plantId, plantName: 'x', planCase, inspectedOn: '2026-05-01', inspection: seen };
    await recordInspection(em(), scope, inspectionInputSchema.parse(input));
    const look = async () => (await lifeOf(em(), scope, one)).inspections[0]!;
    const { id } = await look();
    const to = {
      happenedOn: '2026-05-01',
      note: '',
      details: { liveRootsPct: 40, smell: null, condition: 'gone sour' },
    };
    expect(await correctEvent(em(), scope, id, to, 1)).toMatchObject({ status: 'corrected', version: 2 });
    expect((await look()).inspection).toEqual({ liveRootsPct: 40, condition: 'gone sour' });
    const [before] = (await eventBefore(em(), scope, id))!.before;
    expect(before!.data).toEqual(seen);
    const wrong = { happenedOn: '2026-05-01', note: '', details: { liveRootsPct: 400 } };
    expect(await correctEvent(em(), scope, id, wrong, 2)).toEqual({
      status: 'cannot be said of it',
      kind: 'inspected',
    });
  });
});

test('moved beside watered, the plants in any order, by four at once: all of it is kept', async () => {
  const many = await Promise.all(Array.from({ length: 12 }, (_, n) => pot(`Of many ${n}`)));
  const places = ['heated-flat', 'bathroom', 'cool-shade'];
  const rounds = Array.from({ length: 24 }, (_, n) => {
    const plantIds = n % 3 === 0 ? [...many].reverse() : [...many.slice(n % 12), ...many.slice(0, n % 12)];
    return n % 2 === 0
      ? said('watered', {}, { plantIds })
      : said('moved', { place: places[n % 3], spot: '' }, { plantIds });
  });
  const byFour = [0, 1, 2, 3].map(async (client) => {
    for (const input of rounds.filter((_, n) => n % 4 === client)) {
      expect(await recordQuick(em(), scope, input)).toMatchObject({ status: 'recorded', plants: 12 });
    }
  });
  await Promise.all(byFour);
  expect(await eventCount()).toBe(24 * 12);
});
