import { FaultError } from '../base';
import { type PlanCase, type SetupSpec, specId } from '../case';
import { daysOf } from '../physics/drydown';
import { metricWords, wordDifferences, wordTurn } from '../words';
import { compareSides, makePlan, reviewSetup, sensitivityOf, tuneToRoutine, turnsOf, whatIf } from '../testing';

const weekly: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const barkPot: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-12-25', parts: 1 }], heightCm: 9.5 }],
};

describe('what if (common practice, no source)', () => {
  const days = (change: Parameters<typeof whatIf>[2], month = 0) => {
    const answer = whatIf(weekly, barkPot, change, month);
    return {
      before: daysOf(answer.before.daysByMonth[month]!),
      after: daysOf(answer.after.daysByMonth[month]!),
      answer,
    };
  };

  test('moss in the mix makes it last longer, a finer grade too', () => {
    const mossy = days({ mossShare: 0.3 });
    expect(mossy.after).toBeGreaterThan(mossy.before);
    const finer = days({ baseMediumId: 'bark-3-6' });
    expect(finer.after).toBeGreaterThan(finer.before);
  });

  test('an unglazed wall, a fan, a heat wave make it shorter', () => {
    expect(days({ potKindId: 'clay-unglazed' }).after).toBeLessThan(days({}).before);
    const heat = days({ heatWave: { month: 1, warmerC: 8 } });
    expect(heat.after).toBeLessThan(heat.before);
    expect(days({ heatWave: { month: 7, warmerC: 8 } }).after).toBeCloseTo(heat.before, 6);
  });

  test('old bark holds more, and has less air', () => {
    const { answer, before, after } = days({ monthsOld: 36 });
    expect(after).toBeGreaterThan(before);
    expect(answer.after.airAfterWatering).toBeLessThan(answer.before.airAfterWatering);
  });

  test('a fortnight away is dry weeks in the year', () => {
    const { answer } = days({ holiday: { fromDay: 180, days: 21 } });
    expect(answer.after.year.stress.drought).toBeGreaterThan(answer.before.year.stress.drought);
    expect(answer.after.year.waterings).toBeLessThan(answer.before.year.waterings);
  });

  test('differences name only what differs, and say which way is better', () => {
    const { answer } = days({ mossShare: 0.3 });
    expect(answer.differences.length).toBeGreaterThan(3);
    const worded = wordDifferences(answer.differences, metricWords);
    for (const line of worded) expect(line.before).not.toBe(line.after);
    const air = worded.find((line) => line.label === 'air after watering');
    expect(air?.isBetter).toBe(false);
    expect(wordDifferences(days({}).answer.differences, metricWords)).toEqual([]);
  });

  test('what the change makes forbidden is said', () => {
    expect(whatIf(weekly, barkPot, { baseMediumId: 'peat-perlite' }, 0).after.ruledOutBy).not.toBeNull();
  });
});

describe('tune to my routine', () => {
  test('puts the watering on the grower’s day with the smallest change', () => {
    const tuning = tuneToRoutine(weekly, barkPot);
    expect(tuning.nowDays).toBeLessThan(5);
    expect(tuning.isReached).toBe(true);
    const [first] = tuning.options;
    expect(Math.abs(first!.days - 7)).toBeLessThanOrEqual(0.7 + 1e-9);
    const efforts = tuning.options.map((option) => option.effort);
    expect([...efforts].sort((a, b) => a - b)).toEqual(efforts);
  });

  test('what it says of the days is what the setup does', () => {
    const [first] = tuneToRoutine(weekly, barkPot).options;
    const byMonth = reviewSetup(weekly, first!.spec)
      .daysByMonth.map(daysOf)
      .sort((a, b) => a - b);
    expect((byMonth[5]! + byMonth[6]!) / 2).toBeGreaterThan(first!.days * 0.93);
    expect((byMonth[5]! + byMonth[6]!) / 2).toBeLessThan(first!.days * 1.07);
  });

  test('offers one of each kind of change, and never a forbidden setup', () => {
    const { options } = tuneToRoutine(weekly, barkPot);
    const kinds = options.map((option) => Object.keys(option.change).sort().join());
    expect(new Set(kinds).size).toBe(kinds.length);
    expect(options.length).toBeGreaterThan(0);
    for (const option of options) expect(reviewSetup(weekly, option.spec).ruledOutBy).toBeNull();
  });

  test('a daily waterer is given a faster mix', () => {
    const mossy: SetupSpec = {
      ...barkPot,
      layers: [
        {
          ...barkPot.layers[0]!,
          mix: [
            { mediumId: 'bark-6-12', parts: 1 },
            { mediumId: 'sphagnum-chopped', parts: 1 },
          ],
        },
      ],
    };
    const tuning = tuneToRoutine({ ...weekly, routine: { kind: 'every', days: 2 } }, mossy);
    expect(tuning.options[0]!.days).toBeLessThan(tuning.nowDays);
  });

  test.each([
    [{ ...weekly, routine: { kind: 'when dry' } } as PlanCase, barkPot, /follows the pot/],
    [
      weekly,
      {
        ...barkPot,
        approach: 'wick reservoir',
        vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 13 },
      } as SetupSpec,
      /reservoir sets the day/,
    ],
    [
      weekly,
      {
        approach: 'mount',
        vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 1 },
        layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 1 }],
      } as SetupSpec,
      /mount has no mix/,
    ],
  ])('refuses where there is nothing to tune', (planCase, spec, reason) => {
    expect(() => tuneToRoutine(planCase, spec)).toThrow(FaultError);
    expect(() => tuneToRoutine(planCase, spec)).toThrow(reason);
  });
});

describe('how sure, and what would change it', () => {
  const plan = makePlan(weekly);
  const specs = plan.setups.map((setup) => setup.spec);

  test('every input is moved, the largest swing first, and progress told', () => {
    const seen: number[] = [];
    const sensitivity = sensitivityOf(weekly, specs.slice(0, 2), (done) => seen.push(done));
    expect(seen).toEqual(sensitivity.swings.map((_, i) => i + 1));
    expect(sensitivity.swings.map((swing) => swing.input)).toEqual(
      expect.arrayContaining(['leaf area', 'humidity', 'how media take water', 'days between waterings']),
    );
    const sizes = sensitivity.swings.map((swing) => Math.abs(swing.highFine - swing.lowFine));
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
    expect(sensitivity.plusMinus).toBeGreaterThanOrEqual(Math.max(...sizes) / 2 - 1e-9);
    expect(sensitivity.assumed).toContain('rootDiameterMm');
  });

  test('little known, wide answer: measuring narrows it', () => {
    const { plant } = plan.resolved;
    const measured: PlanCase = {
      ...weekly,
      rootDiameterMm: plant.rootDiameterMm,
      rootBallDiameterCm: plant.rootBallDiameterCm,
      leafAreaCm2: plant.leafAreaCm2,
    };
    const one = specs.slice(0, 1);
    expect(sensitivityOf(measured, one).plusMinus).toBeLessThanOrEqual(sensitivityOf(weekly, one).plusMinus + 1e-9);
  });

  test('a turn names a condition under which another setup leads, and it does', () => {
    const turns = turnsOf(weekly, specs);
    expect(turns.length).toBeGreaterThan(0);
    for (const turn of turns) {
      expect(turn.leaderId).not.toBe(specId(specs[0]!));
      expect(specs.map(specId)).toContain(turn.leaderId);
      const { sentence, condition } = wordTurn(turn, metricWords);
      expect(sentence.startsWith(condition)).toBe(true);
    }
    const routines: Readonly<Partial<Record<string, PlanCase['routine']>>> = {
      'water every day': { kind: 'every', days: 1 },
      'water twice a week': { kind: 'weekdays', weekdays: [2, 5] },
      'water every two weeks': { kind: 'every', days: 14 },
      'water what asks': { kind: 'when dry' },
    };
    const watered = turns.filter((turn) => routines[turn.when.code]);
    expect(watered.length).toBeGreaterThan(0);
    for (const turn of watered) {
      const inCase: PlanCase = { ...weekly, routine: routines[turn.when.code] };
      expect(reviewSetup(inCase, turn.spec).score).toBeGreaterThan(reviewSetup(inCase, specs[0]!).score);
    }
  });

  test('no setups, no turns; no leader, an error that says so', () => {
    expect(turnsOf(weekly, [])).toEqual([]);
    expect(() => sensitivityOf(weekly, [])).toThrow(/at least one setup/);
  });
});

describe('schools side by side', () => {
  test('each side answers in its own way, with its costs', () => {
    const comparison = compareSides(weekly, 'medium');
    expect(comparison.sides.map((side) => side.sideId)).toEqual(['computed', 'organic', 'inorganic']);
    expect(comparison.sides.filter((side) => side.isHouse).map((side) => side.sideId)).toEqual(['computed']);
    const organic = comparison.sides[1]!.setup!;
    const inorganic = comparison.sides[2]!.setup!;
    expect(['organic pot', 'moss pot', 'basket', 'soil-like mix', 'mount']).toContain(organic.approach);
    expect(inorganic.layers.flatMap((layer) => layer.mix).every((part) => !part.mediumId.startsWith('bark'))).toBe(
      true,
    );
    for (const side of comparison.sides) {
      expect(side.costs!.wateringsPerYear).toBeGreaterThan(0);
      expect(side.costs!.yearsToNextRepot).toBeGreaterThan(0);
    }
  });

  test('whoever refuses mounts is offered none', () => {
    const terrace: PlanCase = { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'every', days: 1 } };
    const refused = compareSides(terrace, 'mounts').sides.find((side) => side.sideId === 'refused')!;
    expect(refused.setup!.approach).not.toBe('mount');
  });
});
