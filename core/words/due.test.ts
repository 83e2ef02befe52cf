import { needKinds, type Need } from '../due';
import { dayWords, needName, wordNeed } from './due';

const TODAY = '2026-11-27';
const need = (change: Partial<Need> = {}): Need => ({
  kind: 'medium spent',
  dueOn: '2027-03-14',
  spreadDays: 180,
  urgency: 0.3,
  sureness: 'reckoned',
  notBefore: null,
  waitsFor: null,
  ...change,
});

test('a day to come is said with how sure it is, one that is past as past', () => {
  expect(wordNeed(need(), TODAY).when).toBe('About 14 March 2027, give or take 6 months.');
  expect(wordNeed(need({ dueOn: '2026-03-14' }), TODAY).when).toBe('Since about 14 March 2026, give or take 6 months.');
  expect(wordNeed(need({ sureness: 'seen', dueOn: '2026-11-01' }), TODAY).when).toBe('Seen on 1 November 2026.');
  expect(wordNeed(need({ sureness: 'by habit', dueOn: TODAY }), TODAY).when).toBe('Due since 27 November 2026.');
});

test.each(['medium spent', 'flush', 'look it over'] as const)(
  '%s: what is not yet so is not said as if it were',
  (kind) => {
    const [coming, come] = ['2027-03-14', TODAY].map((dueOn) => wordNeed(need({ kind, dueOn }), TODAY).reason);
    expect(coming).not.toBe(come);
    expect(coming).not.toMatch(/\bha(s|ve)\b/);
  },
);

test('how sure is said in the measure one would say it in', () => {
  const spread = (spreadDays: number) => wordNeed(need({ spreadDays }), TODAY).when.split('take ')[1];
  expect([0.4, 5, 21, 70, 800].map(spread)).toEqual(['1 day.', '5 days.', '3 weeks.', '2 months.', '2.2 years.']);
});

test('what it waits for: the end of its rest, a sign, or both', () => {
  expect(wordNeed(need(), TODAY).waits).toBe('');
  expect(wordNeed(need({ notBefore: '2027-02-01' }), TODAY).waits).toBe('It rests: not before 1 February 2027.');
  expect(wordNeed(need({ waitsFor: 'shoot half grown' }), TODAY).waits).toBe(
    'Wait until its new shoot is half grown, or shows root tips.',
  );
  expect(wordNeed(need({ notBefore: '2027-02-01', waitsFor: 'end of rest' }), TODAY).waits).toMatch(
    /^It rests: not before 1 February 2027, and wait until /,
  );
});

test('every kind of need has a reason and a name of its own', () => {
  const reasons = needKinds.map((kind) => wordNeed(need({ kind }), TODAY).reason);
  expect(new Set(reasons).size).toBe(needKinds.length);
  expect(new Set(needKinds.map(needName)).size).toBe(needKinds.length);
  expect(dayWords('2028-02-29')).toBe('29 February 2028');
});
