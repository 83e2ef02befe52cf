/**
 * Media that lie side by side in one layer, each by itself: nothing packs between the other's pieces. A column knows no
 * left and right, so it sees their figures averaged by volume, sizes and suctions by their logarithms. The wetter half is wetter than
 * that, and the drier one drier.
 */
import type { Hydraulics } from './medium';

interface Side {
  readonly hydraulics: Hydraulics;
  /** Of the layer's volume; the sides add up to 1. */
  readonly share: number;
}

export function besideEachOther(sides: readonly Side[]): Hydraulics {
  const mean = (of: (side: Hydraulics) => number) =>
    sides.reduce((sum, { hydraulics, share }) => sum + share * of(hydraulics), 0);
  const middle = (of: (side: Hydraulics) => number) => Math.exp(mean((side) => Math.log(of(side))));
  return {
    d10Mm: middle(({ d10Mm }) => d10Mm),
    meanMm: middle(({ meanMm }) => meanMm),
    interPorosity: mean(({ interPorosity }) => interPorosity),
    innerWater: mean(({ innerWater }) => innerWater),
    totalPorosity: mean(({ totalPorosity }) => totalPorosity),
    airEntryHeadCm: middle(({ airEntryHeadCm }) => airEntryHeadCm),
    poreSizeIndex: mean(({ poreSizeIndex }) => poreSizeIndex),
    unavailableWater: mean(({ unavailableWater }) => unavailableWater),
    wickingHeightCm: middle(({ wickingHeightCm }) => wickingHeightCm),
    wettability: mean(({ wettability }) => wettability),
    dryDensityGL: mean(({ dryDensityGL }) => dryDensityGL),
    saltHolding: mean(({ saltHolding }) => saltHolding),
    decay: mean(({ decay }) => decay),
  };
}
