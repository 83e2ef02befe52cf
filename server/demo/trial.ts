/** A question the invented grower has set out to answer with what they have: the numbers cannot tell, and say so. */
import type { Trial } from '@core';

export interface DemoTrial {
  readonly trial: Pick<Trial, 'name' | 'measure' | 'matters' | 'spread' | 'note'>;
  readonly begunYearsAgo: number;
  /** Of plants of the collection, by name. */
  readonly sides: readonly { readonly name: string; readonly plants: readonly string[] }[];
}

export const demoTrial: DemoTrial = {
  trial: {
    name: 'Small cool growers: moss or fine bark?',
    measure: 'live roots',
    matters: 15,
    spread: 15,
    note: 'On one shelf, watered on the same days. They were in their pots before, so it was no lot that dealt them.',
  },
  begunYearsAgo: 3,
  sides: [
    { name: 'Moss', plants: ['Cup and saucer', 'Orange kite', 'Fringed tongue', 'Wire stem', 'Leaf-hugger'] },
    { name: 'Fine bark', plants: ['Dusk kite', 'Pansy, small', 'Pansy, red mask', 'Dwarf cane'] },
  ],
};
