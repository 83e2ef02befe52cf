/** A place is corrected: what stands there follows, what is made of it follows, what was recorded stays. */
import { demoPlaces, type PlanCase, type Place, withTimeAway } from '@core';
import { makePlan } from '@core/testing';
import type { Scope } from '../collections/scope';
import { listPlaces, savePlace, setPlaceHidden } from '../places/repository';
import { plantLog } from '../../projections/plants/plant-log';
import { testDatabase } from '../../testing/database';
import { changePlaceOfPlants } from './change-place';
import { setBatchHidden } from './hide';
import { recordPotting } from './record';
import { recordQuick } from './record-quick';
import { quickInputSchema } from './quick-schemas';
import { pottingInputSchema } from './schemas';

const { spec } = makePlan({ genus: 'oncidium', place: 'bathroom' }).setups[0]!;
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let [sill, garden]: [Place, Place] = [demoPlaces[0]!, demoPlaces[1]!];
beforeEach(async () => {
  scope = await database.freshScope();
  const own = (place: Place, name: string) => savePlace(em(), scope, { ...place, id: 'own-place', name });
  sill = await own(demoPlaces[0]!, 'My sill');
  garden = await own(demoPlaces[1]!, 'My garden');
});

const days = { from: { month: 5, day: 15 }, to: { month: 9, day: 20 } };
const damper = (place: Place): Place => ({
  ...place,
  months: place.months.map((month) => ({ ...month, day: { ...month.day, relativeHumidityPct: 71 } })),
});

async function pot(place: Place): Promise<string> {
  const planCase = { genus: 'oncidium', place } as PlanCase;
  const input = pottingInputSchema.parse({ plantName: 'Mine', pottedOn: '2026-05-01', planCase, spec });
  const recorded = await recordPotting(em(), scope, input, 'Bark in a pot');
  return 'plantId' in recorded ? recorded.plantId : '';
}

const caseOf = async (plantId: string) =>
  (await plantLog(em(), scope, plantId, '2026-06-10'))!.lastCase as { readonly place: Place };
const correct = (place: Place) => changePlaceOfPlants(em(), scope, place.id, damper(place), 1);

test('plants that stand there stand in the corrected air; others do not', async () => {
  const [here, there] = [await pot(sill), await pot(garden)];
  expect(await correct(sill)).toMatchObject({ status: 'changed', version: 2 });
  expect((await caseOf(here)).place).toEqual(damper(sill));
  expect((await caseOf(there)).place).toEqual(garden);
});

test('a place of two by date follows each of them, and its plants with it; its name stays', async () => {
  const both = await savePlace(em(), scope, { ...withTimeAway(sill, garden, days), name: 'Mine, out in summer' });
  const plant = await pot(both);
  await correct(garden);
  const now = withTimeAway(sill, damper(garden), days);
  expect((await caseOf(plant)).place).toEqual({ ...now, id: both.id, name: 'Mine, out in summer' });
  const kept = (await listPlaces(em(), scope, { limit: 9, after: null })).places.find(({ id }) => id === both.id)!;
  expect(kept.months[6]!.day.relativeHumidityPct).toBe(71);
  expect(kept.months[0]).toEqual(sill.months[0]);
  // One of the two is deleted: what was made of it stays.
  await setPlaceHidden(em(), scope, garden.id, new Date());
  await changePlaceOfPlants(em(), scope, sill.id, damper(sill), 1);
  expect((await caseOf(plant)).place.months[0]).toEqual(sill.months[0]);
});

test('a move is taken back, and a plan is kept, into the air as it is known now', async () => {
  const plant = await pot(sill);
  const moved = await recordQuick(
    em(),
    scope,
    quickInputSchema.parse({
      kind: 'moved',
      happenedOn: '2026-06-01',
      plantIds: [plant],
      details: { place: garden, spot: '' },
    }),
  );
  await changePlaceOfPlants(em(), scope, garden.id, damper(garden), 1);
  await correct(sill);
  await setBatchHidden(em(), scope, 'batchId' in moved ? moved.batchId : '', new Date());
  expect((await caseOf(plant)).place).toEqual(damper(sill));
});

test('a correction that comes too late changes no plant', async () => {
  const plant = await pot(sill);
  await correct(sill);
  expect((await changePlaceOfPlants(em(), scope, sill.id, { ...sill, name: 'Late' }, 1)).status).toBe(
    'changed meanwhile',
  );
  expect((await caseOf(plant)).place.name).toBe('My sill');
});
