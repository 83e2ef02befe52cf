/**
 * Cuts the pad on a mount into cells through its thickness, outside first. The pad hangs, so its
 * water drains to its lower edge: every cell has the same mean head. Bare roots are a sheet of velamen round
 * the plant's own roots, as thick as theirs is (0.2-0.5 mm, more on thick roots; from memory).
 */
import { capacityBetween, type Hydraulics } from '../media';
import { heatCapacityJK, liquidConductivity, midwayAir, relativeDiffusivity, storeCell } from './cell-physics';
import { allocateColumn, type Column } from './column';
import { k } from './constants';
import { COVERED_SHARE } from './layers-constants';
import { cutLayer, daysMesh, type Mesh } from './mesh';
import { type PlantWaterUse, hydraulicsOfLayer, type MountedSetup, wettabilityOfLayer } from './setup';

/** Velamen as a medium: spongy dead tissue of fine pores. */
function velamen(thicknessMm: number): Hydraulics {
  return {
    d10Mm: thicknessMm,
    meanMm: thicknessMm,
    interPorosity: k.VELAMEN_PASSAGES,
    innerWater: k.VELAMEN_WATER_SHARE,
    totalPorosity: k.VELAMEN_POROSITY,
    airEntryHeadCm: 0,
    poreSizeIndex: k.VELAMEN_PORE_SIZE_INDEX,
    unavailableWater: k.VELAMEN_UNAVAILABLE,
    wickingHeightCm: k.VELAMEN_WICKING_CM,
    wettability: k.VELAMEN_WETTABILITY,
    dryDensityGL: k.VELAMEN_DENSITY_G_L,
    saltHolding: 0,
    decay: 0,
  };
}

export function velamenThicknessMm(rootDiameterMm: number): number {
  const wanted = k.VELAMEN_BASE_MM + k.VELAMEN_PER_ROOT_MM * rootDiameterMm;
  return Math.min(k.VELAMEN_THICKEST_MM, Math.max(k.VELAMEN_THINNEST_MM, wanted));
}

/** What hangs on a mount and dries: its stuff, thickness, whole area and the part of it that air and light reach. */
interface Hung {
  readonly medium: Hydraulics;
  readonly wettability: number;
  readonly thicknessCm: number;
  readonly areaCm2: number;
  readonly dryingCm2: number;
  readonly litCm2: number;
  /** Height over which it drains, cm. */
  readonly hangsCm: number;
  /** Heat of what it lies on: the living root inside its velamen. */
  readonly heldJK: number;
}

function bareRoots({ rootVolumeL, rootDiameterMm }: PlantWaterUse): Hung {
  const thicknessMm = velamenThicknessMm(rootDiameterMm);
  // A cylinder's side is four times its volume over its diameter.
  const areaCm2 = (4 * rootVolumeL * 1000) / (rootDiameterMm / 10);
  return {
    medium: velamen(thicknessMm),
    wettability: k.VELAMEN_WETTABILITY,
    thicknessCm: thicknessMm / 10,
    areaCm2,
    dryingCm2: areaCm2 * k.BARE_ROOT_SHOWN,
    // A root shows the light its width, not its girth.
    litCm2: areaCm2 / Math.PI,
    hangsCm: k.VELAMEN_HANGS_CM,
    heldJK: rootVolumeL * 1000 * k.WATER_HEAT_J_G_K,
  };
}

function padOf({ mount, pad, age }: MountedSetup): Hung {
  const side = Math.sqrt(COVERED_SHARE);
  const areaCm2 = mount.widthCm * mount.heightCm * COVERED_SHARE;
  return {
    medium: hydraulicsOfLayer({ mix: pad, age }),
    wettability: wettabilityOfLayer({ mix: pad, age }),
    thicknessCm: mount.padThicknessCm,
    areaCm2,
    // A pad dries from its edges too.
    dryingCm2: areaCm2 + 2 * (mount.heightCm + mount.widthCm) * side * mount.padThicknessCm,
    litCm2: areaCm2,
    // Hung, it drains down its whole length; laid flat, only through its own thickness.
    hangsCm: mount.isLying ? mount.padThicknessCm : mount.heightCm * side,
    heldJK: 0,
  };
}

export function mountColumn(setup: MountedSetup, drinker: PlantWaterUse, mesh: Mesh = daysMesh()): Column {
  const hung = setup.mount.padThicknessCm > 0 ? padOf(setup) : bareRoots(drinker);
  const { medium, thicknessCm, areaCm2, dryingCm2 } = hung;
  const capacity = capacityBetween(medium, 0, hung.hangsCm);
  const depths = cutLayer(0, thicknessCm, thicknessCm, {
    targetCm: thicknessCm / mesh.padCells,
    surfaceRelative: mesh.surfaceRelative,
  });
  const cellCount = depths.length - 1;
  const column = allocateColumn(cellCount, {
    topAreaM2: dryingCm2 / 1e4,
    radiantAreaM2: hung.litCm2 / 1e4,
    heatAreaM2: (dryingCm2 / 1e4) * k.MOUNT_HEAT_GAIN,
    heatCapacityJK: heatCapacityJK(medium, (areaCm2 * thicknessCm) / 1000, capacity) + hung.heldJK,
    reservoirCapacityG: 0,
    belowRootsG: 0,
    surfaceCell: -1,
    surfaceM3H: 0,
    surfacePathM: 0,
    hangsInAir: setup.mount.padThicknessCm <= 0,
    wicks: null,
    drinker,
  });
  const areaM2 = areaCm2 / 1e4;
  for (let i = 0; i < cellCount; i += 1) {
    const [topCm, bottomCm] = [depths[i]!, depths[i + 1]!];
    const stepCm = bottomCm - topCm;
    const volumeL = (areaCm2 * stepCm) / 1000;
    storeCell(column, i, {
      medium,
      volumeL,
      thicknessCm: stepCm,
      capacity,
      wallG: 0,
      wettability: hung.wettability,
    });
    column.floorCm[i] = thicknessCm - bottomCm;
    column.thicknessCm[i] = stepCm;
    column.isRootZone[i] = 1;
    column.rootCapacityG[i] = column.capacityG[i]!;
    column.rootShare[i] = stepCm / thicknessCm;
    if (i < cellCount - 1) {
      // From the middle of one cell to that of the next.
      const wayCm = (depths[i + 2]! - topCm) / 2;
      column.liquidGH[i] = (liquidConductivity(medium) * areaCm2) / wayCm;
      const geometry = relativeDiffusivity(midwayAir(medium, capacity)) * (1 + column.ventilation[i]!);
      column.vapourPathM[i] = (areaM2 * geometry) / (wayCm / 100);
    }
  }
  return column;
}
