/** Readings of the grower's own instruments bend the year towards what they say, most in the weather they were taken in. */
import { k } from './constants';

export interface Anchor {
  /** Outside in the month of the reading, °C. */
  readonly outsideC: number;
  /** What the reading says less what was worked out. */
  readonly offBy: number;
}

export interface Bent {
  readonly by: number;
  /** 0 nothing is known of such weather, 1 it was read in it. */
  readonly known: number;
}

/** By inverse square of the difference outside: a reading of January says little of July. */
export function bentBy(anchors: readonly Anchor[], outsideC: number): Bent {
  const TOUCHING = 0.01;
  const nothing = 1 / k.READING_REACH_C ** 2;
  let [sum, weights] = [0, 0];
  for (const anchor of anchors) {
    const weight = 1 / ((anchor.outsideC - outsideC) ** 2 + TOUCHING);
    sum += weight * anchor.offBy;
    weights += weight;
  }
  if (weights === 0) return { by: 0, known: 0 };
  return { by: sum / (weights + nothing), known: weights / (weights + nothing) };
}
