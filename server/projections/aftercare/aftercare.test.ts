/** Nursing over a real database: what is open, settled by what is written down, and the calendar as another program reads it. */
import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import type { PlanCase } from '@core';
import { aftercareNames, aftercareSentence } from '@core/words';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import type { Pool } from '../../runtime/worker-pool/pool';
import * as worker from '../../runtime/worker-pool/worker';
import { workOutOutlooks } from '../due/outlooks';
import { setBatchHidden } from '../../records/journal/hide';
import { recordPotting } from '../../records/journal/record';
import { pottingInputSchema } from '../../records/journal/schemas';
import { plantLog } from '../plants/plant-log';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { calendarOf, type WordStep } from '../../exchange/calendars/aftercare-calendar';
import { listAftercare } from './repository';

const database = testDatabase();
const em = () => database.em();
/** The pool without its threads. */
const pool: Pool = {
  ask: async (_question, input) => ({
    status: 'answered',
    json: worker.outlook(input as Parameters<typeof worker.outlook>[0]),
  }),
  close: async () => undefined,
};
let scope: Scope;
let plantId = '';
let pottingId = '';

const planCase: PlanCase = {
  genus: 'cattleya-unifoliate',
  place: 'heated-flat',
  month: 4,
  routine: { kind: 'every', days: 7 },
};
const spec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
};

beforeEach(async () => {
  scope = await database.freshScope();
  const input = pottingInputSchema.parse({ plantName: 'FollowedPotting', pottedOn: '2027-04-01', planCase, spec });
  const potted = await recordPotting(em(), scope, input, 'Bark');
  plantId = 'plantId' in potted ? potted.plantId : '';
  pottingId = (await plantLog(em(), scope, plantId))!.pottings[0]!.id;
  await workOutOutlooks(em, pool, scope);
});

const tasks = async (today: string) => (await listAftercare(em(), scope, today)).tasks;
const stateOf = async (kind: string, today = '2027-04-20') => (await tasks(today)).find((task) => task.kind === kind)!;
const care = async (kind: string, happenedOn: string, details: object = {}) => {
  const kept = await recordQuick(
    em(),
    scope,
    quickInputSchema.parse({ kind, plantIds: [plantId], happenedOn, details }),
  );
  if (!('batchId' in kept)) throw new Error(kept.status);
  return kept.batchId;
};
const nursed = (task: string, on: string, outcome = 'done') => care('nursed', on, { pottingId, task, outcome });

test('from what was done to it: its steps by day, each under an identity that stays', async () => {
  const found = await tasks('2027-04-01');
  expect(found.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining(['first water', 'flush', 'look', 'feed', 'tug']),
  );
  expect(found.every(({ state }) => state === 'open')).toBe(true);
  expect(found.find(({ kind }) => kind === 'to its light')!.id).toBe(`${pottingId}:to-its-light`);
  const later = await tasks('2027-04-30');
  expect(later.map(({ id }) => id).sort()).toEqual(found.map(({ id }) => id).sort());
  expect((await plantLog(em(), scope, plantId, '2027-04-01'))!.nursing).toEqual(found);
});

test('what is written down anyway settles its step; the rest is done or skipped by a touch, and taken back by one', async () => {
  await care('watered', '2027-04-03');
  await care('flushed', '2027-04-03');
  expect(await stateOf('first water')).toMatchObject({ state: 'done', doneOn: '2027-04-03' });
  expect(await stateOf('flush')).toMatchObject({ state: 'done' });
  expect(await stateOf('water again')).toMatchObject({ state: 'open' });
  await care('watered', '2027-04-07');
  expect(await stateOf('first water')).toMatchObject({ doneOn: '2027-04-03' });
  await care('watered', '2027-04-14');
  expect(await stateOf('water again')).toMatchObject({ state: 'done', doneOn: '2027-04-07' });
  await nursed('look', '2027-04-09', 'skipped');
  expect(await stateOf('look')).toMatchObject({ state: 'skipped', doneOn: '2027-04-09' });
  const batch = await nursed('out of the shade', '2027-04-25');
  expect(await stateOf('to its light', '2027-04-26')).toMatchObject({ dueOn: '2027-05-25' });
  await setBatchHidden(em(), scope, batch, new Date());
  expect(await stateOf('out of the shade')).toMatchObject({ state: 'open' });
});

test('a new potting begins anew: what was done after the one before does not count', async () => {
  await nursed('tug', '2027-05-01');
  const { version } = (await plantLog(em(), scope, plantId))!;
  const again = {
    plantId,
    plantVersion: version,
    plantName: 'FollowedPotting',
    pottedOn: '2027-06-01',
    planCase,
    spec,
  };
  await recordPotting(em(), scope, pottingInputSchema.parse(again), 'Bark');
  await workOutOutlooks(em, pool, scope);
  expect(await stateOf('tug', '2027-06-02')).toMatchObject({ state: 'open', dueOn: '2027-06-29' });
});

test('only plants that are here, and were potted in the last months', async () => {
  expect(await tasks('2028-06-01')).toEqual([]);
  await care('left', '2027-04-10', { how: 'sold' });
  expect(await tasks('2027-04-12')).toEqual([]);
});

const says: WordStep = ({ plantName, kind, ppm }) => ({
  title: `${plantName}: ${aftercareNames[kind].toLowerCase()}`,
  description: aftercareSentence({ kind, ppm }),
});

describe('the calendar, read by another program', () => {
  const read = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));

  test('each step is a day’s event; taken in again it is the same event, with what changed', async () => {
    const first = read(calendarOf(await tasks('2027-04-01'), 'http://127.0.0.1:3210', 1, says));
    expect(first.map(({ summary }) => summary)).toContain('FollowedPotting: tug it gently');
    const tug = first.find(({ summary }) => summary.includes('tug'))!;
    expect(tug.startDate.toString()).toBe('2027-04-29');
    expect(tug.startDate.isDate).toBe(true);
    expect(tug.duration.toSeconds()).toBe(86_400);
    await nursed('out of the shade', '2027-04-25');
    const second = read(calendarOf(await tasks('2027-04-26'), 'http://127.0.0.1:3210', 2, says));
    const uids = (events: typeof first) => events.map(({ uid }) => uid).sort();
    expect(uids(second)).toEqual(uids(first));
    expect(new Set(uids(first)).size).toBe(first.length);
    const light = second.find(({ summary }) => summary.includes('to its light'))!;
    expect([light.startDate.toString(), light.sequence]).toEqual(['2027-05-25', 2]);
    const out = second.find(({ summary }) => summary.includes('out of the shade'))!;
    expect(out.component.getFirstPropertyValue('status')).toBe('CANCELLED');
  });

  test('a calendar of nothing is one, under our name', () => {
    const text = calendarOf([], 'http://127.0.0.1:3210', 1, says);
    expect(read(text)).toEqual([]);
    expect(text).toContain('PRODID:tender-cairn/nursing');
  });

  test('names with commas, quotes and letters of all kinds come through; lines are no longer than the standard asks', async () => {
    const [task] = await tasks('2027-04-01');
    const plantName =
      'Öncidium “Ø”, the second; \\ and so on, with a name that is far longer than any line of such a file may be';
    const text = calendarOf([{ ...task!, plantName, id: randomUUID() }], 'http://127.0.0.1:3210', 1, says);
    expect(read(text)[0]!.summary.startsWith(plantName)).toBe(true);
    for (const line of text.split('\r\n')) expect(line.length).toBeLessThanOrEqual(75);
  });
});
