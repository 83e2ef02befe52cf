/**
 * The drying pot as a plain system of ordinary differential equations, written from the equations of docs/model.md and
 * not from the program: its own mesh (equal slices), its own integrals by the midpoint rule, its own conductances in SI
 * units, no lagging, no implicit step; handed to a general-purpose solver. Only catalogue figures, constants and the
 * state of the air are shared. For a drained pot of one layer with an impermeable wall. Used by the tests and by the bench
 * to check and to time the program.
 */
import { type PottedSetup } from '@core';
import {
  type PlantWaterUse,
  hydraulicsOfLayer,
  leafConductance,
  modelFigures as f,
  type MonthDrying,
} from '@core/testing';

interface OdexSolver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    rates: (t: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { readonly y: number[]; readonly outcome: number };
}

// The package ships its source instead of declarations, and that source is not strict: an import
// would make the compiler check it.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const { Solver } = require('odex') as { Solver: new (dimension: number) => OdexSolver };

const SECONDS = 3600;
const LATENT_J_G = 2450;
const MIDPOINTS = 40;

export interface Reference {
  readonly startG: number[];
  readonly rates: (waterG: readonly number[]) => number[];
}

function meanOver(from: number, to: number, of: (z: number) => number): number {
  let sum = 0;
  for (let i = 0; i < MIDPOINTS; i += 1) sum += of(from + ((i + 0.5) * (to - from)) / MIDPOINTS);
  return sum / MIDPOINTS;
}

/** month: its day's air blows all the time. slices: equal ones, top first. */
export function referenceOf(setup: PottedSetup, drinker: PlantWaterUse, month: MonthDrying, slices: number): Reference {
  const [layer, ...others] = setup.layers;
  const { pot } = setup;
  if (!layer || others.length > 0 || pot.cone || pot.openShare > 0 || pot.reservoir.kind !== 'none') {
    throw new RangeError('the reference knows one layer in a plain drained pot');
  }
  const medium = hydraulicsOfLayer(layer);
  const { day: air } = month;
  const height = layer.heightCm;
  const widthCm = (z: number) => pot.baseDiameterCm + ((pot.rimDiameterCm - pot.baseDiameterCm) * z) / pot.heightCm;
  const areaCm2 = (z: number) => (Math.PI / 4) * widthCm(z) ** 2;

  // The bed: Brooks-Corey over its base, own water, roots that take room.
  const drainable = Math.max(0, Math.min(medium.interPorosity, medium.totalPorosity - medium.innerWater));
  const heldShare = (h: number) =>
    h <= medium.airEntryHeadCm ? 1 : (medium.airEntryHeadCm / h) ** medium.poreSizeIndex;
  const holds = (z: number) => Math.min(medium.totalPorosity, medium.innerWater + drainable * heldShare(z));
  const bedL = (meanOver(0, height, areaCm2) * height) / 1000;
  const rootShare = Math.min(f.MOST_ROOT_SHARE, drinker.rootVolumeL / bedL);

  const step = height / slices;
  const bottoms = Array.from({ length: slices }, (_, i) => height - (i + 1) * step);
  const grossL = bottoms.map((z) => (meanOver(z, z + step, areaCm2) * step) / 1000);
  const capacity = bottoms.map((z) => meanOver(z, z + step, holds));
  const capacityG = capacity.map((share, i) => share * grossL[i]! * (1 - rootShare) * 1000);
  const tightG = capacity.map(
    (share, i) =>
      Math.min(medium.unavailableWater, f.MOST_UNAVAILABLE_SHARE * share) * grossL[i]! * (1 - rootShare) * 1000,
  );

  // The air outside: Penman resistance, pushed by what the pot takes in of light.
  const topM2 = areaCm2(height) / 1e4;
  const slant = Math.hypot(1, (pot.rimDiameterCm - pot.baseDiameterCm) / 2 / pot.heightCm);
  const sideM2 = (Math.PI * meanOver(0, height, widthCm) * height * slant) / 1e4;
  const ratio = Math.min(f.MAX_HEAT_AREA_RATIO, (topM2 + sideM2) / topM2);
  const litM2 = topM2 + (f.SLANTED_LIGHT_SHARE * pot.rimDiameterCm * height) / 1e4;
  const resistance = 1 / air.massTransferMS + (air.slopeGM3K * LATENT_J_G) / (air.heatTransferWM2K * ratio);
  const driven =
    air.vapourDeficitGM3 + (air.slopeGM3K * air.radiationWM2 * litM2) / (topM2 * air.heatTransferWM2K * ratio);

  // The air inside: diffusion through what is empty half way, stirred between coarse pieces.
  const pieceM = Math.max(medium.meanMm, 1) / 1000;
  const gain = f.VENTILATION_AT_10_MM * (medium.meanMm / 10) ** 2;
  const stirred = 1 + (gain * air.massTransferMS) / f.STILL_AIR_TRANSFER_MS;
  const passage = capacity.map((share) => Math.max(f.LEAST_PASSAGE_AIR, medium.totalPorosity - share / 2) ** (4 / 3));
  const surfaceM3H = grossL.map(
    (litres) =>
      ((((6 * (1 - medium.interPorosity)) / pieceM) * 2 * f.VAPOUR_DIFFUSIVITY_M2_H) / pieceM) *
      f.EXPOSED_SURFACE_SHARE *
      ((litres * (1 - rootShare)) / 1000),
  );
  const upM3H = bottoms.map((z, i) =>
    i === 0
      ? 0
      : ((areaCm2(z + step) / 1e4) * f.VAPOUR_DIFFUSIVITY_M2_H * stirred * (passage[i - 1]! + passage[i]!)) /
        2 /
        (step / 100),
  );
  const topM3H = (topM2 * SECONDS) / resistance;
  const baseM3H = ((pot.baseOpenAreaCm2 / 1e4) * f.UNDERSIDE_SHARE * SECONDS) / (2 * resistance);
  const outsideM3H = bottoms.map((_, i) => (i === 0 ? topM3H : 0) + (i === slices - 1 ? baseM3H : 0));

  const liquidG = f.LIQUID_CONDUCTIVITY_AT_10_CM * (medium.wickingHeightCm / 10) ** f.WICKING_EXPONENT;
  const liquidUpGH = bottoms.map((z, i) => (i === 0 ? 0 : (liquidG * areaCm2(z + step)) / step));

  const light = { lightWM2: air.radiationWM2, lightHours: month.lightHours };
  const opening = leafConductance(drinker.photosynthesis, true, light, air.vapourPressureDeficitKPa);
  const demandGH =
    ((opening * air.vapourPressureDeficitKPa) / air.pressureKPa) *
    f.WATER_G_MOL *
    SECONDS *
    (drinker.leafAreaCm2 / 1e4) *
    f.ACTIVE_LEAF_SHARE;

  const rates = (waterG: readonly number[]): number[] => {
    const wet = waterG.map((grams, i) => Math.max(0, grams) / capacityG[i]!);
    const open = wet.map((share, i) => surfaceM3H[i]! * Math.min(1, share / f.SURFACE_WET_ABOVE) ** 2);
    const deficit = airDeficits(open, outsideM3H, upM3H, driven);
    return wet.map((share, i) => {
      const available = (waterG[i]! - tightG[i]!) / (f.UPTAKE_FULL_ABOVE * (capacityG[i]! - tightG[i]!));
      const uptake = ((demandGH * grossL[i]!) / bedL) * Math.min(1, Math.max(0, available));
      const up = i === 0 ? 0 : (liquidUpGH[i]! * (share ** 2 - wet[i - 1]! ** 2)) / 2;
      const below = i === slices - 1 ? 0 : (liquidUpGH[i + 1]! * (wet[i + 1]! ** 2 - share ** 2)) / 2;
      return below - up - open[i]! * deficit[i]! - uptake;
    });
  };
  return { startG: capacityG, rates };
}

/** Vapour deficit of the air in each slice: what its surfaces give equals what passes on, everywhere (Gauss, banded). */
function airDeficits(
  open: readonly number[],
  outside: readonly number[],
  up: readonly number[],
  driven: number,
): number[] {
  const n = open.length;
  const diagonal = open.map((own, i) => own + outside[i]! + up[i]! + (up[i + 1] ?? 0) + 1e-30);
  const right = outside.map((conductance) => conductance * driven);
  for (let i = 1; i < n; i += 1) {
    const factor = -up[i]! / diagonal[i - 1]!;
    diagonal[i] = diagonal[i]! + factor * up[i]!;
    right[i] = right[i]! - factor * right[i - 1]!;
  }
  const deficit = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    deficit[i] = (right[i]! + (up[i + 1] ?? 0) * (deficit[i + 1] ?? 0)) / diagonal[i]!;
  }
  return deficit;
}

/** Water left in all slices after `hours`, from a full pot, g. */
export function integrate({ startG, rates }: Reference, hours: number, relativeTolerance: number): number {
  const solver = new Solver(startG.length);
  solver.absoluteTolerance = relativeTolerance;
  solver.relativeTolerance = relativeTolerance;
  solver.maxSteps = 200000;
  const answer = solver.solve((_t, y) => rates(y), 0, [...startG], hours);
  if (answer.outcome !== 0) throw new Error(`the solver stopped with outcome ${answer.outcome}`);
  return answer.y.reduce((sum, grams) => sum + grams, 0);
}
