/** Lists of plants as growers keep them: every column finds its place, every kind its genus, and nothing is lost. */
import { mediumIds } from '../catalogue/media';
import { fieldsOf } from './columns';
import { orderOf, readDay } from './days';
import { kindOf } from './kinds';
import { mediumOf } from './media';
import { type ListChoices, readPlantTable } from './read';

const read = (text: string, choices: ListChoices = {}) => {
  const answer = readPlantTable(text, choices);
  if (answer.status !== 'ok') throw new Error(answer.why);
  return answer.table;
};

describe('columns', () => {
  test('are known by many headings, each by one', () => {
    expect(
      fieldsOf(['Tag-No.', 'Genus', 'Species', 'Parents', 'Bought from', 'Date acquired', 'Shelf', 'Room']),
    ).toEqual(['tagNumber', 'kind', 'species', 'parentage', 'source', 'acquiredOn', 'spot', 'place']);
    expect(fieldsOf(['Plant name', 'Medium', 'Last repotted', 'Last watered', 'Notes', 'Remarks'])).toEqual([
      'name',
      'medium',
      'inMediumSince',
      'wateredOn',
      'note',
      null,
    ]);
  });
  test('a heading may say more than the word, in any case and with accents', () => {
    expect(fieldsOf(['DATE OF LAST REPOTTED (dd/mm)', 'Growing area outside', 'Nàme', 'Price paid'])).toEqual([
      'inMediumSince',
      'place',
      'name',
      null,
    ]);
  });
});

describe('kinds', () => {
  // Common practice, no source: as tags are written.
  test.each([
    ['Phal.', ['phalaenopsis']],
    ['Phragmipedium besseae', ['phragmipedium']],
    ['Guarianthe skinneri', ['cattleya-bifoliate']],
    ['Neofinetia falcata', ['neofinetia']],
    ['Rock-dwelling Laelia', ['laelia-rupicolous']],
    ['moth orchid', ['phalaenopsis']],
    ['Ascocenda', ['vanda']],
    ['Dendrobium kingianum', ['dendrobium-kingianum']],
  ])('%s', (text, genusIdsOfIt) => {
    expect(kindOf(text)).toEqual({ how: 'sure', genusIds: genusIdsOfIt });
  });
  test('several of one name: the grower is asked, and all are offered', () => {
    expect(kindOf('Cattleya')).toMatchObject({ how: 'likely' });
    expect(kindOf('Cattleya').genusIds).toEqual(expect.arrayContaining(['cattleya-unifoliate', 'cattleya-bifoliate']));
    expect(kindOf('Den. nobile').genusIds[0]).toBe('dendrobium-softcane');
  });
  test.each([
    ['Phalenopsis', 'phalaenopsis'],
    ['Masdevalia veitchiana', 'masdevallia'],
    ['Zygopetulum', 'zygopetalum'],
    ['Bulbophylum', 'bulbophyllum'],
    ['miniature Stanhopea', 'stanhopea'],
  ])('%s is likely %s, and said to be no more', (text, genusId) => {
    const { how, genusIds: found } = kindOf(text);
    expect([how, found.includes(genusId)]).toEqual(['likely', true]);
  });
  test.each(['', 'no idea', 'Monstera', '???'])('“%s” is none', (text) => {
    expect(kindOf(text)).toEqual({ how: 'none', genusIds: [] });
  });
});

test('media by their name, or by the word alone', () => {
  const mixOf = (text: string) => mediumOf(text).mix.map(({ mediumId, parts }) => `${parts} ${mediumId}`);
  expect(mediumOf('Conifer bark 6–12 mm')).toEqual({ how: 'sure', mix: [{ mediumId: 'bark-6-12', parts: 1 }] });
  expect(mixOf('medium bark')).toEqual(['1 bark-6-12']);
  expect(mixOf('NZ sphagnum')).toEqual(['1 sphagnum-loose']);
  expect(mixOf('peat perlite')).toEqual(['1 peat-perlite']);
  expect(mixOf('Fine bark/perlite/charcoal 3:1:1')).toEqual(['3 bark-3-6', '1 perlite-3-6', '1 charcoal-8-16']);
  expect(mixOf('70 % pumice, 30 % coco chips')).toEqual(['70 pumice-3-6', '30 coco-chips-6-12']);
  expect(mixOf('bark 10-15 mm and moss')).toEqual(['1 bark-6-12', '1 sphagnum-loose']);
  expect(mixOf('LECA')).toEqual(['1 clay-pebbles-8-16']);
  expect(mediumOf('my own mix')).toEqual({ how: 'none', mix: [] });
  for (const text of [
    'moss',
    'fine bark',
    'coarse bark',
    'bark',
    'leca',
    'pumice',
    'lava',
    'perlite',
    'coir',
    'tree fern',
    'cork',
  ]) {
    expect(mediumIds).toContain(mediumOf(text).mix[0]!.mediumId);
  }
});

describe('days', () => {
  test.each([
    ['2021-03-14', '2021-03-14', '2021-03-14'],
    ['14.3.2021', '2021-03-14', null],
    ['3/14/21', null, '2021-03-14'],
    ['3/4/2021', '2021-04-03', '2021-03-04'],
    ['14 March 2021', '2021-03-14', '2021-03-14'],
    ['14-Mar-21', '2021-03-14', '2021-03-14'],
    ['March 14, 2021', '2021-03-14', '2021-03-14'],
    ['Mar 2021', '2021-03-01', '2021-03-01'],
    ['03/2021', '2021-03-01', '2021-03-01'],
    ['2021', '2021-01-01', '2021-01-01'],
    ['12/31/99', null, '1999-12-31'],
    ['31.2.2021', null, null],
    ['soon', null, null],
    ['1.1.0021', null, null],
  ])('%s', (text, dayFirst, monthFirst) => {
    expect(readDay(text)).toEqual({ 'day first': dayFirst, 'month first': monthFirst });
  });
  test('the order of a list is told by its days, or asked', () => {
    expect(orderOf(['3/4/2021', '25/4/2021'])).toEqual({ order: 'day first', example: '3/4/2021' });
    expect(orderOf(['3/4/2021', '4/25/2021'])).toEqual({ order: 'month first', example: '3/4/2021' });
    expect(orderOf(['3/4/2021', '5/6/2021'])).toEqual({ order: null, example: '3/4/2021' });
    expect(orderOf(['2021-03-04', '4/4/2021'])).toEqual({ order: 'day first', example: null });
  });
});

describe('a list', () => {
  const list = [
    'No;Name;Genus;Parents;Repotted;Medium;Where;Died;Fate;Pot colour;Notes',
    '7;"Big ""Red""";Phal.;A x B;14.03.2021;bark;Sill;;;blue;likes it dry',
    '8;Dragon;Masdevalia;;someday;secret;Shade;;;;',
    ';;;;;;;;;;',
    '9;;Vanda;;;;Sill;1.2.2024;sold to a friend;;',
    '10;;;;;;;;;;forgotten',
  ].join('\r\n');

  test('is read whole: what has no place of its own stands in the note', () => {
    const { plants, columns, nameless, unreadableDays } = read(list);
    expect(columns.map(({ field }) => field)).toEqual([
      'tagNumber',
      'name',
      'kind',
      'parentage',
      'inMediumSince',
      'medium',
      'place',
      'leftOn',
      'leftHow',
      null,
      'note',
    ]);
    expect(plants).toEqual([
      expect.objectContaining({
        line: 2,
        tagNumber: '7',
        name: 'Big "Red"',
        kindText: 'Phal.',
        parentage: 'A x B',
        inMediumSince: '2021-03-14',
        mediumText: 'bark',
        placeText: 'Sill',
        left: null,
        note: 'likes it dry. Pot colour: blue. Medium: bark',
      }),
      expect.objectContaining({
        line: 3,
        mediumText: 'secret',
        inMediumSince: null,
        note: 'Medium: secret. Potted: someday',
      }),
      expect.objectContaining({ line: 5, name: 'Vanda', left: { on: '2024-02-01', how: 'sold' } }),
    ]);
    expect(nameless).toEqual([6]);
    expect(unreadableDays).toEqual([{ line: 3, text: 'someday' }]);
  });

  test('tells which kinds and places it names, and how often', () => {
    const { kinds, places } = read(list);
    expect(kinds.map(({ text, plants, match }) => [text, plants, match.how])).toEqual([
      ['Phal.', 1, 'sure'],
      ['Masdevalia', 1, 'likely'],
      ['Vanda', 1, 'sure'],
    ]);
    expect(places).toEqual([
      { text: 'Sill', plants: 2 },
      { text: 'Shade', plants: 1 },
    ]);
  });

  test('what the grower says of a column or of the days holds', () => {
    const text = 'Plant,Bought,Colour\nPhal. one,3/4/2021,red';
    expect(read(text).dates).toEqual({ order: null, example: '3/4/2021' });
    const [plant] = read(text, { dates: 'month first', fields: { 2: 'spot' } }).plants;
    expect(plant).toMatchObject({ acquiredOn: '2021-03-04', spot: 'red', note: '' });
    expect(read(text, { fields: { 1: null } }).plants[0]).toMatchObject({
      acquiredOn: null,
      note: 'Bought: 3/4/2021. Colour: red',
    });
  });

  test('a kind and a species make a name where there is none', () => {
    expect(read('Genus\tSpecies\nVanda\tcoerulea').plants[0]).toMatchObject({
      name: 'Vanda coerulea',
      kindText: 'Vanda',
    });
  });

  test('what is too long for its place is cut there and kept in the note', () => {
    const long = 'x'.repeat(130);
    const [plant] = read(`Name,Tag\n${long},1`).plants;
    expect([plant!.name.length, plant!.note]).toEqual([120, `Name: ${long}`]);
  });

  test('the guard that a spreadsheet needs is taken off again', () => {
    expect(read("Name,Notes\n'=Sun,'+2 bulbs").plants[0]).toMatchObject({ name: '=Sun', note: '+2 bulbs' });
  });

  test.each([
    ['', 'no rows'],
    ['Name', 'no rows'],
    ['Colour,Size\nred,3', 'no name column'],
    [`Name\n${'x\n'.repeat(5001)}`, 'too many rows'],
    ['x'.repeat(4_000_001), 'too long'],
  ])('%#: refused with a reason', (text, why) => {
    expect(readPlantTable(text)).toEqual({ status: 'refused', why });
  });
});
