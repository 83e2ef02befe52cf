/** A plant that stands out in the rain and that nobody waters. */
import type { PlanCase } from '../case';
import { answerLine, metricWords, wordPlan } from '../words';
import { planCaseSchema } from '../testing';
import { makePlan } from './plan';

const rainy: PlanCase = { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'rain' } };

test('what falls on it is all it gets, and the answer says so', () => {
  const plan = makePlan(planCaseSchema.parse(rainy));
  expect(plan.setups.length).toBeGreaterThan(1);
  for (const setup of plan.setups) expect(setup.year.months.every(({ waterings }) => waterings === 0)).toBe(true);
  const worded = wordPlan(plan, metricWords);
  const line = answerLine(worded, worded.setups[0]!, metricWords);
  expect(line.water).toMatch(/^(Rain waters it: without rain for|Wet it)/);
  expect(worded.setups[0]!.reasons.find(({ code }) => code === 'drying')!.sentence).toMatch(/rain alone waters it\.$/);
});

test('less rain means more harm from drought, in the same pot', () => {
  const harmOf = (routine: PlanCase['routine']) =>
    Math.min(...makePlan(planCaseSchema.parse({ ...rainy, routine })).setups.map(({ year }) => year.harmBy.drought));
  // Watering as well can only take drought away.
  expect(harmOf({ kind: 'every', days: 1 })).toBeLessThanOrEqual(harmOf({ kind: 'rain' }));
});

test.each(['heated-flat', 'kitchen-sill'])('on %s, where none falls, it is told and not tried', (place) => {
  const read = planCaseSchema.safeParse({ ...rainy, place });
  expect(read.success).toBe(false);
  expect(read.error!.issues.map(({ path }) => path.join('.'))).toEqual(['routine']);
});
