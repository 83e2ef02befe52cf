/** The hourly curve of one setup of a case in one month: whole, and by layer. */
import { type PlanCase, resolveCase, type SetupSpec } from '../case';
import { contextOf, factsOf } from '../decide/setups';
import { dryDown, type DryDown, HORIZON_DAYS, type LayerRole, wateringFor } from '../physics/drydown';

export interface SetupCurve extends DryDown {
  /** Floor of each cell above the pot's base and its thickness, cm, top cell first. */
  readonly floorCm: readonly number[];
  readonly thicknessCm: readonly number[];
  /** What each cell can hold: after drainage, in all its pores, and too tightly for roots, v/v. */
  readonly capacity: readonly number[];
  readonly porosity: readonly number[];
  readonly tight: readonly number[];
  readonly isRootZone: readonly boolean[];
  /** Water of each layer that roots could take, as a share of what it offers full, by hour. */
  readonly layers: readonly LayerCurve[];
}

export interface LayerCurve {
  /** Position from the bottom. */
  readonly index: number;
  readonly role: LayerRole;
  readonly shareByHour: readonly number[];
}

export function setupCurve(
  input: PlanCase,
  spec: SetupSpec,
  monthIndex: number,
  horizonDays = HORIZON_DAYS,
): SetupCurve {
  const context = contextOf(resolveCase(input));
  const { daysColumn: column } = factsOf(context, spec);
  const month = context.climate.year[monthIndex];
  if (!month) throw new RangeError(`monthIndex must be between 0 and 11, was ${monthIndex}`);
  const curve = dryDown(column, month, context.regime.waterAtShare, horizonDays, wateringFor(context.routine));
  const perVolume = (grams: number, i: number) => grams / (column.volumeL[i]! * 1000);
  const capacity = Array.from(column.capacityG, perVolume);
  const tight = Array.from(column.unavailableG, perVolume);
  return {
    ...curve,
    floorCm: Array.from(column.floorCm),
    thicknessCm: Array.from(column.thicknessCm),
    capacity,
    porosity: Array.from(column.poreG, perVolume),
    tight,
    isRootZone: Array.from(column.isRootZone, (flag) => flag === 1),
    layers: spec.layers.map((layer, index) => ({
      index,
      role: layer.role,
      shareByHour: layerShares(curve, column.layerIndex, column.volumeL, capacity, tight, index),
    })),
  };
}

function layerShares(
  curve: DryDown,
  layerIndex: ArrayLike<number>,
  volumeL: ArrayLike<number>,
  capacity: readonly number[],
  tight: readonly number[],
  layer: number,
): readonly number[] {
  const cells = capacity.map((_, i) => i).filter((i) => layerIndex[i] === layer);
  const offered = cells.reduce((sum, i) => sum + (capacity[i]! - tight[i]!) * volumeL[i]!, 0);
  return curve.cellWater.map((row) =>
    offered <= 0 ? 0 : cells.reduce((sum, i) => sum + (row[i]! - tight[i]!) * volumeL[i]!, 0) / offered,
  );
}
