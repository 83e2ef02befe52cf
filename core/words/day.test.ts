import { checkWith } from '../base';
import { type DayAsked, dayQuestionSchema, prepareDay } from '../day';
import { allBad } from '../testing/language';
import { clockText, spanText, wordDay } from './day';
import { metricWords } from './phrasing/format';

const setup = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [
    {
      role: 'main',
      mix: [
        { mediumId: 'bark-6-12', parts: 4 },
        { mediumId: 'perlite-3-6', parts: 1 },
      ],
      heightCm: 8,
    },
  ],
};
const mount = {
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 8, padThicknessCm: 1 },
  layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 1 }],
};
const plant = (id: string, genus: string, more: object = {}, asked: object = {}) => ({
  id,
  name: id,
  case: { genus, place: 'heated-flat', ...more },
  setup,
  ...asked,
});

function answer(change: object = {}) {
  const read = checkWith(dayQuestionSchema(), {
    on: '2027-03-06',
    hours: 5,
    plants: [
      plant('Moth', 'phalaenopsis'),
      plant('Rotten', 'cattleya-unifoliate', { signs: { rot: true } }),
      plant('Mounted', 'aerangis', {}, { setup: mount }),
    ],
    stock: [
      { id: 'bark', thing: { kind: 'medium', mediumId: 'bark-6-12' }, amount: 1 },
      { id: 'pots', thing: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 13 }, amount: 1 },
    ],
    ...change,
  });
  if (read.status !== 'ok') throw new Error(JSON.stringify(read.faults));
  return wordDay(prepareDay(read.value as DayAsked), metricWords);
}

test('each step says what to do, with this plant’s pot, layers and litres', () => {
  const { plants } = answer();
  const stepOf = (name: string, kind: string) =>
    plants.find((one) => one.name === name)!.stepTexts.find((step) => step.kind === kind)!;
  expect(stepOf('Moth', 'pot').sentence).toMatch(
    /^1[23] cm round plastic pot\. From the bottom .* cm of 4 parts conifer bark 6–12 mm, 1 part perlite 3–6 mm \(0\.\d+ L\)\. Plant in the middle/,
  );
  expect(stepOf('Mounted', 'pot').sentence).toMatch(
    /^Tie it to the .*, 8 cm, over 1 cm of long-fibre sphagnum.*; nothing may move\.$/,
  );
  expect(stepOf('Rotten', 'fizz').cautions.join(' ')).toMatch(/label wins/);
});

test('a pot that is not the one wanted says how; one that must be bought says so', () => {
  const texts = answer().plants.map(({ name, potText }) => [name, potText]);
  const potted = texts.filter(([name]) => name !== 'Mounted').map(([, text]) => text);
  expect(potted).toContain('From the shelf, 1 cm wider than wanted.');
  expect(potted.some((text) => text!.startsWith('Not on the shelf: to be bought.'))).toBe(true);
});

test('time is told as a span, and what does not fit by name', () => {
  expect(answer().timeText).toMatch(/^About \d.* min, in eight days of ten between .* and .*\.$/);
  const tight = answer({ hours: 0.75 });
  expect(tight.timeText).toMatch(/That is more than the 45 min there are\.$/);
  expect(tight.dropText).toMatch(/^To be sure of the rest, leave for another day: /);
  expect([spanText(2), spanText(60), spanText(127)]).toEqual(['5 min', '1 h', '2 h 5 min']);
  expect([clockText(545), clockText(1439.8)]).toEqual(['09:05', '00:00']);
});

test('what is short is said with numbers and what would do instead', () => {
  const { shortages } = answer({ stock: [{ id: 'fine', thing: { kind: 'medium', mediumId: 'bark-3-6' }, amount: 9 }] });
  const bark = shortages.find(({ sentence }) => sentence.startsWith('Conifer bark 6–12 mm'))!;
  expect(bark.sentence).toMatch(/: \d.* L needed, 0 L there, \d.* L short\.$/);
  expect(bark.insteadTexts[0]).toMatch(/^Conifer bark 3–6 mm, 9 L to spare: finer and wetter$/);
});

test('sentences are plain', () => {
  const { plants, bringTexts, timeText } = answer();
  const said = [
    ...bringTexts,
    timeText,
    ...plants.flatMap(({ turnText, potText, stepTexts, advice }) => [
      turnText,
      potText,
      ...advice,
      ...stepTexts.flatMap(({ sentence, cautions }) => [sentence, ...cautions]),
    ]),
  ];
  expect(allBad(said.filter(Boolean))).toEqual([]);
});
