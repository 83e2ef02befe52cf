/**
 * How a plant wants its roots to go between wet and dry. All figures are common practice of the
 * trade, no source: the share of available water at which to water again, and how long is too long.
 */
import { plain, practice, type Sourced } from '../../base';

export const moistureRegimes = ['fast wet-dry', 'wet-dry', 'nearly dry', 'evenly moist'] as const;
export type MoistureRegime = (typeof moistureRegimes)[number];

export interface RegimeFigures {
  /** Available water at which to water again, 0..1. */
  readonly waterAtShare: number;
  /** The roots count as having dried off once available water is under this share. */
  readonly driedOffShare: number;
  /** Longest the roots may stay wetter than that, days; null = they may stay wet. */
  readonly longestWetDays: number | null;
  /** Longest they may stay under waterAtShare, days. */
  readonly longestDryDays: number;
  /** The days between waterings that growers of such plants aim for. */
  readonly usualDays: readonly [number, number];
}

export const regimes: Readonly<
  Record<MoistureRegime, { readonly [K in keyof RegimeFigures]: Sourced<RegimeFigures[K]> }>
> = {
  'fast wet-dry': {
    waterAtShare: practice(0.1),
    driedOffShare: practice(0.4),
    longestWetDays: practice(3),
    longestDryDays: practice(2.5),
    usualDays: practice([1, 3]),
  },
  'wet-dry': {
    waterAtShare: practice(0.2),
    driedOffShare: practice(0.5),
    longestWetDays: practice(6),
    longestDryDays: practice(2),
    usualDays: practice([3, 8]),
  },
  'nearly dry': {
    waterAtShare: practice(0.3),
    driedOffShare: practice(0.6),
    longestWetDays: practice(6),
    longestDryDays: practice(1),
    usualDays: practice([3, 8]),
  },
  'evenly moist': {
    waterAtShare: practice(0.4),
    driedOffShare: practice(0.6),
    longestWetDays: practice(null),
    longestDryDays: practice(0.25),
    usualDays: practice([2, 10]),
  },
};

export const regimeFigures: Readonly<Record<MoistureRegime, RegimeFigures>> = {
  'fast wet-dry': plain(regimes['fast wet-dry']),
  'wet-dry': plain(regimes['wet-dry']),
  'nearly dry': plain(regimes['nearly dry']),
  'evenly moist': plain(regimes['evenly moist']),
};
