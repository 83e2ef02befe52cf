/** The case as a sentence: what is said stands as said, what is not as an assumption. */
import { makePlan } from '@core';
import { metricWords } from '@core/words';
import { answersOf, isAlways, type PhraseId, phraseIds, phraseOf, phrasesFor } from './phrases';
import { everydayWords } from './everyday-words';
import { phraseGroups, sayables, sayablesFor } from './phrase-search';

const names = {
  genus: 'Phalaenopsis',
  place: 'Kiln Lane flat',
  inOrOn: 'in' as const,
  mediumName: undefined,
  vesselName: undefined,
};
const said = (answers: object, more: Partial<typeof names> | object = {}, units: typeof metricWords = metricWords) =>
  Object.fromEntries(
    phrasesFor({ answers, plan: null, names: { ...names, ...more }, units }).map((phrase) => [phrase.id, phrase]),
  ) as Record<PhraseId, ReturnType<typeof phrasesFor>[number]>;

test('what was not said is an assumption, with the usual value once it is known', () => {
  const bare = said({ genus: 'phalaenopsis' });
  expect(bare.genus.isStated).toBe(true);
  expect(bare.roots).toMatchObject({ text: 'roots not measured', isStated: false });
  expect(bare.shows).toMatchObject({ text: 'not looked at yet', isStated: false });
  expect(bare.now).toMatchObject({ text: 'an unknown mix', isStated: false });
  const plan = makePlan({ genus: 'phalaenopsis', place: 'heated-flat' }, { isRough: true });
  const [, roots] = phrasesFor({ answers: {}, plan, names, units: metricWords });
  expect(roots).toMatchObject({ text: 'roots usually 4.9 mm', isStated: false });
});

test('what was said stands in the grower’s words and units', () => {
  const full = said(
    {
      rootDiameterMm: 5,
      signs: { tips: 'starting', inBloom: true },
      current: { mediumId: 'bark-6-12', yearsInMedium: 3, rimDiameterCm: 12 },
      routine: { kind: 'every', days: 7 },
      shootCount: 1,
      liveRootsPct: 40,
      waterKind: 'rain',
      holiday: { fromDay: 100, days: 14 },
    },
    { mediumName: 'Conifer bark 6–12 mm' },
  );
  expect(full.roots.text).toBe('roots 5 mm');
  expect(full.shows.text).toBe('showing tips, bloom');
  expect(full.now.text).toBe('conifer bark, 3 years, 12 cm pot');
  expect(full.watering.text).toBe('every 7 days');
  expect(full.size.text).toBe('1 shoot');
  expect(full.health.text).toBe('40 % live roots');
  expect(full.water.text).toBe('rain water');
  expect(full.away.text).toBe('away 14 days');
  expect(said({ current: { yearsInMedium: 1, condition: 'gone sour' } }).now.text).toBe('1 year, gone sour');
  const inches = said({ current: { rimDiameterCm: 12.7 } }, {}, { length: 'inch', temperature: 'F' });
  expect(inches.now.text).toBe('5 in pot');
});

test.each([
  [{ kind: 'weekdays', weekdays: [2, 6] }, 'on Wed, Sun'],
  [{ kind: 'when dry', way: 'drip' }, 'when it is dry, by dripper'],
  [{ kind: 'misting', timesADay: 2 }, 'by a mist 2 times a day'],
  [{ kind: 'every', days: 1, way: 'soak', soakMinutes: 15 }, 'every day, soaked 15 min'],
])('%j is said as %s', (routine, text) => {
  expect(said({ routine }).watering.text).toBe(text);
});

test('the article goes with the name', () => {
  expect(said({}).genus.before).toBe('A');
  expect(said({}, { genus: 'Angraecum' }).genus.before).toBe('An');
});

test('every answer belongs to one phrase, and a fault finds it', () => {
  const keys = phraseIds.flatMap((id) => answersOf[id]);
  expect(new Set(keys).size).toBe(keys.length);
  expect(phraseOf('current.yearsInMedium')).toBe('now');
  expect(phraseOf('feed.addsDsM')).toBe('water');
  expect(phraseIds.filter(isAlways)).toEqual(['genus', 'roots', 'shows', 'place', 'watering', 'now']);
});

test('a half-typed answer says so without breaking the sentence', () => {
  const odd = said({
    rootDiameterMm: null,
    shootCount: '3',
    routine: { kind: 'every' },
    current: { yearsInMedium: null },
  });
  expect(odd.roots.text).toBe('roots not measured');
  expect(odd.watering.text).toBe('every few days');
});

test('what else can be said is found in British and American words', () => {
  const first = (looked: string) => sayablesFor(looked)[0]?.label;
  expect(first('fertilizer')).toBe(first('fertiliser'));
  expect(first('vacation')).toBe('Away from home');
  expect(first('shriveled')).toBe('Bulbs, how they look');
  expect(first('EC')).toBe('Salts of the water');
  expect(first('ertiliz')).toBe('Feed');
  expect(sayablesFor('')).toHaveLength(sayables.length);
  expect(sayablesFor('xyzzy')).toEqual([]);
});

test('three hundred everyday words each lead first to what says them', () => {
  const all = Object.entries(everydayWords).flatMap(([label, words]) => words.map((word) => [word, label] as const));
  expect(all.length).toBeGreaterThanOrEqual(300);
  const labels = new Set(sayables.map(({ label }) => label));
  expect(Object.keys(everydayWords).filter((label) => !labels.has(label))).toEqual([]);
  const spelled = all.map(([word]) => word.toLowerCase());
  expect(spelled.filter((word, i) => spelled.indexOf(word) !== i)).toEqual([]);
  expect(all.filter(([word, label]) => sayablesFor(word.toUpperCase())[0]?.label !== label)).toEqual([]);
});

test.each([
  ['outdoor', 'Where it stands'],
  ['humidity', 'Where it stands'],
  ['temperature', 'Where it stands'],
  ['gnats', 'Whether its medium still holds'],
  ['clay balls', 'Media you have'],
  ['self-watering', 'The pot it is in'],
  ['wick', 'The pot it is in'],
  ['pest', 'Look it over'],
  ['crispy', 'Bulbs, how they look'],
  ['limp', 'Bulbs, how they look'],
  ['window', 'Where it stands'],
  ['bury', 'How deep it goes'],
  ['outside in summer', 'Outside for the summer'],
])('%s is found under %s', (word, label) => expect(sayablesFor(word)[0]?.label).toBe(label));

test('its own name leads to it before anything else', () => {
  for (const { label } of sayablesFor('')) expect(sayablesFor(label.toLowerCase())[0]!.label).toBe(label);
});

test('every group has something in it, and what is no phrase leads somewhere else', () => {
  expect(new Set(sayables.map(({ group }) => group))).toEqual(new Set(phraseGroups));
  for (const { phrase, page, href } of sayables) expect(phrase ?? page ?? href).toBeTruthy();
});
