/**
 * Feed by what its label says. ppm is milligrams a litre of watering; a label's percentage is by weight, or by volume where it says w/v.
 * Source of the arithmetic: the definition of ppm; beside it the extension services' rule of thumb (feed.test.ts).
 */
import { k } from './constants';

export type FeedForm =
  | { readonly kind: 'powder' }
  /** densityGPerMl: weight of a millilitre; 1 where the label counts by volume (w/v). */
  | { readonly kind: 'liquid'; readonly densityGPerMl: number };

export interface FeedAsked {
  /** Nitrogen, % of the label. */
  readonly nitrogenPct: number;
  readonly wantedPpm: number;
  readonly litres: number;
  readonly form: FeedForm;
  /** Of the plain water, dS/m. */
  readonly waterDsM: number;
}

export interface FeedDose {
  readonly perLitre: number;
  readonly inAll: number;
  readonly unit: 'g' | 'mL';
  /** What a pen should read about, dS/m: the water's own and what a whole feed adds. */
  readonly expectedDsM: number;
}

export function feedDose({ nitrogenPct, wantedPpm, litres, form, waterDsM }: FeedAsked): FeedDose {
  const gramsPerLitre = wantedPpm / (k.MG_PER_G * (nitrogenPct / k.PCT));
  const perLitre = form.kind === 'powder' ? gramsPerLitre : gramsPerLitre / form.densityGPerMl;
  return {
    perLitre,
    inAll: perLitre * litres,
    unit: form.kind === 'powder' ? 'g' : 'mL',
    expectedDsM: waterDsM + wantedPpm * k.DS_M_PER_PPM_N,
  };
}

/** One of several bottles: its label in %, phosphate and potash as oxides, and how much goes into a litre. */
export interface Bottle {
  readonly nitrogenPct: number;
  readonly phosphatePct: number;
  readonly potashPct: number;
  readonly calciumPct: number;
  readonly magnesiumPct: number;
  readonly gramsPerLitre: number;
}

export interface Nutrients {
  readonly nitrogenPpm: number;
  readonly phosphorusPpm: number;
  readonly potassiumPpm: number;
  readonly calciumPpm: number;
  readonly magnesiumPpm: number;
}

/** What several bottles come to together. They are put in one after another, each stirred: concentrates never meet. */
export function ofBottles(bottles: readonly Bottle[]): Nutrients {
  const sum = (of: (bottle: Bottle) => number): number =>
    bottles.reduce((all, bottle) => all + (of(bottle) / k.PCT) * bottle.gramsPerLitre * k.MG_PER_G, 0);
  return {
    nitrogenPpm: sum((bottle) => bottle.nitrogenPct),
    phosphorusPpm: sum((bottle) => bottle.phosphatePct * k.P_IN_P2O5),
    potassiumPpm: sum((bottle) => bottle.potashPct * k.K_IN_K2O),
    calciumPpm: sum((bottle) => bottle.calciumPct),
    magnesiumPpm: sum((bottle) => bottle.magnesiumPct),
  };
}

export interface CalMagAsked {
  readonly calciumPct: number;
  readonly magnesiumPct: number;
  /** Calcium and magnesium together, ppm. */
  readonly wantedPpm: number;
  readonly litres: number;
}

export interface CalMagDose {
  readonly gramsPerLitre: number;
  readonly gramsInAll: number;
  readonly calciumPpm: number;
  readonly magnesiumPpm: number;
}

/** null where the label has neither. */
export function calMagDose({ calciumPct, magnesiumPct, wantedPpm, litres }: CalMagAsked): CalMagDose | null {
  const bothPct = calciumPct + magnesiumPct;
  if (bothPct <= 0) return null;
  const gramsPerLitre = wantedPpm / (k.MG_PER_G * (bothPct / k.PCT));
  return {
    gramsPerLitre,
    gramsInAll: gramsPerLitre * litres,
    calciumPpm: (wantedPpm * calciumPct) / bothPct,
    magnesiumPpm: (wantedPpm * magnesiumPct) / bothPct,
  };
}
