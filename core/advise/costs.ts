/**
 * What a setup costs its grower: waterings, minutes, money, and the years until the next repotting.
 * Minutes and prices are from memory of ordinary benches; they serve to compare, not to bill.
 */
import { realiseMix, type SetupSpec } from '../case';
import { type CandidateFacts, type CaseContext, diagonalGain, neededWidthCm } from '../decide/setups';
import type { YearReport } from '../physics/drydown';
import { bagMeasures } from '../physics/media';

export interface SetupCosts {
  readonly wateringsPerYear: number;
  readonly minutesPerWeek: number;
  /** Share of the year too wet or too dry, 0..1. */
  readonly riskShare: number;
  readonly yearsToNextRepot: number;
  /** Litres out of the bags, all layers. */
  readonly litres: number;
  /** Media by price class: 1 = a litre of the cheapest. */
  readonly mediaPrice: number;
  /** The same spread over the years it lasts. */
  readonly pricePerYear: number;
}

const WEEKS_PER_YEAR = 52;
/** Minutes for one plant each time (from memory): a can over a pot, a soak for a mount, filling a reservoir. */
const MINUTES_POT = 0.7;
const MINUTES_MOUNT = 2.5;
const MINUTES_RESERVOIR = 1;
/** Price of a litre by price class, the cheapest being 1 (from memory: each class about doubles). */
const priceOfClass: Readonly<Record<number, number>> = { 1: 1, 2: 2, 3: 4, 4: 8 };

function minutesEach(facts: CandidateFacts): number {
  if (facts.setup.kind === 'mount') return MINUTES_MOUNT;
  return facts.hasReservoir ? MINUTES_RESERVOIR : MINUTES_POT;
}

/** Years until the pot is full of growth; for a mount, until its pad is spent. */
export function yearsUntilFull(context: CaseContext, facts: CandidateFacts): number {
  const { setup } = facts;
  if (setup.kind === 'mount') return facts.lifeYears;
  const widthCm = setup.pot.rimDiameterCm * diagonalGain(context.plant, setup.pot.potKindId);
  const step = 0.25;
  let years = step;
  while (years < 8 && neededWidthCm(context.plant, years + step) <= widthCm) years += step;
  return years;
}

export function costsOf(
  context: CaseContext,
  facts: CandidateFacts,
  year: YearReport,
  layerLitres: readonly number[],
): SetupCosts {
  const bags = bagsOf(facts.spec, layerLitres);
  const litres = bags.reduce((sum, bag) => sum + bag.takeL, 0);
  const mediaPrice = bags.reduce((sum, bag) => sum + bag.takeL * (priceOfClass[bag.priceClass] ?? 1), 0);
  const yearsToNextRepot = Math.min(
    facts.lifeYears,
    yearsUntilFull(context, facts),
    context.resolved.yearsWanted ?? Infinity,
  );
  return {
    wateringsPerYear: year.waterings,
    minutesPerWeek: (year.waterings * minutesEach(facts)) / WEEKS_PER_YEAR,
    riskShare: year.tooDry + year.tooWet,
    yearsToNextRepot,
    litres,
    mediaPrice,
    pricePerYear: mediaPrice / Math.max(0.5, yearsToNextRepot),
  };
}

interface PricedBag {
  readonly takeL: number;
  readonly priceClass: number;
}

function bagsOf(spec: SetupSpec, layerLitres: readonly number[]): readonly PricedBag[] {
  if (spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm <= 0) return [];
  return spec.layers.flatMap((layer, index) => {
    const mix = realiseMix(layer.mix);
    return bagMeasures(mix, layerLitres[index] ?? 0).map((bag, part) => ({
      takeL: bag.takeL,
      priceClass: mix[part]!.medium.priceClass,
    }));
  });
}
