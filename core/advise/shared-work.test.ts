/** Two at one plan come to the plan that one would have made. */
import { planCaseSchema } from '../testing';
import { asTheyCome, type Finding, lastFirst, makePlan, planInSteps, receive, shareWork } from '.';

const planCase = planCaseSchema.parse({
  genus: 'phalaenopsis',
  place: 'heated-flat',
  current: { mediumId: 'bark-6-12', vesselKind: 'plastic-round', rimDiameterCm: 12 },
  ownPots: [
    { potKindId: 'plastic-round', rimDiameterCm: 12 },
    { potKindId: 'clay-unglazed', rimDiameterCm: 14 },
  ],
});

/** Runs both by turns, so many steps at a time; what they tell arrives as it would between threads: copied. */
function together(frontSteps: number, backSteps: number) {
  const told = { front: 0, back: 0 };
  const post: Finding[][] = [[], []];
  const shares = [
    shareWork({ inOrder: asTheyCome, worksAhead: false }, (finding) => {
      told.front += 1;
      post[1]!.push(structuredClone(finding));
    }),
    shareWork({ inOrder: lastFirst, worksAhead: true }, (finding) => {
      told.back += 1;
      post[0]!.push(structuredClone(finding));
    }),
  ] as const;
  const runs = shares.map((shared) => planInSteps(planCase, { shared }));
  for (;;) {
    for (const [who, steps] of [frontSteps, backSteps].entries()) {
      post[who]!.splice(0).forEach((finding) => receive(shares[who]!, finding));
      for (let k = 0; k < steps; k += 1) {
        const step = runs[who]!.next();
        if (step.done && who === 0) return { plan: step.value, told };
      }
    }
  }
}

test.each([
  [10, 10],
  [10, 0],
  [3, 40],
])('steps of %d and %d: the same plan, to the last figure', (frontSteps, backSteps) => {
  const { plan } = together(frontSteps, backSteps);
  expect(plan).toEqual(makePlan(planCase));
});

test('each does a part of it', () => {
  const alone = together(10, 0).told;
  const { front, back } = together(10, 10).told;
  expect(front).toBeLessThan(0.75 * alone.front);
  expect(back).toBeGreaterThan(0.25 * alone.front);
});

test('a first answer comes on the way, of setups that were judged', () => {
  const firsts = [...planInSteps(planCase)].flatMap(({ best }) => (best ? [best] : []));
  expect(firsts).toHaveLength(1);
  expect(firsts[0]!.setups.length).toBeGreaterThanOrEqual(3);
  const ids = new Set(firsts[0]!.setups.map(({ id }) => id));
  expect(makePlan(planCase).setups.some(({ id }) => ids.has(id))).toBe(true);
});
