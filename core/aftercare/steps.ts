/** What is done to a plant after it was potted, in days from that day: what the first weeks ask for (advise/aftercare), step by step. */
import * as z from 'zod';
import type { AftercareFact } from '../advise';
import { k } from './constants';

export const aftercareKinds = [
  'first water',
  'water again',
  'flush',
  'look',
  'out of the shade',
  'to its light',
  'feed',
  'look for roots',
  'tug',
  'open the cover',
  'fill the reservoir',
  'judge again',
  'rest',
] as const;
export type AftercareKind = (typeof aftercareKinds)[number];

export const aftercareStepSchema = z.object({
  kind: z.enum(aftercareKinds),
  /** Days after potting: from when, and until when it is in time. */
  fromDay: z.number(),
  untilDay: z.number(),
  /** Of a feed: how strong, ppm of nitrogen. */
  ppm: z.tuple([z.number(), z.number()]).nullable(),
  /** It comes again so many days after it was last done or skipped, until its time is over. */
  everyDays: z.number().optional(),
});
export type AftercareStep = z.infer<typeof aftercareStepSchema>;

const step = (
  kind: AftercareKind,
  fromDay: number,
  untilDay: number,
  ppm: AftercareStep['ppm'] = null,
): AftercareStep => ({
  kind,
  fromDay,
  untilDay,
  ppm,
});

function stepsOf(fact: AftercareFact): readonly AftercareStep[] {
  switch (fact.code) {
    case 'water': {
      if (fact.how === 'keep nearly dry' || fact.how === 'just moist') return [];
      const fromDay = fact.how === 'after the cuts have closed' ? fact.untilDay : fact.fromDay;
      return [step('first water', fromDay, fromDay + k.FIRST_WATER_SPREAD_DAYS)];
    }
    case 'first weeks': {
      // A new mix takes its first water badly and asks for more sooner than it will later: in this place, in this month.
      const again = Math.max(1, Math.round(fact.days));
      return [step('water again', again, again + Math.max(1, Math.round(fact.laterDays - fact.days)))];
    }
    case 'flush':
      return [step('flush', fact.fromDay, fact.untilDay)];
    case 'look':
      return [step('look', fact.fromDay, fact.untilDay)];
    case 'shade': {
      const outDay = fact.untilDay;
      const lightDay = outDay + k.EARLY_SUN_DAYS;
      // What lives in shade for good has no other light to go to.
      const isShade = fact.light === 'shade';
      return [
        step('out of the shade', outDay, outDay + k.LIGHT_SPREAD_DAYS),
        ...(isShade ? [] : [step('to its light', lightDay, lightDay + k.LIGHT_SPREAD_DAYS)]),
      ];
    }
    case 'feed':
      return [step('feed', fact.fromDay, fact.fromDay + k.FEED_SPREAD_DAYS, [fact.leastPpm, fact.mostPpm])];
    case 'look for roots':
      return [{ ...step('look for roots', fact.fromDay, fact.untilDay), everyDays: fact.everyDays }];
    case 'tug':
      return [
        step('tug', fact.fromDay, fact.untilDay),
        step('judge again', k.JUDGE_AGAIN_DAY, k.JUDGE_AGAIN_DAY + k.JUDGE_AGAIN_DAYS),
      ];
    case 'humid':
      return [step('open the cover', fact.untilDay, fact.untilDay + k.OPEN_COVER_DAYS)];
    case 'watch':
      return [step('fill the reservoir', fact.untilDay, fact.untilDay + k.FULL_RESERVOIR_DAYS)];
    default:
      return [];
  }
}

export function aftercareSteps(aftercare: readonly AftercareFact[]): readonly AftercareStep[] {
  const steps = aftercare.flatMap(stepsOf);
  const first = steps.find(({ kind }) => kind === 'first water');
  // It is counted from the first water, not from the potting.
  return steps.flatMap((one) => {
    if (one.kind !== 'water again') return [one];
    return first ? [{ ...one, fromDay: first.fromDay + one.fromDay, untilDay: first.fromDay + one.untilDay }] : [];
  });
}
