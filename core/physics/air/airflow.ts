/**
 * How moving air carries heat and vapour off a small wet surface.
 *
 * Sources: laminar flat plate Nu = 0.664 Re^½ Pr^⅓ (Pohlhausen 1921) and cooled plate facing up
 * Nu = 0.27 Ra^¼ (McAdams 1954), both in Incropera & DeWitt, Fundamentals of Heat and Mass
 * Transfer; mixed convection Nu³ = Nu_forced³ + Nu_free³ (Churchill 1977); mass transfer by the
 * Chilton-Colburn analogy. The air speeds of the classes are from memory.
 */
import { memory, plain, type Sourced } from '../../base';
import { k } from './constants';
export const airflowClasses = ['still room', 'draught', 'fan', 'sheltered outdoors', 'windy'] as const;
export type AirflowClass = (typeof airflowClasses)[number];

/** Mean air speed at the pot for each class, m/s; 0.1-0.2 m/s is usual in a room. */
export const airSpeeds: Readonly<Record<AirflowClass, Sourced<number>>> = {
  'still room': memory(0.15),
  draught: memory(0.35),
  fan: memory(1),
  'sheltered outdoors': memory(0.8),
  windy: memory(2.5),
};
export const airSpeedMS: Readonly<Record<AirflowClass, number>> = plain(airSpeeds);

export interface SurfaceTransfer {
  /** Mass transfer coefficient, m/s. */
  readonly massTransferMS: number;
  /** Convective plus radiative heat transfer coefficient, W/(m²·K). */
  readonly heatTransferWM2K: number;
}

/**
 * Transfer coefficients of a pot-sized surface in air of the given speed (m/s), temperature (°C) and
 * pressure (kPa). Thin air is less dense and more diffusive, in proportion to the pressure (ideal gas).
 */
export function surfaceTransfer(
  speedMS: number,
  temperatureC: number,
  pressureKPa: number = k.SEA_LEVEL_KPA,
): SurfaceTransfer {
  const thinness = k.SEA_LEVEL_KPA / pressureKPa;
  const viscosityM2S = k.KINEMATIC_VISCOSITY_M2_S * thinness;
  const reynolds = (speedMS * k.SURFACE_LENGTH_M) / viscosityM2S;
  const forcedNusselt = k.LAMINAR_PLATE * Math.sqrt(reynolds) * Math.cbrt(k.PRANDTL);
  const rayleigh =
    ((k.GRAVITY_M_S2 / k.REFERENCE_KELVIN) * k.FREE_CONVECTION_DIFFERENCE_K * k.SURFACE_LENGTH_M ** 3) /
    (viscosityM2S * k.THERMAL_DIFFUSIVITY_M2_S * thinness);
  const freeNusselt = k.COOLED_PLATE * rayleigh ** k.COOLED_PLATE_EXPONENT;
  const nusselt = Math.cbrt(forcedNusselt ** 3 + freeNusselt ** 3);
  const convectiveWM2K = (nusselt * k.CONDUCTIVITY_W_M_K) / k.SURFACE_LENGTH_M;
  const radiativeWM2K = 4 * k.EMISSIVITY * k.STEFAN_BOLTZMANN_W_M2_K4 * (temperatureC + k.KELVIN) ** 3;
  return {
    massTransferMS: (convectiveWM2K * thinness) / (k.VOLUMETRIC_HEAT_J_M3_K * k.LEWIS_TWO_THIRDS),
    heatTransferWM2K: convectiveWM2K + radiativeWM2K,
  };
}
