/** The answer in two sentences: what to do now, and how often to water. */
import { makePlan } from '../advise';
import { planCaseSchema } from '../testing';
import { metricWords, type WordUnits } from './phrasing/format';
import { answerLine } from './answer-line';
import { type PlanAnswer, wordPlan } from './plan';

type Asked = Readonly<Record<string, unknown>>;
const shelf = { ownPots: [{ potKindId: 'plastic-round', rimDiameterCm: 12 }], dislikes: ['mounts'] };
const planOf = (asked: Asked, units: WordUnits = metricWords): PlanAnswer => {
  const planCase = planCaseSchema.parse({ genus: 'phalaenopsis', place: 'heated-flat', ...shelf, ...asked });
  return wordPlan(makePlan(planCase, { isRough: true }), units);
};
const lineOf = (asked: Asked, units: WordUnits = metricWords) => {
  const plan = planOf(asked, units);
  return answerLine(plan, plan.setups[0]!, units);
};

test('root tips: pot it now, in which mix, which pot, how deep', () => {
  const { pot } = lineOf({ signs: { tips: 'starting' }, month: 4 });
  expect(pot).toMatch(/^Pot it now in [a-z].*, 12 cm round plastic pot, base just under\.$/);
});

test('the start follows what the plant shows', () => {
  expect(lineOf({ signs: { rot: true } }).pot).toMatch(/^Pot it at once in /);
  expect(lineOf({ signs: { inBloom: true, tips: 'none' } }).pot).toMatch(/^Wait for the right moment; then pot it in /);
  expect(lineOf({ month: 5 }).pot).toMatch(/^Look at roots and shoots first; then pot it in /);
});

test('in inches the pot is in inches', () => {
  expect(lineOf({}, { length: 'inch', temperature: 'F' }).pot).toContain('4.7 in round plastic pot');
});

test('how often to water: now, and in the month most unlike it', () => {
  const plan = planOf({ month: 1, place: 'glasshouse', genus: 'cymbidium' });
  const setup = plan.setups[0]!;
  const withDays = (days: readonly number[]) => ({
    ...setup,
    daysByMonth: days.map((value) => ({ status: 'dries' as const, days: value })),
  });
  const even = answerLine(plan, withDays(Array<number>(12).fill(6)), metricWords);
  expect(even.water).toBe('Water about every 6 days.');
  const summer = answerLine(plan, withDays([9, 9, 8, 7, 6, 5, 3, 4, 6, 7, 8, 9]), metricWords);
  expect(summer.water).toBe('Water about every 9 days, every 3 days in July.');
  const fast = answerLine(plan, withDays(Array<number>(12).fill(0.2)), metricWords);
  expect(fast.water).toBe('Wet it every day: it dries within 5 hours, and may.');
  expect(answerLine(plan, withDays(Array<number>(12).fill(1.1)), metricWords).water).toBe('Water about every day.');
});

test('what stands over water is refilled, not watered', () => {
  const { water } = lineOf({ ownPots: [{ potKindId: 'wick-pot', rimDiameterCm: 12 }], place: 'heated-flat' });
  expect(water).toMatch(/^Refill it about every /);
});

test('what sleeps without leaves is kept dry, and the months awake say how often', () => {
  const asleep = lineOf({ genus: 'catasetum', month: 1 });
  expect(asleep.water).toBe('Keep it dry until the new growth roots.');
  expect(lineOf({ genus: 'catasetum', month: 7 }).water).toMatch(/Keep it dry while it stands leafless\.$/);
});

test('a mount is mounted, and wetted', () => {
  const plan = planOf({
    genus: 'neofinetia',
    place: 'humid-terrace',
    ownPots: undefined,
    dislikes: [],
    signs: { tips: 'starting' },
    routine: { kind: 'misting', timesADay: 2 },
  });
  const mount = plan.setups.find(({ spec }) => spec.vessel.kind === 'mount');
  const { pot, water } = answerLine(plan, mount!, metricWords);
  expect(pot).toMatch(/^Mount it now on a [\d.]+ cm [a-z]/);
  expect(water).toMatch(/^Wet it (about every|2 times a day: it dries within)/);
});

test('where nothing suits it says so first', () => {
  const plan = planOf({});
  const [setup] = plan.setups;
  const against = { ...setup!, ruledOutBy: { ruleId: 'x', sentence: 'Too wet.' } as never };
  expect(answerLine({ ...plan, isLeastBad: true }, against, metricWords).pot).toMatch(
    /^Nothing suits; nearest comes: look at roots/,
  );
});
