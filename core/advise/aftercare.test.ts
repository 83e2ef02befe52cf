import type { PlanCase } from '../case';
import { firstAftercare } from './aftercare';
import { seasonOf } from './season';
import { planCaseSchema, resolveCase, reviewSetup } from '../testing';

const pick = (resolved: ReturnType<typeof resolveCase>) => ({
  plant: resolved.plant,
  stance: resolved.stance,
  waterDsM: resolved.feeding.waterDsM,
  ...seasonOf(resolved),
});

const stepsOf = (planCase: PlanCase, vessel: { isMount?: boolean; hasReservoir?: boolean } = {}) =>
  firstAftercare({
    ...pick(resolveCase(planCaseSchema.parse(planCase))),
    isMount: vessel.isMount ?? false,
    hasReservoir: vessel.hasReservoir ?? false,
    firstWeeks: null,
  });
type Fact = ReturnType<typeof stepsOf>[number];

function step<Code extends Fact['code']>(steps: readonly Fact[], code: Code) {
  return steps.find((entry): entry is Extract<Fact, { code: Code }> => entry.code === code);
}

// All: common practice, no source.
test('flush, shade, feed and tug come in every aftercare, and days run forward', () => {
  const steps = stepsOf({ genus: 'phalaenopsis', place: 'heated-flat' });
  for (const code of ['water', 'flush', 'shade', 'feed', 'tug'] as const) expect(step(steps, code)).toBeDefined();
  for (const entry of steps) expect(entry.untilDay).toBeGreaterThan(entry.fromDay);
});

test('plants that hate drought are watered in at once, dormant ones kept nearly dry', () => {
  expect(step(stepsOf({ genus: 'miltoniopsis', place: 'cool-shade' }), 'water')!.how).toBe('at once, hates drought');
  expect(step(stepsOf({ genus: 'catasetum', place: 'glasshouse', signs: { resting: true } }), 'water')!.how).toBe(
    'keep nearly dry',
  );
});

test('after cutting roots the school decides, or else the plant', () => {
  const ask = (genus: string, schools?: PlanCase['schools']) =>
    step(stepsOf({ genus, place: 'cool-shade', ...(schools ? { schools } : {}) }), 'water')!.how;
  expect(ask('phalaenopsis')).toBe('after the cuts have closed');
  expect(ask('phalaenopsis', { 'after-cutting': 'at-once' })).toBe('at once');
  expect(ask('miltoniopsis', { 'after-cutting': 'dry-spell' })).toBe('after the cuts have closed');
});

test('feed waits a month after mounting or heavy root loss, and is halved for salt-sensitive genera', () => {
  expect(step(stepsOf({ genus: 'vanda', place: 'humid-terrace' }, { isMount: true }), 'feed')!.fromDay).toBe(30);
  expect(
    step(stepsOf({ genus: 'vanda', place: 'humid-terrace', liveRootsPct: 20, signs: { tips: 'none' } }), 'feed')!
      .fromDay,
  ).toBe(30);
  expect(step(stepsOf({ genus: 'vanda', place: 'humid-terrace' }), 'feed')).toMatchObject({
    leastPpm: 50,
    mostPpm: 100,
  });
  expect(step(stepsOf({ genus: 'masdevallia', place: 'cool-shade' }), 'feed')).toMatchObject({
    leastPpm: 25,
    mostPpm: 50,
  });
});

test('hungry kinds take twice the feed while they grow, young plants half', () => {
  const most = (planCase: Partial<PlanCase>) =>
    step(stepsOf({ genus: 'phaius', place: 'glasshouse', month: 6, ...planCase }), 'feed')!.mostPpm;
  expect(most({})).toBe(200);
  expect(most({ month: 12 })).toBe(50);
  expect(most({ genus: 'phalaenopsis', stage: 'seedling' })).toBe(50);
  expect(step(stepsOf({ genus: 'phaius', place: 'glasshouse', month: 6 }), 'feed')!.mostDsM).toBeCloseTo(1.6, 9);
});

test('what has few roots stands in damp air; seaweed only while roots start', () => {
  const codes = (planCase: PlanCase) => stepsOf(planCase).map(({ code }) => code);
  expect(codes({ genus: 'oncidium', place: 'kitchen-sill', stage: 'backbulb' })).toContain('humid');
  expect(codes({ genus: 'oncidium', place: 'kitchen-sill' })).not.toContain('humid');
  expect(codes({ genus: 'oncidium', place: 'kitchen-sill', signs: { tips: 'starting' } })).toContain('seaweed');
  expect(codes({ genus: 'oncidium', place: 'kitchen-sill' })).not.toContain('seaweed');
});

test('hard water is told off where the kind takes salts badly, and pure water for what it lacks', () => {
  const ofWater = (genus: string, waterDsM: number) =>
    stepsOf({ genus, place: 'kitchen-sill', waterDsM })
      .map(({ code }) => code)
      .filter((code) => code.startsWith('water is'));
  expect(ofWater('miltoniopsis', 0.5)).toEqual(['water is hard']);
  expect(ofWater('phalaenopsis', 0.5)).toEqual([]);
  expect(ofWater('phalaenopsis', 0.9)).toEqual(['water is hard']);
  expect(ofWater('phalaenopsis', 0.03)).toEqual(['water is pure']);
});

test('the same plant is started otherwise in January than in June', () => {
  const inMonth = (month: number) => stepsOf({ genus: 'cattleya-unifoliate', place: 'glasshouse', month });
  expect(step(inMonth(1), 'water')!.how).toBe('once, then sparingly');
  expect(step(inMonth(6), 'water')!.how).not.toBe('once, then sparingly');
  expect(step(inMonth(1), 'feed')).toMatchObject({ leastPpm: 30, mostPpm: 50, isWinter: true });
  expect(step(inMonth(6), 'feed')).toMatchObject({ leastPpm: 50, mostPpm: 100, isWinter: false });
});

test('a plant that shows new roots in its months of rest is not watered as at rest', () => {
  const inJanuary = (signs: PlanCase['signs']) =>
    step(stepsOf({ genus: 'cattleya-unifoliate', place: 'glasshouse', month: 1, signs }), 'water')!.how;
  expect(inJanuary({ tips: 'none' })).toBe('once, then sparingly');
  for (const signs of [{ tips: 'starting' }, { shoot: 'half grown' }, { resting: false }] as const) {
    expect(inJanuary(signs)).not.toBe('once, then sparingly');
  }
});

test('a sleeping plant gets no water at all, not even to flush with', () => {
  const asleep = stepsOf({ genus: 'catasetum', place: 'glasshouse', month: 1, signs: { leavesShed: true } });
  expect(step(asleep, 'water')!.how).toBe('keep nearly dry');
  expect(asleep.map(({ code }) => code)).toEqual(['water', 'feed']);
  expect(step(asleep, 'feed')!.starts).toBe('with new growth');
});

test('a hardy slipper sleeps just moist: dried out by nobody else’s rest', () => {
  const asleep = stepsOf({ genus: 'cypripedium', place: 'slate-yard', month: 1, signs: { leavesShed: true } });
  expect(step(asleep, 'water')!.how).toBe('just moist');
});

test('a rest is told where the genus rests, the reservoir where there is one', () => {
  expect(step(stepsOf({ genus: 'dendrobium-softcane', place: 'kitchen-sill' }), 'rest')).toBeDefined();
  expect(step(stepsOf({ genus: 'phalaenopsis', place: 'kitchen-sill' }), 'rest')).toBeUndefined();
  expect(
    step(stepsOf({ genus: 'phalaenopsis', place: 'kitchen-sill' }, { hasReservoir: true }), 'watch'),
  ).toBeDefined();
});

test('new bark asks for water sooner in its first weeks than later, and is told so; old bark does not', () => {
  const inPot = (mediumId: string, monthsOld?: number) =>
    step(
      reviewSetup(
        { genus: 'phalaenopsis', place: 'heated-flat' },
        {
          approach: 'organic pot',
          vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
          layers: [{ role: 'main', mix: [{ mediumId, parts: 1 }], heightCm: 9.5 }],
          ...(monthsOld === undefined ? {} : { monthsOld }),
        },
      ).aftercare,
      'first weeks',
    );
  const bark = inPot('bark-6-12')!;
  expect(bark.days).toBeLessThan(0.88 * bark.laterDays);
  expect(bark.days).toBeGreaterThan(0.2 * bark.laterDays);
  // Pumice takes water better from the first day.
  const pumice = inPot('pumice-3-6');
  expect(pumice === undefined ? 1 : pumice.days / pumice.laterDays).toBeGreaterThan((1.5 * bark.days) / bark.laterDays);
  expect(inPot('bark-6-12', 18)).toBeUndefined();
});
