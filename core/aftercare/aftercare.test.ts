import { reviewSetup } from '../testing';
import type { PlanCase, SetupSpec } from '../case';
import { type AftercareKind, aftercareSteps } from './steps';
import { type AftercareDone, aftercareTasks } from './tasks';

const spec: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
};
const stepsOf = (change: Partial<PlanCase> = {}) =>
  aftercareSteps(reviewSetup({ genus: 'oncidium', place: 'heated-flat', month: 4, ...change }, spec).aftercare);
const steps = stepsOf();
const tasks = (today: string, done: readonly AftercareDone[] = [], restMonths: readonly number[] = []) =>
  aftercareTasks({ pottedOn: '2027-04-01', steps, restMonths, done }, today);
const due = (kind: AftercareKind, ...args: Parameters<typeof tasks>) =>
  tasks(...args).find((task) => task.kind === kind)!.dueOn;

test('common practice, no source: flush at once, look after a week, shade two weeks, then early sun a month, tug after four', () => {
  // The second water goes by the pot: it is looked at by itself.
  const found = tasks('2027-04-01').filter(({ kind }) => kind !== 'water again');
  expect(found.map(({ kind, dueOn }) => [kind, dueOn])).toEqual([
    ['flush', '2027-04-01'],
    ['first water', '2027-04-05'],
    ['look', '2027-04-08'],
    ['out of the shade', '2027-04-15'],
    ['feed', '2027-04-15'],
    ['tug', '2027-04-29'],
    ['to its light', '2027-05-15'],
    ['judge again', '2027-09-28'],
  ]);
});

test('common practice, no source: what sleeps is left alone, but for its feed when it grows', () => {
  const asleep = stepsOf({ genus: 'catasetum', signs: { leavesShed: true, resting: true } });
  expect(asleep.map(({ kind }) => kind)).toEqual(['feed']);
});

test('a feed comes with its strength, thinner for what bears little salt', () => {
  const ppmOf = (change: Partial<PlanCase>) => stepsOf(change).find(({ kind }) => kind === 'feed')!.ppm!;
  expect(ppmOf({ genus: 'cattleya-unifoliate' })).toEqual([50, 100]);
  expect(ppmOf({ genus: 'miltoniopsis' })).toEqual([25, 50]);
});

test('done late it moves what hangs on it; done early it brings nothing forward', () => {
  const out = (on: string): AftercareDone => ({ kind: 'out of the shade', on, outcome: 'done' });
  expect(due('to its light', '2027-04-25', [out('2027-04-25')])).toBe('2027-05-25');
  expect(due('to its light', '2027-04-15', [out('2027-04-10')])).toBe('2027-05-15');
  // Not done at all: it goes on moving, a day with each day.
  expect(due('to its light', '2027-05-01')).toBe('2027-05-31');
  expect(due('to its light', '2027-05-02')).toBe('2027-06-01');
  expect(due('feed', '2027-04-20', [{ kind: 'first water', on: '2027-04-12', outcome: 'done' }])).toBe('2027-04-19');
});

test('what was missed for three weeks is asked for no longer, and holds up nothing for good', () => {
  const stateOf = (kind: AftercareKind, today: string) => tasks(today).find((task) => task.kind === kind)!.state;
  expect([stateOf('look', '2027-05-06'), stateOf('look', '2027-05-07')]).toEqual(['open', 'past']);
  expect(due('to its light', '2027-07-01')).toBe(due('to its light', '2028-01-01'));
});

test('a new mix asks for its second water by its own days in this place, counted from when it had its first', () => {
  const first: AftercareDone = { kind: 'first water', on: '2027-04-12', outcome: 'done' };
  const withFirstWeeks = aftercareSteps([
    { code: 'water', fromDay: 0, untilDay: 4, how: 'after the cuts have closed' },
    { code: 'first weeks', fromDay: 0, untilDay: 28, days: 3, laterDays: 6 },
  ]);
  const dueOf = (done: readonly AftercareDone[]) =>
    aftercareTasks({ pottedOn: '2027-04-01', steps: withFirstWeeks, restMonths: [], done }, '2027-04-12').find(
      ({ kind }) => kind === 'water again',
    )!.dueOn;
  expect(dueOf([{ ...first, on: '2027-04-05' }])).toBe('2027-04-08');
  expect(dueOf([first])).toBe('2027-04-15');
  // What sleeps gets no first water, and so no second.
  expect(aftercareSteps([{ code: 'first weeks', fromDay: 0, untilDay: 28, days: 3, laterDays: 6 }])).toEqual([]);
});

test('nothing moves while all is in time, and the days stand still', () => {
  const days = ['2027-04-01', '2027-04-08', '2027-04-16', '2027-04-20'].map((today) => due('to its light', today));
  expect(new Set(days).size).toBe(1);
});

test('done or skipped it is settled; what was done before this potting does not count', () => {
  const [look] = tasks('2027-04-10', [{ kind: 'look', on: '2027-04-09', outcome: 'skipped' }]).filter(
    ({ kind }) => kind === 'look',
  );
  expect(look).toMatchObject({ state: 'skipped', doneOn: '2027-04-09' });
  const old = tasks('2027-04-10', [{ kind: 'look', on: '2027-03-09', outcome: 'done' }]).find(
    ({ kind }) => kind === 'look',
  )!;
  expect(old.state).toBe('open');
});

test('its rest begins with the first month of rest, in either hemisphere, also over the turn of the year', () => {
  const restOf = (months: readonly number[]) =>
    tasks('2027-04-01', [], months).find(({ kind }) => kind === 'rest')?.dueOn;
  expect(restOf([10, 11, 0, 1])).toBe('2027-11-01');
  expect(restOf([5, 6, 7])).toBe('2027-06-01');
  expect(restOf([])).toBeUndefined();
  // A rest that began before it has settled in is that of the next year, and too far off to be followed.
  expect(restOf([3, 4])).toBeUndefined();
});

test('common practice, no source: a plant of hardly any roots is looked at every two weeks, until its time is over', () => {
  const weak = stepsOf({ liveRootsPct: 10, signs: { tips: 'none' } });
  expect(weak.some(({ kind }) => kind === 'look for roots')).toBe(true);
  expect(steps.some(({ kind }) => kind === 'look for roots')).toBe(false);
  const look = (today: string, ...on: readonly string[]) => {
    const done = on.map((day) => ({ kind: 'look for roots', on: day, outcome: 'done' }) as const);
    return aftercareTasks({ pottedOn: '2027-04-01', steps: weak, restMonths: [], done }, today).find(
      ({ kind }) => kind === 'look for roots',
    )!;
  };
  expect(look('2027-04-01')).toMatchObject({ dueOn: '2027-04-15', untilOn: '2027-04-20', state: 'open' });
  expect(look('2027-04-20', '2027-04-20')).toMatchObject({ dueOn: '2027-05-04', state: 'open', doneOn: '2027-04-20' });
  // In whatever order they were written down.
  expect(look('2027-05-10', '2027-05-06', '2027-04-20').dueOn).toBe('2027-05-20');
  expect(look('2027-07-20', '2027-07-18')).toMatchObject({ state: 'done' });
  expect(look('2027-09-20')).toMatchObject({ state: 'past' });
});
