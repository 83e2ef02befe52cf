/** Where will it grow? The plant of a case in pots of several sizes, year by year. */
import { type PlanCase, resolveCase } from '../case';
import { potKindById } from '../catalogue/vessels';
import { type CaseContext, contextOf, ORGANIC_YEARS } from '../decide/setups';
import {
  aboutBall,
  type Forecast,
  type GrowthInPot,
  growthInPot,
  type MappedPlant,
  type Point,
  type Rim,
  type PlantPlacement,
  type Stride,
  tipsAfter,
  shownYears,
} from '../growth';
import type { Pot, PotShape } from '../physics/pots';
import { k } from './constants';

/** A pot that is asked about, with what the middle of it would give. */
export interface GrowthAsked extends GrowthInPot {
  readonly yearsInTheMiddle: number;
}

export interface GrowthAnswer {
  /** The plants as mapped, or as their kind usually stands. */
  readonly plants: readonly MappedPlant[];
  readonly isMapped: boolean;
  readonly stride: Stride;
  readonly certainty: number;
  readonly yearsWanted: number;
  /** Inside width that 1, 2, 3 and 4 years want, cm, in pots of the shapes that are looked at. */
  readonly neededCm: Readonly<Partial<Record<PotShape, readonly number[]>>>;
  readonly pots: readonly GrowthAsked[];
  /** The narrowest of these that lasts the years wanted; null where none does. */
  readonly smallest: Rim | null;
}

/** The plainest pot, in most sizes. */
const USUAL_POT = 'plastic-round';

/** So many sizes of plain round pots, from one too narrow on. */
function usualPots(forecast: Forecast, years: number): readonly Rim[] {
  const sizes = potKindById(USUAL_POT).rimDiametersCm;
  const fitting = sizes.findIndex((size) => size >= forecast.neededCm('round', years));
  const last = fitting < 0 ? sizes.length : Math.min(sizes.length, fitting + k.SIZES_LOOKED_AT / 2);
  return sizes
    .slice(Math.max(0, last - k.SIZES_LOOKED_AT), last)
    .map((widthCm) => ({ shape: 'round' as const, widthCm }));
}

function asked(forecast: Forecast, rim: Rim): GrowthAsked {
  const best = growthInPot(forecast, rim, null);
  const middle = best.stands.map(({ turnDeg }) => ({ xCm: 0, yCm: 0, turnDeg }));
  return { ...best, yearsInTheMiddle: forecast.standing(rim.shape, rim.widthCm, middle).years };
}

/** One size of a kind of pot, and how long growth stays inside it. */
export interface SizeLasting {
  readonly rimDiameterCm: number;
  readonly years: number;
  readonly isBeyond: boolean;
}

/** A pot from above with the plants in it, for a screen. */
export interface GrowthView {
  /** Each about its own ball. */
  readonly plants: readonly MappedPlant[];
  /** As they stand, and as they stand best. */
  readonly shown: GrowthInPot;
  readonly best: GrowthInPot;
  /** Tips after 1, 2, 3 and 4 years in some of the futures, from the middle of the pot. */
  readonly tipsByYear: readonly (readonly Point[])[];
  /** Sizes of this kind of pot about the one that is shown. */
  readonly sizes: readonly SizeLasting[];
  readonly certainty: number;
  readonly yearsWanted: number;
}

/** stands: as the grower has moved them; null = as they stand best. */
export function growthView(context: CaseContext, pot: Pot, stands: readonly PlantPlacement[] | null): GrowthView {
  const forecast = context.growth();
  const { shape, rimDiameterCm: widthCm, potKindId } = pot;
  const best = growthInPot(forecast, { shape, widthCm }, null);
  const shown = stands ? growthInPot(forecast, { shape, widthCm }, stands) : best;
  const { rimDiametersCm } = potKindById(potKindId);
  const above = rimDiametersCm.findIndex((size) => size >= widthCm);
  const at = above < 0 ? rimDiametersCm.length - 1 : above;
  const first = Math.max(0, Math.min(at - k.SIZES_BELOW, rimDiametersCm.length - k.SIZES_BESIDE));
  return {
    plants: forecast.planted.map(({ plant }) => aboutBall(plant)),
    shown,
    best,
    tipsByYear: shownYears.map((years) =>
      tipsAfter(
        forecast.planted,
        shown.stands,
        forecast.clock.growthYears(years),
        Math.ceil(k.LIVES_DRAWN / forecast.planted.length),
      ),
    ),
    sizes: rimDiametersCm.slice(first, first + k.SIZES_BESIDE).map((rimDiameterCm) => {
      const { years, isBeyond } = forecast.bestIn(shape, rimDiameterCm);
      return { rimDiameterCm, years, isBeyond };
    }),
    certainty: forecast.certainty,
    yearsWanted: context.resolved.yearsWanted ?? ORGANIC_YEARS,
  };
}

/** pots: those to look at; where none are named, ten plain round ones. */
export function growthInPots(planCase: PlanCase, pots: readonly Rim[]): GrowthAnswer {
  const context = contextOf(resolveCase(planCase));
  const forecast = context.growth();
  const neededIn = (shape: PotShape) => shownYears.map((years) => forecast.neededCm(shape, years));
  const yearsWanted = context.resolved.yearsWanted ?? ORGANIC_YEARS;
  const looked = (pots.length > 0 ? pots : usualPots(forecast, yearsWanted)).map((rim) => asked(forecast, rim));
  const lasting = looked.filter(({ years }) => years >= yearsWanted);
  const smallest = lasting.reduce<GrowthAsked | null>(
    (least, pot) => (least === null || pot.widthCm < least.widthCm ? pot : least),
    null,
  );
  return {
    plants: forecast.planted.map(({ plant }) => plant),
    isMapped: context.plant.growthMap !== null,
    stride: forecast.stride,
    certainty: forecast.certainty,
    yearsWanted,
    neededCm: Object.fromEntries(looked.map(({ shape }) => [shape, neededIn(shape)])),
    pots: looked,
    smallest: smallest && { shape: smallest.shape, widthCm: smallest.widthCm },
  };
}
