/** What a trial can follow, the same on every side. */
export const trialMeasures = ['held', 'live roots', 'new shoots', 'days between waterings'] as const;
export type TrialMeasure = (typeof trialMeasures)[number];

export interface MeasureKind {
  /** held: yes or no; else a number. */
  readonly isShare: boolean;
  readonly unit: string;
  /** What is usual, how it varies from plant to plant (one spread), and a difference worth having. */
  readonly usual: number;
  readonly spread: number;
  readonly matters: number;
  /** After so many days it can first be told. */
  readonly tellsAfterDays: number;
}

/** Figures to begin from, from memory: growers' own record says more. */
export const measureKinds: Readonly<Record<TrialMeasure, MeasureKind>> = {
  held: { isShare: true, unit: 'of the plants', usual: 0.75, spread: 0, matters: 0.25, tellsAfterDays: 56 },
  'live roots': { isShare: false, unit: '%', usual: 80, spread: 15, matters: 15, tellsAfterDays: 365 },
  'new shoots': { isShare: false, unit: 'a year', usual: 2, spread: 0.8, matters: 0.7, tellsAfterDays: 365 },
  'days between waterings': { isShare: false, unit: 'days', usual: 6, spread: 1.5, matters: 1.5, tellsAfterDays: 90 },
};
