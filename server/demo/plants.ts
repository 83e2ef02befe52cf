/** Plants for the demonstration: all invented, on the bench of an invented grower. */
import type { PlanCase } from '@core';

export interface DemoPlant {
  readonly name: string;
  readonly pottedOn: string;
  readonly note: string;
  readonly planCase: PlanCase;
  /** Which of the ranked setups was used; 0 = the best. */
  readonly rank: number;
}

export const demoPlants: readonly DemoPlant[] = [
  {
    name: 'Big white from the stairwell',
    pottedOn: '2026-03-14',
    note: 'Three new tips on the east side. Old bark was mush in the middle.',
    planCase: {
      genus: 'phalaenopsis',
      place: 'heated-flat',
      rootDiameterMm: 5,
      signs: { tips: 'starting' },
      current: { mediumId: 'bark-6-12', yearsInMedium: 3 },
      routine: { kind: 'every', days: 7 },
      month: 3,
    },
    rank: 1,
  },
  {
    name: 'Slipper no. 4',
    pottedOn: '2026-04-02',
    note: 'Two fans, all roots sound. Tag side to the window.',
    planCase: {
      genus: 'paphiopedilum',
      place: 'cool-shade',
      rootDiameterMm: 2.6,
      shootCount: 2,
      routine: { kind: 'weekdays', weekdays: [2, 6] },
      month: 4,
    },
    rank: 0,
  },
  {
    name: 'Terrace Vanda, blue tag',
    pottedOn: '2026-05-21',
    note: 'Kept the long roots out in the air.',
    planCase: {
      genus: 'vanda',
      place: 'humid-terrace',
      rootDiameterMm: 7,
      routine: { kind: 'every', days: 1 },
      month: 5,
    },
    rank: 0,
  },
  {
    name: 'Purple one-leaf',
    pottedOn: '2026-02-08',
    note: 'Front runs one way; back bulbs to the wall.',
    planCase: {
      genus: 'cattleya-unifoliate',
      place: 'humid-terrace',
      rootDiameterMm: 3.5,
      shootCount: 5,
      signs: { shoot: 'half grown' },
      routine: { kind: 'every', days: 3 },
      month: 2,
    },
    rank: 0,
  },
];
