/** What a setup asks of the grower, week by week. */
import { k } from './constants';
import type { CandidateFacts } from './assess';

const WEEKS_PER_YEAR = 52;

function minutesEach({ setup, hasReservoir }: Pick<CandidateFacts, 'setup' | 'hasReservoir'>): number {
  if (setup.kind === 'mount') return k.MINUTES_MOUNT;
  return hasReservoir ? k.MINUTES_RESERVOIR : k.MINUTES_POT;
}

/** Minutes of watering a week. */
export function minutesPerWeek(
  facts: Pick<CandidateFacts, 'setup' | 'hasReservoir'>,
  wateringsPerYear: number,
): number {
  return (wateringsPerYear * minutesEach(facts)) / WEEKS_PER_YEAR;
}
