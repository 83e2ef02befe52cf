/** Several plants in one pot. */
import { waterUseOf, resolveCase } from '.';
import { widthTogether } from './width-together';

const asked = { genus: 'paphiopedilum', place: 'heated-flat' } as const;
const plantOf = (plantCount?: number) =>
  resolveCase({ ...asked, ...(plantCount === undefined ? {} : { plantCount }) }).plant;

test('one is as it was; three take more room than one and less than three in a row', () => {
  expect(plantOf(1)).toEqual(plantOf());
  const [one, three] = [plantOf(1), plantOf(3)];
  expect(three.rootBallDiameterCm).toBeGreaterThan(1.5 * one.rootBallDiameterCm);
  expect(three.rootBallDiameterCm).toBeLessThan(2.155 * one.rootBallDiameterCm);
  expect(three.leafAreaCm2).toBe(3 * one.leafAreaCm2);
  expect(three.shootCount).toBe(3 * one.shootCount);
  expect(three.fronts).toBeGreaterThanOrEqual(2);
});

test('what is said is said of all of them', () => {
  const said = { shootCount: 7, rootBallDiameterCm: 11, leafAreaCm2: 500 };
  expect(resolveCase({ ...asked, ...said, plantCount: 3 }).plant).toMatchObject(said);
  // The leaves of seven shoots on three plants, where nobody said: those of two or three on each.
  const few = resolveCase({ ...asked, shootCount: 7, plantCount: 3 }).plant;
  expect(few.leafAreaCm2).toBeGreaterThan(plantOf(1).leafAreaCm2);
  expect(few.leafAreaCm2).toBeLessThan(plantOf(3).leafAreaCm2);
});

test('they drink as so many, and have the roots of so many', () => {
  const [one, three] = [waterUseOf(plantOf(1)), waterUseOf(plantOf(3))];
  expect(three.leafAreaCm2 / one.leafAreaCm2).toBeCloseTo(3);
  // The ball is told in halves of a centimetre.
  expect(three.rootVolumeL / one.rootVolumeL).toBeGreaterThan(2.6);
  expect(three.rootVolumeL / one.rootVolumeL).toBeLessThan(3.4);
});

test('seven circles about one another are three wide (geometry), less as roots reach into each other', () => {
  expect(widthTogether(7)).toBeLessThan(3);
  expect(widthTogether(7)).toBeGreaterThan(2.5);
  expect(() => widthTogether(8)).toThrow(/between 1 and 7/);
});
