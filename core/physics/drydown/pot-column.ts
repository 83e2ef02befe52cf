/**
 * Cuts a filled pot into cells.
 *
 * Drainage: a fine layer over a coarser one keeps its capillary fringe above the boundary, nearly
 * as it would above the pot's base, because water does not pass into wider passages until the
 * suction there falls to what they hold (capillary break; Hillel, Introduction to Environmental Soil Physics).
 * So crocking does not lower the perched water: it replaces medium that would have held it.
 */
import { capacityBetween, type Hydraulics } from '../media';
import { areaAtCm2, coneAreaCm2, isPorous, type Pot, volumeBetweenL, wallAreaCm2, widthAtCm } from '../pots';
import { inSeries, liquidConductivity, midwayAir, relativeDiffusivity, storeCell } from './cell-physics';
import { allocateColumn, type Column } from './column';
import { k } from './constants';
import { cutLayer } from './mesh';
import { type Drinker, hydraulicsOfLayer, type PottedSetup } from './setup';

interface Slice {
  readonly layerIndex: number;
  readonly fromCm: number;
  readonly toCm: number;
  readonly medium: Hydraulics;
  readonly isRootZone: boolean;
  /** Height of the drained base of this medium, cm above the pot's base, when no water stands in the pot. */
  readonly drainsToCm: number;
}

export function filledHeightCm(setup: PottedSetup): number {
  return setup.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
}

/** Height of standing water, cm above the base; 0 without a side-hole reservoir. */
function waterLevelCm(pot: Pot): number {
  return pot.reservoir.kind === 'side holes' ? pot.reservoir.holeHeightCm : 0;
}

/** The column's slices, top first. */
function slicesFromTop(setup: PottedSetup, cellHeightCm: number, leastCells: number): Slice[] {
  const totalCm = filledHeightCm(setup);
  const targetCm = Math.min(cellHeightCm, totalCm / leastCells);
  const slices: Slice[] = [];
  let bottomCm = 0;
  /** Suction at the floor of the layer, cm of water. */
  let suctionCm = 0;
  let below: Hydraulics | null = null;
  setup.layers.forEach((layer, layerIndex) => {
    const medium = hydraulicsOfLayer(layer);
    if (below !== null) suctionCm = interfaceSuctionCm(suctionCm, below, medium);
    const drainsToCm = bottomCm - suctionCm;
    const topCm = bottomCm + layer.heightCm;
    const depths = cutLayer(totalCm - topCm, totalCm - bottomCm, totalCm, targetCm);
    const own = depths.slice(1).map((depthCm, k) => ({
      layerIndex,
      fromCm: totalCm - depthCm,
      toCm: totalCm - depths[k]!,
      medium,
      isRootZone: layer.role === 'main',
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

/** What a slice holds when drained, v/v: over its medium's base, or over the water that stands in the pot. */
function drainedCapacity({ medium, fromCm, toCm, drainsToCm }: Slice, levelCm: number): number {
  const baseCm = Math.max(drainsToCm, levelCm);
  const headFromCm = Math.max(0, fromCm - baseCm);
  return capacityBetween(medium, headFromCm, Math.max(headFromCm, toCm - baseCm));
}

/** Pieces touch a clay wall at points; fine media touch it nearly everywhere. */
function wallContact(medium: Hydraulics): number {
  return 1 / (1 + medium.meanMm / k.CLAY_CONTACT_MM);
}

export function potColumn(
  setup: PottedSetup,
  drinker: Drinker,
  cellHeightCm = k.CELL_HEIGHT_CM,
  leastCells = k.MIN_CELLS,
): Column {
  const { pot } = setup;
  const slices = slicesFromTop(setup, cellHeightCm, leastCells);
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
    // Roots take room from the medium, evenly through the root zone, at most a third of it.
    const rootShare = slice.isRootZone ? Math.min(k.MOST_ROOT_SHARE, drinker.rootVolumeL / rootZoneL) : 0;
    return { grossL, netL: grossL * (1 - rootShare), capacity: drainedCapacity(slice, levelCm) };
  });

  const column = allocateColumn(slices.length, {
    topAreaM2,
    // Light strikes the top and, at a slant, about half of what the pot shows from the side.
    radiantAreaM2: topAreaM2 + (k.SLANTED_LIGHT_SHARE * pot.rimDiameterCm * filledCm) / 1e4,
    heatAreaM2: topAreaM2 + sideAreaM2,
    reservoirCapacityG: reservoirCapacityG(pot, slices),
    drinker,
  });

  slices.forEach((slice, i) => {
    const { grossL, netL, capacity } = filled[i]!;
    storeCell(column, i, slice.medium, netL, slice.toCm - slice.fromCm, capacity);

    column.floorCm[i] = slice.fromCm;
    column.thicknessCm[i] = slice.toCm - slice.fromCm;
    column.layerIndex[i] = slice.layerIndex;
    column.isRootZone[i] = slice.isRootZone ? 1 : 0;
    column.rootCapacityG[i] = slice.isRootZone ? column.capacityG[i]! : 0;
    column.rootShare[i] = slice.isRootZone ? grossL / rootZoneL : 0;

    const wallM2 = wallAreaCm2(pot, slice.fromCm, slice.toCm) / 1e4;
    const diffusivity = relativeDiffusivity(midwayAir(slice.medium, capacity)) * (1 + column.ventilation[i]!);
    column.openSideM2[i] = wallM2 * pot.openShare;
    // Mean distance from the inside of a cylinder to its wall is a third of the radius.
    const toWallM = widthAtCm(pot, (slice.fromCm + slice.toCm) / 2) / 6 / 100;
    column.sidePathM[i] = (wallM2 * diffusivity) / toWallM;
    column.porousSideM2[i] = isPorous(pot.wall) ? wallM2 * wallContact(slice.medium) : 0;
    column.openBaseM2[i] = (coneAreaCm2(pot, slice.fromCm, slice.toCm) / 1e4) * k.UNDERSIDE_SHARE;
  });
  const last = slices.length - 1;
  if (pot.reservoir.kind !== 'side holes') {
    column.openBaseM2[last] = column.openBaseM2[last]! + (pot.baseOpenAreaCm2 / 1e4) * k.UNDERSIDE_SHARE;
  }

  for (let i = 0; i < last; i += 1) joinCells(column, pot, slices[i]!, slices[i + 1]!, i);
  slices.forEach((slice, i) => {
    column.supplyGH[i] = supplyGH(pot, slice, column.capacityG[i]!, levelCm);
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
    const capacity = column.capacityG[cell]! / (column.volumeL[cell]! * 1000);
    const geometry = relativeDiffusivity(midwayAir(slice.medium, capacity)) * (1 + column.ventilation[cell]!);
    return ((areaCm2 / 1e4) * geometry) / (halfCm / 100);
  };
  column.vapourPathM[i] = inSeries(airPath(upper, i, upperHalfCm), airPath(lower, i + 1, lowerHalfCm));
}

function supplyGH(pot: Pot, slice: Slice, capacityG: number, levelCm: number): number {
  const { reservoir } = pot;
  const middleCm = (slice.fromCm + slice.toCm) / 2;
  switch (reservoir.kind) {
    case 'none':
      return 0;
    case 'side holes':
      return middleCm < levelCm ? capacityG / k.FOOT_FILL_HOURS : 0;
    case 'wicks': {
      if (middleCm >= reservoir.wickReachCm) return 0;
      const heightShare = (slice.toCm - slice.fromCm) / reservoir.wickReachCm;
      return reservoir.wickCount * k.WICK_SUPPLY_G_H * heightShare * 2 * (1 - middleCm / reservoir.wickReachCm);
    }
  }
}

/** Free water the reservoir holds when full, g, over and above the cells' own capacity. */
function reservoirCapacityG(pot: Pot, slices: readonly Slice[]): number {
  const { reservoir } = pot;
  switch (reservoir.kind) {
    case 'none':
      return 0;
    case 'wicks':
      return reservoir.volumeL * 1000;
    case 'side holes':
      return slices.reduce((sum, slice) => {
        const topCm = Math.min(slice.toCm, reservoir.holeHeightCm);
        if (topCm <= slice.fromCm) return sum;
        // Standing water fills the passages that the drained cell would leave open.
        return sum + volumeBetweenL(pot, slice.fromCm, topCm) * 1000 * slice.medium.interPorosity;
      }, 0);
  }
}
