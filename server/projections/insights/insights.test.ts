/** What the record says, over a real database: beds by their ends, plant-years by their places, and what changed lately. */
import type { PlanCase } from '@core';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import { setEventHidden } from '../../records/journal/hide';
import { recordInspection, recordPotting } from '../../records/journal/record';
import { inspectionInputSchema, pottingInputSchema } from '../../records/journal/schemas';
import { dayOfRequest, serverDay } from '../../runtime/http/day';
import { findPlant, plantLog } from '../plants/plant-log';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { pottingsLived } from './hands-record';
import { insightsOf } from './repository';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

const TODAY = '2026-11-27';
const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
const specOf = (mediumId: string) => ({
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId, parts: 1 }], heightCm: 8 }],
});
async function pot(pottedOn: string, mediumId = 'bark-6-12', plantId: string | null = null): Promise<string> {
  const known = plantId === null ? null : await findPlant(em(), scope, plantId);
  const seen = known ? { plantId, plantVersion: known.version } : {};
  const input = pottingInputSchema.parse({
    ...seen,
    plantName: `Of ${pottedOn}`,
    planCase,
    spec: specOf(mediumId),
    pottedOn,
  });
  const kept = await recordPotting(em(), scope, input, 'Potted');
  return 'plantId' in kept ? kept.plantId : '';
}
const look = async (plantId: string, inspectedOn: string, condition: string) =>
  recordInspection(
    em(),
    scope,
    inspectionInputSchema.parse({ plantId, plantName: 'x', planCase, inspectedOn, inspection: { condition } }),
  );
const care = async (plantId: string, kind: string, happenedOn: string, details: object) =>
  recordQuick(em(), scope, quickInputSchema.parse({ kind, plantIds: [plantId], happenedOn, details }));
const learned = async () => insightsOf(em(), scope, TODAY);

test('a bed ends where it was found bad, with the next potting, with the plant, or today', async () => {
  const one = await pot('2020-01-01');
  await look(one, '2022-01-01', 'breaking down');
  await look(one, '2022-06-01', 'gone sour');
  await pot('2023-01-01', 'bark-6-12', one);
  const two = await pot('2022-01-01');
  await care(two, 'left', '2024-01-01', { how: 'sold' });
  const three = await pot('2021-11-27');
  await look(three, '2024-11-27', 'breaking down');
  expect((await learned()).media).toEqual([
    {
      mediumId: 'bark-6-12',
      beds: 4,
      wentBad: 2,
      // Of four beds two went bad: at three years only two were left, too few to tell.
      usualYears: null,
      longestSoundYears: expect.closeTo(3.9, 1),
    },
  ]);
});

test('plant-years go to the places where they were spent, and a death to the last of them', async () => {
  const one = await pot('2020-11-27');
  await care(one, 'moved', '2024-11-27', { place: 'bathroom' });
  await care(one, 'left', '2026-11-27', { how: 'died' });
  await pot('2025-11-27');
  const { places, stands } = await learned();
  expect(places.map(({ placeName, plantYears, died }) => [placeName, Math.round(plantYears * 10) / 10, died])).toEqual([
    [expect.stringMatching(/bath/i), 2, 1],
    ['Kiln Lane flat', 5, 0],
  ]);
  expect(stands).toMatchObject([{ placeKey: 'heated-flat', plants: 1 }]);
});

test('what changed lately: by plants, without what is hidden, put off, older or still to come', async () => {
  const one = await pot('2026-11-20');
  for (const day of ['2026-11-21', '2026-11-25', '2026-11-01', '2026-12-01']) await care(one, 'watered', day, {});
  await care(one, 'put off', '2026-11-25', { need: 'flush', until: '2027-03-01' });
  const two = await pot('2026-11-22');
  await care(two, 'watered', '2026-11-23', {});
  const { lately } = await learned();
  expect(lately.counts).toEqual([
    { kind: 'potted', plants: 2 },
    { kind: 'watered', plants: 2 },
  ]);
  expect(lately.newest.map(({ plantName, kind, on }) => [plantName, kind, on])).toEqual([
    ['Of 2026-11-22', 'potted', '2026-11-22'],
    ['Of 2026-11-20', 'potted', '2026-11-20'],
  ]);
  await setEventHidden(em(), scope, (await plantLog(em(), scope, two))!.pottings[0]!.id, new Date());
  expect((await learned()).lately.counts[0]).toEqual({ kind: 'watered', plants: 2 });
});

test('pottings of a place, for the bench: how long, whether it holds, went bad or died; none from before a move', async () => {
  const one = await pot('2024-11-27');
  await look(one, '2025-05-27', 'gone sour');
  const again = await pot('2025-11-27', 'lava-8-16', one);
  expect(again).toBe(one);
  const dead = await pot('2026-01-01');
  await care(dead, 'left', '2026-03-02', { how: 'died' });
  const moved = await pot('2023-01-01');
  await care(moved, 'moved', '2026-10-01', { place: 'heated-flat' });
  const lived = (place: string) => pottingsLived(em(), scope, place, TODAY);
  const of = (mediumId: string, days: number) => ({ genusId: 'oncidium', mediumId, days, holds: null });
  expect(await lived('heated-flat')).toEqual([
    { ...of('bark-6-12', 60), wentBad: false, died: true },
    { ...of('lava-8-16', 365), wentBad: false, died: false },
    { ...of('bark-6-12', 365), wentBad: true, died: false },
  ]);
  expect(await lived('glasshouse')).toEqual([]);
  expect(await pottingsLived(em(), await database.freshScope(), 'heated-flat', TODAY)).toEqual([]);
});

test('an empty record says nothing, and no other’s says anything here', async () => {
  await pot('2020-01-01');
  const other = await database.freshScope();
  expect(await insightsOf(em(), other, TODAY)).toMatchObject({
    media: [],
    places: [],
    stands: [],
    lately: { counts: [], newest: [] },
  });
});

test('a day that is none, or no grower’s, is the server’s own', () => {
  const of = (today: string) => dayOfRequest(new Request(`http://localhost/api/insights?today=${today}`));
  expect(of('2026-11-27')).toBe('2026-11-27');
  for (const wrong of ['2026-02-30', '0001-01-01', '9999-12-31', '']) expect(of(wrong)).toBe(serverDay());
});
