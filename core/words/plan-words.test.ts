/** The sentences of timing, aftercare, change-over and reasons: whole, with their own numbers, in both unit systems. */
import type { GrowthHabit } from '../catalogue/genera';
import type { StressKind } from '../physics/stress';
import type { AftercareFact, ChangeOverFact, FeedStart, ReasonFact, Timing } from '../advise';
import { wordAftercare } from './aftercare';
import { wordChangeOver } from './change-over';
import { metricWords } from './phrasing/format';
import { wordReason } from './reasons';
import { wordTiming } from './timing';

const inches = { length: 'inch', temperature: 'F' } as const;

const quiet: Timing = {
  verdict: 'look first',
  code: 'not looked at',
  sign: null,
  risk: null,
  isLoose: false,
  restMonths: [],
};

describe('timing', () => {
  test.each([
    [{ verdict: 'go at once', code: 'failing roots' }, 'Do it at once', null],
    [{ verdict: 'go', code: 'root tips' }, 'Do it now', null],
    [{ verdict: 'look first', code: 'not looked at' }, 'Look first', null],
    [
      { verdict: 'wait', code: 'in bloom', sign: 'flowers over or new roots', risk: 'little' },
      'Better wait',
      'the last flower fades, or new roots start before that',
    ],
    [
      { verdict: 'wait', code: 'resting', sign: 'root tips on the new shoot', risk: 'medium is spent' },
      'Better wait',
      'the new shoot shows its first root tips',
    ],
    [
      { verdict: 'wait', code: 'no sign', sign: 'root tips or a shoot about to root', risk: 'medium unknown' },
      'Better wait',
      'new root tips, or a shoot old enough to root soon',
    ],
  ] as const satisfies readonly (readonly [Partial<Timing>, string, string | null])[])(
    '%p',
    (said, headline, waitFor) => {
      const timing = { ...quiet, ...said };
      const worded = wordTiming(timing);
      expect(worded).toMatchObject({ ...timing, headline, waitFor });
      expect(worded.sentence).toMatch(/^[A-Z].*\.$/);
      expect(worded.sentence.includes(`Wait until ${waitFor}.`)).toBe(waitFor !== null);
    },
  );

  test('without a look nothing is said to be showing, and the months of rest are named', () => {
    expect(wordTiming(quiet).sentence).toMatch(/^Look for new root tips/);
    const resting = { ...quiet, code: 'not looked at, leafless months', restMonths: [10, 11, 0, 1] } as const;
    expect(wordTiming(resting).sentence).toMatch(/November to February/);
  });

  test('a loose plant is to be tied, whatever else is said', () => {
    expect(wordTiming({ ...quiet, isLoose: true }).sentence).toMatch(/tie it to a stake today/);
  });
});

describe('the first weeks', () => {
  const span = { fromDay: 0, untilDay: 4 };
  test.each([
    [{ code: 'water', how: 'keep nearly dry', ...span }, /water before roots is rot/],
    [{ code: 'water', how: 'at once', ...span }, /^Water it in at once\.$/],
    [{ code: 'water', how: 'once, then sparingly', ...span }, /in these months its kind rests/],
    [{ code: 'water', how: 'at once, hates drought', ...span }, /it hates drought/],
    [{ code: 'water', how: 'after the cuts have closed', ...span }, /three or four days/],
    [{ code: 'flush', ...span }, /run-off is clear/],
    [{ code: 'shade', light: 'shade', ...span }, /one to two weeks.*no sun on the leaves\.$/],
    [{ code: 'look', ...span }, /wettest corner/],
    [{ code: 'humid', ...span }, /80–90 %/],
    [{ code: 'seaweed', ...span }, /Optional/],
    [{ code: 'water is hard', waterDsM: 0.6, mostDsM: 0.3, ...span }, /0\.6 mS\/cm; it wants 0\.3 at most/],
    [{ code: 'water is pure', waterDsM: 0.02, mostDsM: 0.7, ...span }, /calcium/],
    [{ code: 'water', how: 'just moist', ...span }, /just moist/],
    [{ code: 'tug', ...span }, /four to eight weeks/],
    [{ code: 'watch', ...span }, /reservoir filled low/],
    [{ code: 'rest', how: 'drier winter', ...span }, /half the water/],
    [{ code: 'rest', how: 'dry winter', ...span }, /hardly any water/],
    [{ code: 'rest', how: 'leafless and dry', ...span }, /no water until the new growth has roots/],
  ] as const satisfies readonly (readonly [AftercareFact, RegExp])[])('%p', (fact, said) => {
    expect(wordAftercare(fact)).toMatchObject({ ...fact, sentence: expect.stringMatching(said) as string });
  });

  test('feed is told with its strength, and leaves the last word to the label', () => {
    const feed = (starts: FeedStart, isWinter = false) =>
      wordAftercare({ code: 'feed', starts, leastPpm: 25, mostPpm: 50, leastDsM: 0.2, mostDsM: 0.4, isWinter, ...span })
        .sentence;
    expect(feed('after a month')).toBe(
      'No feed for a month, then 25–50 ppm (0.2–0.4 mS/cm above your water) in growth. The label of your feed wins.',
    );
    expect(feed('after two weeks')).toMatch(/^No feed for two weeks, then/);
    expect(feed('with new growth')).toMatch(/^No feed until the new growth has roots, then/);
    expect(feed('after two weeks', true)).toMatch(/above your water\) while days are short/);
  });
});

describe('changing over', () => {
  const target: ChangeOverFact['target'] = {
    kind: 'pot',
    family: 'conifer bark',
    pieceShape: 'chip',
    smallMm: 9,
    largeMm: 15,
    isWithMoss: false,
    isOverWater: false,
  };
  const worded = (change: Partial<ChangeOverFact>) =>
    wordChangeOver({
      fromName: 'Sphagnum',
      target,
      stages: [{ when: 'now', step: 'into target in one step', waitFor: null }],
      clinging: { code: 'unknown' },
      ...change,
    });

  test('a stage names what it goes into and the sign before the next', () => {
    const { stages } = worded({
      stages: [
        { when: 'now', step: 'half-way bark', waitFor: 'rooted through' },
        { when: 'next repotting', step: 'target with little moss', waitFor: null },
      ],
    });
    expect(stages[0]).toMatchObject({ when: 'now', sign: 'roots at the wall, and it holds when you tug it' });
    expect(stages[1]).toMatchObject({ what: 'Into bark 9–15 mm, with little moss or none.', sign: null });
  });

  test.each([
    [{ ...target, isWithMoss: true }, 'Into bark 9–15 mm with moss in one step.'],
    [{ ...target, isOverWater: true }, 'Into bark 9–15 mm over water in one step.'],
    [{ ...target, family: 'sphagnum', pieceShape: 'strand' }, 'Into sphagnum in one step.'],
    [{ ...target, kind: 'mount' }, 'Into the mount in one step.'],
  ] as const)('%#: %j', (of, what) => {
    expect(worded({ target: of }).stages[0]!.what).toBe(what);
  });

  test('what clings is told for every past', () => {
    const codes = ['unknown', 'ball whole', 'rinse, do not tear', 'pieces may stay', 'broken down', 'sound may stay'];
    const said = codes.map((code) => worded({ clinging: { code } as ChangeOverFact['clinging'] }).clinging);
    expect(new Set(said).size).toBe(codes.length);
    for (const sentence of said) expect(sentence).toMatch(/^[A-Z].*\.$/);
    expect(worded({ clinging: { code: 'gripped', family: 'lava' } }).clinging).toMatch(/^Roots grip lava:/);
  });
});

describe('reasons', () => {
  const said = (fact: ReasonFact, units = metricWords) => wordReason(fact, units);

  test('pieces beside the band, with the root that would turn the grade', () => {
    const fact: ReasonFact = {
      code: 'pieces',
      fit: 'finer',
      pieceMm: 4.2,
      rootDiameterMm: 3,
      bandFromMm: 7.5,
      bandToMm: 10.5,
      shifts: [],
      finerGrade: null,
      coarserGrade: { rootDiameterMm: 2, smallMm: 6, largeMm: 12 },
    };
    expect(said(fact).sentence).toBe(
      'Pieces of about 4.2 mm are finer than the 7.5–10.5 mm that roots of 3 mm live in here.',
    );
    expect(said(fact).wouldChange).toBe('With roots over 2 mm the 6–12 mm grade.');
    expect(
      said({
        ...fact,
        shifts: [
          { cause: 'dry air', factor: 0.9 },
          { cause: 'hairy roots', factor: 0.85 },
          { cause: 'a large pot', factor: 1.1 },
        ],
      }).sentence,
    ).toMatch(/live in here \(finer for dry air and hairy roots, larger for a large pot\)\.$/);
    expect(said(fact, inches).sentence).not.toMatch(/\d mm/);
    expect(said({ ...fact, coarserGrade: null }).wouldChange).toBe('There is no other grade of it.');
  });

  test('moss sets no grade, and is called without its length', () => {
    const fact: ReasonFact = {
      code: 'pieces',
      fit: 'gives way',
      mediumName: 'Sphagnum chopped 10–30 mm',
      rootDiameterMm: 2,
    };
    expect(said(fact).sentence).toMatch(/^Sphagnum chopped gives way/);
  });

  const month = (monthIndex: number, days: number) => ({ monthIndex, time: { status: 'dries' as const, days } });
  const drying: Extract<ReasonFact, { code: 'drying' }> = {
    code: 'drying',
    isRefilled: false,
    fastest: { ...month(6, 2.4), air: { temperatureC: 24.6, relativeHumidityPct: 51.2 } },
    slowest: month(0, 6.6),
    routine: { kind: 'every', days: 7 },
    gapDays: 7,
  };

  test('drying: the fastest and the slowest month, the routine, and what would meet it', () => {
    expect(said(drying).sentence).toBe(
      'It asks for water after 2.5 days in July (25 °C, 51 % humidity) and after 7 days in January; you leave it up to 7 days.',
    );
    expect(said(drying).wouldChange).toMatch(/^Watering every 2.5 days/);
    const patient = said({ ...drying, routine: { kind: 'when dry' }, gapDays: null });
    expect(patient.sentence).toMatch(/you water when it asks\.$/);
    expect(patient.wouldChange).toMatch(/^A draught/);
    const misted = (timesADay: number) => said({ ...drying, routine: { kind: 'misting', timesADay }, gapDays: 1 });
    expect(misted(1).sentence).toMatch(/mist it once a day/);
    expect(misted(3).sentence).toMatch(/mist it 3 times a day/);
  });

  test('the year: its days, what weighs most and when, and what helps against that', () => {
    const year = (worst: StressKind) =>
      said({ code: 'year', fineDays: 300.4, watchDays: 60, harmDays: 4.6, worst, worstMonthIndex: 6 });
    expect(year('drought').sentence).toBe(
      'Over the year its roots have 300 fine days, 60 to watch and 5 of harm; drought weighs most, in July.',
    );
    expect(year('air').sentence).toMatch(/lack of air weighs most/);
    expect(year('drought').wouldChange).toMatch(/more often/);
    expect(year('air').wouldChange).toMatch(/less often/);
    expect(year('heat').wouldChange).toMatch(/cooler place/);
    expect(year('cold').wouldChange).toMatch(/warmer place/);
    expect(year('salt').wouldChange).toMatch(/flush/);
    const well = said({ code: 'year', fineDays: 364.2, watchDays: 0.8, harmDays: 0, worst: 'air', worstMonthIndex: 0 });
    expect(well.sentence).toBe('Over the year its roots have 364 fine days: nothing weighs enough to be named.');
    expect(well.wouldChange).toMatch(/much longer gap/);
  });

  test('salts: how high, how often to flush and with how much; or only the crust', () => {
    const salt = (flushesPerYear: number) =>
      said({
        code: 'salt',
        waterDsM: 0.6,
        highestDsM: 3.4,
        toleranceDsM: 1.6,
        flushesPerYear,
        flushL: flushesPerYear === 0 ? 0 : 1.25,
        crustGM2: 71,
      });
    expect(salt(6).sentence).toBe(
      'Salts gather about its roots, which bear about 1.6 mS/cm: flush it about every 9 weeks with 1.3 L of water low in minerals, run through.',
    );
    expect(salt(1).sentence).toMatch(/once a year with/);
    expect(salt(0).sentence).toMatch(/crust at the surface \(about 71 g/);
  });

  test('air: enough or not turns the advice', () => {
    const air = (airShare: number) => said({ code: 'air', genusName: 'Vanda', airShare, airNeedShare: 0.4 });
    expect(air(0.5).wouldChange).toMatch(/^Only a medium with less than 40 % air/);
    expect(air(0.3).wouldChange).toMatch(/^A coarser grade/);
  });

  test('reservoir: days, or longer than can be looked ahead', () => {
    expect(said({ code: 'reservoir', volumeL: 0.3, lastsDays: 12, asksSoonerDays: null }).sentence).toMatch(
      /0.3 L lasts 12 days/,
    );
    expect(said({ code: 'reservoir', volumeL: 2, lastsDays: null, asksSoonerDays: null }).sentence).toMatch(
      /longer than 60 days/,
    );
    expect(said({ code: 'reservoir', volumeL: 0.1, lastsDays: null, asksSoonerDays: 15 }).sentence).toMatch(
      /longer than 60 days.*, but what stands above it asks for water after 15 days/,
    );
  });

  test('depth: above or under the surface, deeper where the air is dry', () => {
    const depth = (baseAboveSurfaceCm: number, deeperForDryAirCm = 0) =>
      said({
        code: 'depth',
        genusName: 'Miltoniopsis',
        depth: 'base just tucked in',
        baseAboveSurfaceCm,
        deeperForDryAirCm,
        meanHumidityPct: 38,
      });
    expect(depth(0.3).sentence).toMatch(/0.3 cm above the surface/);
    expect(depth(-0.5).sentence).toMatch(/0.5 cm under the surface\.$/);
    expect(depth(-1.5, 1).sentence).toMatch(/\(1 cm of it because your air averages 38 % humidity\)/);
    expect(depth(-1.5, 1).wouldChange).toMatch(/above 45 %/);
  });

  test('position, size, pad, life and steadiness have their numbers', () => {
    const at = (position: 'centre' | 'back to the wall' | 'on the diagonal', habit: GrowthHabit = 'creeping') =>
      said({
        code: 'position',
        position,
        offsetCm: 2.5,
        habit,
        frontsRun: 'two ways',
        insideYears: 2.2,
        isBeyond: false,
      }).sentence;
    expect(at('centre', 'clump')).toMatch(/its habit \(clump\)/);
    expect(at('centre')).toMatch(/its fronts run two ways/);
    expect(at('back to the wall')).toMatch(/against the wall, 2.5 cm/);
    expect(at('on the diagonal')).toMatch(/into a corner/);
    const size = {
      code: 'size',
      liveBallCm: 8.04,
      growthCm: 3.24,
      marginCm: 1.5,
      neededCm: 12.78,
      years: 2,
      rimDiameterCm: 13,
      isTight: false,
      nextYearCm: 14,
    } as const;
    // Each figure is rounded for itself, and the sum is that of the figures shown.
    expect(said(size).sentence).toBe(
      '8 cm of live root ball, 3.2 cm of growth in 2 years and 1.5 cm of room around make 12.7 cm: the 13 cm size.',
    );
    expect(wordReason(size, inches).sentence).toMatch(
      /^3\.2 in .* 1\.3 in .* 0\.6 in .* make 5\.1 in: the 5\.1 in size\.$/,
    );
    expect(said({ ...size, rimDiameterCm: 12, isTight: true }).sentence).toMatch(/the 12 cm size is tight/);
    expect(said({ ...size, growthCm: 0, years: 0 }).sentence).toMatch(/^8 cm of live root ball and 1\.5 cm of room/);
    expect(said(size).wouldChange).toBe('For 3 years it would need 14 cm.');
    const pad = { code: 'pad', genusName: 'Vanda', holdsG: 80, padThicknessCm: 1, widthCm: 12 } as const;
    expect(said(pad).sentence).toMatch(/^A 1 cm pad on a 12 cm mount holds 80 g/);
    expect(said({ ...pad, padThicknessCm: 0 }).sentence).toMatch(/^Bare,/);
    expect(said({ code: 'life', isOrganic: true, lifeYears: 2.5 }).sentence).toMatch(/spent after about 2.5 years/);
    expect(said({ code: 'life', isOrganic: false, lifeYears: 10 }).sentence).toMatch(/lasts about 10 years/);
    const stands = {
      code: 'stability',
      weightG: 840,
      tippingAngleDeg: 21.4,
      tippingWindMS: 6,
      gustMS: null,
      stonesG: 0,
    } as const;
    expect(said(stands).sentence).toBe(
      'Half dry and with the plant it weighs 0.8 kg and stands well enough: it tips at 21°.',
    );
    const outside = { ...stands, tippingAngleDeg: 15, gustMS: 10, stonesG: 1494 };
    expect(said(outside).sentence).toMatch(
      /easily knocked over: it tips at 15°, and a gust of 22 km\/h blows it over; .* about 36 km\/h there\.$/,
    );
    expect(said(outside).wouldChange).toMatch(/^1\.5 kg of stones/);
    expect(wordReason(outside, inches).sentence).toMatch(/13 mph/);
    const crocks = {
      role: 'crocking',
      mediumName: 'Pebbles 16–32 mm',
      heightCm: 2,
      volumeL: 0.2,
      waterG: -38,
      weightG: 212,
      airShare: 0.46,
      airWithoutShare: 0.43,
      days: 5.1,
      daysWithout: 5.12,
      stopsLight: false,
    } as const;
    expect(said({ code: 'layers', layers: [crocks] }).sentence).toBe(
      '2 cm of pebbles at the bottom instead of mix: 38 g less water held, air about the roots 46 % instead of 43 % and 212 g heavier. The wet foot of the layer above stays as high as over any base.',
    );
    const top = {
      ...crocks,
      role: 'top dressing',
      waterG: -2,
      airShare: 0.43,
      days: 6,
      weightG: -30,
      stopsLight: true,
    } as const;
    expect(said({ code: 'layers', layers: [top] }).sentence).toBe(
      '2 cm of pebbles on top instead of mix: water after 6 days instead of 5.1 at the fastest, 30 g lighter and no light on the mix, so no algae.',
    );
    const idle = { ...crocks, waterG: 0, weightG: 0, airShare: 0.43 } as const;
    expect(said({ code: 'layers', layers: [idle] }).sentence).toMatch(/next to nothing changed/);
  });
});
