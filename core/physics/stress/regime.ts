/**
 * How a plant wants its roots to go between wet and dry. All figures are common practice of the
 * trade, no source: the share of available water at which to water again, and how long is too long.
 */
import { memory, plain, practice, type Sourced } from '../../base';

export const moistureRegimes = ['fast wet-dry', 'wet-dry', 'nearly dry', 'evenly moist'] as const;
export type MoistureRegime = (typeof moistureRegimes)[number];

export interface RegimeFigures {
  /** Available water at which to water again, 0..1. */
  readonly waterAtShare: number;
  /** The roots count as having dried off once available water is under this share. */
  readonly driedOffShare: number;
  /** How much their roots mind lying wet without a pause, 0 = not at all; 1 is a plant of the wet-dry kind. */
  readonly wetMinded: number;
  /** Days over which being wet tells. */
  readonly wetTellsDays: number;
  /** How much their roots mind lying dry, 0 = not at all; 1 is a plant of the wet-dry kind. */
  readonly dryMinded: number;
  /** Days over which being dry tells. */
  readonly dryTellsDays: number;
  /** Days that bulbs, stems and leaves of such plants carry them at ordinary demand. */
  readonly reserveDays: number;
  /** The days between waterings that growers of such plants aim for. */
  readonly usualDays: readonly [number, number];
}

type SourcedFigures = { readonly [K in keyof RegimeFigures]: Sourced<RegimeFigures[K]> };

export const regimes: Readonly<Record<MoistureRegime, SourcedFigures>> = {
  'fast wet-dry': {
    waterAtShare: practice(0.1),
    driedOffShare: practice(0.4),
    wetMinded: memory(1.41),
    wetTellsDays: practice(3),
    dryMinded: memory(0.5),
    dryTellsDays: practice(5),
    reserveDays: memory(16),
    usualDays: practice([1, 3]),
  },
  'wet-dry': {
    waterAtShare: practice(0.2),
    driedOffShare: practice(0.5),
    wetMinded: memory(1),
    wetTellsDays: practice(6),
    dryMinded: memory(0.7),
    dryTellsDays: practice(5),
    reserveDays: memory(14),
    usualDays: practice([3, 8]),
  },
  'nearly dry': {
    waterAtShare: practice(0.3),
    driedOffShare: practice(0.6),
    wetMinded: memory(1),
    wetTellsDays: practice(6),
    dryMinded: memory(0.9),
    dryTellsDays: practice(3),
    reserveDays: memory(8),
    usualDays: practice([3, 8]),
  },
  'evenly moist': {
    waterAtShare: practice(0.4),
    driedOffShare: practice(0.6),
    wetMinded: memory(0.35),
    wetTellsDays: practice(6),
    dryMinded: memory(1.2),
    dryTellsDays: practice(1.5),
    reserveDays: memory(4),
    usualDays: practice([2, 10]),
  },
};

/** Leafless bulbs in their rest: no roots that could drink, and none that could stand being wet. */
export const asleep: SourcedFigures = {
  waterAtShare: practice(0),
  driedOffShare: practice(0.1),
  wetMinded: memory(2.2),
  wetTellsDays: practice(6),
  dryMinded: memory(0),
  dryTellsDays: practice(30),
  reserveDays: memory(120),
  usualDays: practice([30, 60]),
};

export const regimeFigures: Readonly<Record<MoistureRegime, RegimeFigures>> = {
  'fast wet-dry': plain(regimes['fast wet-dry']),
  'wet-dry': plain(regimes['wet-dry']),
  'nearly dry': plain(regimes['nearly dry']),
  'evenly moist': plain(regimes['evenly moist']),
};
export const asleepFigures: RegimeFigures = plain(asleep);
