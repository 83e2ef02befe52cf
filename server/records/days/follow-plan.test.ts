/** What is planned for a date stands in that date's potting day, whatever becomes of the plan. */
import { randomUUID } from 'node:crypto';
import { makePlan } from '@core/testing';
import type { DayKept, PlanCase } from '@core';
import { correctEvent } from '../journal/correct';
import { setEventHidden } from '../journal/hide';
import { recordPlan, recordPotting } from '../journal/record';
import { planInputSchema, pottingInputSchema } from '../journal/schemas';
import { plantLog } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { daysFollowPlans } from './follow-plan';
import { dayOf, keepEntry, saveDay } from './repository';
import { dayEntryInputSchema, savedDaySchema } from './schemas';

const planCase: PlanCase = { genus: 'oncidium', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const setups = makePlan(planCase).setups.filter(({ spec }) => spec.vessel.kind === 'pot');
const [first, other] = [setups[0]!.spec, setups[1]!.spec];
const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let [march, april] = ['', ''];

const stayer = { id: 'stayer', name: 'Stays', case: planCase, setup: other };
const prepare = async (on: string, plants: readonly object[] = [stayer]): Promise<string> => {
  const id = randomUUID();
  await saveDay(em(), scope, id, savedDaySchema.parse({ on, hours: 3, plants }), null);
  return id;
};
beforeEach(async () => {
  scope = await database.freshScope();
  [march, april] = [await prepare('2027-03-06'), await prepare('2027-04-03')];
});

const follow = async (plantId: string) => {
  const log = (await plantLog(em(), scope, plantId))!;
  const openId = log.planned?.id ?? null;
  await daysFollowPlans(em(), scope, { plantId, name: log.name, openId, urgency: 0.4, isSuspect: false });
  return log;
};
const plan = async (forOn: string | null, more: object = {}) => {
  const input = { plantName: 'Meant', planCase, spec: first, plannedOn: '2027-02-01', forOn, ...more };
  const recorded = await recordPlan(em(), scope, planInputSchema.parse(input), 'Bark in a pot');
  return follow('plantId' in recorded ? recorded.plantId : '');
};
const plantsOf = async (dayId: string): Promise<DayKept['plants']> => (await dayOf(em(), scope, dayId))!.day!.plants;
const names = async () => [march, april].map(async (id) => (await plantsOf(id)).map(({ name }) => name).join(' '));
const said = async () => Promise.all(await names());

test('it joins the day of its date in the setup that is planned, once; a plan for no day joins none', async () => {
  await plan(null, { plantName: 'Some day' });
  const { id } = await plan('2027-03-06');
  await follow(id);
  expect(await said()).toEqual(['Stays Meant', 'Stays']);
  const [, joined] = await plantsOf(march);
  expect(joined).toMatchObject({ id, setup: { vessel: first.vessel }, urgency: 0.4 });
  expect((await dayOf(em(), scope, march))!.version).toBe(2);
});

test('planned for another day it moves there; planned otherwise it goes into the other setup', async () => {
  const { id: plantId, planned } = await plan('2027-03-06');
  await correctEvent(
    em(),
    scope,
    planned!.id,
    { happenedOn: '2027-02-01', note: '', details: { forOn: '2027-04-03' } },
    1,
  );
  await follow(plantId);
  expect(await said()).toEqual(['Stays', 'Stays Meant']);
  await plan('2027-04-03', { plantId, spec: other });
  expect((await plantsOf(april))[1]).toMatchObject({ setup: { vessel: other.vessel } });
  expect((await plantsOf(april)).length).toBe(2);
});

test('a plan that is taken back leaves the day, and comes back with it', async () => {
  const { id, planned } = await plan('2027-03-06');
  await setEventHidden(em(), scope, planned!.id, new Date());
  await follow(id);
  expect(await said()).toEqual(['Stays', 'Stays']);
  await setEventHidden(em(), scope, planned!.id, null);
  await follow(id);
  expect(await said()).toEqual(['Stays Meant', 'Stays']);
});

test('potted beside its day it leaves it: nobody pots it twice', async () => {
  const { id, version } = await plan('2027-03-06');
  const input = {
    plantId: id,
    plantVersion: version,
    plantName: 'Meant',
    pottedOn: '2027-02-20',
    planCase,
    spec: first,
  };
  await recordPotting(em(), scope, pottingInputSchema.parse(input), 'Bark in a pot');
  await follow(id);
  expect(await said()).toEqual(['Stays', 'Stays']);
});

test('a plant that was put into the day by hand, in another setup, is not taken out of it', async () => {
  const { id, planned } = await plan('2027-03-06');
  const day = (await dayOf(em(), scope, march))!;
  const plants = day.day!.plants.map((plant) => (plant.id === id ? { ...plant, setup: other } : plant));
  await saveDay(em(), scope, march, savedDaySchema.parse({ ...day.day, plants }), day.version);
  await setEventHidden(em(), scope, planned!.id, new Date());
  await follow(id);
  expect((await said())[0]).toBe('Stays Meant');
});

test('a day that has begun takes plants and loses none; one that is over stays as it was', async () => {
  const entry = (kind: string) =>
    dayEntryInputSchema.parse({ kind, at: '2027-03-06T09:00:00.000Z', idempotencyKey: randomUUID(), data: {} });
  await keepEntry(em(), scope, march, entry('begun'), () => '');
  const { id, planned } = await plan('2027-03-06');
  expect((await said())[0]).toBe('Stays Meant');
  await setEventHidden(em(), scope, planned!.id, new Date());
  await follow(id);
  expect((await said())[0]).toBe('Stays Meant');
  await keepEntry(em(), scope, march, entry('stopped'), () => '');
  await plan('2027-03-06', { plantName: 'Too late' });
  expect((await said())[0]).toBe('Stays Meant');
});
