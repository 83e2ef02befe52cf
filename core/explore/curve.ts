/** The hourly curve of one setup of a case in one month: whole, by layer, and its wettest and driest corner. */
import { type PlaceBook, type PlanCase, resolveCase, type SetupSpec } from '../case';
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
  places: PlaceBook,
  spec: SetupSpec,
  monthIndex: number,
  horizonDays = HORIZON_DAYS,
): SetupCurve {
  const context = contextOf(resolveCase(input, places));
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

/** One slice of the root zone at one hour. */
export interface Corner {
  readonly fromCm: number;
  readonly toCm: number;
  /** Water that roots could take, as a share of the slice's own offer. */
  readonly share: number;
  /** Air-filled porosity, v/v. */
  readonly air: number;
}

/** The wettest slice (least air) and the driest (least water left) of the root zone at an hour. */
export function cornersAt(curve: SetupCurve, hour: number): { readonly wettest: Corner; readonly driest: Corner } {
  const row = curve.cellWater[Math.min(hour, curve.cellWater.length - 1)]!;
  const corners = curve.isRootZone.flatMap((isRoot, i): Corner[] =>
    isRoot
      ? [
          {
            fromCm: curve.floorCm[i]!,
            toCm: curve.floorCm[i]! + curve.thicknessCm[i]!,
            share: (row[i]! - curve.tight[i]!) / (curve.capacity[i]! - curve.tight[i]!),
            air: curve.porosity[i]! - row[i]!,
          },
        ]
      : [],
  );
  const [first] = corners;
  if (!first) throw new RangeError('a setup without a root zone has no corners');
  return {
    wettest: corners.reduce((best, corner) => (corner.air < best.air ? corner : best), first),
    driest: corners.reduce((best, corner) => (corner.share < best.share ? corner : best), first),
  };
}
