/**
 * How a plant wants its roots to go between wet and dry. All figures are common practice of the
 * trade, no source: the share of available water at which to water again, and how long is too long.
 */
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

export const regimeFigures: Readonly<Record<MoistureRegime, RegimeFigures>> = {
  'fast wet-dry': { waterAtShare: 0.1, driedOffShare: 0.4, longestWetDays: 3, longestDryDays: 2.5, usualDays: [1, 3] },
  'wet-dry': { waterAtShare: 0.2, driedOffShare: 0.5, longestWetDays: 6, longestDryDays: 2, usualDays: [3, 8] },
  'nearly dry': { waterAtShare: 0.3, driedOffShare: 0.6, longestWetDays: 6, longestDryDays: 1, usualDays: [3, 8] },
  'evenly moist': {
    waterAtShare: 0.4,
    driedOffShare: 0.6,
    longestWetDays: null,
    longestDryDays: 0.25,
    usualDays: [2, 10],
  },
};
