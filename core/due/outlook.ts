/**
 * What is to come of a plant as it was potted, in its place: how long the medium lasts, when a shoot reaches the rim, how
 * often it wants a flush and how many days lie between waterings. Worked out once, when something changed; what is due on a day
 * follows from it at once.
 */
import * as z from 'zod';
import { aftercareOf, judgeFully } from '../advise';
import { type PlanCase, resolveCase, restMonthsOf, type SetupSpec } from '../case';
import { mediumById } from '../catalogue/media';
import { keepsWater } from '../catalogue/vessels';
import { type CaseContext, contextOf, factsOf, judge, roundsByMonth } from '../decide/setups';
import type { Forecast, PlacementYears } from '../growth';
import { daysOf } from '../physics/drydown';
import { aftercareSteps, aftercareStepSchema } from '../aftercare';
import { mixLifeYears } from '../physics/media';
import type { PotShape } from '../physics/pots';
import { k } from './constants';

export const outlookSchema = z.object({
  /** Until the medium is spent, from the day it was new; null where there is none, or nobody knows which. */
  lifeYears: z.number().nullable(),
  /** Only the kind of medium is known, not how it was potted. */
  isRough: z.boolean(),
  /** Until half of the futures have a shoot at the rim, and one spread sooner; null where none is foreseen. */
  rim: z.object({ years: z.number(), spreadYears: z.number() }).nullable(),
  flushesPerYear: z.number(),
  /** From a watering to the next, or from a refill to the next, by month, January first; null where nothing is reckoned, or rain alone waters it. */
  waterDays: z.array(z.number()).length(12).nullable(),
  /** It stands over water: it is refilled, not watered. */
  hasReservoir: z.boolean().default(false),
  /** Months of rest of its kind in its place, 0 = January. */
  restMonths: z.array(z.number()),
  /** What is done after it was potted, in days from that day. */
  nursing: z.array(aftercareStepSchema).default([]),
});
export type Outlook = z.infer<typeof outlookSchema>;

/** No outlook is surer than that, and thousands of them are kept and read. */
const hundredth = (value: number): number => Math.round(100 * value) / 100;

/** Years until only such a share of the futures is still inside: the share falls all the way. */
function yearsUntil(share: number, inside: (years: number) => number): number | null {
  if (inside(k.RIM_MOST_YEARS) > share) return null;
  let [from, to] = [0, k.RIM_MOST_YEARS];
  for (let n = 0; n < k.RIM_HALVINGS; n += 1) {
    const middle = (from + to) / 2;
    if (inside(middle) > share) from = middle;
    else to = middle;
  }
  return to;
}

function rimOf(forecast: Forecast, shape: PotShape, widthCm: number): Outlook['rim'] {
  const { stands }: PlacementYears = forecast.bestIn(shape, widthCm);
  const inside = (years: number) => forecast.chanceInside(shape, widthCm, stands, years);
  const years = yearsUntil(k.HALF, inside);
  if (years === null) return null;
  const sooner = yearsUntil(k.INSIDE_ONE_SPREAD_SOONER, inside) ?? years;
  return { years: hundredth(years), spreadYears: hundredth(Math.max(k.RIM_LEAST_SPREAD_YEARS, years - sooner)) };
}

const restOf = ({ plant, place }: CaseContext): number[] => [...restMonthsOf(plant.genus, place)];

/** Of a plant whose setup is on record. Throws a RangeError where its place is not in the book. */
export function outlookOf(planCase: PlanCase, spec: SetupSpec): Outlook {
  const context = contextOf(resolveCase(planCase));
  const { facts, judgement } = judgeFully(context, factsOf(context, spec), judge);
  const { setup } = facts;
  return {
    lifeYears: hundredth(facts.lifeYears),
    isRough: false,
    rim: setup.kind === 'pot' ? rimOf(context.growth(), setup.pot.shape, setup.pot.rimDiameterCm) : null,
    flushesPerYear: judgement.year.flushes,
    // Rain keeps no book.
    waterDays:
      context.routine.kind === 'rain'
        ? null
        : roundsByMonth(context, facts, judgement.byMonth).map((time) => hundredth(daysOf(time))),
    hasReservoir: facts.hasReservoir,
    restMonths: restOf(context),
    nursing: [...aftercareSteps(aftercareOf(context, { facts, judgement }))],
  };
}

/** Of a plant of which only a case is known: the life of the medium it stands in, where it is said. */
export function roughOutlook(planCase: PlanCase): Outlook {
  const context = contextOf(resolveCase(planCase));
  const { mediumId } = context.resolved.current;
  const lifeYears =
    mediumId === null ? null : mixLifeYears([{ medium: mediumById(mediumId), parts: 1 }], context.ageing);
  return {
    lifeYears: lifeYears === null ? null : hundredth(lifeYears),
    isRough: true,
    rim: null,
    flushesPerYear: 0,
    waterDays: null,
    hasReservoir: keepsWater(context.resolved.current.vesselKind),
    restMonths: restOf(context),
    nursing: [],
  };
}
