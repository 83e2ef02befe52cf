/** The ways in which what lies on the bench is kept: as a plan, as done, or in place of what was said to be done. */
import { correctPottingOf } from '@core/words';
import dayjs from 'dayjs';
import type { PottedEntry } from '../data/bench-draft';

export const waysToKeep = ['potted', 'planned', 'put right'] as const;
export type WayToKeep = (typeof waysToKeep)[number];

export interface WayWords {
  readonly title: string;
  readonly ok: string;
  readonly dayLabel: string;
  /** What is kept, after the name of the setup. */
  readonly kept: string;
}

export function wayWords(way: WayToKeep, isOnFile: boolean): WayWords {
  switch (way) {
    case 'potted':
      return {
        title: 'Potted it',
        ok: isOnFile ? 'Add to its log' : 'Keep it',
        dayLabel: 'Day',
        kept: 'The mix, the layers and the litres are kept with it.',
      };
    case 'planned':
      return {
        title: 'Keep it as a plan',
        ok: 'Keep the plan',
        dayLabel: 'For the day, if it has one',
        kept: 'It stands in its life as a plan until it is potted.',
      };
    case 'put right':
      return {
        title: 'Put right what it was potted in',
        ok: 'Put it right',
        dayLabel: 'Day',
        kept: 'This is said in place of what the entry said; that is kept as well.',
      };
  }
}

/** Those there are for what lies on the bench. */
export const waysFor = (
  entry: PottedEntry | null,
): readonly { readonly value: WayToKeep; readonly label: string }[] => [
  ...(entry
    ? [{ value: 'put right' as const, label: correctPottingOf(dayjs(entry.pottedOn).format('D MMM YYYY')) }]
    : []),
  { value: 'potted', label: 'Potted now' },
  { value: 'planned', label: 'A plan' },
];
