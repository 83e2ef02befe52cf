import { byChoice, byDefinition, fromMemory, fromSource, numbersOf } from '../../base';

export const airConstants = {
  DRY_HOME_PCT: fromMemory(45, '%', 'the air of dry homes: under it growers set roots deeper and lay moss on top'),
  KINEMATIC_VISCOSITY_M2_S: fromSource(
    1.55e-5,
    'm²/s',
    'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4',
    'of air at about 22 °C at sea level',
  ),
  THERMAL_DIFFUSIVITY_M2_S: fromSource(
    2.2e-5,
    'm²/s',
    'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4',
    'of air at about 22 °C at sea level',
  ),
  CONDUCTIVITY_W_M_K: fromSource(
    0.026,
    'W/(m·K)',
    'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4',
    'of air at about 22 °C',
  ),
  PRANDTL: fromSource(0.71, '', 'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4', 'of air'),
  GRAVITY_M_S2: fromSource(9.81, 'm/s²', 'CGPM 1901, rounded', 'acceleration of free fall'),
  REFERENCE_KELVIN: byChoice(295, 'K', 'temperature to which the properties of air are stated'),
  VOLUMETRIC_HEAT_J_M3_K: fromSource(
    1.2 * 1006,
    'J/(m³·K)',
    'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4',
    'of air: density times specific heat',
  ),
  LEWIS_TWO_THIRDS: fromSource(
    0.9,
    '',
    'Chilton & Colburn 1934, as in Incropera & DeWitt',
    'Lewis number of water vapour in air (0.85) to the power ⅔',
  ),
  STEFAN_BOLTZMANN_W_M2_K4: fromSource(5.67e-8, 'W/(m²·K⁴)', 'CODATA, rounded', 'Stefan-Boltzmann constant'),
  EMISSIVITY: fromMemory(0.95, '', 'of wet media, clay and leaves'),
  FREE_CONVECTION_DIFFERENCE_K: fromMemory(2, 'K', 'between surface and air; the answer depends on its fourth root'),
  SURFACE_LENGTH_M: fromMemory(0.12, 'm', 'of the surface in the direction of the air: a pot of ordinary size'),
  SEA_LEVEL_KPA: fromSource(
    101.325,
    'kPa',
    'ISO 2533, Standard Atmosphere',
    'standard pressure at sea level, to which the properties of air are stated',
  ),
  VAPOUR_GAS_CONSTANT_KPA_M3_G_K: fromSource(
    461.5e-6,
    'kPa·m³/(g·K)',
    'CODATA, rounded',
    'gas constant of water vapour',
  ),
  LAMINAR_PLATE: fromSource(
    0.664,
    '',
    'Pohlhausen 1921, in Incropera & DeWitt, Fundamentals of Heat and Mass Transfer',
    'Nu = 0.664 Re^½ Pr^⅓ of a laminar flat plate',
  ),
  COOLED_PLATE: fromSource(
    0.27,
    '',
    'McAdams 1954, in Incropera & DeWitt, Fundamentals of Heat and Mass Transfer',
    'Nu = 0.27 Ra^¼ of a cooled plate facing up',
  ),
  COOLED_PLATE_EXPONENT: fromSource(
    0.25,
    '',
    'McAdams 1954, in Incropera & DeWitt, Fundamentals of Heat and Mass Transfer',
    'exponent of the Rayleigh number of a cooled plate facing up',
  ),
  KELVIN: byDefinition(273.15, 'K', '0 °C'),
  LATENT_HEAT_J_G: fromSource(
    2450,
    'J/g',
    'Allen et al. 1998, FAO Irrigation and Drainage Paper 56, annex 3',
    'latent heat of vaporisation of water',
  ),
} as const;

export const k = numbersOf(airConstants);
export const DRY_HOME_PCT = airConstants.DRY_HOME_PCT.value;
export const SEA_LEVEL_KPA = airConstants.SEA_LEVEL_KPA.value;
export const LATENT_HEAT_J_G = airConstants.LATENT_HEAT_J_G.value;
