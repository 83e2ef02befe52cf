/**
 * Tells the browser which scripts to take up whole. As a rule a browser reads a function only when it is called, on the thread
 * that draws; what every page begins with is called at once nearly all, and is better read beforehand, beside it. The line is
 * the explicit compile hint of V8 (Chromium 136); other browsers read it as a remark.
 */
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';

const HINT = '//# allFunctionsCalledOnLoad\n';
/** Shorter ones are read on the drawing thread anyway, whole or in part; measured: there the hint costs more than it saves. */
const LEAST_BYTES = 100_000;

const manifestSchema = z.object({ rootMainFiles: z.array(z.string()) });

/** buildFolder: with the manifest of the build, in which what every page begins with is named. */
export function takeUpWhole(buildFolder: string): void {
  const { rootMainFiles } = manifestSchema.parse(
    JSON.parse(readFileSync(join(buildFolder, 'build-manifest.json'), 'utf8')),
  );
  for (const file of rootMainFiles.map((name) => join(buildFolder, name))) {
    if (!existsSync(file) || statSync(file).size < LEAST_BYTES) continue;
    const text = readFileSync(file, 'utf8');
    if (!text.startsWith(HINT)) writeFileSync(file, HINT + text);
  }
}
