/** Everything a grower asks of a mix: what it holds at a depth, how it wicks and weighs, what to take out of the bags. */
import { hydraulicsOfAgedMix, mixLifeYears, ORDINARY_CONDITIONS, settledHeightShare } from './ageing';
import { type BagMeasure, bagMeasures, type Mix, volumeYield } from './mix';
import { airFilledPorosity, containerCapacity } from './retention';

export interface MixReport {
  readonly depthCm: number;
  readonly capacityShare: number;
  readonly airShare: number;
  readonly totalPorosity: number;
  readonly wickingHeightCm: number;
  readonly dryDensityGL: number;
  readonly drainedDensityGL: number;
  /** Volume of the settled mix over the volumes out of the bags. */
  readonly volumeYield: number;
  /** Height of the bed over that of the new one. */
  readonly settledHeightShare: number;
  readonly meanPieceMm: number;
  readonly lifeYears: number;
  readonly wantedL: number;
  readonly bags: readonly BagMeasure[];
}

export function reportMix(mix: Mix, depthCm: number, wantedL: number, monthsOld = 0): MixReport {
  const age = { months: monthsOld, conditions: ORDINARY_CONDITIONS };
  const medium = hydraulicsOfAgedMix(mix, age);
  const capacityShare = containerCapacity(medium, depthCm);
  return {
    depthCm,
    capacityShare,
    airShare: airFilledPorosity(medium, depthCm),
    totalPorosity: medium.totalPorosity,
    wickingHeightCm: medium.wickingHeightCm,
    dryDensityGL: medium.dryDensityGL,
    drainedDensityGL: medium.dryDensityGL + 1000 * capacityShare,
    volumeYield: volumeYield(mix),
    settledHeightShare: settledHeightShare(mix, age),
    meanPieceMm: medium.meanMm,
    lifeYears: mixLifeYears(mix),
    wantedL,
    bags: bagMeasures(mix, wantedL),
  };
}
