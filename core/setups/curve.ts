/** The hourly curve of one setup of a case in one month. */
import { resolveCase, type PlanCase } from '../case/plan-case';
import { dryDown, HORIZON_DAYS, type DryDown } from '../drydown';
import { factsOf } from './assess';
import { contextOf } from './context';
import type { SetupSpec } from './spec';

export interface SetupCurve extends DryDown {
  /** Floor of each cell above the pot's base and its thickness, cm, top cell first. */
  readonly floorCm: readonly number[];
  readonly thicknessCm: readonly number[];
  /** What each cell can hold: after drainage, and in all its pores, v/v. */
  readonly capacity: readonly number[];
  readonly porosity: readonly number[];
}

export function setupCurve(
  input: PlanCase,
  spec: SetupSpec,
  monthIndex: number,
  horizonDays = HORIZON_DAYS,
): SetupCurve {
  const context = contextOf(resolveCase(input));
  const { column } = factsOf(context, spec);
  const month = context.climate.year[monthIndex];
  if (!month) throw new RangeError(`monthIndex must be between 0 and 11, was ${monthIndex}`);
  const curve = dryDown(column, month, context.regime.waterAtShare, horizonDays);
  const perVolume = (grams: number, i: number) => grams / (column.volumeL[i]! * 1000);
  return {
    ...curve,
    floorCm: Array.from(column.floorCm),
    thicknessCm: Array.from(column.thicknessCm),
    capacity: Array.from(column.capacityG, perVolume),
    porosity: Array.from(column.poreG, perVolume),
  };
}
