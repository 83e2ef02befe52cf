/** What is done after potting, in sentences. */
import type { AftercareKind, AftercareTask } from '../aftercare';
import { number } from './phrasing/format';

export const aftercareNames: Readonly<Record<AftercareKind, string>> = {
  'first water': 'First water',
  'water again': 'Water again',
  flush: 'Flush',
  look: 'Look at it',
  'out of the shade': 'Out of the shade',
  'to its light': 'To its light',
  feed: 'First feed',
  'look for roots': 'Look for new roots',
  tug: 'Tug it gently',
  'open the cover': 'Open the cover',
  'fill the reservoir': 'Fill the reservoir',
  'judge again': 'How did it go',
  rest: 'Its rest begins',
};

export function aftercareSentence({ kind, ppm }: Pick<AftercareTask, 'kind' | 'ppm'>): string {
  switch (kind) {
    case 'first water':
      return 'Give it its first water.';
    case 'water again':
      return 'Water it again: a new mix asks sooner than it will later. A soak helps it along.';
    case 'flush':
      return 'Flush until the run-off is clear.';
    case 'look':
      return 'Look once: the wettest corner, the weight in your hand, leaves that hang.';
    case 'out of the shade':
      return 'Into the gentle sun of early morning.';
    case 'to its light':
      return 'To the light it lives in.';
    case 'feed':
      return `Feed from now on${ppm ? `, ${number(ppm[0], 0)}–${number(ppm[1], 0)} ppm` : ''}. The label of your feed wins.`;
    case 'look for roots':
      return 'Look for new root tips. When they show, look the plant over and ask the plan anew.';
    case 'tug':
      return 'Tug it gently: if it holds, it has rooted.';
    case 'open the cover':
      return 'Open its cover wider from day to day.';
    case 'fill the reservoir':
      return 'Fill the reservoir as usual from now on.';
    case 'judge again':
      return 'Half a year on: does it hold, does it root, are its bulbs fuller?';
    case 'rest':
      return 'It rests: about half the water for two to three months, and little or no feed.';
  }
}
