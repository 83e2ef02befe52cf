/** Everything a grower asks of a mix: what it holds at a depth, how it wicks and weighs, what to take out of the bags. */
import { agedHydraulics } from './ageing';
import { bagMeasures, hydraulicsOfParts, mixLifeYears, volumeYield, type BagMeasure, type Mix } from './mix';
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
  readonly lifeYears: number;
  readonly wantedL: number;
  readonly bags: readonly BagMeasure[];
}

export function reportMix(mix: Mix, depthCm: number, wantedL: number, monthsOld = 0): MixReport {
  const medium = hydraulicsOfParts(
    mix.map((part) => ({ figures: agedHydraulics(part.medium, monthsOld), parts: part.parts })),
  );
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
    lifeYears: mixLifeYears(mix),
    wantedL,
    bags: bagMeasures(mix, wantedL),
  };
}
