/** A test is left out only while nothing that goes into it has changed since it passed. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { mayBeSkipped, withResults } from './green-tests';

mkdirSync('.data', { recursive: true });
const folder = mkdtempSync(join(process.cwd(), 'scripts/green-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const at = (name: string) => join(relative(process.cwd(), folder), name);
const write = (name: string, text: string) => writeFileSync(join(folder, name), text);
const report = (name: string, status: string) => ({
  testResults: [{ name: join(folder, name), status, assertionResults: [{ status }, { status }] }],
});

test('green once, left out until what it reads is another; what failed runs again', async () => {
  write('sum.ts', 'export const sum = 1; export const other = 2;');
  write('sum.test.ts', "import { sum } from './sum'; test('x', () => expect(sum).toBe(1));");
  const tests = [at('sum.test.ts')];
  const first = await mayBeSkipped(tests, {});
  expect(first.skip).toEqual([]);
  const store = withResults({}, first, report('sum.test.ts', 'passed'), process.cwd());
  expect(await mayBeSkipped(tests, store)).toMatchObject({ skip: tests, tests: 2 });
  // What it reads, but not what is in its bundle.
  write('sum.ts', 'export const sum = 1; export const other = 3;');
  const untouched = await mayBeSkipped(tests, store);
  expect(untouched.skip).toEqual(tests);
  const kept = withResults(store, untouched, { testResults: [] }, process.cwd());
  expect(Object.keys(kept)).toEqual(tests);
  write('sum.ts', 'export const sum = 2; export const other = 3;');
  const changed = await mayBeSkipped(tests, kept);
  expect(changed.skip).toEqual([]);
  expect(withResults(kept, changed, report('sum.test.ts', 'failed'), process.cwd())).toEqual({});
});

test('a test that reads files of its own always runs', async () => {
  write('file.test.ts', "import { readFileSync } from 'node:fs'; test('x', () => expect(readFileSync('x')).toBe(1));");
  expect((await mayBeSkipped([at('file.test.ts')], {})).inputs).toEqual({});
});
