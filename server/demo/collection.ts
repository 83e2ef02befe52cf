/**
 * Fifty-five more plants of the invented grower, as they stand on the tags; their lives are told from these lines
 * (lives.ts). Names, sources and numbers are all invented.
 */
import type { DemoSetup } from './setups';

export interface DemoLine {
  readonly name: string;
  readonly genus: string;
  readonly place: string;
  readonly spot: string | null;
  /** Years ago that it came, and the month. */
  readonly came: readonly [yearsAgo: number, month: number];
  readonly source: string;
  readonly parentage?: string;
  readonly setup: readonly [DemoSetup, cm: number];
  /** Years between two pottings; 0 = never since it came. */
  readonly every: number;
  /** Month of its flowers; none where it has not flowered. */
  readonly blooms?: number;
  /** Days between waterings, where they are written down. */
  readonly water?: number;
  readonly flag?: 'watch' | 'for exchange' | 'keep apart';
  readonly goesOut?: true;
  readonly left?: readonly [how: 'died' | 'sold' | 'given away', yearsAgo: number, month: number, why: string];
}

type Plant = readonly [
  name: string,
  genus: string,
  came: DemoLine['came'],
  setup: DemoLine['setup'],
  every: number,
  more?: Partial<DemoLine>,
];

const [swap, friend, show, market, own] = [
  'plant swap at the village hall',
  'Aunt Merrin’s windowsill',
  'autumn show, table nine',
  'Saturday market',
  'a division of my own',
];

interface Shelf {
  readonly place: string;
  readonly spots: readonly string[];
  readonly sources: readonly string[];
  readonly plants: readonly Plant[];
}

const shelves: readonly Shelf[] = [
  {
    place: 'heated-flat',
    spots: ['east sill', 'bookcase top', 'plant table'],
    sources: [market, friend, swap],
    plants: [
      ['Hallway pink', 'phalaenopsis', [4, 2], ['bark, clear', 12], 2, { blooms: 1 }],
      ['Hallway stripes', 'phalaenopsis', [4, 2], ['bark, clear', 12], 0, { blooms: 2, flag: 'watch' }],
      ['Lemon moth', 'phalaenopsis', [2, 10], ['moss', 10], 0, { blooms: 3 }],
      ['Twin spike', 'phalaenopsis', [3, 4], ['clay pebbles', 12], 3, { blooms: 12 }],
      ['Tiny moth, green pot', 'phalaenopsis-mini', [2, 3], ['moss', 8], 1.5, { blooms: 4 }],
      ['Chocolate scent', 'oncidium', [4, 9], ['fine bark', 11], 2, { blooms: 10, parentage: 'Umber × Ripple' }],
      ['Dancing yellow', 'oncidium', [3, 5], ['bark', 13], 0, { blooms: 9 }],
      ['Spider on the bookcase', 'brassia', [3, 6], ['bark', 13], 2, { blooms: 5 }],
      ['Jewel by the lamp', 'ludisia', [3, 8], ['soil-like', 9], 2, { blooms: 1 }],
      ['Jewel, daughter', 'ludisia', [1, 4], ['soil-like', 9], 0, { source: own, flag: 'for exchange' }],
      ['Red cane', 'epidendrum-reed', [4, 5], ['bark in clay', 12], 2, { blooms: 6, goesOut: true }],
      [
        'Old Christmas moth',
        'phalaenopsis',
        [5, 1],
        ['moss', 12],
        0,
        { left: ['died', 1, 2, 'Packed moss, four years old, and a full saucer all winter. Roots gone.'] },
      ],
    ],
  },
  {
    place: 'lamp-shelf',
    spots: ['top, left', 'top, right', 'middle', 'bottom'],
    sources: [show, swap, market],
    plants: [
      ['Cup and saucer', 'masdevallia', [3, 3], ['moss', 8], 1.5, { blooms: 3, water: 4 }],
      ['Orange kite', 'masdevallia', [3, 3], ['moss', 8], 0, { blooms: 4, water: 4, flag: 'watch' }],
      ['Dusk kite', 'masdevallia', [2, 9], ['fine bark', 8], 2, { blooms: 11, water: 4 }],
      ['Leaf-hugger', 'lepanthes', [2, 5], ['moss', 7], 1.5, { blooms: 7, water: 3 }],
      ['Fringed tongue', 'restrepia', [4, 4], ['moss', 8], 1.5, { blooms: 9, water: 4 }],
      ['Wire stem', 'pleurothallis', [3, 10], ['moss', 9], 2, { blooms: 2, water: 4 }],
      ['Little comet', 'aerangis', [3, 5], ['cork, bare', 8], 0, { blooms: 6 }],
      ['White comet', 'angraecum', [4, 6], ['bark in clay', 11], 3, { blooms: 12 }],
      ['Doorstep fan', 'neofinetia', [4, 7], ['moss', 9], 1, { blooms: 7, water: 5 }],
      ['Square one', 'haraella', [2, 6], ['cork, moss', 8], 0, { blooms: 8, water: 2 }],
      ['Equitant, red', 'oncidium-equitant', [3, 8], ['cork, bare', 8], 0, { blooms: 5 }],
      ['Dwarf cane', 'dendrobium-mini', [2, 2], ['fine bark', 7], 2, { blooms: 3, water: 5 }],
      [
        'Blue kite',
        'masdevallia',
        [4, 4],
        ['moss', 8],
        0,
        { left: ['died', 2, 8, 'Three days at 31 °C while I was away.'] },
      ],
      ['Pansy, small', 'miltoniopsis', [2, 4], ['fine bark', 9], 1, { blooms: 6, water: 4 }],
      ['Pansy, red mask', 'miltoniopsis', [3, 4], ['fine bark', 10], 0, { blooms: 5, water: 4, flag: 'watch' }],
    ],
  },
  {
    place: 'glasshouse',
    spots: ['north bench', 'south bench', 'hanging rail', 'floor'],
    sources: [show, swap, friend],
    plants: [
      [
        'Easter one-leaf',
        'cattleya-unifoliate',
        [5, 4],
        ['bark in clay', 14],
        2,
        { blooms: 4, parentage: 'Vesper × Old Rose' },
      ],
      ['Velvet lip', 'cattleya-unifoliate', [4, 6], ['bark', 15], 0, { blooms: 10 }],
      ['Two-leaf spotted', 'cattleya-bifoliate', [4, 5], ['bark in clay', 14], 2.5, { blooms: 8 }],
      ['Night scent', 'brassavola', [3, 7], ['basket', 13], 3, { blooms: 9 }],
      ['Rock gem', 'laelia-rupicolous', [3, 4], ['pumice', 9], 3, { blooms: 5 }],
      ['Cockleshell', 'encyclia', [4, 5], ['bark', 13], 2, { blooms: 6 }],
      ['Butterfly on a wire', 'psychopsis', [3, 9], ['bark in clay', 12], 2, { blooms: 8 }],
      ['Bench boat', 'cymbidium', [5, 3], ['fine bark', 19], 2, { blooms: 2, goesOut: true }],
      [
        'Bench boat, green',
        'cymbidium',
        [5, 3],
        ['fine bark', 17],
        0,
        { blooms: 3, goesOut: true, flag: 'for exchange' },
      ],
      ['Winter bells', 'coelogyne-cool', [4, 9], ['bark', 13], 2, { blooms: 2 }],
      ['Chain of gold', 'dendrochilum', [3, 3], ['fine bark', 12], 2, { blooms: 1 }],
      ['Soft cane, lilac', 'dendrobium-softcane', [4, 3], ['bark', 11], 2, { blooms: 3 }],
      ['Pink rock cane', 'dendrobium-kingianum', [5, 5], ['coarse bark', 12], 3, { blooms: 3, goesOut: true }],
      ['Basket of bulls', 'stanhopea', [3, 5], ['basket', 18], 3, { blooms: 7 }],
      ['Sleeping fan', 'catasetum', [2, 3], ['pumice', 11], 1, { blooms: 9 }],
      ['Big blue strap', 'vanda', [2, 6], ['basket', 15], 0, { blooms: 8 }],
      ['Fox tail', 'rhynchostylis', [2, 5], ['basket', 13], 0, { blooms: 1 }],
      ['Violet scent', 'zygopetalum', [4, 9], ['bark', 15], 2, { blooms: 11 }],
      ['Golden cup', 'lycaste', [3, 4], ['fine bark', 13], 1.5, { blooms: 4 }],
      ['Coconut pie', 'maxillaria', [3, 5], ['fine bark', 12], 2, { blooms: 6 }],
      [
        'Boat, apricot',
        'cymbidium',
        [5, 4],
        ['fine bark', 21],
        3,
        { left: ['sold', 0, 3, 'At the spring sale: it wanted more room than it was worth.'] },
      ],
      [
        'Two-leaf green',
        'cattleya-bifoliate',
        [5, 6],
        ['bark', 15],
        0,
        { left: ['given away', 1, 6, 'To Merrin, for the cutting of the pink one.'] },
      ],
    ],
  },
  {
    place: 'cool-shade',
    spots: ['by the north window', 'damp tray'],
    sources: [swap, show],
    plants: [
      ['Slipper no. 7', 'paphiopedilum', [4, 3], ['slipper mix', 10], 1.5, { blooms: 2 }],
      ['Slipper no. 9, mottled', 'paphiopedilum', [3, 9], ['slipper mix', 9], 1.5, { blooms: 4 }],
      ['Slipper no. 12', 'paphiopedilum', [2, 2], ['slipper mix', 9], 0, { blooms: 12 }],
      ['Long-tailed slipper', 'phragmipedium', [3, 6], ['clay pebbles', 12], 2, { blooms: 6 }],
      ['Cool lace', 'odontoglossum-cool', [3, 3], ['fine bark', 10], 1.5, { blooms: 4 }],
      [
        'Slipper no. 2',
        'paphiopedilum',
        [5, 2],
        ['slipper mix', 10],
        0,
        { left: ['died', 0, 4, 'Three years in the same mix; it smelled, and I waited for a sign.'] },
      ],
    ],
  },
];

/** All of them, shelf by shelf; the tag number is their turn. */
export const demoLines: readonly DemoLine[] = shelves.flatMap(({ place, spots, sources, plants }) =>
  plants.map(([name, genus, came, setup, every, more], n) => ({
    name,
    genus,
    place,
    spot: spots[n % spots.length]!,
    came,
    source: sources[n % sources.length]!,
    setup,
    every,
    ...more,
  })),
);
