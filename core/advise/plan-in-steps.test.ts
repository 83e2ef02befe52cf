import { planInSteps } from './plan';

test('of several plants the search for where they stand comes in steps, so that it can be stopped', () => {
  const three = { genus: 'cattleya-unifoliate', place: 'heated-flat', plantCount: 3 } as const;
  const steps = planInSteps(three);
  let before = 0;
  for (let step = steps.next(); !step.done && step.value.done === 0 && step.value.best === null; step = steps.next())
    before += 1;
  steps.return(undefined as never);
  expect(before).toBeGreaterThan(40);
});
