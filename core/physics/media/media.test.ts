import fc from 'fast-check';
import { mediaCatalogue, mediumById } from '../../catalogue/media';
import { SETTLING_SHARE } from './constants';
import { bagMeasures, hydraulicsOfMix, volumeYield } from './mix';
import { mixedVolumeL, packedSolidFraction } from './packing';
import {
  airEntryHeadCm,
  airFilledPorosity,
  capacityBetween,
  capillaryShare,
  containerCapacity,
  hydraulicsOf,
  meanCapillaryShare,
} from './retention';

const everyMedium = mediaCatalogue.map((entry) => mediumById(entry.id));

test('the catalogue holds at least 36 graded media, each with its own id', () => {
  expect(mediaCatalogue.length).toBeGreaterThanOrEqual(36);
  expect(new Set(mediaCatalogue.map((entry) => entry.id)).size).toBe(mediaCatalogue.length);
});

test('an unknown medium answers with the known ones', () => {
  expect(() => mediumById('bark')).toThrow(/bark-6-12/);
});

describe.each(everyMedium.map((medium) => [medium.id, medium] as const))('%s', (_id, medium) => {
  const hydraulics = hydraulicsOf(medium);

  test('its pores can hold what it is said to hold', () => {
    expect(medium.d10Mm).toBeLessThan(medium.d90Mm);
    expect(medium.airAt10cm + medium.capacityAt10cm).toBeLessThan(1);
    expect(hydraulics.innerWater).toBeGreaterThan(0);
    expect(hydraulics.unavailableWater).toBeLessThan(medium.capacityAt10cm);
  });

  test('its capacity in a 10 cm bed is the stated one', () => {
    // The film floor may lift media whose fringe alone exceeds what is stated.
    expect(Math.abs(containerCapacity(hydraulics, 10) - medium.capacityAt10cm)).toBeLessThan(0.06);
  });

  test('a deeper bed holds less water and more air by volume', () => {
    expect(containerCapacity(hydraulics, 20)).toBeLessThanOrEqual(containerCapacity(hydraulics, 5) + 1e-12);
    expect(airFilledPorosity(hydraulics, 20)).toBeGreaterThanOrEqual(airFilledPorosity(hydraulics, 5) - 1e-12);
  });
});

describe('capillary fringe', () => {
  test('2 mm pieces hold a fringe of 1-2 cm, 10 mm pieces almost none (Terzaghi & Peck rule)', () => {
    expect(airEntryHeadCm(0.45, 2)).toBeGreaterThan(1);
    expect(airEntryHeadCm(0.45, 2)).toBeLessThan(2);
    expect(airEntryHeadCm(0.45, 10)).toBeLessThan(0.4);
  });

  test('the closed-form mean equals a fine numerical mean', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.double({ min: 0.4, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0.5, max: 15, noNaN: true }),
        (entry, index, from, depth) => {
          const steps = 4000;
          let sum = 0;
          for (let k = 0; k < steps; k += 1) sum += capillaryShare(entry, index, from + ((k + 0.5) * depth) / steps);
          expect(meanCapillaryShare(entry, index, from, from + depth)).toBeCloseTo(sum / steps, 3);
        },
      ),
      { numRuns: 100 },
    );
  });

  test('slices add up to the whole bed', () => {
    const bark = hydraulicsOf(mediumById('bark-3-6'));
    const whole = containerCapacity(bark, 12) * 12;
    const slices = [0, 2, 5, 9].reduce((sum, from, i) => {
      const to = [2, 5, 9, 12][i]!;
      return sum + capacityBetween(bark, from, to) * (to - from);
    }, 0);
    expect(slices).toBeCloseTo(whole, 9);
  });
});

describe('mixing', () => {
  const coarse = { sizeMm: 20, bulkL: 1, interPorosity: 0.45 };

  test('equal sizes: volumes add', () => {
    expect(mixedVolumeL([coarse, { ...coarse, bulkL: 0.7 }])).toBeCloseTo(1.7, 9);
  });

  test('very unequal sizes: fines vanish in the voids until those are full (Furnas 1931)', () => {
    const fines = { sizeMm: 0.02, bulkL: 0.3, interPorosity: 0.45 };
    expect(mixedVolumeL([coarse, fines])).toBeGreaterThan(0.97);
    expect(mixedVolumeL([coarse, fines])).toBeLessThan(1.06);
    // Past the full voids (0.45 L) each litre of fines adds about a litre less what it replaces.
    const filled = mixedVolumeL([coarse, { ...fines, bulkL: 0.45 }]);
    const over = mixedVolumeL([coarse, { ...fines, bulkL: 0.95 }]);
    expect(over - filled).toBeGreaterThan(0.42);
  });

  test('Westman and Hugill 1930: the densest mix of very unequal sizes is near 1-(voids)²', () => {
    const fines = { sizeMm: 0.001, bulkL: 0.45, interPorosity: 0.45 };
    expect(packedSolidFraction([coarse, fines])).toBeCloseTo(1 - 0.45 * 0.45, 1);
  });

  test('a mix never takes more room than its parts nor less than its solids', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            sizeMm: fc.double({ min: 0.2, max: 40, noNaN: true }),
            bulkL: fc.double({ min: 0.05, max: 5, noNaN: true }),
            interPorosity: fc.double({ min: 0.35, max: 0.75, noNaN: true }),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        (fractions) => {
          const bulk = fractions.reduce((sum, fraction) => sum + fraction.bulkL, 0);
          const solid = fractions.reduce((sum, fraction) => sum + fraction.bulkL * (1 - fraction.interPorosity), 0);
          const mixed = mixedVolumeL(fractions);
          expect(mixed).toBeGreaterThan(solid);
          expect(mixed).toBeLessThan(bulk * 1.0001);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('the bag measures bring the wanted volume, settling allowed for', () => {
    const mix = [
      { medium: mediumById('bark-12-25'), parts: 4 },
      { medium: mediumById('perlite-1-3'), parts: 2 },
    ];
    const measures = bagMeasures(mix, 3);
    const taken = measures.map((measure) => measure.takeL);
    expect(taken[0]! / taken[1]!).toBeCloseTo(2, 9);
    expect(taken.reduce((sum, litres) => sum + litres, 0) * volumeYield(mix)).toBeCloseTo(3 * (1 + SETTLING_SHARE), 9);
    expect(volumeYield(mix)).toBeLessThan(0.95);
  });

  test('moss in bark raises the water it holds and lowers its air', () => {
    const bark = hydraulicsOf(mediumById('bark-6-12'));
    const mixed = hydraulicsOfMix([
      { medium: mediumById('bark-6-12'), parts: 3 },
      { medium: mediumById('sphagnum-chopped'), parts: 1 },
    ]);
    expect(containerCapacity(mixed, 10)).toBeGreaterThan(containerCapacity(bark, 10));
    expect(airFilledPorosity(mixed, 10)).toBeLessThan(airFilledPorosity(bark, 10));
  });
});
