/** How the leading shoots run, and what follows for pot and place in it. */
import { contextOf, neededWidthCm } from '../decide/setups';
import { growsOneWay, resolveCase } from './';
import { leadDirections } from './lead-directions';

interface Said {
  readonly fronts?: number;
  readonly frontsRun?: (typeof leadDirections)[number];
}
const caseWith = (said: Said) =>
  resolveCase({ genus: 'cattleya-unifoliate', place: 'heated-flat', shootCount: 6, ...said });
const plantWith = (said: Said) => caseWith(said).plant;
const neededCm = (said: Said) => neededWidthCm(contextOf(caseWith(said)), 2);

test('one front runs one way, two run apart, more run all round, unless the grower says how they run', () => {
  expect(plantWith({}).frontsRun).toBe('one way');
  expect(plantWith({ fronts: 2 }).frontsRun).toBe('two ways');
  expect(plantWith({ fronts: 3 }).frontsRun).toBe('all round');
  expect(plantWith({ fronts: 3, frontsRun: 'one way' }).frontsRun).toBe('one way');
});

test('fronts that run side by side keep their backs to the wall and need less room than such as run apart (common practice)', () => {
  const beside = { fronts: 2, frontsRun: 'one way' } as const;
  expect(growsOneWay(plantWith(beside))).toBe(true);
  expect(growsOneWay(plantWith({ fronts: 2 }))).toBe(false);
  expect(neededCm(beside)).toBeGreaterThanOrEqual(neededCm({}));
  expect(neededCm({ fronts: 2 })).toBeGreaterThan(neededCm(beside) + 1);
});

test('growth said to run both ways leaves the wall even where the fronts were not counted', () => {
  expect(growsOneWay(plantWith({ frontsRun: 'two ways' }))).toBe(false);
});
