import type { Timing } from './timing';
import { signWatchFor } from './watch';

const waiting = (change: Partial<Timing>): Timing => ({
  verdict: 'wait',
  code: 'no sign',
  sign: 'root tips or a shoot about to root',
  risk: 'little',
  isLoose: false,
  restMonths: [11, 0, 1],
  ...change,
});
const [MID_JUNE, MID_DECEMBER, MID_JANUARY] = [166, 349, 15];

test('what need not wait is not watched', () => {
  expect(signWatchFor(waiting({ verdict: 'go', sign: null, risk: null }), MID_JUNE)).toBeNull();
});

test('in growth it is looked at within weeks; in its rest when that is over', () => {
  expect(signWatchFor(waiting({}), MID_JUNE)!.daysToCheck).toBeLessThanOrEqual(21);
  // From 15 January to 1 March, and from 15 December over the turn of the year.
  expect(signWatchFor(waiting({}), MID_JANUARY)!.daysToCheck).toBe(45);
  expect(signWatchFor(waiting({}), MID_DECEMBER)!.daysToCheck).toBe(76);
  // On the last days of its rest a look a few days later tells nothing yet.
  expect(signWatchFor(waiting({}), 59)!.daysToCheck).toBeGreaterThanOrEqual(7);
});

test('the nearer the end of its rest, the sooner the look, and never sooner than usual', () => {
  const days = Array.from({ length: 59 }, (_, n) => signWatchFor(waiting({}), n + 1)!.daysToCheck);
  expect(days.every((day, n) => n === 0 || day <= days[n - 1]!)).toBe(true);
  expect(Math.min(...days)).toBe(signWatchFor(waiting({}), MID_JUNE)!.daysToCheck);
});

test('flowers fade in any season; a spent medium does not wait for the end of the rest', () => {
  const flowers = (day: number) => signWatchFor(waiting({ sign: 'flowers over or new roots' }), day)!.daysToCheck;
  expect(flowers(MID_JANUARY)).toBe(flowers(MID_JUNE));
  expect(signWatchFor(waiting({ risk: 'medium is spent' }), MID_JANUARY)!.daysToCheck).toBeLessThanOrEqual(14);
});

test('where it rests nowhere or always the season does not count', () => {
  expect(signWatchFor(waiting({ restMonths: [] }), MID_JANUARY)!.daysToCheck).toBeLessThanOrEqual(21);
  const always = Array.from({ length: 12 }, (_, month) => month);
  expect(signWatchFor(waiting({ restMonths: always }), MID_JANUARY)!.daysToCheck).toBeLessThanOrEqual(21);
});
