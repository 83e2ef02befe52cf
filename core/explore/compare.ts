/** A setup as it is beside the same with changes, and by how much each figure differs. */
import { reviewSetup, type SetupFacts } from '../advise';
import type { PlanCase, SetupSpec } from '../case';
import { type DryingTime, HORIZON_DAYS } from '../physics/drydown';
import { applyWhatIf, type WhatIf } from './change';

/** What is compared, with its value before and after. */
export type DifferenceFact =
  | { readonly code: 'days'; readonly before: DryingTime; readonly after: DryingTime; readonly isBetter: null }
  | {
      readonly code: Exclude<DifferenceCode, 'days' | 'reservoir'>;
      readonly before: number;
      readonly after: number;
      /** Whether the change does the plant or the grower good; null where neither. */
      readonly isBetter: boolean | null;
    }
  | {
      readonly code: 'reservoir';
      /** Days a full reservoir lasts; null beyond the horizon. */
      readonly before: number | null;
      readonly after: number | null;
      readonly isBetter: boolean | null;
    };

export type DifferenceCode =
  | 'days'
  | 'fine days'
  | 'harm days'
  | 'lack of air'
  | 'drought'
  | 'salts'
  | 'air'
  | 'waterings'
  | 'hottest'
  | 'weight'
  | 'tipping'
  | 'reservoir'
  | 'life'
  | 'points';

export interface WhatIfFacts {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly before: SetupFacts;
  readonly after: SetupFacts;
  readonly differences: readonly DifferenceFact[];
}

type Better = 'more' | 'less' | 'neither';

function isBetter(change: number, better: Better): boolean | null {
  if (better === 'neither' || change === 0) return null;
  return better === 'more' ? change > 0 : change < 0;
}

function hottestC(review: SetupFacts): number {
  return Math.max(...review.year.months.map((month) => month.rootZoneC));
}

function highestDsM(review: SetupFacts): number {
  return Math.max(...review.year.months.map((month) => month.highestDsM));
}

function reservoirDifference(before: SetupFacts, after: SetupFacts): readonly DifferenceFact[] {
  if (before.reservoirDays === null && after.reservoirDays === null) return [];
  const lasts = (review: SetupFacts) => review.reservoirDays ?? HORIZON_DAYS;
  return [
    {
      code: 'reservoir',
      before: before.reservoirDays,
      after: after.reservoirDays,
      isBetter: isBetter(lasts(after) - lasts(before), 'more'),
    },
  ];
}

/** Every figure of the two, alike or not, in the order a grower asks for them. */
export function differencesOf(before: SetupFacts, after: SetupFacts, monthIndex: number): readonly DifferenceFact[] {
  const figure = (
    code: Exclude<DifferenceCode, 'days' | 'reservoir'>,
    pick: (review: SetupFacts) => number,
    better: Better,
  ): DifferenceFact => {
    const [old, now] = [pick(before), pick(after)];
    return { code, before: old, after: now, isBetter: isBetter(now - old, better) };
  };
  return [
    {
      code: 'days',
      before: before.daysByMonth[monthIndex]!,
      after: after.daysByMonth[monthIndex]!,
      isBetter: null,
    },
    figure('fine days', (review) => review.year.fineDays, 'more'),
    figure('harm days', (review) => review.year.harmDays, 'less'),
    figure('lack of air', (review) => review.year.stress.air, 'less'),
    figure('drought', (review) => review.year.stress.drought, 'less'),
    figure('salts', highestDsM, 'less'),
    figure('air', (review) => review.airAfterWatering, 'more'),
    figure('waterings', (review) => review.year.waterings, 'less'),
    figure('hottest', hottestC, 'neither'),
    ...(before.stability && after.stability
      ? [
          figure('weight', (review) => review.stability?.weightG ?? 0, 'neither'),
          figure('tipping', (review) => review.stability?.tippingAngleDeg ?? 0, 'more'),
        ]
      : []),
    ...reservoirDifference(before, after),
    figure('life', (review) => review.lifeYears, 'more'),
    figure('points', (review) => review.score, 'more'),
  ];
}

export function whatIf(planCase: PlanCase, spec: SetupSpec, change: WhatIf, monthIndex: number): WhatIfFacts {
  const changed = applyWhatIf(planCase, spec, change);
  const before = reviewSetup(planCase, spec);
  const after = reviewSetup(changed.planCase, changed.spec);
  return { ...changed, before, after, differences: differencesOf(before, after, monthIndex) };
}
