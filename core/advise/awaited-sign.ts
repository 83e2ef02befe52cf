/** What a plant may wait for, and what waiting puts at risk. */

export const timingSigns = [
  'flowers over or new roots',
  'root tips on the new shoot',
  'root tips or a shoot about to root',
  'shoot half grown',
  'the next root tips',
  'the next flush of root tips',
  'end of rest',
] as const;
export type TimingSign = (typeof timingSigns)[number];

/** What waiting puts at risk. */
export const watchRisks = ['little', 'medium is spent', 'medium unknown'] as const;
export type WatchRisk = (typeof watchRisks)[number];
