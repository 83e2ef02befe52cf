/**
 * A grower's own medium: one of the catalogue's kinds, with what the grower measured put in place of
 * the catalogue's figures. What was not measured stays that of the similar medium.
 */
import { k } from './constants';
import type { MediumFigures } from './medium';
import { airEntryHeadCm, meanCapillaryShare } from './retention';

export interface GrowersMedium {
  readonly name: string;
  /** The catalogue medium it is most like. */
  readonly likeId: string;
  readonly smallMm?: number;
  readonly largeMm?: number;
  /** From a porosity test: shares of the bed filled by air and water after draining, v/v. */
  readonly airShare?: number;
  readonly capacityShare?: number;
  /** Depth of the bed in that test, cm. */
  readonly depthCm?: number;
  /** Half the difference between the runs of the test, v/v. */
  readonly spreadShare?: number;
}

/**
 * The figures to compute with. A test in a bed of another depth than the catalogue's 10 cm is carried
 * over by the difference of the capillary fringe between the two depths (Brooks-Corey, as everywhere).
 */
export function growersMediumFigures(own: GrowersMedium, like: MediumFigures): MediumFigures {
  const sized: MediumFigures = {
    ...like,
    name: own.name,
    d10Mm: own.smallMm ?? like.d10Mm,
    d90Mm: own.largeMm ?? like.d90Mm,
  };
  if (own.airShare === undefined || own.capacityShare === undefined) return sized;
  const entryHeadCm = airEntryHeadCm(sized.interPorosity, sized.d10Mm);
  const fringe = (depthCm: number) =>
    meanCapillaryShare(entryHeadCm, sized.poreSizeIndex, 0, depthCm) * sized.interPorosity;
  const total = own.airShare + own.capacityShare;
  const carried = own.capacityShare + fringe(k.REFERENCE_DEPTH_CM) - fringe(own.depthCm ?? k.REFERENCE_DEPTH_CM);
  const capacityAt10cm = Math.min(total - k.LEAST_AIR, Math.max(k.LEAST_CAPACITY, carried));
  return {
    ...sized,
    capacityAt10cm,
    airAt10cm: total - capacityAt10cm,
    // There cannot be more room between the pieces than there is room in all.
    interPorosity: Math.min(sized.interPorosity, total),
  };
}
