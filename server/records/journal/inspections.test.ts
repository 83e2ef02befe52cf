/** What is seen of a plant, and what it waits for, over a real database. */
import { randomUUID } from 'node:crypto';
import { checkWith, type PlanCase } from '@core';
import { wordFault } from '@core/words';
import { makePlan } from '@core/testing';
import { plantLog, setPlantHidden } from '../../projections/plants/plant-log';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { listSignWatch } from '../../projections/sign-watch/repository';
import type { Recorded } from './append';
import { setEventHidden } from './hide';
import { recordInspection, recordSignCheck, recordPotting } from './record';
import { inspectionInputSchema, signCheckInputSchema, pottingInputSchema } from './schemas';

const planCase: PlanCase = { genus: 'oncidium', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const [best] = makePlan(planCase).setups;
const nobody = '00000000-0000-4000-8000-000000000000';

const database = testDatabase();
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

const inspect = async (change: Change = {}) =>
  recordInspection(
    em(),
    scope,
    inspectionInputSchema.parse({
      plantName: 'Seen plant',
      planCase,
      inspectedOn: '2026-05-02',
      inspection: { liveRootsPct: 60, pests: [] },
      ...change,
    }),
  );
const look = async (plantId: string, answer: string, lookedOn: string, lookOn: string | null) =>
  recordSignCheck(
    em(),
    scope,
    signCheckInputSchema.parse({
      plantId,
      plantName: 'Seen plant',
      planCase,
      lookedOn,
      answer,
      lookOn,
      sign: 'root tips or a shoot about to root',
      risk: 'little',
    }),
  );

describe('inspections', () => {
  test('of a plant not on file: plant and what was seen are kept together', async () => {
    const log = await logOf(await inspect());
    expect(log).toMatchObject({ name: 'Seen plant', genusId: 'oncidium', lastCase: planCase, pottings: [] });
    expect(log.inspections).toMatchObject([{ inspectedOn: '2026-05-02', inspection: { liveRootsPct: 60, pests: [] } }]);
  });

  test('of a plant on file: it joins its life and changes nothing else; two who look are both kept, newest first', async () => {
    const log = await logOf(await inspect());
    const both = await Promise.all([
      inspect({ plantId: log.id, plantName: 'Other name', inspection: { liveRootsPct: 40 } }),
      inspect({ plantId: log.id, inspectedOn: '2026-06-01', inspection: { liveRootsPct: 80 } }),
    ]);
    const after = await logOf(both[0]!);
    expect(after).toMatchObject({ name: 'Seen plant', version: log.version });
    expect(after.inspections.map(({ inspection }) => inspection.liveRootsPct)[0]).toBe(80);
    expect(after.inspections).toHaveLength(3);
  });

  test('the same key twice is kept once; an unknown plant keeps nothing', async () => {
    const idempotencyKey = randomUUID();
    const twice = [await inspect({ idempotencyKey }), await inspect({ idempotencyKey })];
    expect(twice.map(({ status }) => status)).toEqual(['recorded', 'known already']);
    expect((await logOf(twice[1]!)).inspections).toHaveLength(1);
    expect(await inspect({ plantId: nobody })).toEqual({ status: 'no such plant' });
  });

  test('one can be put away and comes back', async () => {
    const log = await logOf(await inspect());
    const [entry] = log.inspections;
    expect(await setEventHidden(em(), scope, entry!.id, new Date())).toBe(true);
    expect((await plantLog(em(), scope, log.id))!.inspections).toEqual([]);
    expect(await setEventHidden(em(), scope, entry!.id, null)).toBe(true);
    expect((await plantLog(em(), scope, log.id))!.inspections).toHaveLength(1);
  });

  test('what cannot be is refused with its field', () => {
    const sent = { plantName: 'x', planCase, inspectedOn: '2026-13-01', inspection: { liveRootsPct: 101, tail: 1 } };
    const checked = checkWith(inspectionInputSchema, sent);
    expect(checked.status === 'faulty' && checked.faults.map((fault) => wordFault(fault).path).sort()).toEqual([
      'inspectedOn',
      'inspection.liveRootsPct',
      'inspection.tail',
    ]);
  });
});

describe('the watch list', () => {
  const onList = async () => (await listSignWatch(em(), scope)).plants;
  const started = async () => {
    const log = await logOf(await inspect());
    await look(log.id, 'waiting', '2026-05-02', '2026-05-16');
    return log.id;
  };

  test('a plant waits from the first look on, and "not yet" moves the next one', async () => {
    const id = await started();
    expect(await onList()).toMatchObject([{ plantId: id, since: '2026-05-02', lookOn: '2026-05-16', looks: 0 }]);
    await look(id, 'not yet', '2026-05-16', '2026-05-30');
    expect(await onList()).toMatchObject([{ since: '2026-05-02', lookOn: '2026-05-30', looks: 1 }]);
  });

  test.each(['seen', 'gone worse'])('"%s" ends it, and it may begin anew', async (answer) => {
    const id = await started();
    await look(id, answer, '2026-05-20', null);
    expect(await onList()).toEqual([]);
    await look(id, 'waiting', '2026-07-01', '2026-07-15');
    expect(await onList()).toMatchObject([{ since: '2026-07-01', looks: 0 }]);
  });

  test('potted, it waits no more; the potting taken back, it does', async () => {
    const id = await started();
    const { version } = (await plantLog(em(), scope, id))!;
    const potting = {
      plantId: id,
      plantVersion: version,
      plantName: 'Seen plant',
      pottedOn: '2026-05-03',
      planCase,
      spec: best!.spec,
    };
    await recordPotting(em(), scope, pottingInputSchema.parse(potting), 'Potted');
    expect(await onList()).toEqual([]);
    const [entry] = (await plantLog(em(), scope, id))!.pottings;
    await setEventHidden(em(), scope, entry!.id, new Date());
    expect(await onList()).toHaveLength(1);
  });

  test('a look taken back is as if it had not been; a plant put away is not listed, and no other collection’s is', async () => {
    const id = await started();
    await look(id, 'seen', '2026-05-20', null);
    const [seen] = (await plantLog(em(), scope, id))!.looks;
    await setEventHidden(em(), scope, seen!.id, new Date());
    expect(await onList()).toHaveLength(1);
    expect((await listSignWatch(em(), await database.freshScope())).plants).toEqual([]);
    await setPlantHidden(em(), scope, id, new Date());
    expect(await onList()).toEqual([]);
  });

  test('the one to be looked at first comes first', async () => {
    const [later, sooner] = [await started(), await started()];
    await look(later, 'not yet', '2026-05-16', '2026-09-01');
    expect((await onList()).map(({ plantId }) => plantId)).toEqual([sooner, later]);
  });

  test.each([
    ['waiting', null],
    ['not yet', null],
    ['seen', '2026-06-01'],
    ['gone worse', '2026-06-01'],
  ])('"%s" with the next look on %s is refused', (answer, lookOn) => {
    const sent = {
      plantName: 'x',
      planCase,
      lookedOn: '2026-05-01',
      sign: 'end of rest',
      risk: 'little',
      answer,
      lookOn,
    };
    const checked = checkWith(signCheckInputSchema, sent);
    expect(checked.status === 'faulty' && checked.faults.map(({ path }) => path)).toEqual(['lookOn']);
  });
});
