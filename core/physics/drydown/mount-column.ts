/**
 * Cuts the pad on a mount into cells through its thickness, outside first. The pad hangs, so its
 * water drains to its lower edge: every cell has the same mean head. Bare roots are a pad of
 * velamen half a root thick.
 */
import { capacityBetween, type Hydraulics } from '../media';
import { inSeries, liquidConductivity, midwayAir, relativeDiffusivity, storeCell } from './cell-physics';
import { allocateColumn, type Column } from './column';
import { k } from './constants';
import { type Drinker, hydraulicsOfLayer, type MountedSetup } from './setup';

/** Velamen as a medium: spongy dead tissue of fine pores. */
function velamen(rootDiameterMm: number): Hydraulics {
  return {
    d10Mm: rootDiameterMm,
    meanMm: rootDiameterMm,
    interPorosity: k.VELAMEN_PASSAGES,
    innerWater: k.VELAMEN_WATER_SHARE,
    totalPorosity: k.VELAMEN_POROSITY,
    airEntryHeadCm: 0,
    poreSizeIndex: k.VELAMEN_PORE_SIZE_INDEX,
    unavailableWater: k.VELAMEN_UNAVAILABLE,
    wickingHeightCm: k.VELAMEN_WICKING_CM,
    wettability: k.VELAMEN_WETTABILITY,
    dryDensityGL: k.VELAMEN_DENSITY_G_L,
  };
}

export function mountColumn(setup: MountedSetup, drinker: Drinker, cellCount = k.PAD_CELLS): Column {
  const { mount } = setup;
  const isBare = mount.padThicknessCm <= 0;
  const medium = isBare ? velamen(drinker.rootDiameterMm) : hydraulicsOfLayer({ mix: setup.pad, age: setup.age });
  const thicknessCm = isBare ? drinker.rootDiameterMm / 10 / 2 : mount.padThicknessCm;
  const faceCm2 = mount.widthCm * mount.heightCm * k.COVERED_SHARE;
  const padHeightCm = mount.heightCm * Math.sqrt(k.COVERED_SHARE);
  const padWidthCm = mount.widthCm * Math.sqrt(k.COVERED_SHARE);
  // A pad dries from its edges too; a bare root shows half of its round side.
  const dryingCm2 = isBare ? (faceCm2 * Math.PI) / 2 : faceCm2 + 2 * (padHeightCm + padWidthCm) * thicknessCm;

  const column = allocateColumn(cellCount, {
    topAreaM2: dryingCm2 / 1e4,
    radiantAreaM2: faceCm2 / 1e4,
    heatAreaM2: (dryingCm2 / 1e4) * k.MOUNT_HEAT_GAIN,
    reservoirCapacityG: 0,
    drinker,
  });
  const stepCm = thicknessCm / cellCount;
  const areaM2 = faceCm2 / 1e4;
  for (let i = 0; i < cellCount; i += 1) {
    const volumeL = (faceCm2 * stepCm) / 1000;
    const capacity = capacityBetween(medium, 0, padHeightCm);
    storeCell(column, i, medium, volumeL, stepCm, capacity);
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
