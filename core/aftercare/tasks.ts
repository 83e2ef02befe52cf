/**
 * The steps of a plant's aftercare on the calendar. What was done late moves what hangs on it: the final light comes so long after the
 * early sun, and no feed before roots have had water.
 */
import { dayNumber, dayOf } from '../base';
import { k } from './constants';
import { type AftercareKind, aftercareKinds, type AftercareStep } from './steps';

export interface AftercareDone {
  readonly kind: AftercareKind;
  /** YYYY-MM-DD */
  readonly on: string;
  readonly outcome: 'done' | 'skipped';
}

export interface FollowedPotting {
  readonly pottedOn: string;
  readonly steps: readonly AftercareStep[];
  /** Months of rest of its kind in its place, 0 = January. */
  readonly restMonths: readonly number[];
  readonly done: readonly AftercareDone[];
}

export interface AftercareTask {
  readonly kind: AftercareKind;
  readonly dueOn: string;
  /** Until then it is in time. */
  readonly untilOn: string;
  readonly ppm: AftercareStep['ppm'];
  /** past: missed so long ago that it is asked for no longer. */
  readonly state: 'open' | 'done' | 'skipped' | 'past';
  readonly doneOn: string | null;
}

/** What it hangs on, and how many days after that it comes at the earliest; null: as many as were reckoned. */
const hangsOn: Readonly<
  Partial<Record<AftercareKind, { readonly on: AftercareKind; readonly gapDays: number | null }>>
> = {
  'water again': { on: 'first water', gapDays: null },
  'to its light': { on: 'out of the shade', gapDays: k.EARLY_SUN_DAYS },
  feed: { on: 'first water', gapDays: k.FEED_AFTER_WATER_DAYS },
};

/** The first day of the first month of rest that begins after it has settled in; null for a kind without rest. */
function restBegins(afterDay: number, restMonths: readonly number[]): number | null {
  if (restMonths.length === 0 || restMonths.length === MONTHS) return null;
  const first = restMonths.find((month) => !restMonths.includes((month + MONTHS - 1) % MONTHS))!;
  const after = dayOf(afterDay);
  for (let year = Number(after.slice(0, 4)); ; year += 1) {
    const begins = dayNumber(`${year}-${String(first + 1).padStart(2, '0')}-01`);
    if (begins >= afterDay) return begins;
  }
}

const MONTHS = 12;
/** The rest that begins within these days of potting is the one that the season decides, not the pot. */
const SETTLED_DAYS = 60;

function withRest({ pottedOn, steps, restMonths }: FollowedPotting): readonly AftercareStep[] {
  // A plant that was potted asleep has nothing to rest from.
  if (!steps.some(({ kind }) => kind === 'tug')) return steps;
  const pottedDay = dayNumber(pottedOn);
  const begins = restBegins(pottedDay + SETTLED_DAYS, restMonths);
  if (begins === null || begins - pottedDay > k.FOLLOWED_DAYS) return steps;
  const fromDay = begins - pottedDay;
  return [...steps, { kind: 'rest', fromDay, untilDay: fromDay + k.REST_SPREAD_DAYS, ppm: null }];
}

function againTask(
  { kind, fromDay, untilDay, ppm }: AftercareStep,
  everyDays: number,
  { pottedOn, done }: FollowedPotting,
  dayNow: number,
): AftercareTask {
  const pottedDay = dayNumber(pottedOn);
  const last = done
    .filter((one) => one.kind === kind && one.on >= pottedOn)
    .sort((a, b) => a.on.localeCompare(b.on))
    .at(-1);
  const dueDay = last ? dayNumber(last.on) + everyDays : pottedDay + fromDay;
  const lastDay = pottedDay + untilDay;
  const isOver = last !== undefined && dueDay > lastDay;
  const isPast = dayNow > lastDay + k.ASKED_AFTER_DAYS;
  return {
    kind,
    dueOn: dayOf(dueDay),
    untilOn: dayOf(dueDay + k.LOOK_FOR_ROOTS_SPREAD_DAYS),
    ppm,
    state: isOver ? last.outcome : isPast ? 'past' : 'open',
    doneOn: last?.on ?? null,
  };
}

/** today: YYYY-MM-DD. In the order of their days. */
export function aftercareTasks(nursed: FollowedPotting, today: string): readonly AftercareTask[] {
  const pottedDay = dayNumber(nursed.pottedOn);
  const dayNow = dayNumber(today);
  const doneOf = (kind: AftercareKind) => nursed.done.find((one) => one.kind === kind && one.on >= nursed.pottedOn);
  const steps = withRest(nursed);
  const shiftOf = ({ kind, fromDay }: AftercareStep): number => {
    const hangs = hangsOn[kind];
    const before = hangs && steps.find((one) => one.kind === hangs.on);
    if (!hangs || !before) return 0;
    const done = doneOf(hangs.on);
    const untilDay = pottedDay + before.untilDay;
    // While that is open and late it can be done today at the earliest; missed for good it was done in the end, somehow.
    const beforeDay = done ? dayNumber(done.on) : Math.min(dayNow, untilDay + k.ASKED_AFTER_DAYS);
    const moves = done !== undefined || dayNow > untilDay;
    const gapDays = hangs.gapDays ?? fromDay - before.fromDay;
    return moves ? Math.max(0, beforeDay + gapDays - (pottedDay + fromDay)) : 0;
  };
  return steps
    .map((step): AftercareTask => {
      const { kind, fromDay, untilDay, ppm, everyDays } = step;
      if (everyDays !== undefined) return againTask(step, everyDays, nursed, dayNow);
      const shift = shiftOf(step);
      const done = doneOf(kind);
      const isPast = dayNow > pottedDay + untilDay + shift + k.ASKED_AFTER_DAYS;
      return {
        kind,
        dueOn: dayOf(pottedDay + fromDay + shift),
        untilOn: dayOf(pottedDay + untilDay + shift),
        ppm,
        state: done ? done.outcome : isPast ? 'past' : 'open',
        doneOn: done?.on ?? null,
      };
    })
    .sort((a, b) => a.dueOn.localeCompare(b.dueOn) || aftercareKinds.indexOf(a.kind) - aftercareKinds.indexOf(b.kind));
}
