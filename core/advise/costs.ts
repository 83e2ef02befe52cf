/**
 * What a setup costs its grower: waterings, minutes, money, and the years until the next repotting.
 * Minutes and prices are from memory of ordinary benches; they serve to compare, not to bill.
 */
import { DAYS_PER_COMMON_YEAR } from '../base';
import { realiseMix, type SetupSpec } from '../case';
import { type CandidateFacts, type CaseContext, minutesPerWeek } from '../decide/setups';
import { bagMeasures, type PriceClass } from '../physics/media';
import type { YearReport } from '../physics/year';
import { k } from './constants';

export interface SetupCosts {
  readonly wateringsPerYear: number;
  readonly minutesPerWeek: number;
  /** Share of the year that is not fine, 0..1. */
  readonly riskShare: number;
  readonly yearsToNextRepot: number;
  /** Litres out of the bags, all layers. */
  readonly litres: number;
  /** Media by price class: 1 = a litre of the cheapest. */
  readonly mediaPrice: number;
  /** The same spread over the years it lasts. */
  readonly pricePerYear: number;
}

/** Price of a litre, the cheapest class being 1. */
const priceOfClass = (priceClass: PriceClass): number => k.PRICE_STEP ** (priceClass - 1);

/** Years until growth is at the rim, with the certainty asked for; for a mount, until its pad is spent. */
export function yearsUntilFull(context: CaseContext, facts: CandidateFacts): number {
  const { setup } = facts;
  if (setup.kind === 'mount') return facts.lifeYears;
  const { shape, rimDiameterCm } = setup.pot;
  return context.growth().bestIn(shape, rimDiameterCm).years;
}

export function costsOf(
  context: CaseContext,
  facts: CandidateFacts,
  year: YearReport,
  layerLitres: readonly number[],
): SetupCosts {
  const bags = bagsOf(facts.spec, layerLitres);
  const litres = bags.reduce((sum, bag) => sum + bag.takeL, 0);
  const mediaPrice = bags.reduce((sum, bag) => sum + bag.takeL * priceOfClass(bag.priceClass), 0);
  const yearsToNextRepot = Math.min(
    facts.lifeYears,
    yearsUntilFull(context, facts),
    context.resolved.yearsWanted ?? Infinity,
  );
  return {
    wateringsPerYear: year.waterings,
    minutesPerWeek: minutesPerWeek(facts, year.waterings),
    riskShare: 1 - year.fineDays / DAYS_PER_COMMON_YEAR,
    yearsToNextRepot,
    litres,
    mediaPrice,
    pricePerYear: mediaPrice / Math.max(k.LEAST_REPOT_YEARS, yearsToNextRepot),
  };
}

interface PricedBag {
  readonly takeL: number;
  readonly priceClass: PriceClass;
}

function bagsOf(spec: SetupSpec, layerLitres: readonly number[]): readonly PricedBag[] {
  if (spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm <= 0) return [];
  return spec.layers.flatMap((layer, index) => {
    const mix = realiseMix(layer.mix);
    return bagMeasures(mix, layerLitres[index] ?? 0, layer.isSideBySide).map((bag, part) => ({
      takeL: bag.takeL,
      priceClass: mix[part]!.medium.priceClass,
    }));
  });
}
