/**
 * One kind of hour (a month's day or night) turned into the conductances of the vapour network for
 * one column. Computed once per kind, used by every hour of that kind.
 */
import { SECONDS_PER_HOUR } from '../../base';
import { drivingDeficitGM3, type DryingAir, LATENT_HEAT_J_G, SEA_LEVEL_KPA, surfaceResistanceSM } from '../air';
import { inSeries } from './cell-physics';
import type { Column } from './column';
import { k } from './constants';
import { type LeafLight, leafConductance } from './leaves';

export interface HourClass {
  readonly temperatureC: number;
  /** Vapour pressure deficit of the air, kPa, and how much of the hour is light. */
  readonly deficitKPa: number;
  readonly lightShare: number;
  /** Driving vapour deficit, g/m³. */
  readonly deficitGM3: number;
  readonly topM3H: number;
  /** Conductance from each cell straight to the outside air, m³/h. */
  readonly outsideM3H: Float64Array;
  /** Conductance between the air of a cell and the next one down, m³/h. */
  readonly betweenM3H: Float64Array;
  /** From the surface of standing water into the air of the cell above, m³/h. */
  readonly fromSurfaceM3H: number;
  /** Water a wet porous wall would lose beside each cell, g/h. */
  readonly wallGH: Float64Array;
  /** What the plant would drink, g/h. */
  readonly uptakeGH: number;
  /** Cooling of the root zone by evaporation, K per g/h, and warming by light, K. */
  readonly coolingKPerGH: number;
  readonly warmingK: number;
  /** Share of the way to its new warmth that the root zone goes in an hour. */
  readonly warmedPerHour: number;
}

/** As much as the air takes from a wet wall, g/h. */
function wallDemandGH(areaM2: number, deficitGM3: number, resistanceSM: number): number {
  return (areaM2 * SECONDS_PER_HOUR * deficitGM3) / (resistanceSM + k.CLAY_WALL_RESISTANCE_S_M);
}

/** Surfaces that evaporate: top, openings, and a porous wall as far as the medium keeps it wet. */
function evaporatingAreaM2(column: Column, air: DryingAir): number {
  const resistanceSM = surfaceResistanceSM(air, 1);
  let areaM2 = column.topAreaM2;
  for (let i = 0; i < column.cellCount; i += 1) {
    areaM2 += column.openSideM2[i]!;
    if (column.porousSideM2[i]! === 0) continue;
    const demandGH = wallDemandGH(column.porousSideM2[i]!, air.vapourDeficitGM3, resistanceSM);
    const supplyGH = column.wallSupplyGH[i]!;
    areaM2 += (column.porousSideM2[i]! * supplyGH) / (supplyGH + demandGH + 1e-30);
  }
  return areaM2;
}

export function hourClass(column: Column, air: DryingAir, isDay: boolean, light: LeafLight): HourClass {
  const n = column.cellCount;
  const evaporatingM2 = evaporatingAreaM2(column, air);
  const heatRatio = Math.min(k.MAX_HEAT_AREA_RATIO, Math.max(1, column.heatAreaM2 / evaporatingM2));
  const resistanceSM = surfaceResistanceSM(air, heatRatio);
  // What the pot takes in of light is divided by all that evaporates, walls too.
  const radiant = (air.radiationWM2 * column.radiantAreaM2) / evaporatingM2;
  const deficitGM3 = drivingDeficitGM3({ ...air, radiationWM2: radiant }, heatRatio);

  const outsideM3H = new Float64Array(n);
  const betweenM3H = new Float64Array(n);
  const wallGH = new Float64Array(n);
  // Moving air also stirs the air between coarse pieces: in proportion to the boundary layer it leaves.
  const stirring = air.massTransferMS / k.STILL_AIR_TRANSFER_MS;
  for (let i = 0; i < n; i += 1) {
    const gain = (1 + column.ventilation[i]! * stirring) / (1 + column.ventilation[i]!);
    const diffusivity = k.VAPOUR_DIFFUSIVITY_M2_H * gain * (SEA_LEVEL_KPA / air.pressureKPa);
    const side = inSeries(
      (column.openSideM2[i]! * SECONDS_PER_HOUR) / resistanceSM,
      column.sidePathM[i]! * diffusivity,
    );
    outsideM3H[i] = side + (column.openBaseM2[i]! * SECONDS_PER_HOUR) / (2 * resistanceSM);
    betweenM3H[i] = column.vapourPathM[i]! * diffusivity;
    // As much as the air takes, as far as the medium can bring it to the wall.
    wallGH[i] = inSeries(wallDemandGH(column.porousSideM2[i]!, deficitGM3, resistanceSM), column.wallSupplyGH[i]!);
  }

  const above = Math.max(0, column.surfaceCell - 1);
  const stirred = (1 + column.ventilation[above]! * stirring) / (1 + column.ventilation[above]!);
  const { leafAreaCm2, photosynthesis } = column.drinker;
  const deficitKPa = air.vapourPressureDeficitKPa;
  const molesPerM2S = (leafConductance(photosynthesis, isDay, light, deficitKPa) * deficitKPa) / air.pressureKPa;
  const heatWPerK = air.heatTransferWM2K * column.heatAreaM2;
  return {
    temperatureC: air.temperatureC,
    deficitKPa,
    lightShare: isDay ? 1 : 0,
    deficitGM3,
    topM3H: (column.topAreaM2 * SECONDS_PER_HOUR) / resistanceSM,
    outsideM3H,
    betweenM3H,
    fromSurfaceM3H: column.surfacePathM * k.VAPOUR_DIFFUSIVITY_M2_H * stirred * (SEA_LEVEL_KPA / air.pressureKPa),
    wallGH,
    uptakeGH: molesPerM2S * k.WATER_G_MOL * SECONDS_PER_HOUR * (leafAreaCm2 / 1e4) * k.ACTIVE_LEAF_SHARE,
    coolingKPerGH: LATENT_HEAT_J_G / SECONDS_PER_HOUR / heatWPerK,
    warmingK: (air.radiationWM2 * column.radiantAreaM2) / heatWPerK,
    warmedPerHour: 1 - Math.exp((-heatWPerK * SECONDS_PER_HOUR) / column.heatCapacityJK),
  };
}

/** An hour that is in part light and in part dark: every conductance in between, by the share of light. */
export function blendedHour(day: HourClass, night: HourClass, lightShare: number): HourClass {
  const between = (ofDay: number, ofNight: number): number => ofNight + (ofDay - ofNight) * lightShare;
  const cells = (ofDay: Float64Array, ofNight: Float64Array) => ofDay.map((value, i) => between(value, ofNight[i]!));
  return {
    temperatureC: between(day.temperatureC, night.temperatureC),
    deficitKPa: between(day.deficitKPa, night.deficitKPa),
    lightShare,
    deficitGM3: between(day.deficitGM3, night.deficitGM3),
    topM3H: between(day.topM3H, night.topM3H),
    outsideM3H: cells(day.outsideM3H, night.outsideM3H),
    betweenM3H: cells(day.betweenM3H, night.betweenM3H),
    fromSurfaceM3H: between(day.fromSurfaceM3H, night.fromSurfaceM3H),
    wallGH: cells(day.wallGH, night.wallGH),
    uptakeGH: between(day.uptakeGH, night.uptakeGH),
    coolingKPerGH: between(day.coolingKPerGH, night.coolingKPerGH),
    warmingK: between(day.warmingK, night.warmingK),
    warmedPerHour: between(day.warmedPerHour, night.warmedPerHour),
  };
}
