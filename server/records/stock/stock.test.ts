/** What lies in stock, counted in a real database: what came, what went with a potting, and what an undo gives back. */
import { randomUUID } from 'node:crypto';
import { type PlanCase, type StockEntryKind, type StockItem, type StockThing } from '@core';
import { amountNow } from '@core/testing';
import { setEventHidden } from '../journal/hide';
import { recordPotting } from '../journal/record';
import { pottingInputSchema } from '../journal/schemas';
import { changeLibraryItem, saveLibraryItem, setItemHidden } from '../library/repository';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { addToStock, entriesOf, listStock, recordStock, setStockHidden, type StockRecorded } from './repository';
import { stockDeedSchema } from './schemas';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

const happenedOn = '2026-04-18';
const bark: StockThing = { kind: 'medium', mediumId: 'bark-6-12' };
const netPot: StockThing = { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 };

function kept(recorded: StockRecorded) {
  if (recorded.status !== 'recorded' && recorded.status !== 'known already') throw new Error(recorded.status);
  return recorded;
}
const add = async (thing: StockThing, amount: number, more: Partial<StockItem> = {}) =>
  kept(await addToStock(em(), scope, { item: { thing, ...more }, amount, happenedOn }));
const deed = async (itemId: string, kind: string, amount: number, idempotencyKey?: string) =>
  recordStock(em(), scope, stockDeedSchema.parse({ itemId, kind, amount, happenedOn, idempotencyKey }));
const amountsNow = async () =>
  Object.fromEntries((await listStock(em(), scope)).items.map(({ id, amount }) => [id, amount]));

const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
const spec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
} as const;
const pot = async (stock: object, idempotencyKey: string = randomUUID()) =>
  recordPotting(
    em(),
    scope,
    pottingInputSchema.parse({ plantName: 'Test', planCase, spec, pottedOn: happenedOn, idempotencyKey, ...stock }),
    'Potted',
  );

test('counted, bought, taken and come back add up, from the last count on', async () => {
  const { itemId } = await add(bark, 20);
  expect(kept(await deed(itemId, 'taken', 2.4)).amount).toBe(17.6);
  expect(kept(await deed(itemId, 'bought', 10)).amount).toBe(27.6);
  expect(kept(await deed(itemId, 'counted', 25)).amount).toBe(25);
  expect(kept(await deed(itemId, 'back', 0.5)).amount).toBe(25.5);
  expect((await entriesOf(em(), scope, itemId))!.entries.map(({ kind }) => kind)).toEqual([
    'back',
    'counted',
    'bought',
    'taken',
    'counted',
  ]);
});

test('the table’s sum is the core’s, for any row of deeds', async () => {
  const kinds: readonly StockEntryKind[] = [
    'taken',
    'bought',
    'counted',
    'back',
    'taken',
    'taken',
    'bought',
    'counted',
    'taken',
  ];
  const { itemId } = await add(bark, 3);
  const entries = [{ kind: 'counted' as StockEntryKind, amount: 3 }];
  for (const [n, kind] of kinds.entries()) {
    const amount = ((n * 7) % 5) + 0.25;
    entries.push({ kind, amount });
    expect(kept(await deed(itemId, kind, amount)).amount).toBe(amountNow(entries));
  }
});

test('a deed undone does not count, and counts again when it is brought back', async () => {
  const { itemId } = await add(bark, 5);
  const { batchId } = kept(await deed(itemId, 'taken', 2));
  expect(await setStockHidden(em(), scope, batchId, new Date())).toBe(true);
  expect(await amountsNow()).toEqual({ [itemId]: 5 });
  await setStockHidden(em(), scope, batchId, null);
  expect(await amountsNow()).toEqual({ [itemId]: 3 });
  expect(await setStockHidden(em(), await database.freshScope(), batchId, new Date())).toBe(false);
});

test('the same key is kept once, at the same moment and later', async () => {
  const { itemId } = await add(bark, 5);
  const taps = await Promise.all([1, 2, 3].map(() => deed(itemId, 'taken', 1, 'tapped-thrice')));
  expect(taps.filter(({ status }) => status === 'recorded')).toHaveLength(1);
  expect(await amountsNow()).toEqual({ [itemId]: 4 });
  expect((await deed(itemId, 'taken', 1, 'tapped-thrice')).status).toBe('known already');
});

test('the same thing is not listed twice; pieces are whole; what is put away takes no deed', async () => {
  const { itemId } = await add(netPot, 4);
  expect(await addToStock(em(), scope, { item: { thing: netPot }, amount: 2, happenedOn })).toEqual({
    status: 'there already',
    itemId,
  });
  expect((await deed(itemId, 'taken', 0.5)).status).toBe('whole pieces only');
  expect(
    (await addToStock(em(), scope, { item: { thing: { ...netPot, rimDiameterCm: 9 } }, amount: 1.5, happenedOn }))
      .status,
  ).toBe('whole pieces only');
  await setItemHidden(em(), scope, 'stock', itemId, new Date());
  expect((await deed(itemId, 'taken', 1)).status).toBe('no such thing');
  expect((await listStock(em(), scope)).items).toEqual([]);
});

test('a potting takes what it used, once; undone, it gives it back; the old pot waits to be washed', async () => {
  const inBark = await add(bark, 20);
  const inPots = await add(netPot, 3);
  const takes = [
    { itemId: inBark.itemId, amount: 0.8 },
    { itemId: inPots.itemId, amount: 1 },
  ];
  const gives = [{ thing: { ...netPot, rimDiameterCm: 9, used: 'to be washed' }, amount: 1 }];
  const first = await pot({ takes, gives }, 'potted-once');
  expect(first.status).toBe('recorded');
  expect((await pot({ takes, gives }, 'potted-once')).status).toBe('known already');
  const list = (await listStock(em(), scope)).items;
  const old = list.find(({ data: { thing } }) => thing.kind === 'pot' && thing.used === 'to be washed')!;
  expect(await amountsNow()).toEqual({ [inBark.itemId]: 19.2, [inPots.itemId]: 2, [old.id]: 1 });
  const [line] = (await entriesOf(em(), scope, inBark.itemId))!.entries;
  expect(line).toMatchObject({ kind: 'taken', amount: 0.8, plant: { name: 'Test' } });
  const [event] = await em().execute<{ id: string }[]>(`select event_id as id from stock_entry where id = ?`, [
    line!.id,
  ]);
  await setEventHidden(em(), scope, event!.id, new Date());
  expect(await amountsNow()).toEqual({ [inBark.itemId]: 20, [inPots.itemId]: 3, [old.id]: 0 });
  await setEventHidden(em(), scope, event!.id, null);
  expect(await amountsNow()).toMatchObject({ [inBark.itemId]: 19.2 });
});

test('a potting that names stock nobody has keeps nothing at all', async () => {
  const inPots = await add(netPot, 3);
  const other = await database.freshScope();
  const theirs = kept(await addToStock(em(), other, { item: { thing: bark }, amount: 5, happenedOn }));
  for (const itemId of [randomUUID(), theirs.itemId]) {
    const takes = [
      { itemId: inPots.itemId, amount: 1 },
      { itemId, amount: 1 },
    ];
    expect((await pot({ takes })).status).toBe('no such stock');
  }
  expect(await amountsNow()).toEqual({ [inPots.itemId]: 3 });
  const [{ events }] = await em().execute<[{ events: number }]>(
    `select count(*)::int as events from event where collection_id = ?`,
    [scope.collectionId],
  );
  expect(events).toBe(0);
});

test('washed: out of those to be washed, in among the clean, undone together', async () => {
  const dirty = await add({ ...netPot, used: 'to be washed' }, 5);
  const washed = kept(await deed(dirty.itemId, 'washed', 3));
  const clean = (await listStock(em(), scope)).items.find(({ id }) => id !== dirty.itemId)!;
  expect(clean).toMatchObject({ amount: 3, data: { thing: { ...netPot, used: 'washed' } } });
  expect(washed.amount).toBe(2);
  await setStockHidden(em(), scope, washed.batchId, new Date());
  expect(await amountsNow()).toEqual({ [dirty.itemId]: 5, [clean.id]: 0 });
  expect((await deed(clean.id, 'washed', 1)).status).toBe('cannot be washed');
});

test('a thing keeps its amount when its low mark or price is changed', async () => {
  const { itemId } = await add(bark, 20);
  await changeLibraryItem(
    em(),
    scope,
    'stock',
    itemId,
    { thing: bark, lowAt: 5, bagL: 20, price: { amount: 14, currency: 'EUR' } },
    1,
  );
  const [item] = (await listStock(em(), scope)).items;
  expect(item).toMatchObject({ amount: 20, version: 2, countedOn: happenedOn, data: { lowAt: 5 } });
});

test('what cannot be read is told, and one’s stock is no other’s', async () => {
  const { id } = await saveLibraryItem(em(), scope, 'stock', { thing: bark });
  await em().execute(`update own_item set data = '{"thing": {"kind": "spaceship"}}' where id = ?`, [id]);
  expect(await listStock(em(), scope)).toMatchObject({ items: [], unreadable: [{ id }] });
  expect((await listStock(em(), await database.freshScope())).items).toEqual([]);
});

test('twenty who add the same new thing at once make one of it, and twenty washings one clean kind', async () => {
  const thing = { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 11, used: 'to be washed' } as const;
  const add = () => addToStock(em(), scope, { item: { thing }, amount: 30, happenedOn: '2026-01-01' });
  const added = await Promise.all(Array.from({ length: 20 }, add));
  expect(added.filter(({ status }) => status === 'recorded')).toHaveLength(1);
  const [made] = (await listStock(em(), scope)).items;
  const wash = () =>
    recordStock(em(), scope, { itemId: made!.id, kind: 'washed', amount: 1, happenedOn: '2026-01-02', note: '' });
  await Promise.all(Array.from({ length: 20 }, wash));
  const { items } = await listStock(em(), scope);
  expect(items.map(({ data, amount }) => [(data.thing as { used?: string }).used, amount])).toEqual(
    expect.arrayContaining([
      ['to be washed', 10],
      ['washed', 20],
    ]),
  );
  expect(items).toHaveLength(2);
});
