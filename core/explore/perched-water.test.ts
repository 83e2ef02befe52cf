import { mediumById, mediumIds } from '../catalogue/media';
import { makePot } from '../catalogue/vessels';
import type { PottedSetup } from '../physics/drydown';
import { capillaryShare, hydraulicsOf } from '../physics/media';
import { k } from './constants';
import { comparePerchedWater, perchedWaterHeightCm } from './perched-water';

const pot = makePot('plastic-round', 15);

function filled(mediumId: string, crockingCm: number): PottedSetup {
  const mix = (id: string) => [{ medium: mediumById(id), parts: 1 }];
  const main = { role: 'main' as const, mix: mix(mediumId), heightCm: pot.heightCm - 1 - crockingCm };
  const crocking = { role: 'crocking' as const, mix: mix('pebbles-16-32'), heightCm: crockingCm };
  return { kind: 'pot', pot, layers: crockingCm > 0 ? [crocking, main] : [main] };
}

describe('the wet foot (capillary break: Hillel, Introduction to Environmental Soil Physics)', () => {
  test.each(['bark-2-4', 'fired-clay-2-5', 'peat-perlite', 'baked-clay-1-2'])(
    '%s: crocking leaves its height as it was and takes away from its volume',
    (mediumId) => {
      const { withCrocking, withoutCrocking, crockingHeightCm } = comparePerchedWater(filled(mediumId, 3));
      expect(crockingHeightCm).toBe(3);
      expect(withCrocking.heightCm).toBeCloseTo(withoutCrocking.heightCm, 9);
      // A pot widens upwards: the same height higher up holds even a little more water.
      expect(withCrocking.volumeL).toBeGreaterThan(withoutCrocking.volumeL);
    },
  );

  test('a foot higher than the layer ends at its surface', () => {
    const deep = comparePerchedWater(filled('peat-perlite', 4));
    expect(deep.withCrocking.heightCm).toBeLessThanOrEqual(pot.heightCm - 1 - 4);
  });

  test('finer pieces keep a higher foot; coarse bark hardly any', () => {
    const heightOf = (id: string) => perchedWaterHeightCm(hydraulicsOf(mediumById(id)), 20);
    expect(heightOf('bark-2-4')).toBeGreaterThan(heightOf('bark-6-12'));
    expect(heightOf('bark-12-25')).toBeLessThan(1);
  });

  test('at the top of the foot the passages are four-fifths full, above it less (Brooks-Corey)', () => {
    for (const id of mediumIds) {
      const medium = hydraulicsOf(mediumById(id));
      const height = perchedWaterHeightCm(medium, 1e6);
      expect(capillaryShare(medium.airEntryHeadCm, medium.poreSizeIndex, height)).toBeCloseTo(k.FULL_ABOVE, 9);
      expect(capillaryShare(medium.airEntryHeadCm, medium.poreSizeIndex, height * 1.1)).toBeLessThan(k.FULL_ABOVE);
    }
  });
});
