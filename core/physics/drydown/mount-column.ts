/**
 * Cuts the pad on a mount into cells through its thickness, outside first. The pad hangs, so its
 * water drains to its lower edge: every cell has the same mean head. Bare roots are a pad of
 * velamen half a root thick.
 */
import type { Hydraulics } from '../media';
import { inSeries, liquidConductivity, midwayAir, relativeDiffusivity, storeCell } from './cell-physics';
import { allocateColumn, type Column } from './column';
import { type Drinker, hydraulicsOfLayer, type MountedSetup } from './setup';

const PAD_CELLS = 6;
/** Share of the mount's face that pad or roots cover (from memory). */
export const COVERED_SHARE = 0.45;
/** Share of a bare root's volume that its velamen fills with water (from memory). */
const VELAMEN_WATER_SHARE = 0.45;

/** Velamen as a medium: spongy dead tissue of fine pores. */
function velamen(rootDiameterMm: number): Hydraulics {
  return {
    smallMm: rootDiameterMm,
    meanMm: rootDiameterMm,
    interPorosity: 0.3,
    innerWater: VELAMEN_WATER_SHARE,
    totalPorosity: 0.85,
    airEntryHeadCm: 0,
    poreIndex: 2,
    tightWater: 0.05,
    wickingHeightCm: 2,
    wettability: 0.95,
    dryDensityGL: 100,
  };
}

export function mountColumn(setup: MountedSetup, drinker: Drinker, cellCount = PAD_CELLS): Column {
  const { mount } = setup;
  const isBare = mount.padThicknessCm <= 0;
  const medium = isBare ? velamen(drinker.rootDiameterMm) : hydraulicsOfLayer({ mix: setup.pad, age: setup.age });
  const thicknessCm = isBare ? drinker.rootDiameterMm / 10 / 2 : mount.padThicknessCm;
  const faceCm2 = mount.widthCm * mount.heightCm * COVERED_SHARE;
  const padHeightCm = mount.heightCm * Math.sqrt(COVERED_SHARE);
  const padWidthCm = mount.widthCm * Math.sqrt(COVERED_SHARE);
  // A pad dries from its edges too; a bare root shows half of its round side.
  const dryingCm2 = isBare ? (faceCm2 * Math.PI) / 2 : faceCm2 + 2 * (padHeightCm + padWidthCm) * thicknessCm;

  const column = allocateColumn(cellCount, {
    topAreaM2: dryingCm2 / 1e4,
    radiantAreaM2: faceCm2 / 1e4,
    // The backing warms the pad from behind nearly as well as air does.
    heatAreaM2: (dryingCm2 / 1e4) * 1.8,
    reservoirCapacityG: 0,
    drinker,
  });
  const stepCm = thicknessCm / cellCount;
  const areaM2 = faceCm2 / 1e4;
  for (let i = 0; i < cellCount; i += 1) {
    const volumeL = (faceCm2 * stepCm) / 1000;
    const capacity = storeCell(column, i, medium, volumeL, stepCm, 0, padHeightCm);
    column.floorCm[i] = thicknessCm - (i + 1) * stepCm;
    column.thicknessCm[i] = stepCm;
    column.isRootZone[i] = 1;
    column.rootCapacityG[i] = column.capacityG[i]!;
    column.rootShare[i] = 1 / cellCount;
    if (i < cellCount - 1) {
      const liquid = (liquidConductivity(medium) * faceCm2) / (stepCm / 2);
      column.liquidGH[i] = inSeries(liquid, liquid);
      const geometry = relativeDiffusivity(midwayAir(medium, capacity)) * (1 + column.ventilation[i]!);
      column.vapourPathM[i] = (areaM2 * geometry) / (stepCm / 100);
    }
  }
  return column;
}
