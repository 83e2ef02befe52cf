/** Kinds of water a grower pours, where nobody has measured it. */
import { fromMemory, numbersOf } from '../base';

export const waterKindConstants = {
  rain: fromMemory(0.03, 'dS/m', 'of rain caught clean'),
  purified: fromMemory(0.02, 'dS/m', 'of water from a filter or still'),
  'soft tap': fromMemory(0.2, 'dS/m', 'of soft tap water'),
  'hard tap': fromMemory(0.7, 'dS/m', 'of hard tap water'),
} as const;

export const waterKinds = ['rain', 'purified', 'soft tap', 'hard tap'] as const;
export type WaterKind = (typeof waterKinds)[number];

/** Salts to expect in such water, dS/m. */
export const saltsOfWater: Readonly<Record<WaterKind, number>> = numbersOf(waterKindConstants);
