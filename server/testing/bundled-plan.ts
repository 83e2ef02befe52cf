/** The plan of the core as one bundle: read file by file through the test runner it takes more than twice as long. */
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { runInThisContext } from 'node:vm';
import { buildSync } from 'esbuild';
import type { makePlan } from '@core';

type Advise = { readonly makePlan: typeof makePlan };
type Wrapped = (module: { exports: Advise }, exports: Advise, require: NodeJS.Require) => void;

export function bundledPlan(): typeof makePlan {
  // From the root, where tests run: bundled itself, this file no longer knows where it lies.
  const entry = join(process.cwd(), 'core/advise/index.ts');
  const { outputFiles } = buildSync({
    entryPoints: [entry],
    bundle: true,
    platform: 'node',
    format: 'cjs',
    write: false,
    logLevel: 'error',
  });
  const wrapped = runInThisContext(`(module, exports, require) => {${outputFiles[0]!.text}\n}`) as Wrapped;
  const bundle = { exports: {} as Advise };
  wrapped(bundle, bundle.exports, createRequire(entry));
  return bundle.exports.makePlan;
}
