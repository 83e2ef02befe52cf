/**
 * How much vapour leaves let out, by day and by night, mol/(m²·s) at each kPa over the air's pressure.
 *
 * Orders of magnitude from plant physiology (Nobel, Physicochemical and Environmental Plant Physiology; night
 * opening of Phalaenopsis 10-30 mmol/(m²·s), day opening of slipper orchids 20-80: from memory). Both follow the
 * light: by day the light of the hour, by night that of the day before, since what a CAM leaf can take in at night is
 * what the light of the day has made room for. And both close in dry air: 1/(1 + (D/D₀)²).
 */
import { HOURS_PER_DAY, SECONDS_PER_HOUR } from '../../base';
import { SEA_LEVEL_KPA } from '../air';
import { k } from './constants';
import type { PlantWaterUse, Photosynthesis } from './setup';

export interface LeafLight {
  /** Mean radiation on the leaves while it is light, W/m². */
  readonly lightWM2: number;
  readonly lightHours: number;
}

/** Saturating response, 1 at the light the conductances are stated for. */
function lightResponse(lightWM2: number): number {
  const half = k.HALF_OPEN_LIGHT_W_M2;
  return (lightWM2 / (lightWM2 + half)) * ((k.STATED_LIGHT_W_M2 + half) / k.STATED_LIGHT_W_M2);
}

/** Pores close as the air dries: half open at D₀, so that the water given off stays bounded. */
function closing(vapourPressureDeficitKPa: number, halfOpenKPa: number): number {
  return 1 / (1 + (vapourPressureDeficitKPa / halfOpenKPa) ** 2);
}

function dayOpening(photosynthesis: Photosynthesis, { lightWM2 }: LeafLight): number {
  return (photosynthesis === 'CAM' ? k.CAM_DAY_MOL_M2_S : k.C3_DAY_MOL_M2_S) * lightResponse(lightWM2);
}

/** Of CAM plants: what the day's light allows, spread over the hours of the night. */
function nightOpening(photosynthesis: Photosynthesis, { lightWM2, lightHours }: LeafLight): number {
  if (photosynthesis === 'C3') return k.C3_NIGHT_MOL_M2_S;
  const nightHours = Math.max(k.SHORTEST_NIGHT_H, HOURS_PER_DAY - lightHours);
  const meanLightWM2 = (lightWM2 * lightHours) / (HOURS_PER_DAY / 2);
  return k.CAM_NIGHT_MOL_M2_S * lightResponse(meanLightWM2) * (HOURS_PER_DAY / 2 / nightHours);
}

/** Water the leaves of a plant give off in a day of twelve light hours in air of a given deficit, g. */
export function dailyDemandG(drinker: PlantWaterUse, deficitKPa: number): number {
  const light = { lightWM2: k.STATED_LIGHT_W_M2, lightHours: HOURS_PER_DAY / 2 };
  const { photosynthesis, leafAreaCm2 } = drinker;
  const conductance =
    leafConductance(photosynthesis, true, light, deficitKPa) +
    leafConductance(photosynthesis, false, light, deficitKPa);
  const moles = (conductance * deficitKPa * (HOURS_PER_DAY / 2) * SECONDS_PER_HOUR) / SEA_LEVEL_KPA;
  return moles * k.WATER_G_MOL * (leafAreaCm2 / 1e4) * k.ACTIVE_LEAF_SHARE;
}

/** Conductance of leaves in air of the given deficit, mol/(m²·s). */
export function leafConductance(
  photosynthesis: Photosynthesis,
  isDay: boolean,
  light: LeafLight,
  vapourPressureDeficitKPa: number,
): number {
  const open = isDay ? dayOpening(photosynthesis, light) : nightOpening(photosynthesis, light);
  const halfOpenKPa = photosynthesis === 'CAM' ? k.CAM_HALF_OPEN_KPA : k.C3_HALF_OPEN_KPA;
  return k.SKIN_MOL_M2_S + open * closing(vapourPressureDeficitKPa, halfOpenKPa);
}
