/**
 * Will it fall over? Weight, centre of gravity and tipping angle of a filled pot with its plant:
 * it tips when the centre of gravity passes over the edge of the base, at
 * atan(half the base width / height of the centre of gravity). Source: statics.
 */
import { memory, plain, type Sourced } from '../../base';
import { perimeterCm, volumeBetweenL, widthAtCm } from './geometry';
import type { Pot, WallMaterial } from './pot';

/** Density of the wall, g/cm³: handbook values. */
export const wallDensities: Readonly<Record<WallMaterial, Sourced<number>>> = {
  plastic: memory(0.95),
  'clear plastic': memory(0.95),
  'unglazed clay': memory(1.9),
  'glazed clay': memory(2.1),
  wood: memory(0.65),
  wire: memory(2),
};
const wallDensityGCm3: Readonly<Record<WallMaterial, number>> = plain(wallDensities);

export interface WeightAt {
  readonly weightG: number;
  readonly heightCm: number;
}

export function emptyPotWeight(pot: Pot): WeightAt {
  const density = wallDensityGCm3[pot.wall];
  const thicknessCm = pot.wallThicknessMm / 10;
  const meanWidthCm = widthAtCm(pot, pot.heightCm / 2);
  const sideG = perimeterCm(pot.shape, meanWidthCm) * pot.heightCm * thicknessCm * density * (1 - pot.openShare);
  const baseG = (perimeterCm(pot.shape, pot.baseDiameterCm) / 4) * pot.baseDiameterCm * thicknessCm * density;
  const weightG = sideG + baseG;
  return { weightG, heightCm: (sideG * pot.heightCm) / 2 / weightG };
}

export interface Stability {
  readonly weightG: number;
  readonly centreOfGravityCm: number;
  readonly tippingAngleDeg: number;
}

/** Layers from the bottom as height and bulk density (with its water), g/L. */
export function stability(
  pot: Pot,
  layers: readonly { readonly heightCm: number; readonly densityGL: number }[],
  plant: WeightAt,
): Stability {
  let bottomCm = 0;
  const weights: WeightAt[] = [emptyPotWeight(pot), plant];
  for (const layer of layers) {
    const topCm = bottomCm + layer.heightCm;
    weights.push({
      weightG: volumeBetweenL(pot, bottomCm, topCm) * layer.densityGL,
      heightCm: (bottomCm + topCm) / 2,
    });
    bottomCm = topCm;
  }
  const weightG = weights.reduce((sum, part) => sum + part.weightG, 0);
  const centreOfGravityCm = weights.reduce((sum, part) => sum + part.weightG * part.heightCm, 0) / weightG;
  const tippingAngleDeg = (Math.atan(pot.baseDiameterCm / 2 / centreOfGravityCm) * 180) / Math.PI;
  return { weightG, centreOfGravityCm, tippingAngleDeg };
}
