/**
 * How moving air carries heat and vapour off a small wet surface.
 *
 * Sources: laminar flat plate Nu = 0.664 Re^½ Pr^⅓ (Pohlhausen 1921) and cooled plate facing up
 * Nu = 0.27 Ra^¼ (McAdams 1954), both in Incropera & DeWitt, Fundamentals of Heat and Mass
 * Transfer; mixed convection Nu³ = Nu_forced³ + Nu_free³ (Churchill 1977); mass transfer by the
 * Chilton-Colburn analogy. The air speeds of the classes are from memory.
 */
export const airflowClasses = ['still room', 'draught', 'fan', 'sheltered outdoors', 'windy'] as const;
export type AirflowClass = (typeof airflowClasses)[number];

/** Mean air speed at the pot for each class, m/s (from memory; 0.1-0.2 m/s is usual in a room). */
export const airSpeedMS: Readonly<Record<AirflowClass, number>> = {
  'still room': 0.15,
  draught: 0.35,
  fan: 1,
  'sheltered outdoors': 0.8,
  windy: 2.5,
};

// Air at about 22 °C at sea level (Incropera & DeWitt, table A.4).
const KINEMATIC_VISCOSITY_M2_S = 1.55e-5;
const THERMAL_DIFFUSIVITY_M2_S = 2.2e-5;
const CONDUCTIVITY_W_M_K = 0.026;
const PRANDTL = 0.71;
const GRAVITY_M_S2 = 9.81;
const REFERENCE_KELVIN = 295;
const VOLUMETRIC_HEAT_J_M3_K = 1.2 * 1006;
/** Lewis number of water vapour in air to the power ⅔ (Le = 0.85). */
const LEWIS_TWO_THIRDS = 0.9;
const STEFAN_BOLTZMANN_W_M2_K4 = 5.67e-8;
const EMISSIVITY = 0.95;
/** Surface-to-air difference that drives free convection; the answer depends on its fourth root. */
const FREE_CONVECTION_DIFFERENCE_K = 2;
/** Length of the surface in the direction of the air: a pot of ordinary size. */
const SURFACE_LENGTH_M = 0.12;

export interface SurfaceTransfer {
  /** Mass transfer coefficient, m/s. */
  readonly massTransferMS: number;
  /** Convective plus radiative heat transfer coefficient, W/(m²·K). */
  readonly heatTransferWM2K: number;
}

/** Standard pressure at sea level, to which the properties of air above are stated, kPa. */
export const SEA_LEVEL_KPA = 101.325;

/**
 * Transfer coefficients of a pot-sized surface in air of the given speed (m/s), temperature (°C) and
 * pressure (kPa). Thin air is less dense and more diffusive, in proportion to the pressure (ideal gas).
 */
export function surfaceTransfer(
  speedMS: number,
  temperatureC: number,
  pressureKPa: number = SEA_LEVEL_KPA,
): SurfaceTransfer {
  const thinness = SEA_LEVEL_KPA / pressureKPa;
  const viscosityM2S = KINEMATIC_VISCOSITY_M2_S * thinness;
  const reynolds = (speedMS * SURFACE_LENGTH_M) / viscosityM2S;
  const forcedNusselt = 0.664 * Math.sqrt(reynolds) * Math.cbrt(PRANDTL);
  const rayleigh =
    ((GRAVITY_M_S2 / REFERENCE_KELVIN) * FREE_CONVECTION_DIFFERENCE_K * SURFACE_LENGTH_M ** 3) /
    (viscosityM2S * THERMAL_DIFFUSIVITY_M2_S * thinness);
  const freeNusselt = 0.27 * rayleigh ** 0.25;
  const nusselt = Math.cbrt(forcedNusselt ** 3 + freeNusselt ** 3);
  const convectiveWM2K = (nusselt * CONDUCTIVITY_W_M_K) / SURFACE_LENGTH_M;
  const radiativeWM2K = 4 * EMISSIVITY * STEFAN_BOLTZMANN_W_M2_K4 * (temperatureC + 273.15) ** 3;
  return {
    massTransferMS: (convectiveWM2K * thinness) / (VOLUMETRIC_HEAT_J_M3_K * LEWIS_TWO_THIRDS),
    heatTransferWM2K: convectiveWM2K + radiativeWM2K,
  };
}
