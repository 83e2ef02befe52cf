import { growthHabits } from '../catalogue/genera';
import { leadsUsually, type PatternOf, plantByPattern, runs } from './patterns';

test.each(growthHabits)('%s: all shoots stand in the ball, leads at its front and heading out', (habit) => {
  for (const run of runs) {
    for (const shoots of [1, 3, 12, 40]) {
      const { bulbs, leads, ball } = plantByPattern({ habit, runs: run, shoots, ballDiameterCm: 9, stepCm: 4 });
      for (const { xCm, yCm } of [...bulbs, ...leads])
        expect(Math.hypot(xCm, yCm)).toBeLessThanOrEqual(ball.diameterCm / 2);
      for (const { xCm, yCm, headingDeg } of leads) {
        expect(
          xCm * Math.cos((headingDeg * Math.PI) / 180) + yCm * Math.sin((headingDeg * Math.PI) / 180),
        ).toBeGreaterThan(0);
      }
    }
  }
});

test('shoots are counted: those of all lines with their leads', () => {
  const count = (shoots: number, more: Partial<PatternOf> = {}) => {
    const { bulbs, leads } = plantByPattern({
      ...more,
      habit: 'creeping',
      runs: 'one way',
      shoots,
      ballDiameterCm: 9,
      stepCm: 3,
    });
    return bulbs.length + leads.length;
  };
  expect([1, 2, 5, 9].map((shoots) => count(shoots))).toEqual([1, 2, 5, 9]);
  for (const leads of [2, 3]) expect([3, 4, 7].map((shoots) => count(shoots, { leads }))).toEqual([3, 4, 7]);
});

test('a single stem has no leads; a young clump has fewer than an old one', () => {
  expect(leadsUsually('single stem', 'one way', 1)).toBe(0);
  expect(leadsUsually('clump', 'all round', 2)).toBe(2);
  expect(leadsUsually('clump', 'all round', 12)).toBe(3);
});

test('leads that are counted are taken as they are, spread before the plant where they run one way', () => {
  const { leads } = plantByPattern({
    habit: 'creeping',
    runs: 'one way',
    leads: 3,
    shoots: 9,
    ballDiameterCm: 9,
    stepCm: 3,
  });
  expect(leads.map(({ headingDeg }) => headingDeg)).toEqual([-70, 0, 70]);
});
