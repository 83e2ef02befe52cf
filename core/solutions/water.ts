/** Conductivity on the scales that pens show, hardness, and two waters blended to a wanted conductivity (salts add up: C₁V₁ + C₂V₂). */
import { k } from './constants';

export const ppmScales = [500, 700] as const;
export type PpmScale = (typeof ppmScales)[number];

const perDsM: Readonly<Record<PpmScale, number>> = { 500: k.PPM_PER_DS_M_500, 700: k.PPM_PER_DS_M_700 };

/** dS/m (= mS/cm) as ppm of dissolved salts, on a scale. */
export const ppmOf = (conductivityDsM: number, scale: PpmScale): number => conductivityDsM * perDsM[scale];
export const dsMOf = (ppm: number, scale: PpmScale): number => ppm / perDsM[scale];

/** German degrees as ppm of calcium carbonate, and back. */
export const caCo3Of = (degreesDh: number): number => degreesDh * k.PPM_CACO3_PER_DH;
export const degreesOf = (ppmCaCo3: number): number => ppmCaCo3 / k.PPM_CACO3_PER_DH;

export interface BlendAsked {
  readonly hardDsM: number;
  readonly softDsM: number;
  readonly wantedDsM: number;
  readonly litres: number;
}

export type Blend =
  | { readonly status: 'blended'; readonly hardL: number; readonly softL: number }
  /** Neither water, nor both together, comes to that. */
  | { readonly status: 'out of reach'; readonly leastDsM: number; readonly mostDsM: number };

export function blendWaters({ hardDsM, softDsM, wantedDsM, litres }: BlendAsked): Blend {
  const [leastDsM, mostDsM] = [Math.min(hardDsM, softDsM), Math.max(hardDsM, softDsM)];
  if (wantedDsM < leastDsM || wantedDsM > mostDsM) return { status: 'out of reach', leastDsM, mostDsM };
  const hardL = mostDsM === leastDsM ? litres : (litres * (wantedDsM - softDsM)) / (hardDsM - softDsM);
  return { status: 'blended', hardL, softL: litres - hardL };
}

export interface Thinned {
  readonly bottleMl: number;
  readonly waterMl: number;
}

/** Peroxide thinned to what goes on roots (C₁V₁ = C₂V₂); null where the bottle is no stronger. */
export function thinPeroxide(bottlePct: number, wantedMl: number): Thinned | null {
  if (bottlePct < k.PEROXIDE_PCT) return null;
  const bottleMl = (wantedMl * k.PEROXIDE_PCT) / bottlePct;
  return { bottleMl, waterMl: wantedMl - bottleMl };
}
