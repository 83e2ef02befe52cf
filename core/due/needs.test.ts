import { dayNumber, dayOf } from '../base';
import {
  dayNeedOf,
  afterRest,
  firstNeed,
  needKinds,
  needsOf,
  type NeedKind,
  type Seen,
  type PlantState,
  urgencyOf,
} from './needs';
import type { Outlook } from './outlook';

const outlook: Outlook = {
  lifeYears: 2.5,
  isRough: false,
  rim: { years: 3, spreadYears: 0.5 },
  flushesPerYear: 6,
  waterDays: Array.from({ length: 12 }, () => 6),
  hasReservoir: false,
  nursing: [],
  restMonths: [10, 11, 0],
};
const lookedNothing: Seen = {
  on: '2026-03-01',
  rot: null,
  liveRootsPct: null,
  bulbs: null,
  condition: null,
  isAtRim: false,
  hasPests: false,
  tips: null,
};
const plain: PlantState = {
  inMediumSince: '2025-03-01',
  onRecordSince: '2025-03-01',
  outlook,
  seen: null,
  flushedOn: null,
  treatedOn: null,
  waits: null,
  putOff: [],
};
const seen = (change: Partial<Seen>): PlantState => ({ ...plain, seen: { ...lookedNothing, ...change } });
const first = (plant: PlantState, today: string): NeedKind | undefined => needsOf(plant, today)[0]?.kind;
const need = (plant: PlantState, kind: NeedKind, today: string) =>
  needsOf(plant, today).find((one) => one.kind === kind);
const urgencyAt = (plant: PlantState, today: string): number => urgencyOf(needsOf(plant, today));

describe('what is due', () => {
  test('days follow from the potting and the outlook', () => {
    // 2.5 and 3 years of 365.25 days after 1 March 2025.
    expect(need(plain, 'medium spent', '2026-01-01')?.dueOn).toBe('2027-08-31');
    expect(need(plain, 'near the rim', '2026-01-01')?.dueOn).toBe('2028-02-29');
    // Six flushes a year: one in 60.875 days.
    expect(need(plain, 'flush', '2026-01-01')?.dueOn).toBe('2025-04-30');
    expect(need({ ...plain, flushedOn: '2025-12-20' }, 'flush', '2026-01-01')?.dueOn).toBe('2026-02-18');
    expect(need(plain, 'look it over', '2026-01-01')?.dueOn).toBe('2026-03-01');
  });

  test('what cannot wait comes before what was reckoned, in the order of the trade (common practice, no source)', () => {
    const all = seen({ rot: true, liveRootsPct: 30, condition: 'gone sour', isAtRim: true });
    const kinds = needsOf(all, '2026-03-10').map(({ kind }) => kind);
    const order: NeedKind[] = ['rot', 'failing roots', 'sour medium', 'shoot at the rim'];
    expect(kinds.filter((kind) => order.includes(kind))).toEqual(order);
    expect(first(seen({ bulbs: 'soft or oozing' }), '2026-03-10')).toBe('rot');
  });

  test('what was seen stands for what was reckoned', () => {
    expect(need(seen({ condition: 'breaking down' }), 'medium spent', '2026-03-10')).toBeUndefined();
    expect(need(seen({ isAtRim: true }), 'near the rim', '2026-03-10')).toBeUndefined();
    // Found sound past its reckoned life: it is not spent on the day it was found sound.
    const late = { ...seen({ condition: 'sound', on: '2028-06-01' }), inMediumSince: '2025-03-01' };
    expect(need(late, 'medium spent', '2028-06-01')!.dueOn > '2028-12-01').toBe(true);
    expect(urgencyAt(late, '2028-06-02')).toBeLessThan(urgencyAt({ ...late, seen: null }, '2028-06-02'));
  });

  test('repotting waits for the season and a sign; rot waits for nothing', () => {
    const spent = need({ ...plain, inMediumSince: '2023-01-01' }, 'medium spent', '2026-11-20')!;
    expect(spent).toMatchObject({ notBefore: '2027-02-01', waitsFor: 'root tips or a shoot about to root' });
    expect(need({ ...plain, inMediumSince: '2023-01-01' }, 'medium spent', '2026-06-20')!.notBefore).toBeNull();
    expect(need(seen({ rot: true }), 'rot', '2026-11-20')).toMatchObject({ notBefore: null, waitsFor: null });
    const tips = { ...seen({ tips: 'starting', on: '2026-06-10' }), inMediumSince: '2023-01-01' };
    expect(need(tips, 'medium spent', '2026-06-20')!.waitsFor).toBeNull();
    expect(need(tips, 'medium spent', '2026-08-20')!.waitsFor).not.toBeNull();
  });

  test('pests are looked for again a week after they were treated', () => {
    const treated = { ...seen({ hasPests: true }), treatedOn: '2026-03-20' };
    expect(need(treated, 'pests', '2026-03-21')?.dueOn).toBe('2026-03-27');
    expect(need(seen({}), 'pests', '2026-03-21')).toBeUndefined();
  });

  test('put off until a day, it is not told before it', () => {
    const putOff = { ...plain, putOff: [{ need: 'medium spent' as const, until: '2027-10-01' }] };
    expect(need(putOff, 'medium spent', '2027-09-30')).toBeUndefined();
    expect(need(putOff, 'medium spent', '2027-10-01')).toBeDefined();
  });

  test('a plant of which nothing is known is still looked over once a year', () => {
    const unknown = { ...plain, inMediumSince: null, outlook: null };
    expect(needsOf(unknown, '2026-01-01').map(({ kind }) => kind)).toEqual(['look it over']);
    expect(firstNeed(needsOf(unknown, '2025-04-01'))).toBeNull();
    expect(firstNeed(needsOf(unknown, '2026-04-01'))?.kind).toBe('look it over');
  });

  test('a rest that lasts all the year puts nothing off', () => {
    expect(afterRest('2026-06-15', [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11])).toBeNull();
    expect(afterRest('2026-12-31', [11])).toBe('2027-01-01');
  });
});

describe('urgency as days go by', () => {
  const everyTenDays = Array.from({ length: 366 }, (_, n) => dayOf(dayNumber('2025-03-01') + 10 * n));

  test('it never stands still nor falls while nothing is done, and has no cliff', () => {
    const course = everyTenDays.map((day) => urgencyAt(plain, day));
    course.slice(1).forEach((urgency, i) => {
      expect(urgency).toBeGreaterThan(course[i]!);
      expect(urgency - course[i]!).toBeLessThan(0.2);
    });
    expect(course[0]).toBeLessThan(0.05);
    expect(course.at(-1)).toBeGreaterThan(0.9);
  });

  test('of two long overdue plants the one left longer comes first', () => {
    const older = { ...plain, inMediumSince: '2010-03-01' };
    const old = { ...plain, inMediumSince: '2012-03-01' };
    expect(urgencyAt(older, '2026-03-01')).toBeGreaterThan(urgencyAt(old, '2026-03-01'));
  });

  test('a need more never makes it less urgent', () => {
    const needs = needsOf(seen({ condition: 'breaking down', isAtRim: true }), '2026-05-01');
    needs.forEach((_, n) => {
      const without = needs.filter((_one, i) => i !== n);
      expect(urgencyOf(needs)).toBeGreaterThan(urgencyOf(without));
    });
  });
});

test('every kind of need has a weight that some plant meets', () => {
  const met = new Set(
    [
      plain,
      seen({ rot: true, liveRootsPct: 10, condition: 'gone sour', hasPests: true, isAtRim: true }),
      seen({ condition: 'breaking down' }),
      { ...plain, waits: { sign: 'end of rest', risk: 'little', lookOn: '2026-04-01' } as const },
    ].flatMap((plant) => needsOf(plant, '2026-05-01').map(({ kind }) => kind)),
  );
  expect([...needKinds].filter((kind) => !met.has(kind))).toEqual([]);
});

test('a potting day asks how badly a new pot is wanted, and whether something may spread', () => {
  const needs = [
    { kind: 'flush', urgency: 0.9 },
    { kind: 'medium spent', urgency: 0.4 },
    { kind: 'rot', urgency: 0.7 },
  ] as const;
  expect(dayNeedOf(needs)).toEqual({ urgency: 0.7, isSuspect: false });
  expect(dayNeedOf([{ kind: 'pests', urgency: 0.5 }])).toEqual({ urgency: 0, isSuspect: true });
  expect(dayNeedOf([])).toEqual({ urgency: 0, isSuspect: false });
});
