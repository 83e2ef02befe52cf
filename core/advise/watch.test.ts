import type { Timing } from './timing';
import { waitingFor } from './watch';

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
  expect(waitingFor(waiting({ verdict: 'go', sign: null, risk: null }), MID_JUNE)).toBeNull();
});

test('in growth it is looked at within weeks; in its rest when that is over', () => {
  expect(waitingFor(waiting({}), MID_JUNE)!.daysToLook).toBeLessThanOrEqual(21);
  // From 15 January to 1 March, and from 15 December over the turn of the year.
  expect(waitingFor(waiting({}), MID_JANUARY)!.daysToLook).toBe(45);
  expect(waitingFor(waiting({}), MID_DECEMBER)!.daysToLook).toBe(76);
  // On the last days of its rest a look a few days later tells nothing yet.
  expect(waitingFor(waiting({}), 59)!.daysToLook).toBeGreaterThanOrEqual(7);
});

test('the nearer the end of its rest, the sooner the look, and never sooner than usual', () => {
  const days = Array.from({ length: 59 }, (_, n) => waitingFor(waiting({}), n + 1)!.daysToLook);
  expect(days.every((day, n) => n === 0 || day <= days[n - 1]!)).toBe(true);
  expect(Math.min(...days)).toBe(waitingFor(waiting({}), MID_JUNE)!.daysToLook);
});

test('flowers fade in any season; a spent medium does not wait for the end of the rest', () => {
  const flowers = (day: number) => waitingFor(waiting({ sign: 'flowers over or new roots' }), day)!.daysToLook;
  expect(flowers(MID_JANUARY)).toBe(flowers(MID_JUNE));
  expect(waitingFor(waiting({ risk: 'medium is spent' }), MID_JANUARY)!.daysToLook).toBeLessThanOrEqual(14);
});

test('where it rests nowhere or always the season does not count', () => {
  expect(waitingFor(waiting({ restMonths: [] }), MID_JANUARY)!.daysToLook).toBeLessThanOrEqual(21);
  const always = Array.from({ length: 12 }, (_, month) => month);
  expect(waitingFor(waiting({ restMonths: always }), MID_JANUARY)!.daysToLook).toBeLessThanOrEqual(21);
});
