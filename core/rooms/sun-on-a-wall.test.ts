import { declinationOf, diffuseShare, sunOnWallMJ } from './sun-on-a-wall';

const june = { latitudeDeg: 50, dayOfYear: 172, sunMJ: 19, extraterrestrialMJ: 41.4 };
const december = { latitudeDeg: 50, dayOfYear: 355, sunMJ: 2.5, extraterrestrialMJ: 8.5 };
const of = (sun: typeof june) => ({
  north: sunOnWallMJ(sun, 'north'),
  east: sunOnWallMJ(sun, 'east'),
  south: sunOnWallMJ(sun, 'south'),
  west: sunOnWallMJ(sun, 'west'),
});

test('the declination is +23.45° in midsummer and 0 at the equinox (Cooper 1969)', () => {
  const degrees = (dayOfYear: number) => (declinationOf(dayOfYear) * 180) / Math.PI;
  expect(degrees(172)).toBeCloseTo(23.45, 1);
  expect(degrees(81)).toBeCloseTo(0, 1);
  expect(degrees(355)).toBeCloseTo(-23.45, 1);
});

test('under cloud nearly all comes from the whole sky, under a clear one a quarter (Erbs, Klein & Duffie 1982)', () => {
  expect(diffuseShare(0.3, 1.57)).toBeGreaterThan(0.6);
  expect(diffuseShare(0.75, 1.57)).toBeLessThan(0.26);
  const shares = Array.from({ length: 51 }, (_, i) => diffuseShare(0.3 + i / 100, 1.57));
  shares.slice(1).forEach((share, i) => expect(share).toBeLessThan(shares[i]!));
});

test('in winter the sun stands on the south wall, in summer on east and west', () => {
  const [warm, cold] = [of(june), of(december)];
  expect(cold.south).toBeGreaterThan(2 * cold.east);
  expect(cold.south).toBeGreaterThan(december.sunMJ);
  expect(warm.east).toBeGreaterThan(0.85 * warm.south);
  expect(warm.north).toBeLessThan(0.8 * warm.south);
  for (const { east, west } of [warm, cold]) expect(east).toBeCloseTo(west, 6);
});

test('the southern hemisphere is the northern half a year later, turned round', () => {
  const south = { ...december, latitudeDeg: -50, dayOfYear: december.dayOfYear - 183 };
  expect(sunOnWallMJ(south, 'north') / sunOnWallMJ(december, 'south')).toBeCloseTo(1, 1);
});

test('an overcast sky lights every wall alike: half the sky and a tenth from the ground', () => {
  const grey = { ...june, sunMJ: 3 };
  const walls = Object.values(of(grey));
  expect(Math.max(...walls) / Math.min(...walls)).toBeLessThan(1.4);
  expect(Math.min(...walls)).toBeGreaterThan(0.4 * grey.sunMJ);
});

test('a night without end has no sun', () => {
  expect(sunOnWallMJ({ ...december, sunMJ: 0, extraterrestrialMJ: 0 }, 'south')).toBe(0);
});
