/** Plants put on record without the bench: new, like another, divided; once, whole, with their lives. */
import { checkWith, type PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { wordFault } from '@core/words';
import { setEventHidden } from './hide';
import { recordPotting } from './record';
import { pottingInputSchema } from './schemas';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { addPlant } from './add-plant';
import { type AddInput, addInputSchema } from './add-schemas';
import { plantLog } from '../../projections/plants/plant-log';

const planCase: PlanCase = {
  genus: 'cattleya-unifoliate',
  place: 'bathroom',
  shootCount: 9,
  rootDiameterMm: 3,
  signs: { tips: 'starting' },
};
const { spec } = makePlan(planCase).setups[0]!;
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let whole = '';
beforeEach(async () => {
  scope = await database.freshScope();
  whole = await pot('Whole', '2024-05-01', null);
});

async function pot(plantName: string, pottedOn: string, plantId: string | null): Promise<string> {
  const input = pottingInputSchema.parse({ plantName, pottedOn, plantId, plantVersion: 1, planCase, spec });
  const recorded = await recordPotting(em(), scope, input, 'Bark in a pot');
  return 'plantId' in recorded ? recorded.plantId : '';
}
const asked = (more: object): AddInput =>
  addInputSchema.parse({ facts: { name: 'Part' }, happenedOn: '2026-04-01', ...more });
const add = async (more: object, of = scope) => {
  const added = await addPlant(em(), of, asked(more));
  return 'plantId' in added ? added.plantId : '';
};
const log = async (id: string) => (await plantLog(em(), scope, id, '2026-11-27'))!;

test('a new plant is on record with what is known of it', async () => {
  const current = { mediumId: 'bark-6-12', yearsInMedium: 2 } as const;
  const id = await add({ planCase: { genus: 'vanda', place: 'bathroom', current }, note: 'from the sale' });
  expect(await log(id)).toMatchObject({
    name: 'Part',
    genusId: 'vanda',
    placeName: 'Soapstone bathroom',
    pottings: [],
    care: [{ kind: 'noted', note: 'from the sale' }],
    partOf: null,
  });
  // Two years back from today.
  const years = (Date.now() - Date.parse((await log(id)).inMediumSince!)) / (365.25 * 86_400_000);
  expect(years).toBeCloseTo(2, 1);
});

test('a division: a plant of its own, with the life of the whole up to then, and a line in both', async () => {
  const id = await add({ like: { plantId: whole, isDivision: true }, note: 'four bulbs' });
  await pot('Whole', '2026-05-01', whole);
  const part = await log(id);
  expect(part.care).toMatchObject([{ kind: 'divided', isPart: true, otherName: 'Whole', note: 'four bulbs' }]);
  expect(part.partOf).toMatchObject({ plantId: whole, name: 'Whole', until: '2026-04-01' });
  // Potted later, that is no life of the part.
  expect(part.partOf!.pottings.map(({ pottedOn }) => pottedOn)).toEqual(['2024-05-01']);
  expect(part.pottings).toEqual([]);
  expect((await log(whole)).care).toMatchObject([{ kind: 'divided', isPart: false, otherId: id, otherName: 'Part' }]);
});

test('it takes over what holds of its kind and place, and nothing of the size and signs of the whole', async () => {
  const { lastCase } = await log(await add({ like: { plantId: whole, isDivision: true } }));
  expect(lastCase).toMatchObject({ genus: 'cattleya-unifoliate', place: 'bathroom', rootDiameterMm: 3 });
  expect(lastCase).not.toHaveProperty('shootCount');
  expect(lastCase).not.toHaveProperty('signs');
});

test('a piece is planned for its own size, and where it was just cut it stands in no pot', async () => {
  const piece = { plantId: whole, isDivision: true, shootCount: 4, hasNoPot: true };
  const { lastCase } = await log(await add({ like: piece }));
  expect(lastCase).toMatchObject({ genus: 'cattleya-unifoliate', shootCount: 4, signs: { noPot: true } });
  expect(
    addInputSchema.safeParse({ facts: { name: 'x' }, happenedOn: '2026-04-01', like: { ...piece, shootCount: 0 } })
      .success,
  ).toBe(false);
});

test('what went with a piece is gone from the plant, and comes back whole when the division is taken back', async () => {
  const kept = async () => (await log(whole)).lastCase as PlanCase;
  const before = { ...(await kept()), rootBallDiameterCm: 14 };
  await em().execute('update plant set last_case = ? where id = ?', [JSON.stringify(before), whole]);
  await add({ like: { plantId: whole, isDivision: true, shootCount: 4 } });
  expect(await kept()).toMatchObject({ shootCount: 5 });
  expect(await kept()).not.toHaveProperty('rootBallDiameterCm');
  const entry = (await log(whole)).care[0]!;
  expect(entry).not.toHaveProperty('went');
  await setEventHidden(em(), scope, entry.id, new Date());
  await setEventHidden(em(), scope, entry.id, new Date());
  expect(await kept()).toEqual(before);
  await setEventHidden(em(), scope, entry.id, null);
  expect(await kept()).toMatchObject({ shootCount: 5 });
});

test('a piece takes no more than there is, and back comes no more than it took', async () => {
  const kept = async () => ((await log(whole)).lastCase as PlanCase).shootCount;
  await add({ like: { plantId: whole, isDivision: true, shootCount: 20 } });
  expect(await kept()).toBe(1);
  await setEventHidden(em(), scope, (await log(whole)).care[0]!.id, new Date());
  expect(await kept()).toBe(9);
  // Not counted, nothing is known of what stays.
  await add({ like: { plantId: whole, isDivision: true } });
  expect(await kept()).toBe(9);
});

test('photographs go with whatever is put on record', async () => {
  const photoIds = ['6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f'];
  for (const more of [
    { planCase: { genus: 'vanda', place: 'bathroom' } },
    { like: { plantId: whole, isDivision: true } },
  ]) {
    expect((await log(await add({ ...more, photoIds }))).care[0]).toMatchObject({ photoIds });
  }
});

test('a division that goes away at once has left, and is still found', async () => {
  const id = await add({ like: { plantId: whole, isDivision: true }, isGivenAway: true });
  expect((await log(id)).left).toEqual({ on: '2026-04-01', how: 'given away' });
});

test('another like it is no part of it', async () => {
  const id = await add({ like: { plantId: whole, isDivision: false } });
  expect(await log(id)).toMatchObject({ genusId: 'cattleya-unifoliate', partOf: null });
  expect((await log(whole)).care).toEqual([]);
});

test('the same key twice is one plant, also at the same moment', async () => {
  const input = asked({ like: { plantId: whole, isDivision: true }, idempotencyKey: 'divided-once-only' });
  const added = await Promise.all([1, 2, 3].map(() => addPlant(em(), scope, input)));
  expect(new Set(added.map((one) => 'plantId' in one && one.plantId)).size).toBe(1);
  expect((await log(whole)).care).toHaveLength(1);
});

test('of a plant that is not there, or another’s, nothing is made', async () => {
  const stranger = await database.freshScope();
  expect(await add({ like: { plantId: whole, isDivision: true } }, stranger)).toBe('');
  const [{ n }] = await em().execute<[{ n: string }]>('select count(*)::text as n from plant where collection_id = ?', [
    stranger.collectionId,
  ]);
  expect(n).toBe('0');
});

test('neither a case nor another plant, or both, is refused in words', () => {
  for (const more of [{}, { planCase, like: { plantId: whole, isDivision: true } }]) {
    const checked = checkWith(addInputSchema, { facts: { name: 'Part' }, happenedOn: '2026-04-01', ...more });
    expect(checked.status === 'faulty' && checked.faults.map(wordFault)[0]!.message).toMatch(/planCase/);
  }
});
