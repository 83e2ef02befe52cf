import { demoPlaces, type Place } from '@core';
import type { Scope } from '../collections/scope';
import { testDatabase } from '../../testing/database';
import { changePlace, listPlaces, savePlace, savePlaceOnce, setPlaceHidden } from './repository';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

const own = (name: string): Place => ({ ...demoPlaces[0]!, id: 'own-place', name });
const first = { limit: 10, after: null };
const list = () => listPlaces(em(), scope, first);

test('places are kept, hidden and brought back, under the id of their row', async () => {
  const kept = await savePlace(em(), scope, own('Own air'));
  expect((await list()).places).toEqual([{ ...own('Own air'), id: kept.id }]);
  expect(await setPlaceHidden(em(), scope, kept.id, new Date())).toBe(true);
  expect((await list()).places).toEqual([]);
  expect(await setPlaceHidden(em(), scope, kept.id, null)).toBe(true);
  expect((await list()).places).toHaveLength(1);
});

test('the same key keeps one place: at the same moment, later, and after it was put away', async () => {
  const key = 'tapped-twice';
  const kept = await Promise.all(Array.from({ length: 4 }, () => savePlaceOnce(em(), scope, own('Once'), key)));
  expect(new Set(kept.map((once) => once.kept.id)).size).toBe(1);
  expect(kept.filter((once) => !once.wasKnown)).toHaveLength(1);
  const { id } = kept[0]!.kept;
  expect(await savePlaceOnce(em(), scope, own('Once'), key)).toMatchObject({ kept: { id }, wasKnown: true });
  expect((await list()).places).toHaveLength(1);
  await setPlaceHidden(em(), scope, id, new Date());
  expect(await savePlaceOnce(em(), scope, own('Once'), key)).toMatchObject({ kept: { id }, wasKnown: true });
});

test('another key, no key, or another collection keeps another place', async () => {
  const stranger = await database.freshScope();
  const keep = (where: Scope, key: string | null) => savePlaceOnce(em(), where, own('Twin'), key);
  const kept = [await keep(scope, 'key-number-1'), await keep(scope, 'key-number-2'), await keep(scope, null)];
  kept.push(await keep(scope, null), await keep(stranger, 'key-number-1'));
  expect(kept.every((once) => !once.wasKnown)).toBe(true);
  expect(new Set(kept.map((once) => once.kept.id)).size).toBe(5);
});

test('a place can be changed, but not one that was put away or never was, nor by a stranger', async () => {
  const kept = await savePlace(em(), scope, own('Changing'));
  const stranger = await database.freshScope();
  expect(await changePlace(em(), stranger, kept.id, own('Theirs'), null)).toEqual({ status: 'no such place' });
  const changed = await changePlace(em(), scope, kept.id, { ...own('Changed'), altitudeM: 900 }, 1);
  expect(changed).toMatchObject({ status: 'changed', version: 2, place: { id: kept.id, name: 'Changed' } });
  expect((await list()).places[0]).toMatchObject({ name: 'Changed', altitudeM: 900 });
  await setPlaceHidden(em(), scope, kept.id, new Date());
  expect(await changePlace(em(), scope, kept.id, kept, null)).toEqual({ status: 'no such place' });
});

test('a late write is told what is kept now, and overwrites nothing', async () => {
  const kept = await savePlace(em(), scope, own('Shared'));
  await changePlace(em(), scope, kept.id, own('First'), 1);
  const late = await changePlace(em(), scope, kept.id, own('Late'), 1);
  expect(late).toMatchObject({ status: 'changed meanwhile', version: 2, current: { name: 'First' } });
  expect((await list()).places[0]!.name).toBe('First');
});

test('of two writes at the same moment, one is told', async () => {
  const kept = await savePlace(em(), scope, own('Shared'));
  const both = await Promise.all(['One', 'Other'].map((name) => changePlace(em(), scope, kept.id, own(name), 1)));
  expect(both.map(({ status }) => status).sort()).toEqual(['changed', 'changed meanwhile']);
});

test('the same change sent again after a lost answer is no conflict; another one is', async () => {
  const kept = await savePlace(em(), scope, own('Before'));
  const first = await changePlace(em(), scope, kept.id, own('After'), 1);
  expect(await changePlace(em(), scope, kept.id, own('After'), 1)).toEqual(first);
  expect((await changePlace(em(), scope, kept.id, own('Other'), 1)).status).toBe('changed meanwhile');
  expect((await changePlace(em(), scope, kept.id, own('After'), null)).status).toBe('changed meanwhile');
});

test('comes in pages, by name', async () => {
  for (const name of ['C', 'A', 'B']) await savePlace(em(), scope, own(name));
  const page = await listPlaces(em(), scope, { limit: 2, after: null });
  expect(page.places.map((place) => place.name)).toEqual(['A', 'B']);
  const rest = await listPlaces(em(), scope, { limit: 2, after: page.next });
  expect([rest.places.map((place) => place.name), rest.next]).toEqual([['C'], null]);
});

test('a place from a newer program is kept and said, not shown as air', async () => {
  const kept = await savePlace(em(), scope, own('From tomorrow'));
  await em().execute('update place set air_version = 9 where id = ?', [kept.id]);
  expect(await list()).toMatchObject({ places: [], unreadable: [{ id: kept.id, name: 'From tomorrow' }] });
});
