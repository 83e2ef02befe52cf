/**
 * A column fine enough that its days do not hang on its cells: they are halved until that no longer moves the
 * day, twice over. Most setups need none of it; coarse stones standing in water, or fine on coarse, may need it often.
 */
import type { MonthDrying } from '../places';
import { buildColumn } from './build';
import type { Column } from './column';
import { k } from './constants';
import { dryingTime } from './dry-down';
import { daysOf } from './drying-time';
import { HORIZON_DAYS } from './drying-time-constants';
import type { PlantWaterUse, Setup } from './setup';
import type { Watering } from './watering';

/** month: the one to try it in; alter: what is to be done to each column before it is tried. */
export function columnForDays(
  setup: Setup,
  drinker: PlantWaterUse,
  month: MonthDrying,
  thresholdShare: number,
  watering: Watering,
  alter: (column: Column) => Column = (column) => column,
): Column {
  const tried = (finer: number): Tried => {
    const column = alter(buildColumn(setup, drinker, finer));
    return { column, days: daysOf(dryingTime(column, month, thresholdShare, HORIZON_DAYS, 1, watering)) };
  };
  let [coarse, middle] = [tried(1), tried(2)];
  for (let finer = 4; finer <= k.FINEST; finer *= 2) {
    const fine = tried(finer);
    // One halving may leave the day where it was by chance; two hardly do.
    if (movesLittle(coarse, middle) && movesLittle(middle, fine)) return coarse.column;
    [coarse, middle] = [middle, fine];
  }
  return middle.column;
}

interface Tried {
  readonly column: Column;
  readonly days: number;
}

function movesLittle(coarse: Tried, fine: Tried): boolean {
  return Math.abs(fine.days / coarse.days - 1) < k.MESH_MAY_MOVE;
}
