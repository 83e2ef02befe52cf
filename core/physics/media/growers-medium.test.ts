import fc from 'fast-check';
import { mediumById, mediumIds } from '../../catalogue/media';
import { type GrowersMedium, growersMediumFigures } from './growers-medium';
import { containerCapacity, hydraulicsOf } from './retention';
import { nearestSieve, sieves, sievesOf } from './sieves';

const figuresOf = (own: GrowersMedium) => growersMediumFigures(own, mediumById(own.likeId));

describe('a grower’s own medium', () => {
  test('without measurements it is the similar one under another name', () => {
    const own = figuresOf({ name: 'My bark', likeId: 'bark-6-12' });
    expect(own).toEqual({ ...mediumById('bark-6-12'), name: 'My bark' });
  });

  test('measured in a bed of 10 cm, it holds what was measured', () => {
    const own = figuresOf({ name: 'Mix', likeId: 'bark-6-12', airShare: 0.4, capacityShare: 0.3, depthCm: 10 });
    expect(own.capacityAt10cm).toBeCloseTo(0.3, 9);
    expect(own.airAt10cm).toBeCloseTo(0.4, 9);
  });

  test('a test in a shallower bed, where the wet foot weighs more, is carried over to 10 cm', () => {
    const shallow = figuresOf({
      name: 'Mix',
      likeId: 'bark-2-4',
      airShare: 0.3,
      capacityShare: 0.4,
      depthCm: 5,
    });
    expect(shallow.capacityAt10cm).toBeLessThan(0.4);
    // Back in a bed of 5 cm the model gives what was measured there.
    expect(containerCapacity(hydraulicsOf(shallow), 5)).toBeCloseTo(0.4, 2);
  });

  test('whatever is measured, pores stay pores', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...mediumIds),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0.05, max: 0.35, noNaN: true }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        (likeId, airShare, capacityShare, depthCm) => {
          const own = figuresOf({ name: 'x', likeId, airShare, capacityShare, depthCm });
          expect(own.airAt10cm + own.capacityAt10cm).toBeCloseTo(airShare + capacityShare, 9);
          expect(own.airAt10cm).toBeGreaterThan(0);
          expect(own.capacityAt10cm).toBeGreaterThan(0);
          expect(own.interPorosity).toBeLessThanOrEqual(airShare + capacityShare + 1e-12);
        },
      ),
    );
  });
});

describe('sieves (ASTM E11 designations)', () => {
  test.each([
    [4.75, 'No. 4'],
    [2, 'No. 10'],
    [9.5, '3/8 in'],
    [25, '1 in'],
  ])('an opening of %s mm is %s', (openingMm, designation) => {
    expect(sieves.find((sieve) => sieve.openingMm === openingMm)?.designation).toBe(designation);
  });

  test('openings named in inches are those inches within a fiftieth', () => {
    const inInches = sieves.flatMap(({ openingMm, designation }) => {
      const match = /^(?:(\d+) )?(?:(\d+)\/(\d+)|(\d+)) in$/.exec(designation);
      return match ? [{ openingMm, match }] : [];
    });
    expect(inInches.length).toBeGreaterThanOrEqual(8);
    for (const { openingMm, match } of inInches) {
      const whole = Number(match[1] ?? match[4] ?? 0);
      const inches = whole + (match[2] ? Number(match[2]) / Number(match[3]) : 0);
      expect(Math.abs(openingMm / (inches * 25.4) - 1)).toBeLessThan(0.025);
    }
  });

  test('a grade passes the coarser and stays on the finer', () => {
    const { staysOn, passes } = sievesOf({ d10Mm: 6, d90Mm: 12 });
    expect(staysOn.designation).toBe('1/4 in');
    expect(passes.designation).toBe('1/2 in');
    expect(nearestSieve(100).openingMm).toBe(50);
  });
});
