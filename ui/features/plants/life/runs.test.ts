import type { QuickEntry } from '@server/records/journal/quick-entry-schemas';
import { runsOf } from './runs';

const entry = (kind: QuickEntry['kind'], day: number, more: Partial<QuickEntry> = {}): QuickEntry => ({
  id: crypto.randomUUID(),
  kind,
  happenedOn: `2026-06-${String(day).padStart(2, '0')}`,
  version: 1,
  batchId: null,
  ...more,
});
const told = (entries: readonly QuickEntry[]) =>
  runsOf(entries).map(({ entries: run }) => `${run.length} ${run[0]!.kind}`);

test('the same three times and more is one line; less, or with something between, is not', () => {
  expect(told([4, 3, 2, 1].map((day) => entry('watered', day)))).toEqual(['4 watered']);
  expect(told([2, 1].map((day) => entry('watered', day)))).toEqual(['1 watered', '1 watered']);
  expect(told([entry('fed', 5), entry('fed', 4), entry('flushed', 3), entry('fed', 2)])).toEqual([
    '1 fed',
    '1 fed',
    '1 flushed',
    '1 fed',
  ]);
});

test('what has a word of its own stands by itself, and nothing is lost', () => {
  const entries = [entry('watered', 6), entry('watered', 5), entry('watered', 4, { felt: 'dry' }), entry('watered', 3)];
  expect(told(entries)).toEqual(['1 watered', '1 watered', '1 watered', '1 watered']);
  expect(runsOf(entries).flatMap(({ entries: run }) => run)).toEqual(entries);
});

test('flowers and notes are never put together', () => {
  expect(told([3, 2, 1].map((day) => entry('noted', day)))).toHaveLength(3);
});
