/**
 * How hard a given air dries a wet surface.
 *
 * The surface cools while it dries. Writing its temperature from the heat balance and taking the
 * saturation curve as straight gives the Penman form
 *     E = (D + s·R/h) / (1/h_m + r + s·λ/h)
 * with D the vapour density deficit of the air, s the slope of saturation vapour density, R the
 * absorbed radiation, h the heat transfer coefficient, h_m the mass transfer coefficient and r any
 * further resistance (a dry layer). So cooling acts as one more resistance, and the whole drying
 * pot becomes a linear network: that is what the dry-down model is built on.
 * Source: Penman 1948, Monteith 1965; here in vapour densities instead of pressures.
 */
import { SECONDS_PER_DAY } from '../../base';
import { surfaceTransfer } from './airflow';
import { k } from './constants';
import { saturationVapourDensityGM3, vapourDensitySlopeGM3K, vapourPressureDeficitKPa } from './psychrometrics';

export interface AirState {
  readonly temperatureC: number;
  readonly relativeHumidityPct: number;
  readonly speedMS: number;
  /** Radiation absorbed by the surface, W/m². */
  readonly radiationWM2: number;
  /** Sea level when not given. */
  readonly pressureKPa?: number;
}

export interface DryingAir {
  readonly temperatureC: number;
  readonly pressureKPa: number;
  readonly vapourPressureDeficitKPa: number;
  /** Deficit of vapour density of the air itself, g/m³. */
  readonly vapourDeficitGM3: number;
  readonly slopeGM3K: number;
  readonly massTransferMS: number;
  readonly heatTransferWM2K: number;
  readonly radiationWM2: number;
}

export function dryingAir(air: AirState): DryingAir {
  const pressureKPa = air.pressureKPa ?? k.SEA_LEVEL_KPA;
  const transfer = surfaceTransfer(air.speedMS, air.temperatureC, pressureKPa);
  return {
    temperatureC: air.temperatureC,
    pressureKPa,
    vapourPressureDeficitKPa: vapourPressureDeficitKPa(air.temperatureC, air.relativeHumidityPct),
    vapourDeficitGM3: saturationVapourDensityGM3(air.temperatureC) * (1 - air.relativeHumidityPct / 100),
    slopeGM3K: vapourDensitySlopeGM3K(air.temperatureC),
    massTransferMS: transfer.massTransferMS,
    heatTransferWM2K: transfer.heatTransferWM2K,
    radiationWM2: air.radiationWM2,
  };
}

/** Driving vapour deficit including the push of radiation, g/m³ of vapour density. */
export function drivingDeficitGM3(air: DryingAir, heatAreaRatio: number): number {
  return air.vapourDeficitGM3 + (air.slopeGM3K * air.radiationWM2) / (air.heatTransferWM2K * heatAreaRatio);
}

/**
 * Resistance of the boundary layer plus that of evaporative cooling, s/m.
 * heatAreaRatio: surface that collects heat over surface that evaporates (1 = a surface alone).
 */
export function surfaceResistanceSM(air: DryingAir, heatAreaRatio: number): number {
  const cooling = (air.slopeGM3K * k.LATENT_HEAT_J_G) / (air.heatTransferWM2K * heatAreaRatio);
  return 1 / air.massTransferMS + cooling;
}

/** Evaporation from an open wet surface, mm/day (heat from above and below: ratio 2). */
export function openSurfaceMmPerDay(air: DryingAir, heatAreaRatio = 2): number {
  const gPerM2S = drivingDeficitGM3(air, heatAreaRatio) / surfaceResistanceSM(air, heatAreaRatio);
  return (gPerM2S * SECONDS_PER_DAY) / 1000;
}
