/** Physics of one cell of medium that both pots and mounts share. */
import type { Hydraulics } from '../media';
import type { Column } from './column';
import { k } from './constants';

/**
 * Conductance from the pieces' surfaces to the air between them, per bed volume, 1/h: surface of
 * spheres in a bed, 6(1-n)/d, times the still-air coefficient 2D/d (Sherwood number 2, Frössling 1938).
 */
function exposurePerVolumeH(medium: Hydraulics): number {
  const pieceM = Math.max(medium.meanMm, 1) / 1000;
  const surfacePerM = (6 * (1 - medium.interPorosity)) / pieceM;
  const coefficientMH = (2 * k.VAPOUR_DIFFUSIVITY_M2_H) / pieceM;
  return surfacePerM * coefficientMH * k.EXPOSED_SURFACE_SHARE;
}

/**
 * Conductance of a whole cell, m³/h. Vapour drawn off at one face of a cell comes from a depth
 * δ = √(diffusivity / exposure) only; tanh(x)/x with x = thickness/δ counts just that part (the fin
 * solution of one-dimensional diffusion with uptake), which keeps the answer free of the mesh.
 */
export function exposureM3H(medium: Hydraulics, volumeL: number, thicknessCm: number, capacity: number): number {
  const perVolumeH = exposurePerVolumeH(medium);
  const diffusivityM2H =
    k.VAPOUR_DIFFUSIVITY_M2_H * relativeDiffusivity(midwayAir(medium, capacity)) * (1 + ventilationGain(medium));
  const reachM = Math.sqrt(diffusivityM2H / perVolumeH);
  const x = thicknessCm / 100 / reachM;
  return ((perVolumeH * volumeL) / 1000) * (Math.tanh(x) / x);
}

/** Air-filled porosity midway through drying, to which the passage of vapour is tied. */
export function midwayAir(medium: Hydraulics, capacity: number): number {
  return Math.max(k.LEAST_PASSAGE_AIR, medium.totalPorosity - capacity / 2);
}

/** Relative diffusivity in a porous bed, ε^(4/3) (Millington 1959). */
export function relativeDiffusivity(air: number): number {
  return air ** (4 / 3);
}

/** Gain of vapour transport by air moving between pieces: grows with the passage area, size squared. */
export function ventilationGain(medium: Hydraulics): number {
  return k.VENTILATION_AT_10_MM * (medium.meanMm / 10) ** 2;
}

/** Liquid conductivity, g/(cm·h): media that wick higher move water faster. */
export function liquidConductivity(medium: Hydraulics): number {
  return k.LIQUID_CONDUCTIVITY_AT_10_CM * (medium.wickingHeightCm / 10) ** k.WICKING_EXPONENT;
}

/** What a cell is made of, for `storeCell`. */
export interface CellContents {
  readonly medium: Hydraulics;
  /** Of medium alone. */
  readonly volumeL: number;
  readonly thicknessCm: number;
  /** Water the medium holds when drained, v/v. */
  readonly capacity: number;
  /** Water its piece of porous wall holds, g. */
  readonly wallG: number;
  /** How well it wets, as it is now. */
  readonly wettability: number;
}

/**
 * Writes the storage figures of cell i. A clay wall's fine pores draw water out of the medium and give it up last: its
 * water is held like water too tight for roots.
 */
export function storeCell(column: Column, i: number, cell: CellContents): void {
  const { medium, volumeL, thicknessCm, capacity, wallG, wettability } = cell;
  const gramsPerShare = volumeL * 1000;
  const tight = Math.min(medium.unavailableWater, k.MOST_UNAVAILABLE_SHARE * capacity);
  column.volumeL[i] = volumeL;
  column.wallG[i] = wallG;
  column.capacityG[i] = capacity * gramsPerShare + wallG;
  column.perCapacity[i] = 1 / column.capacityG[i]!;
  column.unavailableG[i] = tight * gramsPerShare + wallG;
  column.unavailableWetness[i] = column.unavailableG[i]! / column.capacityG[i]!;
  column.poreG[i] = medium.totalPorosity * gramsPerShare + wallG;
  column.wettability[i] = wettability;
  column.reached[i] = 1 / (1 + medium.meanMm / k.HALF_REACHED_MM);
  column.soakedPerMinute[i] = 1 / (k.SOAK_MINUTES_AT_10_MM * (Math.max(medium.meanMm, 1) / 10));
  column.exposureM3H[i] = exposureM3H(medium, volumeL, thicknessCm, capacity);
  column.ventilation[i] = ventilationGain(medium);
  column.decay[i] = medium.decay;
  column.saltRelease[i] = 1 - k.HELD_SALT_SHARE * medium.saltHolding;
}

/** Heat that a volume of medium with its mean water takes up, J/K. */
export function heatCapacityJK(medium: Hydraulics, volumeL: number, capacity: number): number {
  const solidJ = (1 - medium.totalPorosity) * k.SOLID_HEAT_J_CM3_K;
  const waterJ = (capacity / 2) * k.WATER_HEAT_J_G_K;
  return (solidJ + waterJ) * volumeL * 1000;
}

/** Two conductances in series. */
export function inSeries(first: number, second: number): number {
  return first <= 0 || second <= 0 ? 0 : (first * second) / (first + second);
}
