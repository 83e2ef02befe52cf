import { demoPlaces } from '../../catalogue/places';
import { withTimeAway } from '../../physics/places';
import { whereNowWords, timeAwayLine, usualAwayName } from './time-away';

const [first, second] = demoPlaces;
const home = { ...first!, name: 'my sill', latitudeDeg: 50 };
const away = { ...second!, name: 'my balcony' };
const days = { from: { month: 5, day: 15 }, to: { month: 9, day: 20 } };
const timeAway = withTimeAway(home, away, days).timeAway!;

test('two places in one year are told by date', () => {
  expect(timeAwayLine(timeAway)).toBe('From 15 May to 20 September: my balcony. Otherwise: my sill.');
  expect(whereNowWords(timeAway, '2026-07-01')).toBe('Now: my balcony, until 20 September.');
  expect(whereNowWords(timeAway, '2026-12-02')).toBe('Now: my sill. From 15 May: my balcony.');
});

test('a place of two is called by both, and fits into its field', () => {
  expect(usualAwayName(home, away, days)).toBe('my sill (my balcony in summer)');
  expect(usualAwayName({ ...home, latitudeDeg: -30 }, away, days)).toBe('my sill (my balcony in winter)');
  expect(usualAwayName({ ...home, name: 'n'.repeat(80) }, away, days)).toHaveLength(80);
});
