/**
 * Cuts a filled pot into cells.
 *
 * Drainage: a fine layer over a coarser one keeps its capillary fringe above the boundary, nearly
 * as it would above the pot's base, because water does not pass into wider passages until the
 * suction there falls to what they hold (capillary break; Hillel, Introduction to Environmental Soil Physics).
 * So crocking does not lower the perched water: it replaces medium that would have held it.
 */
import { capacityBetween, drainablePorosity, type Hydraulics } from '../media';
import { areaAtCm2, coneAreaCm2, isPorous, type Pot, volumeBetweenL, wallAreaCm2, widthAtCm } from '../pots';
import {
  heatCapacityJK,
  inSeries,
  liquidConductivity,
  midwayAir,
  relativeDiffusivity,
  storeCell,
  ventilationGain,
} from './cell-physics';
import { allocateColumn, type Column } from './column';
import { k } from './constants';
import { filledHeightCm, layerBounds } from './layers';
import { cutLayer, type Mesh, yearMesh } from './mesh';
import { type PlantWaterUse, hydraulicsOfLayer, type PottedSetup, wettabilityOfLayer } from './setup';
import { restingCapacity, wickRunOf } from './wick';

interface Slice {
  readonly layerIndex: number;
  readonly fromCm: number;
  readonly toCm: number;
  readonly medium: Hydraulics;
  readonly isRootZone: boolean;
  readonly wettability: number;
  /** Height of the drained base of this medium, cm above the pot's base, when no water stands in the pot. */
  readonly drainsToCm: number;
}

/** Height of standing water, cm above the base; 0 without a side-hole reservoir. */
function waterLevelCm(pot: Pot): number {
  return pot.reservoir.kind === 'side holes' ? pot.reservoir.holeHeightCm : 0;
}

/** The column's slices, top first. */
/**
 * A cell that stands half in water would be half of two kinds: the level is a cut of its own, and so are some
 * just above it, where what rises out of the water thins out within a centimetre.
 */
function cutAt(depthCm: number, depths: readonly number[]): readonly number[] {
  if (depthCm >= depths[depths.length - 1]! || depthCm <= depths[0]!) return depths;
  const cuts = [0, 1, 2, 3]
    .map((n) => depthCm - k.ABOVE_WATER_CUT_CM * (k.ABOVE_WATER_GROWTH ** n - 1))
    .filter((cut) => cut > depths[0]!);
  const all = [...depths, ...cuts].sort((a, b) => a - b);
  return all.filter((cut, i) => i === 0 || cut - all[i - 1]! > 1e-9);
}

function slicesFromTop(setup: PottedSetup, grownInPores: number, mesh: Mesh): Slice[] {
  const totalCm = filledHeightCm(setup);
  const { cellHeightCm, surfaceRelative } = mesh;
  const wanted = { targetCm: Math.min(cellHeightCm, totalCm / mesh.leastCells), surfaceRelative };
  const levelCm = waterLevelCm(setup.pot);
  const slices: Slice[] = [];
  let bottomCm = 0;
  /** Suction at the floor of the layer, cm of water. */
  let suctionCm = 0;
  let below: Hydraulics | null = null;
  setup.layers.forEach((layer, layerIndex) => {
    const medium = layer.role === 'main' ? rootedIn(hydraulicsOfLayer(layer), grownInPores) : hydraulicsOfLayer(layer);
    const wettability = wettabilityOfLayer(layer);
    if (below !== null) suctionCm = interfaceSuctionCm(suctionCm, below, medium);
    const drainsToCm = bottomCm - suctionCm;
    const topCm = bottomCm + layer.heightCm;
    // A fringe not much higher than a cell would be spread over all of it.
    const cutsFoot = layer.role === 'main' && medium.airEntryHeadCm < mesh.footFringeCells * cellHeightCm;
    const cut = cutLayer(totalCm - topCm, totalCm - bottomCm, totalCm, wanted, cutsFoot);
    const depths = levelCm > 0 ? cutAt(totalCm - levelCm, cut) : cut;
    const own = depths.slice(1).map((depthCm, k) => ({
      layerIndex,
      fromCm: totalCm - depthCm,
      toCm: totalCm - depths[k]!,
      medium,
      isRootZone: layer.role === 'main',
      wettability,
      drainsToCm,
    }));
    slices.unshift(...own);
    bottomCm = topCm;
    suctionCm += layer.heightCm;
    below = medium;
  });
  return slices;
}

/**
 * Suction at which the upper of two drained layers is held at their boundary. One that is finer gives water
 * to wider passages below only until these would draw in air, at their own entry head (capillary break);
 * passages hardly wider hardly hold it back, and none are a break from half as strong an entry head on.
 */
function interfaceSuctionCm(hydrostaticCm: number, below: Hydraulics, above: Hydraulics): number {
  const ratio = below.airEntryHeadCm / above.airEntryHeadCm;
  const breakShare = Math.min(1, Math.max(0, (1 - ratio) / (1 - k.FULL_BREAK_RATIO)));
  const brokenCm = Math.min(hydrostaticCm, below.airEntryHeadCm);
  return hydrostaticCm + (brokenCm - hydrostaticCm) * breakShare;
}

/** Share of a slice that lies below the water standing in the pot. */
function shareBelow({ fromCm, toCm }: Slice, levelCm: number): number {
  return Math.min(1, Math.max(0, (levelCm - fromCm) / (toCm - fromCm)));
}

/**
 * What a slice holds when drained, v/v: over its medium's base, or over the water that stands in the pot. What stands
 * in the passages below that water's level is the reservoir's, and is not counted here.
 */
function drainedCapacity(slice: Slice, levelCm: number): number {
  const { medium, fromCm, toCm, drainsToCm } = slice;
  const held = (lowCm: number, highCm: number, baseCm: number): number => {
    const headCm = Math.max(0, lowCm - baseCm);
    return capacityBetween(medium, headCm, Math.max(headCm, highCm - baseCm));
  };
  const below = shareBelow(slice, levelCm);
  if (below === 0) return held(fromCm, toCm, Math.max(drainsToCm, levelCm));
  const lower = held(fromCm, Math.min(toCm, levelCm), drainsToCm);
  if (below === 1) return lower;
  return below * lower + (1 - below) * held(levelCm, toCm, Math.max(drainsToCm, levelCm));
}

/** Water that stands in the passages of a slice below the level, beyond what they hold when drained, v/v of that part. */
function standingShare({ medium, fromCm, toCm, drainsToCm }: Slice, levelCm: number): number {
  const headCm = Math.max(0, fromCm - drainsToCm);
  const topCm = Math.max(headCm, Math.min(toCm, levelCm) - drainsToCm);
  return capacityBetween(medium, 0, 0) - capacityBetween(medium, headCm, topCm);
}

/** Pieces touch a clay wall at points; fine media touch it nearly everywhere. */
function wallContact(medium: Hydraulics): number {
  return 1 / (1 + medium.meanMm / k.CLAY_CONTACT_MM);
}

/** Medium whose passages roots have grown into: pieces, roots, water and air are one bed. */
function rootedIn(medium: Hydraulics, rootsShare: number): Hydraulics {
  if (rootsShare === 0) return medium;
  const room = Math.min(rootsShare, k.MOST_ROOTS_IN_PORES * drainablePorosity(medium));
  return { ...medium, interPorosity: medium.interPorosity - room, totalPorosity: medium.totalPorosity - room };
}

/** Where a plant's roots are: put in with the plant (they take room from the medium), or grown into its passages. */
function rootsOf(setup: PottedSetup, drinker: PlantWaterUse): { readonly putInL: number; readonly grownShare: number } {
  const index = setup.layers.findIndex((layer) => layer.role === 'main');
  const bounds = layerBounds(setup.layers)[index]!;
  const rootZoneL = volumeBetweenL(setup.pot, bounds.fromCm, bounds.toCm);
  const months = setup.layers[index]!.age?.months ?? 0;
  const grown = months / (months + k.ROOTS_GROWN_MONTHS);
  return {
    putInL: drinker.rootVolumeL * (1 - grown),
    grownShare: (drinker.rootVolumeL * grown) / rootZoneL,
  };
}

export function potColumn(setup: PottedSetup, drinker: PlantWaterUse, mesh: Mesh = yearMesh): Column {
  const { pot } = setup;
  const roots = rootsOf(setup, drinker);
  const slices = slicesFromTop(setup, roots.grownShare, mesh);
  const filledCm = filledHeightCm(setup);
  const topAreaM2 = areaAtCm2(pot, filledCm) / 1e4;
  const sideAreaM2 = wallAreaCm2(pot, 0, filledCm) / 1e4;
  const levelCm = waterLevelCm(pot);

  const rootZoneL = slices.reduce(
    (sum, slice) => sum + (slice.isRootZone ? volumeBetweenL(pot, slice.fromCm, slice.toCm) : 0),
    0,
  );
  const filled = slices.map((slice) => {
    const grossL = volumeBetweenL(pot, slice.fromCm, slice.toCm);
    // Roots put in take room from the medium, evenly through the root zone, at most a third of it.
    const rootShare = slice.isRootZone ? Math.min(k.MOST_ROOT_SHARE, roots.putInL / rootZoneL) : 0;
    const wallCm2 = isPorous(pot.wall) ? wallAreaCm2(pot, slice.fromCm, slice.toCm) : 0;
    const baseCm2 = isPorous(pot.wall) && slice.fromCm === 0 ? areaAtCm2(pot, 0) : 0;
    const wallCm3 = ((wallCm2 + baseCm2) * pot.wallThicknessMm) / 10;
    return { grossL, netL: grossL * (1 - rootShare), capacity: drainedCapacity(slice, levelCm), wallCm3 };
  });
  const heatOf = (i: number): number =>
    heatCapacityJK(slices[i]!.medium, filled[i]!.netL, filled[i]!.capacity) +
    filled[i]!.wallCm3 * k.CLAY_HEAT_J_CM3_K +
    (filled[i]!.grossL - filled[i]!.netL) * 1000 * k.WATER_HEAT_J_G_K;
  const pondedG = (isCounted: (slice: Slice) => boolean): number =>
    slices.reduce((sum, slice, i) => {
      const standing = filled[i]!.netL * 1000 * shareBelow(slice, levelCm) * standingShare(slice, levelCm);
      return isCounted(slice) ? sum + standing : sum;
    }, 0);
  const outerG = pot.reservoir.kind === 'wicks' ? pot.reservoir.volumeL * 1000 : 0;

  const column = allocateColumn(slices.length, {
    topAreaM2,
    // Light strikes the top and, at a slant, about half of what the pot shows from the side.
    radiantAreaM2: topAreaM2 + (k.SLANTED_LIGHT_SHARE * pot.rimDiameterCm * filledCm) / 1e4,
    heatAreaM2: topAreaM2 + sideAreaM2,
    heatCapacityJK: slices.reduce((sum, _, i) => sum + heatOf(i), 0),
    reservoirCapacityG: outerG + pondedG(() => true),
    belowRootsG: outerG + pondedG(({ isRootZone }) => !isRootZone),
    ...waterSurface(
      pot,
      slices,
      filled.map(({ capacity }) => capacity),
      levelCm,
    ),
    hangsInAir: false,
    wicks:
      pot.reservoir.kind === 'wicks' && pot.reservoir.wickCount > 0
        ? wickRunOf(
            pot.reservoir.volumeL,
            areaAtCm2(pot, 0),
            setup.layers.find(({ role }) => role === 'main')?.age?.months ?? 0,
          )
        : null,
    drinker,
  });

  slices.forEach((slice, i) => {
    const { grossL, netL, capacity, wallCm3 } = filled[i]!;
    const thicknessCm = slice.toCm - slice.fromCm;
    storeCell(column, i, {
      medium: slice.medium,
      volumeL: netL,
      thicknessCm,
      capacity,
      wallG: wallCm3 * k.CLAY_WALL_POROSITY,
      wettability: slice.wettability,
    });

    column.floorCm[i] = slice.fromCm;
    column.thicknessCm[i] = thicknessCm;
    column.layerIndex[i] = slice.layerIndex;
    column.isRootZone[i] = slice.isRootZone ? 1 : 0;
    column.rootCapacityG[i] = slice.isRootZone ? column.capacityG[i]! : 0;
    column.rootShare[i] = slice.isRootZone ? grossL / rootZoneL : 0;

    const wallCm2 = wallAreaCm2(pot, slice.fromCm, slice.toCm);
    const diffusivity = relativeDiffusivity(midwayAir(slice.medium, capacity)) * (1 + column.ventilation[i]!);
    column.openSideM2[i] = (wallCm2 / 1e4) * pot.openShare;
    // Mean distance from the inside of a cylinder to its wall is a third of the radius.
    const toWallCm = widthAtCm(pot, (slice.fromCm + slice.toCm) / 2) / 6;
    column.sidePathM[i] = ((wallCm2 / 1e4) * diffusivity) / (toWallCm / 100);
    if (isPorous(pot.wall)) {
      column.porousSideM2[i] = wallCm2 / 1e4;
      column.wallSupplyGH[i] = (liquidConductivity(slice.medium) * wallContact(slice.medium) * wallCm2) / toWallCm;
    }
    column.openBaseM2[i] = (coneAreaCm2(pot, slice.fromCm, slice.toCm) / 1e4) * k.UNDERSIDE_SHARE;
  });
  const last = slices.length - 1;
  if (pot.reservoir.kind !== 'side holes') {
    column.openBaseM2[last] = column.openBaseM2[last]! + (pot.baseOpenAreaCm2 / 1e4) * k.UNDERSIDE_SHARE;
  }

  for (let i = 0; i < last; i += 1) joinCells(column, pot, slices[i]!, slices[i + 1]!, i);
  slices.forEach((slice, i) => {
    feedCell(column, i, pot, slice, filled[i]!, levelCm);
  });
  return column;
}

function joinCells(column: Column, pot: Pot, upper: Slice, lower: Slice, i: number): void {
  const areaCm2 = areaAtCm2(pot, upper.fromCm);
  const upperHalfCm = (upper.toCm - upper.fromCm) / 2;
  const lowerHalfCm = (lower.toCm - lower.fromCm) / 2;
  column.liquidGH[i] = inSeries(
    (liquidConductivity(upper.medium) * areaCm2) / upperHalfCm,
    (liquidConductivity(lower.medium) * areaCm2) / lowerHalfCm,
  );
  const airPath = (slice: Slice, cell: number, halfCm: number): number => {
    const capacity = (column.capacityG[cell]! - column.wallG[cell]!) / (column.volumeL[cell]! * 1000);
    const geometry = relativeDiffusivity(midwayAir(slice.medium, capacity)) * (1 + column.ventilation[cell]!);
    return ((areaCm2 / 1e4) * geometry) / (halfCm / 100);
  };
  column.vapourPathM[i] = inSeries(airPath(upper, i, upperHalfCm), airPath(lower, i + 1, lowerHalfCm));
}

/** The surface of standing water: its cell, what it gives off, and the way of that vapour into the medium above. */
function waterSurface(
  pot: Pot,
  slices: readonly Slice[],
  capacities: readonly number[],
  levelCm: number,
): Pick<Column, 'surfaceCell' | 'surfaceM3H' | 'surfacePathM'> {
  const surfaceCell = levelCm > 0 ? slices.findIndex((slice) => shareBelow(slice, levelCm) === 1) : -1;
  if (surfaceCell < 0) return { surfaceCell, surfaceM3H: 0, surfacePathM: 0 };
  const areaM2 = areaAtCm2(pot, slices[surfaceCell]!.toCm) / 1e4;
  const surfaceM3H = (areaM2 * k.VAPOUR_DIFFUSIVITY_M2_H) / k.FREE_SURFACE_FILM_M;
  const above = slices[surfaceCell - 1];
  if (above === undefined) return { surfaceCell, surfaceM3H, surfacePathM: 0 };
  const halfM = (above.toCm - above.fromCm) / 2 / 100;
  const air = midwayAir(above.medium, capacities[surfaceCell - 1]!);
  const surfacePathM = (areaM2 * relativeDiffusivity(air) * (1 + ventilationGain(above.medium))) / halfM;
  return { surfaceCell, surfaceM3H, surfacePathM };
}

/** What the reservoir gives a cell, and the wetness at which it gives no more. */
function feedCell(
  column: Column,
  i: number,
  pot: Pot,
  slice: Slice,
  { netL, capacity }: { readonly netL: number; readonly capacity: number },
  levelCm: number,
): void {
  const { reservoir } = pot;
  column.restFull[i] = 1;
  column.restEmpty[i] = 1;
  if (reservoir.kind === 'side holes') {
    column.supplyGH[i] = (shareBelow(slice, levelCm) * netL * 1000 * capacity) / k.FOOT_FILL_HOURS;
  }
  if (reservoir.kind !== 'wicks' || column.wicks === null) return;
  const middleCm = (slice.fromCm + slice.toCm) / 2;
  if (middleCm < reservoir.wickReachCm) {
    const heightShare = (slice.toCm - slice.fromCm) / reservoir.wickReachCm;
    column.supplyGH[i] =
      reservoir.wickCount * k.WICK_SUPPLY_G_H * heightShare * 2 * (1 - middleCm / reservoir.wickReachCm);
  }
  const restAt = (liftCm: number) =>
    Math.min(1, restingCapacity(slice.medium, slice.fromCm, slice.toCm, liftCm) / capacity);
  column.restFull[i] = restAt(column.wicks.liftFullCm);
  column.restEmpty[i] = restAt(column.wicks.liftEmptyCm);
}
