/** A day made of plants on file: each as it is today, with the setup that is planned for it, if there is one. */
import { dayNeedOf, type DayKept } from '@core';
import type { PlantLog } from '@server/projections/plants/schemas';
import { readSaved, todayOf } from '../data/saved-plan';

export type DayPlantKept = DayKept['plants'][number];

/** null where its case can no longer be read. today: YYYY-MM-DD. */
export function dayPlantOf(log: PlantLog, today: string): DayPlantKept | null {
  const now = todayOf(log, today);
  if (!now) return null;
  const plan = log.plans.find(({ id }) => id === log.planned?.id);
  const planned = plan ? readSaved(plan) : null;
  return {
    id: log.id,
    name: log.name,
    case: now.planCase as DayPlantKept['case'],
    ...(planned ? { setup: planned.spec as NonNullable<DayPlantKept['setup']> } : {}),
    ...dayNeedOf(log.needs),
  };
}

const USUAL_HOURS = 4;
const NINE = 9 * 60;

export const newDay = (on: string, plants: readonly DayPlantKept[]): DayKept => ({
  on,
  beginsAtMinute: NINE,
  hours: USUAL_HOURS,
  helpers: 0,
  plants: [...plants],
});
