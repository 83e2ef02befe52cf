import { FaultError } from '../../base';
import { mediaCatalogue, mediumById } from '../../catalogue/media';
import {
  agedHydraulics,
  hydraulicsOfAgedMix,
  lifeYearsIn,
  mixLifeYears,
  ORDINARY_CONDITIONS,
  settledHeightShare,
  wettabilityAfter,
  wettabilityInYear,
} from './ageing';
import { porosityTest } from './porosity-test';
import { reportMix } from './report';
import { airFilledPorosity, containerCapacity, hydraulicsOf } from './retention';

const bark = mediumById('bark-6-12');

// All directions: common practice, no source.
describe('ageing', () => {
  test('organic media hold more and lose air with the months; stone does not', () => {
    const at = (months: number) => agedHydraulics(bark, months);
    for (const [younger, older] of [
      [0, 12],
      [12, 24],
      [24, 36],
    ] as const) {
      expect(containerCapacity(at(older), 10)).toBeGreaterThan(containerCapacity(at(younger), 10));
      expect(airFilledPorosity(at(older), 10)).toBeLessThan(airFilledPorosity(at(younger), 10));
    }
    const lava = mediumById('lava-8-16');
    expect(containerCapacity(agedHydraulics(lava, 60), 10)).toBe(containerCapacity(hydraulicsOf(lava), 10));
  });

  test('a spent medium has smaller pieces and narrower passages that draw water higher', () => {
    const fresh = agedHydraulics(bark, 0);
    const spent = agedHydraulics(bark, 12 * bark.lifeYears);
    expect(spent.d10Mm).toBeLessThan(0.9 * fresh.d10Mm);
    expect(spent.d10Mm / fresh.d10Mm).toBeCloseTo(spent.meanMm / fresh.meanMm, 9);
    expect(spent.interPorosity).toBeLessThan(fresh.interPorosity);
    expect(spent.airEntryHeadCm).toBeGreaterThan(fresh.airEntryHeadCm);
    expect(spent.dryDensityGL).toBeGreaterThan(fresh.dryDensityGL);
    // Beyond its life it gets no worse: the course is known only so far.
    expect(agedHydraulics(bark, 24 * bark.lifeYears)).toEqual(spent);
  });

  test('new bark hardly wets; after its first months it does', () => {
    expect(agedHydraulics(bark, 0).wettability).toBeLessThan(0.7);
    expect(agedHydraulics(bark, 9).wettability).toBeGreaterThan(0.85);
    expect(agedHydraulics(bark, 90).wettability).toBe(agedHydraulics(bark, 9).wettability);
    // Over a year it is between what it is at its beginning and at its end, and without a jump at nine months.
    for (const months of [0, 3, 8.9, 9, 9.1, 40]) {
      const mean = wettabilityInYear(0.65, months);
      expect(mean).toBeGreaterThanOrEqual(wettabilityAfter(0.65, months));
      expect(mean).toBeLessThanOrEqual(wettabilityAfter(0.65, months + 12) + 1e-12);
    }
  });

  test('whatever closes with age holds more and more water at any depth', () => {
    for (const entry of mediaCatalogue.filter(({ organic }) => organic)) {
      const medium = mediumById(entry.id);
      for (const depthCm of [2, 5, 10, 20]) {
        const held = [0, 0.25, 0.5, 0.75, 1].map((worn) =>
          containerCapacity(agedHydraulics(medium, 12 * medium.lifeYears * worn), depthCm),
        );
        held.slice(1).forEach((later, i) => expect(later).toBeGreaterThanOrEqual(held[i]! - 1e-12));
        // A shallow bed of fine pieces is full from the first day.
        if (depthCm >= 10) expect(held[4]!).toBeGreaterThan(held[0]!);
      }
    }
  });

  test('life is the catalogue’s in ordinary conditions, shorter in warmth and wet', () => {
    expect(lifeYearsIn(bark, { temperatureC: 20, wetness: 0.5 })).toBe(bark.lifeYears);
    expect(lifeYearsIn(bark, { temperatureC: 30, wetness: 0.5 })).toBeCloseTo(
      bark.lifeYears / bark.warmthFactorPer10C,
      9,
    );
    expect(lifeYearsIn(bark, { temperatureC: 20, wetness: 0.9 })).toBeLessThan(bark.lifeYears);
  });
});

test('a mix report: shares, weights and litres agree with each other', () => {
  const report = reportMix(
    [
      { medium: bark, parts: 3 },
      { medium: mediumById('perlite-3-6'), parts: 1 },
    ],
    9,
    4,
  );
  expect(report.capacityShare + report.airShare).toBeCloseTo(report.totalPorosity, 9);
  expect(report.drainedDensityGL - report.dryDensityGL).toBeCloseTo(1000 * report.capacityShare, 9);
  expect(report.bags[0]!.takeL / report.bags[1]!.takeL).toBeCloseTo(3, 9);
});

describe('home porosity test', () => {
  test('the arithmetic: added, drained, kept', () => {
    const result = porosityTest([{ containerMl: 1000, addedMl: 700, drainedMl: 480 }]);
    expect(result.totalPorosity).toBeCloseTo(0.7, 12);
    expect(result.airShare).toBeCloseTo(0.48, 12);
    expect(result.capacityShare).toBeCloseTo(0.22, 12);
    expect(result.spread).toBeNull();
  });

  test('a second run shows the spread', () => {
    const { spread, airShare } = porosityTest([
      { containerMl: 1000, addedMl: 700, drainedMl: 480 },
      { containerMl: 1000, addedMl: 680, drainedMl: 440 },
    ]);
    expect(airShare).toBeCloseTo(0.46, 12);
    expect(spread!.airShare).toBeCloseTo(0.02, 12);
  });

  test('impossible measures are named with their range', () => {
    expect(() => porosityTest([{ containerMl: 1000, addedMl: 1200, drainedMl: 100 }])).toThrow(FaultError);
    expect(() => porosityTest([{ containerMl: 1000, addedMl: 600, drainedMl: 800 }])).toThrow(
      /runs.0.drainedMl: water drained/,
    );
    expect(() => porosityTest([])).toThrow(/no runs/);
  });
});

describe('a whole mix growing old (common practice, no source)', () => {
  const barkAndMoss = [
    { medium: mediumById('bark-6-12'), parts: 3 },
    { medium: mediumById('sphagnum-chopped'), parts: 1 },
  ];
  const stone = [{ medium: mediumById('pumice-3-6'), parts: 1 }];
  const aged = (months: number) => ({ months, conditions: ORDINARY_CONDITIONS });

  test('new, it is the mix as it was made', () => {
    expect(settledHeightShare(barkAndMoss, aged(0))).toBe(1);
    expect(settledHeightShare(stone, aged(60))).toBe(1);
  });

  test('organic mixes settle, hold more and lose air month by month', () => {
    const at = (months: number) => hydraulicsOfAgedMix(barkAndMoss, aged(months));
    for (const [earlier, later] of [
      [0, 12],
      [12, 24],
      [24, 30],
    ] as const) {
      expect(settledHeightShare(barkAndMoss, aged(later))).toBeLessThan(settledHeightShare(barkAndMoss, aged(earlier)));
      const air = (months: number) => at(months).totalPorosity - containerCapacity(at(months), 10);
      expect(air(later)).toBeLessThan(air(earlier));
      expect(containerCapacity(at(later), 10)).toBeGreaterThan(containerCapacity(at(earlier), 10));
    }
  });

  test('life in years: warmth and wetness shorten it, and the shortest-lived organic part sets it', () => {
    expect(mixLifeYears(barkAndMoss)).toBeCloseTo(1.5, 9);
    expect(mixLifeYears(barkAndMoss, { temperatureC: 28, wetness: 0.5 })).toBeLessThan(1.5);
    expect(mixLifeYears(barkAndMoss, { temperatureC: 20, wetness: 0.9 })).toBeLessThan(1.5);
    expect(mixLifeYears(stone)).toBeGreaterThan(10);
  });
});
