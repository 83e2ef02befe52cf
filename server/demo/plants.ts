/** Plants for the demonstration: all invented, on the bench of an invented grower. */
import type { Inspection, PlanCase } from '@core';
import type { SignCheck } from '../records/journal/entry-schemas';

export interface DemoPlant {
  readonly name: string;
  readonly pottedOn: string;
  readonly note: string;
  readonly planCase: PlanCase;
  /** Which of the ranked setups was used; 0 = the best. */
  readonly rank: number;
  readonly inspections?: readonly { readonly inspectedOn: string; readonly inspection: Inspection }[];
  readonly looks?: readonly (SignCheck & { readonly lookedOn: string })[];
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
    inspections: [
      {
        inspectedOn: '2024-10-05',
        inspection: {
          reasons: ['routine'],
          squeeze: 'gives a little',
          liveRootsPct: 75,
          shootCount: 4,
          bulbs: 'plump',
          pests: [],
          growthMap: frontRun(4),
        },
      },
      {
        inspectedOn: '2026-10-10',
        inspection: {
          reasons: ['shoot at the rim'],
          squeeze: 'hard as a rock',
          condition: 'sound',
          smell: 'fresh',
          liveRootsPct: 95,
          tips: 'none',
          shoot: 'none',
          season: 'at rest',
          bulbs: 'plump',
          pests: [],
          rot: false,
          sheaths: 'dry ones',
          growthMap: frontRun(8),
          note: 'The front is a finger from the rim. Two more years at most.',
        },
      },
    ],
  },
  {
    name: 'Kitchen spray, yellow',
    pottedOn: '2023-04-22',
    note: 'From a friend, as it came.',
    planCase: {
      genus: 'oncidium',
      place: 'heated-flat',
      rootDiameterMm: 1.8,
      shootCount: 6,
      routine: { kind: 'every', days: 5 },
      month: 4,
    },
    rank: 0,
    inspections: [
      {
        inspectedOn: '2026-11-09',
        inspection: {
          reasons: ['old medium', 'shrivelled'],
          squeeze: 'gives a little',
          condition: 'breaking down',
          liveRootsPct: 75,
          tips: 'none',
          shoot: 'starting',
          bulbs: 'wrinkled',
          pests: [],
        },
      },
    ],
    looks: [
      {
        lookedOn: '2026-11-09',
        sign: 'shoot half grown',
        risk: 'medium is spent',
        answer: 'waiting',
        lookOn: '2026-11-19',
      },
    ],
  },
];

/** A line of bulbs from the wall to its lead, not quite two centimetres apart. */
function frontRun(shoots: number): NonNullable<Inspection['growthMap']> {
  const at = (n: number) => ({ xCm: -7 + 1.9 * n, yCm: n % 2 === 0 ? 0 : 0.4 });
  const bulbs = Array.from({ length: shoots - 1 }, (_, n) => (n === 0 ? { ...at(n), isSpent: true } : at(n)));
  return { plants: [{ bulbs, leads: [{ ...at(shoots - 1), headingDeg: 0 }] }], rim: { shape: 'round', widthCm: 15 } };
}
