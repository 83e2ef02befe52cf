import { byDefinition, fromPractice, fromSource, numbersOf } from '../base';

const SCALES = 'conventions of conductivity meters: sodium chloride at 0.5, “442” at 0.7 (from memory)';

export const solutionConstants = {
  MG_PER_G: byDefinition(1000, 'mg/g', 'milligrams in a gram'),
  PCT: byDefinition(100, '%', 'of a whole'),
  ML_PER_L: byDefinition(1000, 'mL/L', 'millilitres in a litre'),
  PPM_PER_DS_M_500: fromSource(500, 'ppm per dS/m', SCALES, 'on the scale of sodium chloride'),
  PPM_PER_DS_M_700: fromSource(700, 'ppm per dS/m', SCALES, 'on the “442” scale'),
  P_IN_P2O5: fromSource(
    0.4364,
    'share',
    'IUPAC atomic weights: 2 x 30.974 of 141.944',
    'phosphorus in phosphate as labels count it',
  ),
  K_IN_K2O: fromSource(
    0.8301,
    'share',
    'IUPAC atomic weights: 2 x 39.098 of 94.195',
    'potassium in potash as labels count it',
  ),
  PPM_CACO3_PER_DH: fromSource(
    17.848,
    'ppm per °dH',
    'definition of the German degree: 10 mg CaO a litre, by IUPAC weights',
    'of calcium carbonate',
  ),
  PEROXIDE_PCT: fromPractice(3, '%', 'of hydrogen peroxide that goes on roots unthinned'),
  DS_M_PER_PPM_N: fromPractice(0.008, 'dS/m per ppm', 'that a whole feed adds for each ppm of nitrogen'),
} as const;
export const k = numbersOf(solutionConstants);
