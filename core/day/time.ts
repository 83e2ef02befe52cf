/** How long the day takes, how sure that is, and what to leave for another day where it does not fit. */
import { byClock, type DaySetting } from './clock';
import { k } from './constants';
import type { PlantWork } from './work';

export interface DayTime {
  readonly availableMin: number;
  /** As reckoned. */
  readonly endMin: number;
  /** In eight days of ten it ends between these. */
  readonly leastMin: number;
  readonly mostMin: number;
  /** It is done in time on nine days of ten. */
  readonly fits: boolean;
}

const square = (value: number): number => value * value;

/** Plants vary each by itself, so their spreads add as squares; the pace of the hands is the same all day. */
export function timeOf(order: readonly PlantWork[], setting: DaySetting, availableMin: number): DayTime {
  const { endMin } = byClock(order, setting);
  const handsMin = order.map(({ firstMin, secondMin }) => (firstMin + secondMin) / setting.hands);
  const all = setting.mixingMin + handsMin.reduce((sum, minutes) => sum + minutes, 0);
  const ofPlants = handsMin.reduce((sum, minutes) => sum + square(k.PLANT_SPREAD * minutes), 0);
  const spreadMin = Math.sqrt(ofPlants + square(k.PACE_SPREAD * all));
  const mostMin = endMin + k.SPREADS_80 * spreadMin;
  return {
    availableMin,
    endMin,
    leastMin: Math.max(0, endMin - k.SPREADS_80 * spreadMin),
    mostMin,
    fits: mostMin <= availableMin,
  };
}

/** urgencyOf: 0 to 1. What cannot wait is never left. Those that can wait longest go first; what fits again comes back. */
export function toDrop(
  order: readonly PlantWork[],
  setting: DaySetting,
  availableMin: number,
  urgencyOf: (id: string) => number,
): readonly string[] {
  const fits = (dropped: ReadonlySet<string>): boolean =>
    timeOf(
      order.filter(({ id }) => !dropped.has(id)),
      setting,
      availableMin,
    ).fits;
  const longest = [...order]
    .filter(({ isUrgent }) => !isUrgent)
    .sort(
      (a, b) =>
        urgencyOf(a.id) - urgencyOf(b.id) ||
        b.firstMin + b.secondMin - (a.firstMin + a.secondMin) ||
        a.id.localeCompare(b.id),
    );
  const dropped = new Set<string>();
  for (const { id } of longest) {
    if (fits(dropped)) break;
    dropped.add(id);
  }
  if (!fits(dropped)) return [...dropped];
  for (const id of [...dropped].reverse()) {
    const without = new Set([...dropped].filter((one) => one !== id));
    if (fits(without)) dropped.delete(id);
  }
  return [...dropped];
}
