import { dayNumber, dayOf, monthAt, nextMonth } from './days';

/** The standard library's calendar, day by day over two centuries and at the turns of eras. */
test('every day is counted as the platform’s calendar counts it', () => {
  for (let n = -20_000; n < 60_000; n += 1) {
    const day = new Date(n * 86_400_000).toISOString().slice(0, 10);
    if (dayOf(n) !== day || dayNumber(day) !== n) throw new Error(`${day} is told as ${dayOf(n)}, ${dayNumber(day)}`);
  }
  for (const day of ['2000-02-29', '2100-02-28', '2100-03-01', '1999-12-31', '2400-02-29']) {
    expect(dayNumber(day)).toBe(Date.parse(day) / 86_400_000);
    expect(dayOf(dayNumber(day))).toBe(day);
  }
});

test('the next month, over the end of a year too', () => {
  expect(nextMonth('2026-11-27')).toBe('2026-12-01');
  expect(nextMonth('2026-12-31')).toBe('2027-01-01');
  expect(monthAt(dayNumber('2028-02-29'))).toEqual({ monthIndex: 1, nextAt: dayNumber('2028-03-01') });
});

test('a part of a day is cut off', () => {
  expect(dayOf(dayNumber('2026-06-01') + 0.9)).toBe('2026-06-01');
});
