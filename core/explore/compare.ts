/** A setup as it is beside the same with changes, and what differs, in words. */
import { reviewSetup, type SetupReview } from '../advise';
import type { PlanCase, SetupSpec } from '../case';
import { daysOf } from '../physics/drydown';
import { days, metricWords, number, percent, temperature, type WordUnits } from '../words';
import { applyWhatIf, type WhatIf } from './change';

export interface Difference {
  readonly label: string;
  readonly before: string;
  readonly after: string;
  /** Whether the change does the plant or the grower good; null where neither. */
  readonly isBetter: boolean | null;
}

export interface WhatIfAnswer {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly before: SetupReview;
  readonly after: SetupReview;
  readonly differences: readonly Difference[];
}

function hottest(review: SetupReview): number {
  return Math.max(...review.year.months.map((month) => month.rootZoneC));
}

function daysText(review: SetupReview, monthIndex: number): string {
  const time = review.daysByMonth[monthIndex]!;
  return time.status === 'dries' ? days(time.days) : `over ${time.overDays} days`;
}

/** Only what the eye can tell apart is listed. */
export function differencesOf(
  before: SetupReview,
  after: SetupReview,
  monthIndex: number,
  units: WordUnits,
): readonly Difference[] {
  const lines: (Difference & { readonly change: number })[] = [];
  const add = (
    label: string,
    pick: (review: SetupReview) => number,
    text: (review: SetupReview) => string,
    better: 'more' | 'less' | null,
  ) => {
    const change = pick(after) - pick(before);
    const isBetter = better === null || change === 0 ? null : better === 'more' ? change > 0 : change < 0;
    lines.push({ label, before: text(before), after: text(after), isBetter, change });
  };
  const share = (label: string, pick: (review: SetupReview) => number, better: 'more' | 'less') =>
    add(label, pick, (review) => percent(pick(review)), better);
  add(
    'asks for water after',
    (r) => daysOf(r.daysByMonth[monthIndex]!),
    (r) => daysText(r, monthIndex),
    null,
  );
  share('comfortable', (r) => r.year.comfortable, 'more');
  share('too dry', (r) => r.year.tooDry, 'less');
  share('too wet', (r) => r.year.tooWet, 'less');
  share('air after watering', (r) => r.airAfterWatering, 'more');
  add(
    'waterings a year',
    (r) => r.year.waterings,
    (r) => number(r.year.waterings, 0),
    'less',
  );
  add('hottest month in the roots', hottest, (r) => temperature(hottest(r), units), null);
  const weight = (r: SetupReview) => r.stability?.weightG ?? 0;
  if (before.stability && after.stability) {
    add('weight half dry', weight, (r) => `${number(weight(r) / 1000, 1)} kg`, null);
    const angle = (r: SetupReview) => r.stability?.tippingAngleDeg ?? 0;
    add('tips at', angle, (r) => `${number(angle(r), 0)}°`, 'more');
  }
  if (before.reservoirDays !== null || after.reservoirDays !== null) {
    const lasts = (r: SetupReview) => r.reservoirDays ?? 60;
    add('reservoir lasts', lasts, (r) => (r.reservoirDays === null ? 'over 60 days' : days(r.reservoirDays)), 'more');
  }
  add(
    'medium lasts',
    (r) => r.lifeYears,
    (r) => `${number(r.lifeYears, 1)} years`,
    'more',
  );
  add(
    'points',
    (r) => r.score,
    (r) => number(r.score, 0),
    'more',
  );
  return lines
    .filter((line) => line.before !== line.after)
    .map(({ label, before: old, after: now, isBetter }) => ({ label, before: old, after: now, isBetter }));
}

export function whatIf(
  planCase: PlanCase,
  spec: SetupSpec,
  change: WhatIf,
  monthIndex: number,
  units: WordUnits = metricWords,
): WhatIfAnswer {
  const changed = applyWhatIf(planCase, spec, change);
  const before = reviewSetup(planCase, spec, units);
  const after = reviewSetup(changed.planCase, changed.spec, units);
  return { ...changed, before, after, differences: differencesOf(before, after, monthIndex, units) };
}
