/** Marks and ages of plants in words. */
import dayjs from 'dayjs';
import type { PlantFlag } from '@server/records/plants/facts-schemas';

export const flagWords: Readonly<Record<PlantFlag, string>> = {
  watch: 'keep an eye on it',
  'for exchange': 'for exchange',
  'keep apart': 'keep apart',
};

/** How long since a day, roughly, as one says it. */
export function since(day: string): string {
  const months = dayjs().diff(day, 'month', true);
  if (months < 1) {
    const days = Math.max(0, dayjs().startOf('day').diff(day, 'day'));
    return days === 0 ? 'today' : days === 1 ? '1 day' : `${days} days`;
  }
  if (months < 23.5) return `${Math.round(months)} ${Math.round(months) === 1 ? 'month' : 'months'}`;
  return `${Math.round(months / 6) / 2} years`;
}
