/** Pieces, water and air are one bed: they add up to it, and none is negative, whatever is mixed, how deep and how old. */
import fc from 'fast-check';
import { mediaCatalogue, mediumById } from '../../catalogue/media';
import { hydraulicsOfAgedMix } from './ageing';
import { hydraulicsOfMix, type Mix } from './mix';
import { airFilledPorosity, containerCapacity, hydraulicsOf } from './retention';

const catalogue = mediaCatalogue.map((entry) => mediumById(entry.id));
const media = fc.constantFrom(...catalogue);
const mixes: fc.Arbitrary<Mix> = fc
  .array(fc.record({ medium: media, parts: fc.double({ min: 0.1, max: 5, noNaN: true }) }), {
    minLength: 1,
    maxLength: 5,
  })
  .filter((mix) => new Set(mix.map(({ medium }) => medium.id)).size === mix.length);
const depths = fc.double({ min: 0.2, max: 60, noNaN: true });
const ages = fc.record({
  months: fc.double({ min: 0, max: 120, noNaN: true }),
  conditions: fc.record({
    temperatureC: fc.double({ min: 0, max: 35, noNaN: true }),
    wetness: fc.double({ min: 0, max: 1, noNaN: true }),
  }),
});

test('any mix, depth and age: water and air and pieces are all of it, none below nothing', () => {
  fc.assert(
    fc.property(mixes, depths, ages, (mix, depthCm, age) => {
      const medium = hydraulicsOfAgedMix(mix, age);
      const [water, air] = [containerCapacity(medium, depthCm), airFilledPorosity(medium, depthCm)];
      const pieces = 1 - medium.totalPorosity;
      expect(water).toBeGreaterThan(0);
      expect(air).toBeGreaterThanOrEqual(-1e-12);
      expect(pieces).toBeGreaterThan(0);
      expect(water + air + pieces).toBeCloseTo(1, 12);
    }),
    { numRuns: 2000 },
  );
});

test.each(catalogue.map((medium) => [medium.id, medium] as const))(
  '%s holds what the catalogue states at 10 cm',
  (_id, medium) => {
    const figures = hydraulicsOf(medium);
    // Grit and fine gravel: the fringe by their grain alone is a little more than the catalogue's capacity.
    const slack = /^(grit-1-3|gravel-4-8)$/.test(medium.id) ? 0.025 : 0.005;
    expect(Math.abs(containerCapacity(figures, 10) - medium.capacityAt10cm)).toBeLessThan(slack);
    expect(Math.abs(airFilledPorosity(figures, 10) - medium.airAt10cm)).toBeLessThan(slack);
    expect(hydraulicsOfMix([{ medium, parts: 1 }])).toEqual(figures);
  },
);
