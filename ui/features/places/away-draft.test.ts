/** @jest-environment jsdom */
import { demoPlaces } from '@core';
import {
  awayDraftOf,
  awayPlaceOf,
  daysProposed,
  emptyAwayDraft,
  forgetAwayDraft,
  loadAwayDraft,
  storeAwayDraft,
} from './away-draft';

const home = { ...demoPlaces[0]!, id: 'h', name: 'my sill', latitudeDeg: 50 };
const away = { ...demoPlaces[1]!, id: 'a', name: 'my balcony', latitudeDeg: 50 };
const places = [home, away];
const both = { ...emptyAwayDraft, homeId: 'h', awayId: 'a' };

beforeEach(() => localStorage.clear());

test('what is begun is there again; what is no draft is none', () => {
  expect(loadAwayDraft()).toEqual(emptyAwayDraft);
  const begun = { ...both, days: { from: { month: 6, day: 1 }, to: { month: 9, day: 1 } } };
  storeAwayDraft(begun);
  expect(loadAwayDraft()).toEqual(begun);
  localStorage.setItem('tender-cairn.time-away', '{"homeId":4,"days":{"from":{"month":13,"day":1}}}');
  expect(loadAwayDraft()).toEqual(emptyAwayDraft);
  forgetAwayDraft();
  expect(loadAwayDraft()).toEqual(emptyAwayDraft);
});

test('nothing is made before both places are chosen, nor of one place twice', () => {
  expect(awayPlaceOf({ ...both, awayId: null }, places)).toBeNull();
  expect(awayPlaceOf({ ...both, awayId: 'h' }, places)).toBeNull();
  expect(awayPlaceOf({ ...both, awayId: 'deleted since' }, places)).toBeNull();
});

test('days are proposed until they are said; a kept one comes back as it was said', () => {
  const made = awayPlaceOf(both, places)!;
  expect(made.timeAway).toMatchObject(daysProposed(away));
  expect(made.name).toMatch(/^my sill \(my balcony in (summer|winter)\)$/);
  const again = awayDraftOf({ ...made, id: 'kept', name: 'Out and in' }, 3)!;
  expect(again).toMatchObject({ homeId: 'h', awayId: 'a', name: 'Out and in', of: { id: 'kept', version: 3 } });
  expect(awayPlaceOf(again, places)).toEqual({ ...made, name: 'Out and in' });
  expect(awayDraftOf(home, 1)).toBeNull();
});

test('where it never grows cold the summer half is proposed', () => {
  const months = away.months.map((month) => ({ ...month, night: { ...month.night, temperatureC: 22 } }));
  expect(daysProposed({ ...away, months }).from.month).toBe(5);
  expect(daysProposed({ ...away, months, latitudeDeg: -20 }).from.month).toBe(11);
});
