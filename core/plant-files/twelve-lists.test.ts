/** Twelve lists of twelve habits: separators, headings, orders of days, units, one column for the name or two. Invented. */
import { type PlantTable, readPlantTable } from './read';

interface Habit {
  readonly what: string;
  readonly text: string;
  readonly plants: number;
  /** Group of some of them by name. */
  readonly kinds: Readonly<Record<string, string>>;
  readonly places?: readonly string[];
  readonly widthsCm?: readonly (number | null)[];
  readonly media?: readonly string[];
  readonly order?: 'day first' | 'month first' | null;
  /** A day of the first plant. */
  readonly day?: string;
}

const lines = (...rows: readonly string[]): string => rows.join('\n');

const habits: readonly Habit[] = [
  {
    what: 'commas, genus and species in two columns',
    text: lines(
      'Genus,Species,Location,Media',
      'Dendrobium,nobile,Greenhouse,bark',
      'Masdevalia,veitchiana,Greenhouse,NZ sphagnum',
    ),
    plants: 2,
    kinds: { 'Dendrobium nobile': 'dendrobium-softcane', 'Masdevalia veitchiana': 'masdevallia' },
    places: ['Greenhouse'],
    media: ['bark-6-12', 'sphagnum-loose'],
  },
  {
    what: 'semicolons, decimal commas, days with points',
    text: lines(
      'Nr;Name;Standort;Topf (cm);Umgetopft;Location',
      '1;Phalaenopsis bellina;;12,5;3.4.2023;living room',
      '2;Vanda coerulea;;21;25.12.2022;living room',
    ),
    plants: 2,
    kinds: { 'Phalaenopsis bellina': 'phalaenopsis', 'Vanda coerulea': 'vanda' },
    places: ['living room'],
  },
  {
    what: 'tabs, American days, pots in inches',
    text: lines(
      'Plant\tPot size (in)\tLast repotted\tPotting mix',
      'Paph. delenatii\t4\t4/25/2024\tfine bark/perlite/charcoal 4:1:1',
      'Phrag. besseae\t5.5\t12/3/2023\tpeat perlite',
    ),
    plants: 2,
    kinds: { 'Paph. delenatii': 'paphiopedilum', 'Phrag. besseae': 'phragmipedium' },
    widthsCm: [10.2, 14],
    media: ['bark-3-6+perlite-3-6+charcoal-8-16', 'peat-perlite'],
    order: 'month first',
    day: '2024-04-25',
  },
  {
    what: 'a title over the headings',
    text: lines(
      'My orchids 2026,,,',
      ',,,',
      'Name,Room,Bought,Notes',
      'moth orchid,kitchen,2024-02-01,white',
      'dancing lady,kitchen,2023-11-20,',
    ),
    plants: 2,
    kinds: { 'moth orchid': 'phalaenopsis' },
    places: ['kitchen'],
    day: '2024-02-01',
  },
  {
    what: 'headings merged over several columns',
    text: lines(
      'The plant,,Potting,,',
      'Tag,Name,Pot size,Medium,Repotted on',
      '7,Cymbidium,8",coarse bark,2025-03-01',
      '8,Lycaste,120 mm,bark and perlite,2025-03-02',
    ),
    plants: 2,
    kinds: { Cymbidium: 'cymbidium', Lycaste: 'lycaste' },
    widthsCm: [20.3, 12],
    media: ['bark-12-25', 'bark-6-12+perlite-3-6'],
  },
  {
    what: 'hybrids by their hybrid genus and short forms',
    text: lines(
      'Label,Area',
      'Blc. Waianae,porch',
      'Rlc. Sunset,porch',
      'Vuylstekeara Cambria,porch',
      'Colm. Wildcat,porch',
    ),
    plants: 4,
    kinds: {},
    places: ['porch'],
  },
  {
    what: 'quotes, commas and line breaks within a cell',
    text: lines('Name,Notes,Place', '"Oncidium, the yellow one","watered ""often""', 'too wet?",bathroom'),
    plants: 1,
    kinds: { 'Oncidium, the yellow one': 'oncidium' },
    places: ['bathroom'],
  },
  {
    what: 'a mark of byte order and Windows line ends',
    text: '\uFEFFName,Place\r\nZygopetalum,sunroom\r\nMiltoniopsis,sunroom\r\n',
    plants: 2,
    kinds: { Zygopetalum: 'zygopetalum', Miltoniopsis: 'miltoniopsis' },
    places: ['sunroom'],
  },
  {
    what: 'names with slips, in capitals',
    text: lines(
      'ORCHID,WHERE',
      'MAXILARIA,cellar lights',
      'RHYNCOSTYLIS,cellar lights',
      'COELOGINE CRISTATA,cellar lights',
    ),
    plants: 3,
    kinds: {},
    places: ['cellar lights'],
  },
  {
    what: 'days of which none tells the order',
    text: lines('Name,Acquired', 'Vanda,3/4/2021', 'Cymbidium,5/6/2020'),
    plants: 2,
    kinds: { Vanda: 'vanda' },
    order: null,
  },
  {
    what: 'who left, and how',
    text: lines('Name,Place,Died,Fate', 'Disa,bench,2024-08-01,rotted', 'Stanhopea,bench,,'),
    plants: 2,
    kinds: { Disa: 'disa', Stanhopea: 'stanhopea' },
    places: ['bench'],
  },
  {
    what: 'mixes in percent and words nobody knows',
    text: lines(
      'Name,Mix,Pot',
      'Cattleya walkeriana,"70 % lava, 30 % charcoal",11 cm clay',
      'Brassavola nodosa,secret mix no. 5,basket',
    ),
    plants: 2,
    kinds: {},
    widthsCm: [11, null],
    media: ['lava-8-16+charcoal-8-16', ''],
  },
];

function tableOf(text: string): PlantTable {
  const read = readPlantTable(text);
  if (read.status !== 'ok') throw new Error(read.why);
  return read.table;
}

test('there are twelve', () => expect(habits).toHaveLength(12));

describe.each(habits.map((habit) => [habit.what, habit] as const))('%s', (_what, habit) => {
  const table = tableOf(habit.text);
  const groupOf = new Map(table.kinds.map(({ text, match }) => [text, match]));

  test('every plant is there, and its kind is known or asked for with the likely ones first', () => {
    expect(table.plants).toHaveLength(habit.plants);
    for (const plant of table.plants) {
      const match = groupOf.get(plant.kindText)!;
      expect({ name: plant.name, how: match.how }).not.toEqual({ name: plant.name, how: 'none' });
      const wanted = habit.kinds[plant.name];
      if (wanted !== undefined) expect(match.genusIds[0]).toBe(wanted);
    }
  });

  test('places, pots, media and days are read, or kept in the note', () => {
    if (habit.places) expect(table.places.map(({ text }) => text)).toEqual(habit.places);
    if (habit.widthsCm) expect(table.plants.map(({ rimDiameterCm }) => rimDiameterCm)).toEqual(habit.widthsCm);
    if (habit.media) {
      const mixOf = new Map(
        table.media.map(({ text, match }) => [text, match.mix.map((part) => part.mediumId).join('+')]),
      );
      expect(table.plants.map(({ mediumText }) => mixOf.get(mediumText))).toEqual(habit.media);
    }
    if (habit.order !== undefined) expect(table.dates.order).toBe(habit.order);
    const first = table.plants[0]!;
    if (habit.day !== undefined) expect(first.inMediumSince ?? first.acquiredOn).toBe(habit.day);
    for (const { mediumText, note } of table.plants) if (mediumText !== '') expect(note).toContain(mediumText);
  });
});
