// Adds up the results of ./check and prints the closing line. Exit code 1 on any failure.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const [, , folder, skippedFile] = process.argv;
const read = (name) => (existsSync(join(folder, name)) ? readFileSync(join(folder, name), 'utf8') : null);

const skipped = JSON.parse(readFileSync(skippedFile, 'utf8')).tests;
let passed = 0;
let failed = 0;
const counted = (name, counts, leftOut = 0) => {
  const report = read(`${name}.json`);
  if (report === null) {
    failed += 1;
    return;
  }
  const [good, bad] = counts(JSON.parse(report));
  passed += good;
  failed += bad;
  // A runner that failed without a failing test (it could not load one) must not pass unseen,
  // nor one that found nothing to run.
  if (bad === 0 && (read(name)?.trim() !== 'ok' || good + leftOut === 0)) failed += 1;
};

for (const step of ['tables', 'structure', 'types', 'code', 'build', 'demo', 'chaos']) {
  if (read(step)?.trim() === 'ok') passed += 1;
  else {
    failed += 1;
    process.stdout.write(`step failed: ${step}\n`);
  }
}
counted('unit', (report) => [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites], skipped);
counted('e2e', ({ stats }) => {
  if (stats.flaky > 0) process.stdout.write(`browser tests that passed at their second try: ${stats.flaky}\n`);
  return [stats.expected + stats.flaky, stats.unexpected];
});

process.stdout.write(`\n${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped` : ''}\n`);
process.exitCode = failed === 0 ? 0 : 1;
