import { checkWith } from '../base';
import { type TrialEvent, trialValue } from './values';
import { trialSchema } from './trial-schema';

const water = (on: string): TrialEvent => ({ on, kind: 'watered' });
const look = (on: string, seen: Partial<TrialEvent>): TrialEvent => ({ on, kind: 'inspected', ...seen });

test('the newest look counts; what nobody looked at is not told', () => {
  const events = [
    look('2027-05-01', { liveRootsPct: 60 }),
    look('2027-09-01', { liveRootsPct: 85 }),
    look('2027-10-01', {}),
  ];
  expect(trialValue('live roots', events)).toBe(85);
  expect(trialValue('live roots', [])).toBeNull();
  const judged = (on: string, holds: string): TrialEvent => ({ on, kind: 'nursed', holds });
  expect(trialValue('held', [judged('2027-05-01', 'loose'), judged('2027-06-01', 'holds')])).toBe(1);
  expect(trialValue('held', [judged('2027-05-01', 'gives a little')])).toBe(0);
  expect(trialValue('held', events)).toBeNull();
});

test('shoots count by the year, over at least half of one', () => {
  const counted = (on: string, shootCount: number) => look(on, { shootCount });
  expect(trialValue('new shoots', [counted('2027-01-01', 4), counted('2028-01-01', 7)])).toBeCloseTo(3, 2);
  expect(trialValue('new shoots', [counted('2027-01-01', 4), counted('2027-03-01', 5)])).toBeNull();
});

test('days between waterings are a mean of at least three gaps', () => {
  expect(
    trialValue('days between waterings', ['2027-05-01', '2027-05-07', '2027-05-13', '2027-05-19'].map(water)),
  ).toBe(6);
  expect(trialValue('days between waterings', ['2027-05-01', '2027-05-07'].map(water))).toBeNull();
});

test('a plant stands on one side only; a trial has two sides', () => {
  const id = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';
  const trial = (sides: unknown) => ({
    name: 'Pot or mount',
    measure: 'held',
    matters: 0.25,
    spread: 0,
    begunOn: '2027-04-01',
    sides,
  });
  const faultsOf = (sides: unknown) => {
    const read = checkWith(trialSchema, trial(sides));
    return read.status === 'faulty' ? read.faults.map(({ path }) => path) : [];
  };
  expect(
    faultsOf([
      { name: 'pot', plantIds: [id] },
      { name: 'mount', plantIds: [] },
    ]),
  ).toEqual([]);
  expect(
    faultsOf([
      { name: 'pot', plantIds: [id] },
      { name: 'mount', plantIds: [id] },
    ]),
  ).toEqual(['sides.1.plantIds']);
  expect(faultsOf([{ name: 'pot', plantIds: [] }])).toEqual(['sides']);
});
