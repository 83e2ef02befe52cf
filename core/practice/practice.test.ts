/** The model beside what growers do and what was published. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { TOLERANCE } from './constants';
import { practiceTable, runAllPractice } from './run';

const results = runAllPractice();

describe('rows that constants were set on', () => {
  const rows = results.filter((result) => result.use === 'set');

  test.each(rows.map((row) => [row.name, row] as const))('%s: within its range', (_name, row) => {
    expect(row.within).toBe(true);
  });

  test('eight of them are days that growers count, named as such', () => {
    const days = rows.filter((row) => row.practiceDays);
    expect(days).toHaveLength(8);
    for (const row of days) expect(row.modelDays).toBe(row.model);
  });
});

describe('rows held out', () => {
  const rows = results.filter((result) => result.use === 'held out');

  test('at least eight, from at least six publications, each with its source', () => {
    expect(rows.length).toBeGreaterThanOrEqual(8);
    expect(new Set(rows.map((row) => row.source)).size).toBeGreaterThanOrEqual(6);
    for (const row of rows) expect(row.source.length).toBeGreaterThan(5);
  });

  test.each(rows.map((row) => [row.name, row] as const))('%s: within, or near with a reason', (_name, row) => {
    const [least, most] = row.range;
    if (row.within) return;
    expect(row.reason).toBeDefined();
    expect(row.model).toBeGreaterThan(least * (1 - TOLERANCE));
    expect(row.model).toBeLessThan(most * (1 + TOLERANCE));
  });

  test('all but two are within', () => {
    expect(rows.filter((row) => !row.within).length).toBeLessThanOrEqual(2);
  });
});

test('each row has a name of its own', () => {
  expect(new Set(results.map((row) => row.id)).size).toBe(results.length);
});

test('docs/model.md carries the table as the command prints it', () => {
  const text = readFileSync(join(__dirname, '../../docs/model.md'), 'utf8');
  // The formatter pads the cells; what stands in them is the same.
  const cells = (table: string) => table.replace(/ +/g, ' ').replace(/\|[-| ]+\|\n/g, '');
  expect(cells(text)).toContain(cells(practiceTable(results)).trim());
});
