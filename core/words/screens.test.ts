/** Sentences on the screens: counts, what may be missing, and no hole where a word should stand. */
import {
  byYourFinger,
  factsChangedMeanwhile,
  fieldRange,
  growthMover,
  growthNote,
  hardAsIn,
  inMediumFor,
  mattersLabel,
  monthInWords,
  movedFromTo,
  plantsOnRecord,
  plural,
  saltsByLayer,
  setupsStopped,
  shootName,
  shootsFromAbove,
  someArePotted,
  takeInPlants,
  workingAhead,
} from '.';

test('one is one, and many are many', () => {
  expect(plural(1, 'medium', 'media')).toBe('1 medium');
  expect(plural(0, 'plant')).toBe('0 plants');
  expect(plantsOnRecord(1)).toBe('1 plant is on record.');
  expect(plantsOnRecord(12)).toBe('12 plants are on record.');
  expect(takeInPlants(1)).toBe('Take in 1 plant');
  expect(workingAhead(2)).toBe('Working out ahead: 2 plants to go. The list may still change.');
  expect(setupsStopped(36, 1, 'bark', '')).toBe('Stops 36 setups in one medium: bark.');
  expect(setupsStopped(36, 5, 'bark, moss', ' and 3 more')).toBe('Stops 36 setups in 5 media: bark, moss and 3 more.');
});

test('what is not there leaves no trace in the sentence', () => {
  expect(movedFromTo(undefined, 'Sill', undefined)).toBe('Moved from elsewhere to Sill');
  expect(movedFromTo('Sill', undefined, 'left')).toBe('Moved from Sill to elsewhere, left');
  expect(monthInWords(0, '3 days too wet', false, '')).toBe('January: 3 days too wet');
  expect(monthInWords(6, 'fine', true, 'too dark')).toBe(
    'July: fine; it rests, and wants less water; the place: too dark',
  );
  expect(factsChangedMeanwhile('', false)).toBe(
    'Somebody changed this plant meanwhile. Keep it once more, or leave it as it is.',
  );
  expect(factsChangedMeanwhile('name is now “Bell”', true)).toBe(
    'Somebody changed this plant meanwhile: name is now “Bell”. Where both wrote, yours stands here. Keep it once more, or leave it as it is.',
  );
  expect(fieldRange('Weight', 1, 9, undefined)).toBe('Weight must be between 1 and 9.');
  expect(fieldRange('Weight', 1, 9, 'g')).toBe('Weight must be between 1 and 9 g.');
  expect(hardAsIn(null, 'July')).toBe('as hard as in July');
  expect(hardAsIn(0.5, 'July')).toBe('50 % as hard as in July');
});

test('drawings say what is on them, one plant or several', () => {
  expect(shootsFromAbove(1, null)).toBe('1 shoot from above');
  expect(shootsFromAbove(4, 2)).toBe('4 shoots from above, 2 of them new since the map before');
  expect(shootName('Lead', 2, null)).toBe('Lead 2');
  expect(shootName('Lead', 2, 1)).toBe('Lead 2 of plant 1');
  expect(growthMover(null, '3 cm')).toMatch(/^Move the plant: 3 cm from the middle/);
  expect(growthMover(2, '3 cm')).toMatch(/^Move plant 2: /);
  expect(growthNote(null)).toMatch(/Even chances\.$/);
  expect(growthNote(0.8)).toMatch(/80 % sure\.$/);
});

test('figures stand with their units', () => {
  const layers = [
    { role: 'main', dsM: 1.26 },
    { role: 'drainage', dsM: 0.9 },
  ];
  expect(saltsByLayer(layers)).toBe('main 1.3, drainage 0.9 mS/cm at most, as if just watered, from the bottom up.');
  expect(mattersLabel(null)).toBe('A difference that matters (share)');
  expect(mattersLabel('cm')).toBe('A difference that matters, cm');
  expect(someArePotted(2, 5, true)).toBe('2 of 5 potted, stopped');
  expect(byYourFinger(false)).toContain('faster');
});

test('what was potted today has not been there for nought years', () => {
  expect([0, 0.4, 1, 2.5].map(inMediumFor)).toEqual(['under a year', 'under a year', '1 year', '2.5 years']);
});
