/** Rooms against what surveys of homes report, and against what every grower knows of a room. */
import { climateStations } from '../catalogue/climates';
import { meanAir, type RoomDescription, type RoomKind, roomKinds, usualRoom } from '../physics/places';
import { roomPlace } from './room-place';

const towns = {
  helsinki: [60.2, 24.9],
  stuttgart: [48.8, 9.2],
  newYork: [40.7, -74],
  montreal: [45.5, -73.6],
  london: [51.5, -0.1],
  tokyo: [35.7, 139.7],
  singapore: [1.35, 103.8],
  brisbane: [-27.5, 153],
} as const;
type Town = keyof typeof towns;

const townOf = (town: Town) => ({
  name: town,
  latitudeDeg: towns[town][0],
  longitudeDeg: towns[town][1],
  altitudeM: null,
});
const made = (town: Town, kind: RoomKind, more: Partial<RoomDescription> = {}) =>
  roomPlace({ ...usualRoom(townOf(town), kind), ...more }, kind, climateStations);
const humidity = (room: ReturnType<typeof made>, month: number) =>
  meanAir(room.place.months[month - 1]!).relativeHumidityPct;

/**
 * Mean humidity indoors in winter and summer as such surveys report it (remembered, rounded outwards): Kalamees, Vinha
 * & Kurnitski 2006 (Finland); Quinn & Shaman 2017 (New York); Oreszczyn et al. 2006 (England); Holm & Künzel 2006
 * (Germany); Gilbert et al. 2008 (Quebec); the Architectural Institute of Japan’s survey of dwellings 2004.
 */
test.each<[Town, Partial<RoomDescription>, number, number, number, number]>([
  ['helsinki', {}, 24, 40, 45, 66],
  ['newYork', { isCooled: true }, 24, 42, 42, 60],
  ['london', {}, 40, 57, 50, 65],
  ['stuttgart', {}, 36, 52, 50, 66],
  ['montreal', {}, 24, 42, 48, 66],
  ['tokyo', { isCooled: true, heating: 'a little' }, 38, 56, 45, 68],
])('a living room in %s is as dry in winter and as damp in summer as surveys say', (town, more, ...within) => {
  const room = made(town, 'room', more);
  const [winterFrom, winterTo, summerFrom, summerTo] = within;
  expect(humidity(room, 1)).toBeGreaterThanOrEqual(winterFrom!);
  expect(humidity(room, 1)).toBeLessThanOrEqual(winterTo!);
  expect(humidity(room, 7)).toBeGreaterThanOrEqual(summerFrom!);
  expect(humidity(room, 7)).toBeLessThanOrEqual(summerTo!);
});

describe('what every grower knows (common practice, no source)', () => {
  test('heated rooms are drier in winter than in summer; more plants, a humidifier, a bathroom damper', () => {
    const plain = made('stuttgart', 'windowsill');
    expect(humidity(plain, 1)).toBeLessThan(humidity(plain, 8) - 5);
    expect(humidity(made('stuttgart', 'windowsill', { hasManyPlants: true }), 1)).toBeGreaterThan(humidity(plain, 1));
    expect(humidity(made('stuttgart', 'bathroom'), 1)).toBeGreaterThan(humidity(plain, 1) + 10);
    const humidified = made('helsinki', 'room', { hasHumidifier: true });
    for (let month = 1; month <= 12; month += 1) expect(humidity(humidified, month)).toBeGreaterThanOrEqual(49);
  });

  test('a glasshouse and a tent are damper than the room, a cellar cooler and darker', () => {
    const room = made('stuttgart', 'room');
    for (const kind of ['glasshouse', 'tent'] as const) {
      expect(humidity(made('stuttgart', kind), 1)).toBeGreaterThan(humidity(room, 1) + 8);
    }
    const cellar = made('stuttgart', 'cellar').place.months[6]!;
    expect(cellar.day.temperatureC).toBeLessThan(room.place.months[6]!.day.temperatureC - 3);
    expect(cellar.lightWattsPerM2).toBeLessThan(15);
  });

  test('a sunny window is brighter than a shaded one, one that looks away from the sun, and the middle of the room', () => {
    const light = (kind: RoomKind, more: Partial<RoomDescription> = {}) =>
      made('stuttgart', kind, more).place.months[11]!.lightWattsPerM2;
    const sunny = light('windowsill');
    expect(light('windowsill', { shade: 'partly' })).toBeLessThan(sunny);
    expect(light('windowsill', { shade: 'much' })).toBeLessThan(light('windowsill', { shade: 'partly' }));
    expect(light('windowsill', { hasCurtain: true })).toBeLessThan(sunny);
    expect(light('windowsill', { aspect: 'north' })).toBeLessThan(sunny / 2);
    expect(light('room')).toBeLessThan(sunny / 2);
  });

  test('in the south the sun comes from the north, and January is summer', () => {
    const [north, south] = (['north', 'south'] as const).map(
      (aspect) => made('brisbane', 'windowsill', { aspect }).place,
    );
    expect(north!.months[5]!.lightWattsPerM2).toBeGreaterThan(south!.months[5]!.lightWattsPerM2);
    expect(usualRoom(townOf('brisbane'), 'windowsill').aspect).toBe('north');
    expect(north!.months[0]!.day.temperatureC).toBeGreaterThan(north!.months[6]!.day.temperatureC);
  });

  test('rain falls in the garden, some on a balcony, none under a roof; indoors no wind', () => {
    const rain = (kind: RoomKind) => made('singapore', kind).place.months[10]!.rainMm;
    expect(rain('garden')).toBeGreaterThan(200);
    expect(rain('balcony')).toBeLessThan(rain('garden') / 2);
    for (const kind of ['veranda', 'windowsill', 'glasshouse'] as const) expect(rain(kind)).toBe(0);
    for (const kind of roomKinds) {
      const { airflow, setting } = made('london', kind).place;
      expect(setting === 'outdoor').toBe(['sheltered outdoors', 'windy'].includes(airflow));
    }
  });

  test('cooling keeps a hot room to its degrees and dries it', () => {
    const [warm, cooled] = [false, true].map((isCooled) => made('singapore', 'room', { isCooled, heating: 'none' }));
    expect(cooled!.place.months[4]!.day.temperatureC).toBeLessThan(26.5);
    expect(humidity(cooled!, 5)).toBeLessThan(humidity(warm!, 5) - 5);
  });
});

describe('readings', () => {
  const reading = { month: 1, relativeHumidityPct: 58 };

  test('the month of a reading is what was read, its weather nearly, the other half of the year less', () => {
    const [before, after] = [[], [reading]].map((readings) => made('stuttgart', 'windowsill', { readings }));
    expect(Math.abs(humidity(after!, 1) - 58)).toBeLessThanOrEqual(1);
    const shift = (month: number) => humidity(after!, month) - humidity(before!, month);
    expect(shift(2)).toBeGreaterThan(0.8 * shift(1));
    expect(shift(7)).toBeLessThan(0.3 * shift(1));
    expect(after!.origins.humidity).toBe('your readings');
  });

  test('two readings hold winter and summer; what is read is surer than what is not', () => {
    const readings = [reading, { month: 7, relativeHumidityPct: 45 }];
    const room = made('stuttgart', 'windowsill', { readings });
    expect(Math.abs(humidity(room, 1) - 58)).toBeLessThanOrEqual(1);
    expect(Math.abs(humidity(room, 7) - 45)).toBeLessThanOrEqual(1);
    const unread = made('stuttgart', 'windowsill');
    for (const month of [0, 6]) {
      expect(room.unsure[month]!.humidityPoints).toBeLessThan(0.6 * unread.unsure[month]!.humidityPoints);
    }
  });

  test('a thermometer’s ends move the cold nights and the hot days', () => {
    const plain = made('stuttgart', 'windowsill').place.months;
    const read = made('stuttgart', 'windowsill', { lowestC: 12, highestC: 33 }).place.months;
    expect(read[0]!.night.temperatureC).toBeCloseTo(13.5, 0);
    expect(read[6]!.day.temperatureC).toBeCloseTo(30, 0);
    expect(read[0]!.day.temperatureC).toBeLessThan(plain[0]!.day.temperatureC + 2.5);
  });
});

const alongMeridian = (kind: RoomKind, stepDeg: number) =>
  Array.from({ length: 130 / stepDeg + 1 }, (_, i) => {
    const home = { name: '', latitudeDeg: 65 - i * stepDeg, longitudeDeg: 12, altitudeM: 100 };
    return roomPlace(usualRoom(home, kind), kind, climateStations).place;
  });

test.each(roomKinds)('%s: everywhere from north to south a place that can be kept', (kind) => {
  const halves = alongMeridian(kind, 2).flatMap(({ months }) => months.flatMap(({ day, night }) => [day, night]));
  for (const { temperatureC, relativeHumidityPct } of halves) {
    expect(relativeHumidityPct).toBeGreaterThan(5);
    expect(relativeHumidityPct).toBeLessThan(99);
    expect(Math.abs(temperatureC - 15)).toBeLessThan(36);
  }
});

test('nothing jumps from north to south', () => {
  const nights = alongMeridian('windowsill', 0.25).map(({ months }) => months.map(({ night }) => night.temperatureC));
  const steps = nights.slice(1).flatMap((months, i) => months.map((nightC, m) => Math.abs(nightC - nights[i]![m]!)));
  expect(Math.max(...steps)).toBeLessThan(2);
});
