/** Stresses: between 0 and 1, smooth, worse where growers say worse, and with recovery (directions: common practice). */
import fc from 'fast-check';
import { leastBorneAir, neededAir, soddenness, suffocation } from './air';
import { stressOf } from './curve';
import { drierThanAsked, openShare, parching, refillGH } from './drought';
import { type RootNeeds, saltToleranceDsM, warmthOf } from './needs';
import { regimeFigures } from './regime';
import { dayShares, freshStrain, type Met, strainOn, stressesOf, stressKinds, waysOf, wholeStress } from './stress';
import { cold, feltC, heat } from './warmth';

const needs: RootNeeds = {
  regime: regimeFigures['wet-dry'],
  airNeed: 0.3,
  warmth: warmthOf.intermediate,
  saltToleranceDsM: saltToleranceDsM.medium,
  takesToWater: false,
};
const bedding = { decay: 0.35, ventilation: 2 };
const easy: Met = {
  availableShare: 0.5,
  wettestAir: 0.4,
  meanAir: 0.45,
  rootZoneC: 20,
  airC: 20,
  deficitKPa: 0.9,
  lightShare: 1,
  rootWaterDsM: 0.6,
  demandG: 1,
  takenUpG: 1,
};

function after(met: Met, days: number, strain = freshStrain(needs)) {
  const ways = waysOf(needs, bedding, 4);
  for (let look = 0; look < days * 6; look += 1) strainOn(strain, needs, met, ways, 100);
  return { strain, stresses: stressesOf(strain, needs, bedding.decay) };
}

test('the one curve: 0 far below the line, a half on it, 1 far above, never turning back', () => {
  expect(stressOf(0)).toBe(0);
  expect(stressOf(1)).toBe(0.5);
  expect(stressOf(0.5)).toBeLessThan(0.02);
  expect(stressOf(2)).toBeGreaterThan(0.98);
  for (let x = 0.01; x < 5; x += 0.01) expect(stressOf(x)).toBeGreaterThan(stressOf(x - 0.01));
});

describe('lack of air', () => {
  test('warmer is worse by a Q10 of 2 in demand, and decay breathes too', () => {
    expect(neededAir(0.3, 30, 20, 0)).toBeCloseTo(0.3 * 2 ** 0.75, 12);
    expect(neededAir(0.3, 20, 20, 1)).toBeCloseTo(0.3 * 2 ** 0.75, 12);
    const borne = leastBorneAir(needs, bedding);
    expect(suffocation(needs, borne, 0.1, 28)).toBeGreaterThan(suffocation(needs, borne, 0.1, 18));
    expect(leastBorneAir(needs, { decay: 1, ventilation: 2 })).toBeGreaterThan(borne);
    expect(leastBorneAir(needs, { decay: 0.35, ventilation: 10 })).toBeLessThan(borne);
  });

  test('longer is worse, and it passes when air comes back', () => {
    const choked = { ...easy, wettestAir: 0.02, availableShare: 1 };
    const [short, long] = [after(choked, 1), after(choked, 20)];
    expect(long.stresses.air).toBeGreaterThan(short.stresses.air);
    expect(long.stresses.air).toBeGreaterThan(0.9);
    expect(after(easy, 30, long.strain).stresses.air).toBeLessThan(0.1);
  });

  test('lying wet without a pause is worse in peat than in stone, and worst for plants that dry fast', () => {
    expect(soddenness(needs, 1, 0.4, 0.35)).toBeGreaterThan(soddenness(needs, 1, 0.4, 0));
    const of = (name: keyof typeof regimeFigures) =>
      soddenness({ ...needs, regime: regimeFigures[name] }, 1, 0.4, 0.35);
    expect(of('fast wet-dry')).toBeGreaterThan(of('wet-dry'));
    expect(of('wet-dry')).toBeGreaterThan(of('evenly moist'));
    expect(soddenness({ ...needs, takesToWater: true }, 1, 0.4, 0)).toBeLessThan(soddenness(needs, 1, 0.4, 0));
  });
});

describe('drought', () => {
  const parched: Met = { ...easy, availableShare: 0, takenUpG: 0 };

  test('what the roots do not find comes out of the reserve; stressed leaves close, so it lasts longer', () => {
    const { strain } = after(parched, 10);
    // 60 looks of 1 g out of 100 g would leave 40: closing saves some of it.
    expect(strain.reserve).toBeGreaterThan(0.4);
    expect(strain.reserve).toBeLessThan(0.75);
    expect(openShare(1)).toBe(1);
    expect(openShare(0)).toBeLessThan(0.2);
  });

  test('drier air draws faster, and a watered plant fills up again', () => {
    const thirsty = after({ ...parched, demandG: 2, deficitKPa: 1.8 }, 10);
    expect(thirsty.stresses.drought).toBeGreaterThan(after(parched, 10).stresses.drought);
    expect(refillGH(0, 100)).toBeGreaterThan(refillGH(0.5, 100));
    expect(refillGH(1, 100)).toBe(0);
    const healed = after({ ...easy, takenUpG: 2 }, 60, thirsty.strain);
    expect(healed.strain.reserve).toBeCloseTo(1, 6);
    expect(healed.stresses.drought).toBeLessThan(0.05);
  });

  test('dry roots die sooner in dry air, sooner of plants that want it moist, and soonest of those grown in water', () => {
    expect(drierThanAsked(needs, 0.1, 2)).toBeGreaterThan(drierThanAsked(needs, 0.1, 0.5));
    expect(drierThanAsked(needs, 0.25, 2)).toBe(0);
    expect(parching({ ...needs, regime: regimeFigures['evenly moist'] }, 1)).toBeGreaterThan(parching(needs, 1));
    expect(parching({ ...needs, takesToWater: true }, 1)).toBeGreaterThan(parching(needs, 1));
  });
});

describe('heat, cold and salt', () => {
  test('nothing inside the range, harm at its ends; the roots feel a third of it', () => {
    expect(heat(warmthOf.cool, 20, 1)).toBe(0);
    expect(heat(warmthOf.cool, warmthOf.cool.dayHot, 1)).toBeCloseTo(1, 12);
    expect(heat(warmthOf.cool, 20, 0)).toBeGreaterThan(0.5);
    expect(cold(warmthOf.warm, warmthOf.warm.cold)).toBeCloseTo(1, 12);
    expect(cold(warmthOf.warm, 20)).toBe(0);
    expect(feltC(30, 26)).toBeCloseTo(28.8, 12);
  });

  test('salt tells within weeks', () => {
    const salty = { ...easy, rootWaterDsM: 2 * needs.saltToleranceDsM };
    expect(after(salty, 2).stresses.salt).toBeLessThan(0.3);
    expect(after(salty, 40).stresses.salt).toBeGreaterThan(0.8);
  });
});

test('any mishap: every stress between 0 and 1, and the whole not less than the worst', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({
        availableShare: fc.double({ min: -0.5, max: 1, noNaN: true }),
        wettestAir: share,
        meanAir: share,
        rootZoneC: fc.double({ min: -5, max: 45, noNaN: true }),
        airC: fc.double({ min: -5, max: 45, noNaN: true }),
        deficitKPa: fc.double({ min: 0, max: 8, noNaN: true }),
        lightShare: share,
        rootWaterDsM: fc.double({ min: 0, max: 30, noNaN: true }),
        demandG: fc.double({ min: 0, max: 50, noNaN: true }),
        takenUpG: fc.double({ min: 0, max: 50, noNaN: true }),
      }),
      fc.integer({ min: 0, max: 40 }),
      (met, days) => {
        const { stresses } = after(met, days);
        for (const kind of stressKinds) {
          expect(stresses[kind]).toBeGreaterThanOrEqual(0);
          expect(stresses[kind]).toBeLessThanOrEqual(1);
          expect(wholeStress(stresses)).toBeGreaterThanOrEqual(stresses[kind] - 1e-12);
        }
      },
    ),
    { numRuns: 200 },
  );
});

test('a day is fine, to watch or harm, and passes from one to the next without a step', () => {
  let before = dayShares(0);
  expect(before).toEqual({ fine: 1, watch: 0, harm: 0 });
  for (let stress = 0.005; stress <= 1; stress += 0.005) {
    const now = dayShares(stress);
    expect(now.fine + now.watch + now.harm).toBeCloseTo(1, 12);
    expect(now.fine).toBeLessThanOrEqual(before.fine);
    expect(now.harm).toBeGreaterThanOrEqual(before.harm);
    expect(Math.abs(now.fine - before.fine)).toBeLessThan(0.06);
    before = now;
  }
  expect(before.harm).toBe(1);
});
