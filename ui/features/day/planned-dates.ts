import type { DayList } from '@server/records/days/schemas';
import type { DueList } from '@server/projections/due/schemas';

/** Days to come for which plants are planned and no day is prepared, the soonest first. */
export function plannedDates({ planned, today }: Pick<DueList, 'planned' | 'today'>, days: DayList['days']) {
  const byDate = new Map<string, string[]>();
  for (const { plantId, planned: plan } of planned) {
    if (plan.forOn === null || plan.forOn < today || days.some(({ on, isStopped }) => on === plan.forOn && !isStopped))
      continue;
    byDate.set(plan.forOn, [...(byDate.get(plan.forOn) ?? []), plantId]);
  }
  return [...byDate].map(([date, plantIds]) => ({ date, plantIds })).sort((a, b) => (a.date < b.date ? -1 : 1));
}
