import { curveText } from './drawing-aloud';
import type { SetupCurve } from '@core';

const curve = (dayCount: number, atDay: (day: number) => number): SetupCurve =>
  ({
    thresholdShare: 0.2,
    hours: Array.from({ length: dayCount * 24 + 1 }, (_, hour) => ({
      availableShare: atDay(hour / 24),
      airShare: 0.4 + 0.1 * (hour / (dayCount * 24)),
    })),
  }) as unknown as SetupCurve;

test('the days of a short curve are told one by one, with when to water and the air', () => {
  expect(curveText(curve(4, (day) => 1 - day / 5))).toBe(
    'Water left: day 0 100 %, day 1 80 %, day 2 60 %, day 3 40 %, day 4 20 %. ' +
      'Water again at 20 %. Air in the root zone 40 % to 50 %.',
  );
});

test('a long one is told in steps, never in more than nine', () => {
  const told = curveText(curve(40, (day) => 1 - day / 40));
  expect(told.match(/day \d+/g)).toHaveLength(9);
  expect(told).toContain('day 40 0 %');
});

test('what is used up is none, not less than none', () => {
  expect(curveText(curve(2, (day) => 0.5 - day))).toContain('day 2 0 %');
});
