/**
 * A day by the clock: given the order, when each plant is begun and done. Pots soak as long as there is room; while one fizzes, hands take up
 * another; every pair of hands takes the next plant whose soak is over. What that order costs the grower is counted in minutes of
 * the day (constants.ts), so that orders can be compared.
 */
import { MINUTES_PER_HOUR } from '../base';
import { k } from './constants';
import type { PlantWork } from './work';

export interface DaySetting {
  readonly beginsAtMinute: number;
  /** Pairs of hands. */
  readonly hands: number;
  readonly benchCm: number;
  /** Minutes of measuring out mixes before the first plant; meanwhile the first pots soak. */
  readonly mixingMin: number;
  readonly sun: { readonly fromMinute: number; readonly untilMinute: number } | null;
}

/** Minutes from the beginning of the day. */
export interface PlantTimes {
  readonly id: string;
  readonly soakFromMin: number | null;
  readonly beginMin: number;
  readonly fizzFromMin: number | null;
  readonly endMin: number;
}

export interface DayByClock {
  readonly times: readonly PlantTimes[];
  /** When the last plant is done. */
  readonly endMin: number;
  readonly mixChanges: number;
  /** What the order costs, in minutes of the day. */
  readonly cost: number;
}

interface Hands {
  freeMin: number;
  mixKey: string | null;
  isAfterSick: boolean;
}

interface Fizzing {
  readonly at: number;
  readonly readyMin: number;
}

/** Filled as the clock goes; -1 while it has not come. */
interface Marks {
  readonly soakFrom: Float64Array;
  readonly begin: Float64Array;
  readonly fizzFrom: Float64Array;
  readonly end: Float64Array;
}

const newMarks = (count: number): Marks => ({
  soakFrom: new Float64Array(count).fill(-1),
  begin: new Float64Array(count).fill(-1),
  fizzFrom: new Float64Array(count).fill(-1),
  end: new Float64Array(count).fill(-1),
});

/** Pots go into the water in their order as long as there is room; one that is wider than the room goes in alone. */
function soaking(order: readonly PlantWork[], benchCm: number, marks: Marks) {
  let [next, usedCm] = [0, 0];
  const fill = (nowMin: number): void => {
    while (next < order.length) {
      const { soakMin, soakCm } = order[next]!;
      if (soakMin > 0) {
        if (usedCm > 0 && usedCm + soakCm > benchCm) return;
        usedCm += soakCm;
        marks.soakFrom[next] = nowMin;
      }
      next += 1;
    }
  };
  return {
    fill,
    /** It is taken out, and makes room. */
    takeOut: (at: number, nowMin: number): void => {
      if (order[at]!.soakMin > 0) usedCm -= order[at]!.soakCm;
      fill(nowMin);
    },
    /** When it may be taken out; Infinity while it has not gone in. */
    readyMin: (at: number): number => {
      const { soakMin } = order[at]!;
      if (soakMin === 0) return 0;
      return marks.soakFrom[at]! < 0 ? Infinity : marks.soakFrom[at]! + soakMin;
    },
  };
}

/** Runs the day; returns when it ends and how often a mix was changed. */
function run(order: readonly PlantWork[], setting: DaySetting, marks: Marks): { endMin: number; mixChanges: number } {
  const { hands: count, benchCm, mixingMin } = setting;
  const crew: Hands[] = Array.from({ length: count }, () => ({ freeMin: mixingMin, mixKey: null, isAfterSick: false }));
  const water = soaking(order, benchCm, marks);
  water.fill(0);
  const fizzing: Fizzing[] = [];
  let [next, left, mixChanges, endMin] = [0, order.length, 0, mixingMin];

  const potUp = (hands: Hands, at: number, nowMin: number): void => {
    const { mixKey, secondMin, isSuspect } = order[at]!;
    const isOther = hands.mixKey !== null && hands.mixKey !== mixKey;
    if (isOther) mixChanges += 1;
    marks.end[at] = nowMin + (isOther ? k.OTHER_MIX_MIN : 0) + secondMin;
    hands.freeMin = marks.end[at]!;
    hands.mixKey = mixKey;
    hands.isAfterSick = isSuspect;
    endMin = Math.max(endMin, hands.freeMin);
    left -= 1;
  };
  const unpot = (hands: Hands, at: number, nowMin: number): void => {
    const { firstMin, fizzMin, isSuspect } = order[at]!;
    marks.begin[at] = nowMin;
    water.takeOut(at, nowMin);
    const doneMin = nowMin + (hands.isAfterSick && !isSuspect ? k.SCRUB_MIN : 0) + firstMin;
    hands.isAfterSick = isSuspect;
    if (fizzMin === 0) return potUp(hands, at, doneMin);
    marks.fizzFrom[at] = doneMin;
    fizzing.push({ at, readyMin: doneMin + fizzMin });
    hands.freeMin = doneMin;
  };

  while (left > 0) {
    const hands = crew.reduce((first, one) => (one.freeMin < first.freeMin ? one : first));
    const nowMin = hands.freeMin;
    const fizzed = fizzing.length > 0 ? fizzing.reduce((a, b) => (b.readyMin < a.readyMin ? b : a)) : null;
    const soakedMin = next < order.length ? water.readyMin(next) : Infinity;
    if (fizzed && fizzed.readyMin <= Math.max(nowMin, soakedMin)) {
      fizzing.splice(fizzing.indexOf(fizzed), 1);
      potUp(hands, fizzed.at, Math.max(nowMin, fizzed.readyMin));
    } else {
      // All before it have been taken out of the water, so it is in there.
      unpot(hands, next, Math.max(nowMin, soakedMin));
      next += 1;
    }
  }
  return { endMin, mixChanges };
}

/** Minutes of a span that lie in the sun. */
function inSunMin(fromMin: number, untilMin: number, { beginsAtMinute, sun }: DaySetting): number {
  if (sun === null) return 0;
  const [from, until] = [sun.fromMinute - beginsAtMinute, sun.untilMinute - beginsAtMinute];
  return Math.max(0, Math.min(untilMin, until) - Math.max(fromMin, from));
}

function costOf(order: readonly PlantWork[], setting: DaySetting, marks: Marks, endMin: number): number {
  let cost = endMin;
  let [sickBefore, cleanBefore] = [0, 0];
  for (const [at, { isUrgent, isSuspect, isDirty, isTender, litres }] of order.entries()) {
    const [beginMin, doneMin] = [marks.begin[at]!, marks.end[at]!];
    if (isUrgent) cost += k.URGENT_PER_MIN * beginMin;
    if (isSuspect) sickBefore += 1;
    else cost += k.SICK_BEFORE_SOUND_MIN * sickBefore;
    if (isDirty) cost += k.CLEAN_BEFORE_DIRTY_MIN * cleanBefore;
    else cleanBefore += 1;
    if (isTender) cost += k.SUN_PER_MIN * inSunMin(beginMin, doneMin, setting);
    cost += (k.TIRED_PER_L_H * litres * beginMin) / MINUTES_PER_HOUR;
  }
  return cost;
}

/** What an order costs, in minutes of the day. */
export function orderCost(order: readonly PlantWork[], setting: DaySetting): number {
  const marks = newMarks(order.length);
  return costOf(order, setting, marks, run(order, setting, marks).endMin);
}

export function byClock(order: readonly PlantWork[], setting: DaySetting): DayByClock {
  const marks = newMarks(order.length);
  const { endMin, mixChanges } = run(order, setting, marks);
  const markOf = (marked: Float64Array, at: number): number | null => (marked[at]! < 0 ? null : marked[at]!);
  // As late as will do: nothing stands in water for hours. Whoever stands there then stood there anyway, so there is room.
  const soakFrom = (at: number): number | null =>
    marks.soakFrom[at]! < 0 ? null : Math.max(marks.soakFrom[at]!, marks.begin[at]! - order[at]!.soakMin);
  return {
    times: order.map(({ id }, at) => ({
      id,
      soakFromMin: soakFrom(at),
      beginMin: marks.begin[at]!,
      fizzFromMin: markOf(marks.fizzFrom, at),
      endMin: marks.end[at]!,
    })),
    endMin,
    mixChanges,
    cost: costOf(order, setting, marks, endMin),
  };
}
