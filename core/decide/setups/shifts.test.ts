import type { PlanCase } from '../../case';
import { planCaseSchema, resolveCase } from '../../testing';
import { contextOf } from './context';
import { type PotAsks, pieceShifts, shiftFactor } from './shifts';

const plain: PotAsks = { hasReservoir: false, rimDiameterCm: 12, isOrganic: true };
const contextFor = (planCase: PlanCase) => contextOf(resolveCase(planCaseSchema.parse(planCase)));
const factor = (planCase: PlanCase, pot: Partial<PotAsks> = {}) =>
  shiftFactor(pieceShifts(contextFor(planCase), { ...plain, ...pot }));
const oncidium: PlanCase = { genus: 'oncidium', place: 'bathroom' };

// Common practice, no source.
describe('piece size follows roots first, then shifts', () => {
  test('of an ordinary plant in damp still air it does not', () => {
    expect(factor(oncidium)).toBe(1);
  });

  test('finer where the air is dry, roots are kept moist or hairy', () => {
    expect(factor({ ...oncidium, place: 'heated-flat' })).toBeLessThan(1);
    expect(factor({ genus: 'miltoniopsis', place: 'bathroom' })).toBeLessThan(1);
    expect(factor({ genus: 'paphiopedilum', place: 'bathroom' })).toBeLessThan(
      factor({ genus: 'miltoniopsis', place: 'bathroom' }),
    );
  });

  test('larger over water, in a large pot, for lovers of air and under daily rain', () => {
    expect(factor(oncidium, { hasReservoir: true })).toBeGreaterThan(1);
    expect(factor(oncidium, { rimDiameterCm: 24 })).toBeGreaterThan(1);
    expect(factor({ genus: 'vanda', place: 'bathroom' })).toBeGreaterThan(1);
    expect(factor({ ...oncidium, place: 'humid-terrace' })).toBeGreaterThan(1);
  });

  test('fine roots in good health may go one grade up in stone, not in bark', () => {
    const fine: PlanCase = { genus: 'masdevallia', place: 'cool-shade', rootDiameterMm: 0.8 };
    expect(factor(fine, { isOrganic: false })).toBeGreaterThan(factor(fine));
    expect(factor({ ...fine, liveRootsPct: 50 }, { isOrganic: false })).toBe(factor({ ...fine, liveRootsPct: 50 }));
  });

  test('every shift grows with its cause, without a jump, and together they stay within what roots can follow', () => {
    const overPots = Array.from({ length: 60 }, (_, i) => factor(oncidium, { rimDiameterCm: 6 + i * 0.5 }));
    const overRoots = Array.from({ length: 40 }, (_, i) =>
      factor({ ...oncidium, rootDiameterMm: 0.6 + i * 0.05 }, { isOrganic: false }),
    );
    for (const sweep of [overPots, overRoots]) {
      sweep.slice(1).forEach((value, i) => expect(Math.abs(value - sweep[i]!)).toBeLessThan(0.03));
    }
    const most = factor({ genus: 'vanda', place: 'humid-terrace' }, { hasReservoir: true, rimDiameterCm: 30 });
    expect(most).toBeLessThanOrEqual(1.6);
    expect(factor({ genus: 'paphiopedilum', place: 'heated-flat' })).toBeGreaterThanOrEqual(0.65);
  });
});
