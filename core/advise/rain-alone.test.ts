/** A plant that stands out in the rain and that nobody waters. */
import type { PlanCase, SetupSpec } from '../case';
import { answerLine, metricWords, wordPlan } from '../words';
import { makePlan, planCaseSchema, reviewSetup } from '../testing';

const rainy: PlanCase = { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'rain' } };

test('what falls on it is all it gets, and the answer says so', () => {
  const plan = makePlan(planCaseSchema.parse(rainy));
  expect(plan.setups.length).toBeGreaterThan(1);
  for (const setup of plan.setups) expect(setup.year.months.every(({ waterings }) => waterings === 0)).toBe(true);
  const worded = wordPlan(plan, metricWords);
  const line = answerLine(worded, worded.setups[0]!, metricWords);
  expect(line.water).toMatch(/^Rain waters it: it dries within \d+ hours, and may\.$/);
  const pot = worded.setups.find(({ spec }) => spec.vessel.kind === 'pot')!;
  expect(answerLine(worded, pot, metricWords).water).toMatch(
    /^Rain waters it: without rain for \d.* it asks for water\.$/,
  );
  expect(worded.setups[0]!.reasons.find(({ code }) => code === 'drying')!.sentence).toMatch(/rain alone waters it\.$/);
});

test('the same pot suffers more from drought than where somebody waters it daily as well', () => {
  const pot: SetupSpec = {
    approach: 'organic pot',
    vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
    layers: [{ role: 'main', mix: [{ mediumId: 'bark-12-25', parts: 1 }], heightCm: 8 }],
  };
  const harmOf = (routine: PlanCase['routine']) =>
    reviewSetup(planCaseSchema.parse({ ...rainy, place: 'salt-stair', routine }), pot).year.harmBy.drought;
  expect(harmOf({ kind: 'rain' })).toBeGreaterThan(harmOf({ kind: 'every', days: 1 }) + 1);
});

test.each(['heated-flat', 'kitchen-sill'])('on %s, where none falls, it is told and not tried', (place) => {
  const read = planCaseSchema.safeParse({ ...rainy, place });
  expect(read.success).toBe(false);
  expect(read.error!.issues.map(({ path }) => path.join('.'))).toEqual(['routine']);
});
