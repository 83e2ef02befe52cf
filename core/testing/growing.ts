/** Plants and strides for the tests of this room. */
import { plantByPattern, type PatternOf } from '../growth';
import type { Stride } from '../growth';

/** Straight on, one step of 3 cm a year, all alike. */
export const straight: Stride = {
  stepCm: 3,
  stepsAYear: 1,
  forkingChance: 0,
  sharesShoots: false,
  wanderDeg: 0,
  stepSpread: 0,
  paceSpread: 0,
  ringCmPerYear: 0,
};

/** As a creeper goes: it wanders, its steps differ, and it forks now and then. */
export const ordinary: Stride = {
  ...straight,
  forkingChance: 0.2,
  wanderDeg: 18,
  stepSpread: 0.15,
  paceSpread: 0.2,
};

export const creeper = (change: Partial<PatternOf> = {}) =>
  plantByPattern({ habit: 'creeping', runs: 'one way', shoots: 4, ballDiameterCm: 7, stepCm: 3, ...change });
