/** Plans in a plant's life, and what it was potted in put right, over a real database. */
import { randomUUID } from 'node:crypto';
import type { PlanCase, StockThing } from '@core';
import { makePlan } from '@core/testing';
import { dueList } from '../../projections/due/repository';
import { plantLog } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { addToStock, listStock } from '../stock/repository';
import { testDatabase } from '../../testing/database';
import { correctEvent, correctPotting, eventBefore } from './correct';
import { setEventHidden } from './hide';
import type { Recorded } from './append';
import { recordPlan, recordPotting } from './record';
import { planInputSchema, pottingInputSchema, pottingRightSchema } from './schemas';

const database = testDatabase();
const planCase: PlanCase = { genus: 'oncidium', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const setups = makePlan(planCase).setups.filter(({ spec }) => spec.vessel.kind === 'pot');
const [first, other] = [setups[0]!.spec, setups[1]!.spec];

const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

const logOf = async (recorded: Recorded) => {
  if (!('plantId' in recorded)) throw new Error(recorded.status);
  return (await plantLog(em(), scope, recorded.plantId))!;
};
type Change = Readonly<Record<string, unknown>>;
const plan = (change: Change = {}) =>
  recordPlan(
    em(),
    scope,
    planInputSchema.parse({ plantName: 'Meant', planCase, spec: first, plannedOn: '2026-05-01', ...change }),
    'Bark in a pot',
  );
const pot = (change: Change = {}) =>
  recordPotting(
    em(),
    scope,
    pottingInputSchema.parse({ plantName: 'Meant', planCase, spec: first, pottedOn: '2026-05-20', ...change }),
    'Bark in a pot',
  );
const right = (eventId: string, version: number, change: Change = {}) =>
  correctPotting(
    em(),
    scope,
    eventId,
    pottingRightSchema.parse({ planCase, spec: other, pottedOn: '2026-05-20', ...change }),
    'Another pot',
    version,
  );

describe('plans', () => {
  test('a plan is an entry of its own and stands open until the plant is potted', async () => {
    const planned = await logOf(await plan({ forOn: '2026-05-20', note: 'with the others' }));
    expect(planned).toMatchObject({ pottings: [], planned: { forOn: '2026-05-20', title: 'Bark in a pot' } });
    expect(planned.plans).toMatchObject([{ plannedOn: '2026-05-01', note: 'with the others', planCase }]);
    expect(planned.planned!.id).toBe(planned.plans[0]!.id);
    const potted = await logOf(await pot({ plantId: planned.id, plantVersion: planned.version }));
    expect(potted).toMatchObject({ planned: null, plans: [{ plannedOn: '2026-05-01' }] });
    // The potting put away, it is open again.
    await setEventHidden(em(), scope, potted.pottings[0]!.id, new Date());
    expect((await plantLog(em(), scope, planned.id))!.planned).toMatchObject({ forOn: '2026-05-20' });
  });

  test('the newest plan counts, kept once however often it is sent; a plant on file is not changed by it', async () => {
    const { id: plantId, version } = await logOf(await plan());
    const idempotencyKey = randomUUID();
    const twice = [
      await plan({ plantId, idempotencyKey, forOn: '2026-06-01' }),
      await plan({ plantId, idempotencyKey, forOn: '2026-06-01' }),
    ];
    expect(twice.map(({ status }) => status)).toEqual(['recorded', 'known already']);
    const log = (await plantLog(em(), scope, plantId))!;
    expect(log).toMatchObject({ version, planned: { forOn: '2026-06-01' } });
    expect(log.plans).toHaveLength(2);
    expect(await plan({ plantId: randomUUID() })).toEqual({ status: 'no such plant' });
  });

  test('what is planned is told with what is due, the soonest first, without a day last', async () => {
    for (const forOn of [null, '2026-07-01', '2026-06-01']) await plan({ plantName: `for ${forOn}`, forOn });
    const { planned } = await dueList(em(), scope, '2026-05-02');
    expect(planned.map(({ name }) => name)).toEqual(['for 2026-06-01', 'for 2026-07-01', 'for null']);
  });

  test('its day and note are put right in place, its setup is not', async () => {
    const { plans } = await logOf(await plan({ forOn: '2026-05-20' }));
    const [{ id, version }] = plans as [(typeof plans)[0]];
    const said = { happenedOn: '2026-05-01', note: 'later' };
    const corrected = await correctEvent(em(), scope, id, { ...said, details: { forOn: '2026-06-20' } }, version);
    expect(corrected).toMatchObject({ status: 'corrected', version: 2 });
    expect(await correctEvent(em(), scope, id, { ...said, details: { spec: other } }, 2)).toEqual({
      status: 'cannot be said of it',
      kind: 'planned',
    });
    expect(await correctEvent(em(), scope, id, { ...said, details: { forOn: 'soon' } }, 2)).toMatchObject({
      status: 'cannot be said of it',
    });
  });
});

describe('what it was potted in, put right', () => {
  test('another setup with its recipe; what it said is kept, and the plant follows', async () => {
    const log = await logOf(await pot());
    const [entry] = log.pottings;
    const caseNow = { ...planCase, rootDiameterMm: 3 };
    expect(await right(entry!.id, 1, { note: 'it was this one', planCase: caseNow })).toMatchObject({
      status: 'corrected',
      version: 2,
    });
    const after = (await plantLog(em(), scope, log.id))!;
    expect(after.pottings).toMatchObject([{ id: entry!.id, title: 'Another pot', note: 'it was this one' }]);
    expect(after.pottings[0]!.spec).toMatchObject({ vessel: other.vessel });
    expect(after.pottings[0]!.recipe).not.toEqual(entry!.recipe);
    expect(after).toMatchObject({ lastPotting: { title: 'Another pot' }, lastCase: caseNow, version: log.version + 1 });
    const { before } = (await eventBefore(em(), scope, entry!.id))!;
    expect(before).toMatchObject([{ version: 1, data: { recipe: entry!.recipe } }]);
  });

  test('sent again it is put right once; late, nothing is overwritten; nothing else is a potting', async () => {
    const log = await logOf(await pot());
    const [{ id }] = log.pottings as [(typeof log.pottings)[0]];
    expect(await right(id, 1)).toMatchObject({ status: 'corrected', version: 2 });
    expect(await right(id, 1)).toMatchObject({ status: 'corrected', version: 2 });
    expect(await right(id, 1, { note: 'other' })).toMatchObject({ status: 'changed meanwhile', version: 2 });
    expect((await eventBefore(em(), scope, id))!.before).toHaveLength(1);
    const { plans } = await logOf(await plan());
    expect(await right(plans[0]!.id, 1)).toEqual({ status: 'cannot be said of it', kind: 'planned' });
    expect(await right(randomUUID(), 1)).toEqual({ status: 'no such entry' });
  });

  test('a plant that was answered anew since keeps its case', async () => {
    const log = await logOf(await pot());
    const newer = { ...planCase, liveRootsPct: 70 };
    const later = await logOf(
      await pot({ plantId: log.id, plantVersion: log.version, pottedOn: '2027-05-20', planCase: newer }),
    );
    await right(log.pottings[0]!.id, 1);
    expect((await plantLog(em(), scope, log.id))!).toMatchObject({ lastCase: newer, version: later.version });
  });

  test('what it took from stock is put right with it: nothing is taken twice, and put away all comes back', async () => {
    const bark: StockThing = { kind: 'medium', mediumId: 'bark-6-12' };
    const happenedOn = '2026-04-18';
    const added = await addToStock(em(), scope, { item: { thing: bark }, amount: 20, happenedOn });
    if (added.status !== 'recorded') throw new Error(added.status);
    const { itemId } = added;
    const amount = async () => (await listStock(em(), scope)).items[0]!.amount;
    const log = await logOf(await pot({ takes: [{ itemId, amount: 2 }] }));
    const [{ id }] = log.pottings as [(typeof log.pottings)[0]];
    expect(await amount()).toBe(18);
    await right(id, 1, { takes: [{ itemId, amount: 3.5 }] });
    expect(await amount()).toBe(16.5);
    // Without a word of stock it stays as it was; with none it takes nothing.
    await right(id, 2, { note: 'again' });
    expect(await amount()).toBe(16.5);
    await right(id, 3, { takes: [] });
    expect(await amount()).toBe(20);
    await right(id, 4, { takes: [{ itemId, amount: 1 }] });
    await setEventHidden(em(), scope, id, new Date());
    expect(await amount()).toBe(20);
  });

  test('stock that is not there: nothing of it is put right', async () => {
    const log = await logOf(await pot());
    const [{ id, title }] = log.pottings as [(typeof log.pottings)[0]];
    await expect(right(id, 1, { takes: [{ itemId: randomUUID(), amount: 1 }] })).rejects.toThrow();
    expect((await plantLog(em(), scope, log.id))!.pottings).toMatchObject([{ version: 1, title }]);
  });
});
