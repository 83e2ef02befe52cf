/** What the invented grower means to do next, and has not yet done. */
import type { DemoSetup } from './setups';

export interface DemoMeant {
  /** Of a plant of the collection. */
  readonly name: string;
  readonly setup: readonly [DemoSetup, cm: number];
  readonly plannedDaysAgo: number;
  /** null: for no day yet. */
  readonly forInDays: number | null;
  readonly note: string;
}

export const demoMeant: readonly DemoMeant[] = [
  {
    name: 'Hallway stripes',
    setup: ['bark, clear', 13],
    plannedDaysAgo: 12,
    forInDays: 9,
    note: 'With the next bag of bark. Keep the tag side to the wall.',
  },
  {
    name: 'Velvet lip',
    setup: ['bark in clay', 15],
    plannedDaysAgo: 30,
    forInDays: null,
    note: 'When the new lead shows roots. Into clay this time: it dried too slowly in plastic.',
  },
  {
    name: 'Orange kite',
    setup: ['fine bark', 8],
    plannedDaysAgo: 5,
    forInDays: 9,
    note: 'Half of it, if it comes apart by itself.',
  },
];
