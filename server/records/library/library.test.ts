import { genusById } from '@core';
import { KeyTakenError } from '../../runtime/database/write-once';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import {
  changeLibraryItem,
  historyOfItem,
  listLibrary,
  saveLibraryItem,
  saveLibraryOnce,
  setItemHidden,
} from './repository';
import { isLibraryKind, type LibraryKind, librarySchemas } from './schemas';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});
const netPot = librarySchemas.stock.parse({ thing: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 9 } });
const list = <K extends LibraryKind>(kind: K) => listLibrary(em(), scope, kind, { limit: 10, after: null });

test('kinds are known by name', () => {
  expect(isLibraryKind('medium')).toBe(true);
  expect(isLibraryKind('spaceship')).toBe(false);
});

test('a medium, a pot in stock and a genus are kept as they were stated', async () => {
  const medium = librarySchemas.medium.parse({
    name: 'Test bark',
    likeId: 'bark-6-12',
    airShare: 0.45,
    capacityShare: 0.3,
  });
  const pot = librarySchemas.stock.parse({
    thing: { kind: 'pot', potKindId: 'clay-unglazed', rimDiameterCm: 13.5, heightCm: 11 },
    lowAt: 2,
    price: { amount: 4.5, currency: 'EUR' },
  });
  const { id: _id, ...traits } = genusById('oncidium');
  const genus = librarySchemas.genus.parse({ ...traits, name: 'Test genus' });
  await saveLibraryItem(em(), scope, 'medium', medium);
  await saveLibraryItem(em(), scope, 'stock', pot);
  await saveLibraryItem(em(), scope, 'genus', genus);
  expect((await list('medium')).items.map((item) => item.data)).toEqual([medium]);
  expect((await list('stock')).items.map((item) => item.data)).toEqual([pot]);
  expect((await list('genus')).items.map((item) => item.data)).toEqual([genus]);
});

test('the same key keeps one thing of a kind, at the same moment and later', async () => {
  const pot = netPot;
  const save = () => saveLibraryOnce(em(), scope, 'stock', pot, 'tapped-twice');
  const kept = [...(await Promise.all([save(), save(), save()])), await save()];
  expect(new Set(kept.map((once) => once.kept.id)).size).toBe(1);
  expect(kept.filter((once) => !once.wasKnown)).toHaveLength(1);
  expect((await list('stock')).items).toHaveLength(1);
  expect((await saveLibraryOnce(em(), scope, 'stock', pot, null)).wasKnown).toBe(false);
});

test('a key that made another kind is not taken for this one', async () => {
  await saveLibraryOnce(em(), scope, 'stock', netPot, 'one-key-two-kinds');
  const medium = librarySchemas.medium.parse({ name: 'Bark', likeId: 'bark-6-12', airShare: 0.45, capacityShare: 0.3 });
  await expect(saveLibraryOnce(em(), scope, 'medium', medium, 'one-key-two-kinds')).rejects.toThrow(KeyTakenError);
});

test('kinds do not mix', async () => {
  const kept = await saveLibraryItem(em(), scope, 'stock', netPot);
  expect((await list('medium')).items).toEqual([]);
  expect(await setItemHidden(em(), scope, 'medium', kept.id, new Date())).toBe(false);
});

test('put away hides, and brings back what was there', async () => {
  const hidden = librarySchemas.medium.parse({ name: 'Hidden', likeId: 'bark-6-12' });
  const kept = await saveLibraryItem(em(), scope, 'medium', hidden);
  expect(await setItemHidden(em(), scope, 'medium', kept.id, new Date())).toBe(true);
  expect((await list('medium')).items).toEqual([]);
  expect(await setItemHidden(em(), scope, 'medium', kept.id, null)).toBe(true);
  expect((await list('medium')).items).toEqual([{ id: kept.id, data: hidden, version: 1 }]);
});

test('what another program kept and this one cannot read is said by name', async () => {
  const kept = await saveLibraryItem(
    em(),
    scope,
    'medium',
    librarySchemas.medium.parse({ name: 'Odd', likeId: 'bark-6-12' }),
  );
  await em().execute(`update own_item set data = '{"name":"Odd"}' where id = ?`, [kept.id]);
  expect(await list('medium')).toMatchObject({ items: [], unreadable: [{ id: kept.id, name: 'Odd' }] });
});

test('the table refuses a kind nobody knows', async () => {
  await expect(
    em().execute(
      `insert into own_item (id, collection_id, kind, name, data, data_version, version, created_at)
       values (gen_random_uuid(), ?, 'spaceship', 'x', '{}', 1, 1, now())`,
      [scope.collectionId],
    ),
  ).rejects.toThrow(/own_item_kind_check/);
});

describe('a change', () => {
  const potOf = (lowAt: number) => librarySchemas.stock.parse({ ...netPot, lowAt });
  const change = (id: string, lowAt: number, seen: number | null) =>
    changeLibraryItem(em(), scope, 'stock', id, potOf(lowAt), seen);

  test('keeps what was there before, newest first', async () => {
    const { id } = await saveLibraryItem(em(), scope, 'stock', potOf(4));
    expect(await change(id, 3, 1)).toEqual({ status: 'changed', entry: { id, data: potOf(3), version: 2 } });
    expect(await change(id, 2, 2)).toMatchObject({ status: 'changed', entry: { version: 3 } });
    expect((await list('stock')).items).toEqual([{ id, data: potOf(2), version: 3 }]);
    const history = await historyOfItem(em(), scope, 'stock', id);
    expect(history!.before.map(({ version, data }) => [version, data])).toEqual([
      [2, potOf(3)],
      [1, potOf(4)],
    ]);
  });

  test('of two at the same moment one is kept, and the other is told', async () => {
    const { id } = await saveLibraryItem(em(), scope, 'stock', potOf(4));
    const both = await Promise.all([change(id, 3, 1), change(id, 2, 1)]);
    expect(both.map(({ status }) => status).sort()).toEqual(['changed', 'changed meanwhile']);
    expect((await historyOfItem(em(), scope, 'stock', id))!.before).toHaveLength(1);
  });

  test('sent again after a lost answer it is there already', async () => {
    const { id } = await saveLibraryItem(em(), scope, 'stock', potOf(4));
    await change(id, 3, 1);
    expect(await change(id, 3, 1)).toMatchObject({ status: 'changed', entry: { version: 2 } });
    expect((await historyOfItem(em(), scope, 'stock', id))!.before).toHaveLength(1);
  });

  test('without a version seen, of another kind, or of what is put away: nothing is overwritten', async () => {
    const { id } = await saveLibraryItem(em(), scope, 'stock', potOf(4));
    expect(await change(id, 3, null)).toEqual({ status: 'changed meanwhile', current: potOf(4), version: 1 });
    const medium = librarySchemas.medium.parse({ name: 'Bark', likeId: 'bark-6-12' });
    expect(await changeLibraryItem(em(), scope, 'medium', id, medium, 1)).toEqual({ status: 'no such thing' });
    await setItemHidden(em(), scope, 'stock', id, new Date());
    expect(await change(id, 3, 1)).toEqual({ status: 'no such thing' });
    expect(await historyOfItem(em(), scope, 'medium', id)).toBeNull();
  });
});
