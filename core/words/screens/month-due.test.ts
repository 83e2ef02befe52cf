import { dueText } from './month-due';

test('days while it grows; in its months of rest how much water instead', () => {
  const time = { status: 'dries', days: 11.6 } as const;
  expect(dueText(10, time, 'none')).toBe('November: water after 12 days');
  expect(dueText(5, { status: 'dries', days: 0.11 }, 'none')).toBe('June: water after 3 hours');
  expect(dueText(5, { status: 'dries', days: 0.8 }, 'none')).toBe('June: water after 1 day');
  expect(dueText(0, { status: 'stays wet', overDays: 60 }, 'none')).toBe('January: wet beyond 60 days');
  expect(dueText(10, time, 'leafless and dry')).toBe('November: rests, no water');
  expect(dueText(10, time, 'drier winter')).toBe('November: rests, half the water');
});
