/**
 * A column fine enough that its days do not hang on its cells: they are halved until that no longer moves the day. Most
 * setups need none of it; coarse stones standing in water, or fine on coarse, may need it twice.
 */
import type { MonthDrying } from '../places';
import { buildColumn } from './build';
import type { Column } from './column';
import { k } from './constants';
import { daysOf, dryingTime } from './dry-down';
import type { Drinker, Setup } from './setup';
import type { Watering } from './watering';

/** month: the one to try it in; alter: what is to be done to each column before it is tried. */
export function columnForDays(
  setup: Setup,
  drinker: Drinker,
  month: MonthDrying,
  thresholdShare: number,
  watering: Watering,
  alter: (column: Column) => Column = (column) => column,
): Column {
  const daysWith = (column: Column) => daysOf(dryingTime(column, month, thresholdShare, k.HORIZON_DAYS, 1, watering));
  let column = alter(buildColumn(setup, drinker));
  let days = daysWith(column);
  for (let finer = 2; finer <= k.FINEST; finer *= 2) {
    const next = alter(buildColumn(setup, drinker, finer));
    const nextDays = daysWith(next);
    if (Math.abs(nextDays / days - 1) < k.MESH_MAY_MOVE) return column;
    column = next;
    days = nextDays;
  }
  return column;
}
