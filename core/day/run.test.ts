import type { DayPlantAsked } from './day-case';
import type { DayEntry } from './entries';
import { runOf } from './run';

const plants = ['a', 'b', 'c'].map(
  (id) => ({ id, name: id, case: {}, urgency: 0, isSuspect: false }) as unknown as DayPlantAsked,
);
const at = (minute: number) => new Date(Date.UTC(2027, 2, 6, 9, minute)).toISOString();
const entry = (minute: number, kind: DayEntry['kind'], data: object = {}) =>
  ({ kind, at: at(minute), data }) as DayEntry;
const run = (...entries: DayEntry[]) => runOf({ plants }, entries);
const statuses = (...entries: DayEntry[]) => run(...entries).plants.map(({ status }) => status);

test('one plant at a time is in hand; the one before keeps what was done to it', () => {
  const state = run(
    entry(0, 'begun'),
    entry(1, 'in hand', { plantId: 'a' }),
    entry(2, 'step done', { plantId: 'a', step: 'unpot' }),
    entry(3, 'timer', { plantId: 'a', step: 'fizz', minutes: 10 }),
    entry(4, 'in hand', { plantId: 'b' }),
  );
  expect(state).toMatchObject({ begunAtMs: Date.parse(at(0)), isStopped: false, inHand: 'b' });
  expect(state.plants[0]).toMatchObject({
    status: 'waits',
    stepsDone: ['unpot'],
    timers: [{ step: 'fizz', endsAtMs: Date.parse(at(13)) }],
  });
});

test('a step done ends its timer, and can be opened again', () => {
  const entries = [
    entry(1, 'timer', { plantId: 'a', step: 'soak', minutes: 20 }),
    entry(5, 'step done', { plantId: 'a', step: 'soak' }),
  ];
  expect(run(...entries).plants[0]).toMatchObject({ timers: [], stepsDone: ['soak'] });
  expect(run(...entries, entry(6, 'step open', { plantId: 'a', step: 'soak' })).plants[0]).toMatchObject({
    stepsDone: [],
  });
});

test('two tablets whose entries come late add up the same, in whatever order they came', () => {
  const entries = [
    entry(0, 'begun'),
    entry(1, 'in hand', { plantId: 'a' }),
    entry(4, 'potted', { plantId: 'a', eventId: 'e1' }),
    entry(5, 'in hand', { plantId: 'c' }),
    entry(6, 'left', { plantId: 'b', reason: 'no time' }),
    entry(7, 'changed', { plantId: 'c', isSuspect: true }),
  ];
  const inOrder = run(...entries);
  expect(run(...[...entries].reverse())).toEqual(inOrder);
  expect(inOrder).toMatchObject({ inHand: 'c' });
  expect(inOrder.plants.map(({ status }) => status)).toEqual(['potted', 'left', 'in hand']);
  expect(inOrder.plants[2]).toMatchObject({ isChanged: true, asked: { isSuspect: true } });
});

test('what is potted stays potted; what was left can come back', () => {
  const potted = entry(1, 'potted', { plantId: 'a', eventId: 'e1' });
  expect(statuses(potted, entry(2, 'left', { plantId: 'a', reason: 'no time' }))[0]).toBe('potted');
  expect(statuses(potted, entry(2, 'in hand', { plantId: 'a' }))[0]).toBe('potted');
  const left = entry(1, 'left', { plantId: 'b', reason: 'no pot', note: 'none of 14' });
  expect(run(left).plants[1]).toMatchObject({ status: 'left', left: { reason: 'no pot', note: 'none of 14' } });
  expect(statuses(left, entry(2, 'back', { plantId: 'b' }))[1]).toBe('waits');
});

test('stopped, and begun again', () => {
  expect(run(entry(0, 'begun'), entry(9, 'stopped')).isStopped).toBe(true);
  expect(run(entry(0, 'begun'), entry(9, 'stopped'), entry(20, 'begun'))).toMatchObject({
    isStopped: false,
    begunAtMs: Date.parse(at(0)),
  });
});

test('a plant that is not in the day changes nothing', () => {
  expect(run(entry(0, 'in hand', { plantId: 'x' }))).toEqual(run());
});
