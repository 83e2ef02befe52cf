/**
 * The lives of the invented collection, told from its lines: pottings, looks, flowers, moves, feeds, pests and partings over
 * five years up to the day it is loaded. The same day gives the same lives.
 */
import dayjs from 'dayjs';
import type { Felt, Inspection, PlanCase, SetupSpec } from '@core';
import type { QuickInput } from '../records/journal/quick-schemas';
import { type DemoLine, demoLines } from './collection';
import { type DemoSetup, demoSetups } from './setups';

export type DemoEvent =
  | { readonly kind: 'potted'; readonly on: string; readonly spec: SetupSpec; readonly note: string }
  | { readonly kind: 'inspected'; readonly on: string; readonly inspection: Inspection }
  | { readonly kind: 'care'; readonly on: string; readonly care: Pick<QuickInput, 'kind' | 'details'> };

export interface DemoLife {
  readonly line: DemoLine;
  readonly tagNumber: string;
  readonly acquiredOn: string;
  readonly planCase: PlanCase;
  /** Oldest first; the first is a potting. */
  readonly events: readonly DemoEvent[];
}

/** A number of its own for each plant and question, 0 to 1, the same every time (FNV-1a). */
function chance(...of: readonly (string | number)[]): number {
  let hash = 0x811c9dc5;
  for (const letter of of.join('|')) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  return ((hash >>> 0) % 1000) / 1000;
}

const DAYS_IN_MONTH_USED = 27;

export function livesUpTo(today: string): readonly DemoLife[] {
  const now = dayjs(today);
  /** A day in a month so many years ago; of one plant always the same. */
  const dayIn = (yearsAgo: number, month: number, of: string): string =>
    now
      .subtract(yearsAgo, 'year')
      .month(month - 1)
      .date(1 + Math.floor(DAYS_IN_MONTH_USED * chance(of, yearsAgo, month)))
      .format('YYYY-MM-DD');
  return demoLines.map((line, n) => lifeOf(line, n, today, dayIn));
}

type DayIn = (yearsAgo: number, month: number, of: string) => string;

function lifeOf(line: DemoLine, n: number, today: string, dayIn: DayIn): DemoLife {
  const { name, left } = line;
  const acquiredOn = dayIn(line.came[0], line.came[1], name);
  // Early in a year what is told of its spring was in the spring before.
  const leftIn = left ? dayIn(left[1], left[2], `${name} left`) : null;
  const leftOn = leftIn !== null && leftIn > today ? dayjs(leftIn).subtract(1, 'year').format('YYYY-MM-DD') : leftIn;
  const end = leftOn ?? today;
  const events = [
    ...pottings(line, acquiredOn, end),
    ...looks(line, dayIn),
    ...flowers(line, dayIn),
    ...journeys(line, dayIn),
    ...pests(line, n, dayIn),
    ...meals(line, today),
    ...waterings(line, today),
  ]
    .filter(({ on }) => on >= acquiredOn && on <= end)
    .sort((a, b) => a.on.localeCompare(b.on));
  const parting: readonly DemoEvent[] =
    left && leftOn
      ? [{ kind: 'care', on: leftOn, care: { kind: 'left', details: { how: left[0], note: left[3] } } }]
      : [];
  return {
    line,
    tagNumber: `K ${String(n + 10)}`,
    acquiredOn,
    planCase: {
      genus: line.genus,
      place: line.place,
      routine: { kind: 'every', days: line.water ?? 6 },
      month: Number(acquiredOn.slice(5, 7)),
    },
    events: [...events, ...parting],
  };
}

const potNotes = [
  'Old mix came away clean.',
  'Roots white to the wall.',
  'Cut a handful of dead roots.',
  'A size up; it had lifted itself out.',
  '',
] as const;

function pottings({ name, setup: [kind, cm], every }: DemoLine, acquiredOn: string, end: string): DemoEvent[] {
  const events: DemoEvent[] = [];
  for (let times = 0, on = acquiredOn; on <= end; times += 1) {
    // A size up every other time.
    const spec = demoSetups[kind](cm);
    const note =
      times === 0 ? 'As it came, into my own mix.' : potNotes[Math.floor(potNotes.length * chance(name, times))]!;
    events.push({ kind: 'potted', on, spec, note });
    if (every === 0) break;
    on = dayjs(on)
      .add(Math.round(12 * every), 'month')
      .add(Math.round(40 * chance(name, 'late', times)), 'day')
      .format('YYYY-MM-DD');
  }
  return events;
}

const SPRING = 3;

const breaksDown: ReadonlySet<DemoSetup> = new Set([
  'fine bark',
  'bark',
  'bark, clear',
  'bark in clay',
  'moss',
  'slipper mix',
  'soil-like',
]);

/** Looked over in most springs: the neglected ones show it. */
function looks({ name, every, came, setup: [kind] }: DemoLine, dayIn: DayIn): DemoEvent[] {
  return Array.from({ length: came[0] + 1 }, (_, yearsAgo) => yearsAgo).flatMap((yearsAgo): DemoEvent[] => {
    if (chance(name, 'looked', yearsAgo) < 0.45) return [];
    const inPot = came[0] - yearsAgo;
    const isOld = every === 0 && inPot >= 2 && breaksDown.has(kind);
    const inspection: Inspection = {
      reasons: [isOld ? 'old medium' : 'routine'],
      squeeze: isOld ? 'flexes' : 'gives a little',
      condition: isOld ? 'breaking down' : 'sound',
      smell: isOld && inPot >= 3 ? 'sour or rotten' : 'fresh',
      liveRootsPct: isOld ? 60 : 90,
      tips: chance(name, 'tips', yearsAgo) < 0.5 ? 'starting' : 'none',
      pests: [],
      rot: false,
    };
    return [{ kind: 'inspected', on: dayIn(yearsAgo, SPRING + 1, `${name} look`), inspection }];
  });
}

function flowers({ name, blooms, came }: DemoLine, dayIn: DayIn): DemoEvent[] {
  if (blooms === undefined) return [];
  return Array.from({ length: came[0] + 1 }, (_, yearsAgo) => yearsAgo).flatMap((yearsAgo): DemoEvent[] => {
    // Not every year is a good one.
    if (chance(name, 'bloom', yearsAgo) < 0.2) return [];
    const open = dayIn(yearsAgo, blooms, `${name} bloom`);
    const over = dayjs(open)
      .add(14 + Math.round(50 * chance(name, 'lasts', yearsAgo)), 'day')
      .format('YYYY-MM-DD');
    return [
      { kind: 'care', on: open, care: { kind: 'bloomed', details: { state: 'open' } } },
      { kind: 'care', on: over, care: { kind: 'bloomed', details: { state: 'over' } } },
    ];
  });
}

/** Out on the terrace for the summer, and in again. */
function journeys({ name, goesOut, place, came, spot }: DemoLine, dayIn: DayIn): DemoEvent[] {
  if (!goesOut) return [];
  return Array.from({ length: came[0] + 1 }, (_, yearsAgo) => yearsAgo).flatMap((yearsAgo): DemoEvent[] => [
    {
      kind: 'care',
      on: dayIn(yearsAgo, 5, `${name} out`),
      care: { kind: 'moved', details: { place: 'salt-stair', spot: 'under the fig' } },
    },
    {
      kind: 'care',
      on: dayIn(yearsAgo, 9, `${name} in`),
      care: { kind: 'moved', details: { place, ...(spot ? { spot } : {}) } },
    },
  ]);
}

/** Scale came into the glasshouse two autumns ago. */
function pests({ name, place }: DemoLine, n: number, dayIn: DayIn): DemoEvent[] {
  if (place !== 'glasshouse' || n % 3 !== 0) return [];
  const seen = dayIn(2, 10, `${name} scale`);
  const treated = [3, 10, 17].map((days): DemoEvent => ({
    kind: 'care',
    on: dayjs(seen).add(days, 'day').format('YYYY-MM-DD'),
    care: { kind: 'treated', details: { against: 'scale', note: 'Wiped with a soft cloth, sheaths off.' } },
  }));
  const look: DemoEvent = { kind: 'inspected', on: seen, inspection: { reasons: ['routine'], pests: ['scale'] } };
  const clean: DemoEvent = {
    kind: 'inspected',
    on: dayjs(seen).add(40, 'day').format('YYYY-MM-DD'),
    inspection: { reasons: ['routine'], pests: [] },
  };
  return [look, ...treated, clean];
}

const MONTHS_OF_MEALS = 14;
const LAMP_FLUSH_MONTHS = 8;

/** Fed once a month in the light half of the year; the lamp shelf is flushed once a month. */
function meals({ name, place, setup: [kind] }: DemoLine, today: string): DemoEvent[] {
  const months = Array.from({ length: MONTHS_OF_MEALS }, (_, n) => dayjs(today).subtract(n, 'month').date(8));
  const fed = months
    .filter((month) => month.month() >= 2 && month.month() <= 8)
    .map((month): DemoEvent => ({ kind: 'care', on: month.format('YYYY-MM-DD'), care: { kind: 'fed', details: {} } }));
  const isFlushed = place === 'lamp-shelf' && !kind.startsWith('cork') && chance(name, 'flushed') > 0.3;
  const flushed = (isFlushed ? months.slice(1, LAMP_FLUSH_MONTHS) : []).map((month): DemoEvent => ({
    kind: 'care',
    on: month.add(3, 'day').format('YYYY-MM-DD'),
    care: { kind: 'flushed', details: {} },
  }));
  return [...fed, ...flushed];
}

const DAYS_OF_WATERING = 45;

/** On the lamp shelf the last weeks' waterings are written down, now and then with what a finger found. */
function waterings({ name, water }: DemoLine, today: string): DemoEvent[] {
  if (water === undefined) return [];
  const events: DemoEvent[] = [];
  const offset = Math.floor(water * chance(name, 'day'));
  for (let ago = DAYS_OF_WATERING; ago >= offset; ago -= water) {
    const felt = chance(name, 'felt', ago);
    const found: readonly Felt[] = felt < 0.1 ? ['still wet'] : felt > 0.92 ? ['dry'] : [];
    const details = found.length > 0 ? { felt: found[0] } : {};
    const on = dayjs(today).subtract(ago, 'day').format('YYYY-MM-DD');
    events.push({ kind: 'care', on, care: { kind: 'watered', details } });
  }
  return events;
}
