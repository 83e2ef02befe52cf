/**
 * One kind of hour (a month's day or night) turned into the conductances of the vapour network for
 * one column. Computed once per kind, used by every hour of that kind.
 */
import { memory, type Sourced } from '../../base';
import { drivingDeficitGM3, type DryingAir, LATENT_HEAT_J_G, SEA_LEVEL_KPA, surfaceResistanceSM } from '../air';
import { inSeries } from './cell-physics';
import type { Column } from './column';
import { k } from './constants';
import type { Photosynthesis } from './setup';

/**
 * Leaf conductance to vapour, mol/(m²·s), by day and night. Orders of magnitude from plant
 * physiology (Nobel, Physicochemical and Environmental Plant Physiology); from memory.
 */
export const leafConductances: Readonly<
  Record<Photosynthesis, { readonly day: Sourced<number>; readonly night: Sourced<number> }>
> = {
  CAM: { day: memory(0.004), night: memory(0.02) },
  C3: { day: memory(0.05), night: memory(0.005) },
};

export interface HourClass {
  readonly temperatureC: number;
  /** Driving vapour deficit, g/m³. */
  readonly deficitGM3: number;
  readonly topM3H: number;
  /** Conductance from each cell straight to the outside air, m³/h. */
  readonly outsideM3H: Float64Array;
  /** Conductance between the air of a cell and the next one down, m³/h. */
  readonly betweenM3H: Float64Array;
  /** Water a wet porous wall would lose beside each cell, g/h. */
  readonly wallGH: Float64Array;
  /** What the plant would drink, g/h. */
  readonly uptakeGH: number;
  /** Cooling of the root zone by evaporation, K per g/h, and warming by light, K. */
  readonly coolingKPerGH: number;
  readonly warmingK: number;
}

export function hourClass(column: Column, air: DryingAir, isDay: boolean): HourClass {
  const n = column.cellCount;
  let evaporatingM2 = column.topAreaM2;
  for (let i = 0; i < n; i += 1) evaporatingM2 += column.openSideM2[i]! + column.porousSideM2[i]!;
  const heatRatio = Math.min(k.MAX_HEAT_AREA_RATIO, Math.max(1, column.heatAreaM2 / evaporatingM2));
  const resistanceSM = surfaceResistanceSM(air, heatRatio);
  const radiant = (air.radiationWM2 * column.radiantAreaM2) / column.topAreaM2;
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
      (column.openSideM2[i]! * k.SECONDS_PER_HOUR) / resistanceSM,
      column.sidePathM[i]! * diffusivity,
    );
    outsideM3H[i] = side + (column.openBaseM2[i]! * k.SECONDS_PER_HOUR) / (2 * resistanceSM);
    betweenM3H[i] = column.vapourPathM[i]! * diffusivity;
    wallGH[i] =
      (column.porousSideM2[i]! * k.SECONDS_PER_HOUR * air.vapourDeficitGM3) /
      (resistanceSM + k.CLAY_WALL_RESISTANCE_S_M);
  }

  const { leafAreaCm2, photosynthesis } = column.drinker;
  const conductance = leafConductances[photosynthesis][isDay ? 'day' : 'night'].value;
  const molesPerM2S = (conductance * air.vapourPressureDeficitKPa) / air.pressureKPa;
  const heatWPerK = air.heatTransferWM2K * column.heatAreaM2;
  return {
    temperatureC: air.temperatureC,
    deficitGM3,
    topM3H: (column.topAreaM2 * k.SECONDS_PER_HOUR) / resistanceSM,
    outsideM3H,
    betweenM3H,
    wallGH,
    uptakeGH: molesPerM2S * k.WATER_G_MOL * k.SECONDS_PER_HOUR * (leafAreaCm2 / 1e4),
    coolingKPerGH: LATENT_HEAT_J_G / k.SECONDS_PER_HOUR / heatWPerK,
    warmingK: (air.radiationWM2 * column.radiantAreaM2) / heatWPerK,
  };
}

/** An hour that is in part light and in part dark: every conductance in between, by the share of light. */
export function blendedHour(day: HourClass, night: HourClass, lightShare: number): HourClass {
  const between = (ofDay: number, ofNight: number): number => ofNight + (ofDay - ofNight) * lightShare;
  const cells = (ofDay: Float64Array, ofNight: Float64Array) => ofDay.map((value, i) => between(value, ofNight[i]!));
  return {
    temperatureC: between(day.temperatureC, night.temperatureC),
    deficitGM3: between(day.deficitGM3, night.deficitGM3),
    topM3H: between(day.topM3H, night.topM3H),
    outsideM3H: cells(day.outsideM3H, night.outsideM3H),
    betweenM3H: cells(day.betweenM3H, night.betweenM3H),
    wallGH: cells(day.wallGH, night.wallGH),
    uptakeGH: between(day.uptakeGH, night.uptakeGH),
    coolingKPerGH: between(day.coolingKPerGH, night.coolingKPerGH),
    warmingK: between(day.warmingK, night.warmingK),
  };
}
