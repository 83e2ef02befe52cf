import { seededRandom } from './chance/seeded-random';
import { CLOSENESS, emptySpace } from './space';

/** Sizes as of dust and stones in one layer. */
function discs(count: number, seed: number) {
  const random = seededRandom(seed);
  return Array.from({ length: count }, () => ({
    radiusCm: 0.02 * 100 ** random(),
    xCm: random() * 20 - 10,
    yCm: random() * 12 - 1,
  }));
}

describe('room for one more piece', () => {
  test.each([1, 2, 3])('is found as by looking at every piece there is (%i)', (seed) => {
    const coming = discs(2000, seed);
    const space = emptySpace(coming.map(({ radiusCm }) => radiusCm));
    const taken: typeof coming = [];
    const found = { free: 0, full: 0 };
    for (const disc of coming) {
      const isFree = taken.every(
        (other) =>
          Math.hypot(other.xCm - disc.xCm, other.yCm - disc.yCm) >= (other.radiusCm + disc.radiusCm) * CLOSENESS,
      );
      expect(space.isFree(disc.xCm, disc.yCm, disc.radiusCm)).toBe(isFree);
      found[isFree ? 'free' : 'full'] += 1;
      if (!isFree) continue;
      space.take(disc);
      taken.push(disc);
    }
    expect(Math.min(found.free, found.full)).toBeGreaterThan(100);
  });

  test('is everywhere as long as nothing lies there', () => {
    expect(emptySpace([]).isFree(0, 0, 1)).toBe(true);
  });
});
