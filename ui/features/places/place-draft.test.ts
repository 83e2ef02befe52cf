/** @jest-environment jsdom */
import { climateStations, roomPlace, usualRoom } from '@core';
import {
  descriptionOf,
  draftAnew,
  forgetPlaceDraft,
  knownFaults,
  loadPlaceDraft,
  type PlaceDraft,
  storePlaceDraft,
} from './place-draft';

const town = { name: 'Quito, Ecuador', latitudeDeg: -0.2, longitudeDeg: -78.5, altitudeM: null };
const begun: PlaceDraft = { town, said: { kind: 'bathroom' }, known: {}, name: null, of: null };

beforeEach(() => localStorage.clear());

test('what is begun is there again; what is no draft is none', () => {
  expect(loadPlaceDraft()).toEqual({ town: null, said: {}, known: {}, name: null, of: null });
  storePlaceDraft(begun);
  expect(loadPlaceDraft()).toEqual(begun);
  localStorage.setItem('tender-cairn.new-place', '{"town":{"latitudeDeg":99},"said":{"kind":"attic"},"known":7}');
  expect(loadPlaceDraft()).toMatchObject({ town: null, said: {}, known: {} });
  forgetPlaceDraft();
  expect(loadPlaceDraft().town).toBeNull();
});

test('nothing is described before town and kind are said', () => {
  expect(descriptionOf({ ...begun, town: null }, 3)).toBeNull();
  expect(descriptionOf({ ...begun, said: {} }, 3)).toBeNull();
  expect(descriptionOf(begun, 3)).toMatchObject({ kind: 'bathroom', heating: 'warm', readings: [] });
});

test('winter and summer are those of the hemisphere, today goes before both, and what cannot be is left out', () => {
  const known = { winterPct: 40, summerPct: 70, nowPct: 44 };
  const months = (latitudeDeg: number, month: number) =>
    descriptionOf({ ...begun, town: { ...town, latitudeDeg }, known }, month)!.readings;
  expect(months(50, 1)).toEqual([
    { month: 1, relativeHumidityPct: 44 },
    { month: 7, relativeHumidityPct: 70 },
  ]);
  expect(months(-30, 3)).toEqual(
    expect.arrayContaining([
      { month: 7, relativeHumidityPct: 40 },
      { month: 1, relativeHumidityPct: 70 },
      { month: 3, relativeHumidityPct: 44 },
    ]),
  );
  expect(descriptionOf({ ...begun, known: { nowPct: 140, lowestC: -90 } }, 3)).toMatchObject({
    readings: [],
    lowestC: null,
  });
  expect([...knownFaults({ nowPct: 140, lowestC: -90, highestC: 30 })]).toEqual(['nowPct', 'lowestC']);
});

test('a kept place answered anew holds what was said and read of it, and takes a further reading', () => {
  const readings = [{ month: 1, relativeHumidityPct: 38 }];
  const room = { ...usualRoom(town, 'windowsill'), aspect: 'east' as const, readings, highestC: 31 };
  const { place } = roomPlace(room, 'my sill', climateStations);
  const anew = draftAnew({ ...place, id: 'kept' }, 4)!;
  expect(anew).toMatchObject({ name: 'my sill', of: { id: 'kept', version: 4 }, said: { aspect: 'east' } });
  expect(descriptionOf(anew, 5)).toEqual(room);
  const later = descriptionOf({ ...anew, known: { ...anew.known, nowPct: 52 } }, 5)!;
  expect(later.readings).toEqual([...readings, { month: 5, relativeHumidityPct: 52 }]);
  expect(draftAnew({ ...place, describedAs: undefined }, 4)).toBeNull();
});
