/** The wettest and the driest corner of a root zone at one hour of its curve. */
import { k } from './constants';
import type { SetupCurve } from './curve';

/** One slice of the root zone, about a finger high, at one hour. */
export interface Corner {
  readonly fromCm: number;
  readonly toCm: number;
  /** Water that roots could take, as a share of the slice's own offer. */
  readonly share: number;
  /** Air-filled porosity, v/v. */
  readonly air: number;
}

/** Means over one slice: the cells are as the sums need them, thinner than what anybody could feel or find. */
function cornerOf(curve: SetupCurve, row: ArrayLike<number>, fromCm: number, toCm: number): Corner {
  let [left, offer, air] = [0, 0, 0];
  curve.isRootZone.forEach((isRoot, i) => {
    if (!isRoot) return;
    const floorCm = curve.floorCm[i]!;
    const inside = Math.min(toCm, floorCm + curve.thicknessCm[i]!) - Math.max(fromCm, floorCm);
    if (inside <= 0) return;
    left += (row[i]! - curve.tight[i]!) * inside;
    offer += (curve.capacity[i]! - curve.tight[i]!) * inside;
    air += (curve.porosity[i]! - row[i]!) * inside;
  });
  return { fromCm, toCm, share: left / offer, air: air / (toCm - fromCm) };
}

/** The wettest slice (least air) and the driest (least water left) of the root zone at an hour. */
export function cornersAt(curve: SetupCurve, hour: number): { readonly wettest: Corner; readonly driest: Corner } {
  const row = curve.cellWater[Math.min(hour, curve.cellWater.length - 1)]!;
  const topmost = curve.isRootZone.indexOf(true);
  const lowest = curve.isRootZone.lastIndexOf(true);
  if (topmost < 0) throw new RangeError('a setup without a root zone has no corners');
  const floorCm = curve.floorCm[lowest]!;
  const depthCm = curve.floorCm[topmost]! + curve.thicknessCm[topmost]! - floorCm;
  const count = Math.max(k.LEAST_SLICES, Math.round(depthCm / k.SLICE_CM));
  const at = (slice: number) => floorCm + (depthCm * slice) / count;
  const corners = Array.from({ length: count }, (_, i) => cornerOf(curve, row, at(i), at(i + 1)));
  return {
    wettest: corners.reduce((best, corner) => (corner.air < best.air ? corner : best)),
    driest: corners.reduce((best, corner) => (corner.share < best.share ? corner : best)),
  };
}
