/** Rest: in these months a plant grows little or not at all, and wants less. Common practice; how much less is from memory. */
import { memory, plain, practice, type Sourced } from '../../base';
import { asleepFigures, type RegimeFigures } from './regime';

export const restKinds = [
  'drier winter',
  'dry winter',
  'short and bright',
  'leafless and dry',
  'leafless and moist',
] as const;
export type RestKind = (typeof restKinds)[number];

interface RestFigures {
  /** Share of the usual waterings that are given. */
  readonly waterShare: number;
  /** Share of the ordinary demand that is left. */
  readonly demandShare: number;
  /** Share of the usual line at which it asks for water. */
  readonly lineShare: number;
  /** How much less its roots mind lying dry, and how much longer its reserves last. */
  readonly dryMindedShare: number;
  readonly reserveTimes: number;
}

export const rests: Readonly<Record<RestKind, { readonly [K in keyof RestFigures]: Sourced<number> }>> = {
  'drier winter': {
    waterShare: practice(0.5),
    demandShare: memory(0.7),
    lineShare: memory(0.5),
    dryMindedShare: memory(0.6),
    reserveTimes: memory(1.5),
  },
  'dry winter': {
    waterShare: practice(0.2),
    demandShare: memory(0.4),
    lineShare: memory(0.2),
    dryMindedShare: memory(0.2),
    reserveTimes: memory(3),
  },
  // Ripened off by sun and little water, for some weeks only.
  'short and bright': {
    waterShare: practice(0.35),
    demandShare: memory(0.6),
    lineShare: memory(0.4),
    dryMindedShare: memory(0.4),
    reserveTimes: memory(2),
  },
  // Buds underground in cold soil: they drink nothing, but dry out in dust.
  'leafless and moist': {
    waterShare: practice(0.25),
    demandShare: memory(0.05),
    lineShare: memory(0.4),
    dryMindedShare: memory(0.3),
    reserveTimes: memory(8),
  },
  // Leaves are off, roots are gone: what it is like then is told by `asleep`.
  'leafless and dry': {
    waterShare: practice(0),
    demandShare: memory(0),
    lineShare: memory(0),
    dryMindedShare: memory(0),
    reserveTimes: memory(1),
  },
};

/** How a plant is kept, and what it bears, in its months of rest. */
export interface RestWatering {
  /** 0 = January. */
  readonly months: readonly number[];
  readonly regime: RegimeFigures;
  readonly waterShare: number;
  readonly demandShare: number;
}

/** regime: of the plant in growth. */
export function restWateringOf(kind: RestKind, regime: RegimeFigures, months: readonly number[]): RestWatering {
  const { waterShare, demandShare, lineShare, dryMindedShare, reserveTimes } = plain(rests[kind]);
  const resting: RegimeFigures = {
    ...regime,
    waterAtShare: regime.waterAtShare * lineShare,
    dryMinded: regime.dryMinded * dryMindedShare,
    reserveDays: regime.reserveDays * reserveTimes,
  };
  return { months, waterShare, demandShare, regime: kind === 'leafless and dry' ? asleepFigures : resting };
}
