/** How the leading shoots run, and what follows for pot and place in it. */
import { demoPlaces } from '../catalogue/places';
import { neededWidthCm } from '../decide/setups';
import { growsOneWay, resolveCase } from '.';
import { frontDirections } from './fronts';

const plantWith = (said: { fronts?: number; frontsRun?: (typeof frontDirections)[number] }) =>
  resolveCase({ genus: 'cattleya-unifoliate', place: 'heated-flat', shootCount: 6, ...said }, demoPlaces).plant;

test('one front runs one way, two run apart, more run all round, unless the grower says how they run', () => {
  expect(plantWith({}).frontsRun).toBe('one way');
  expect(plantWith({ fronts: 2 }).frontsRun).toBe('two ways');
  expect(plantWith({ fronts: 3 }).frontsRun).toBe('all round');
  expect(plantWith({ fronts: 3, frontsRun: 'one way' }).frontsRun).toBe('one way');
});

test('fronts that run side by side keep their backs to the wall and need room before them only (common practice)', () => {
  const beside = plantWith({ fronts: 3, frontsRun: 'one way' });
  expect(growsOneWay(beside)).toBe(true);
  expect(neededWidthCm(beside, 2)).toBe(neededWidthCm(plantWith({}), 2));
  const apart = plantWith({ fronts: 2 });
  expect(growsOneWay(apart)).toBe(false);
  expect(neededWidthCm(apart, 2)).toBeGreaterThan(neededWidthCm(beside, 2));
});

test('growth said to run both ways leaves the wall even where the fronts were not counted', () => {
  expect(growsOneWay(plantWith({ frontsRun: 'two ways' }))).toBe(false);
});
