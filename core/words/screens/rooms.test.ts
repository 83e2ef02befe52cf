import { climateStations } from '../../catalogue/climates';
import { roomKinds, usualRoom } from '../../physics/places';
import { roomPlace } from '../../rooms';
import { metricWords } from '../phrasing/format';
import {
  answeredAnew,
  collectionLine,
  inOrOn,
  readingLine,
  roomMonthLine,
  roomNote,
  roomOriginLine,
  townInWords,
  usualRoomName,
} from './rooms';

const town = { name: 'Stuttgart', latitudeDeg: 48.8, longitudeDeg: 9.2, altitudeM: 245 };
const sill = usualRoom(town, 'windowsill');
const made = (more = {}) => roomPlace({ ...sill, ...more }, 'my windowsill', climateStations);

test('a month is said with its doubt', () => {
  const { place, unsure } = made();
  expect(roomMonthLine(place.months[0]!, 0, unsure[0]!, metricWords)).toMatch(
    /^January: 21 °C by day, 1[678] °C at night, [45]\d ± \d+ % humidity$/,
  );
});

test('where its figures come from is said once for those that come from the same', () => {
  expect(roomOriginLine(made())).toMatch(
    /^The air outside is that of Frankfurt am Main \(\d+ km\), .*, 245 m above the sea\. Temperature and humidity from the air outside and rooms of this kind; light from climate stations near you\.$/,
  );
  const read = roomOriginLine(made({ readings: [{ month: 1, relativeHumidityPct: 40 }] }));
  expect(read).toContain('humidity from your readings');
  const latitude = { ...sill, town: { ...town, longitudeDeg: null } };
  expect(roomOriginLine(roomPlace(latitude, 'x', climateStations))).toMatch(
    /^The air outside is that of this latitude/,
  );
});

test('a place of every kind stands in a sentence', () => {
  const said = roomKinds.map((kind) => `${inOrOn(kind)} ${usualRoomName(kind)}`);
  expect(said).toContain('on my windowsill');
  expect(said).toContain('in my glasshouse');
  expect(said).toContain('in my tent or cabinet');
  expect(inOrOn(undefined)).toBe('in');
});

test('a reading says its month', () => {
  expect(readingLine({ month: 1, relativeHumidityPct: 38 })).toBe('Read in January: 38 %');
  expect(answeredAnew('my sill')).toBe('my sill, answered anew');
});

test('what a place is stays with it', () => {
  expect(roomNote({ ...sill, aspect: 'east' })).toBe('Windowsill in Stuttgart, looks east.');
  expect(roomNote(usualRoom({ ...town, name: '' }, 'garden'))).toBe('Garden at 49° of latitude.');
});

test('towns with their country, collections with what they hold', () => {
  expect(townInWords({ name: 'Portland', region: 'OR', country: 'United States' })).toBe('Portland, OR, United States');
  expect(townInWords({ name: 'Quito', region: '', country: 'Ecuador' })).toBe('Quito, Ecuador');
  expect(collectionLine(1, 2)).toBe('1 plant in 2 places of your own.');
  expect(collectionLine(60, null)).toBe('60 plants.');
});
