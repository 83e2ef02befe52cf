/** A test of the core as one bundle: read file by file through the test runner, what it works out takes twice as long. */
import { createHash } from 'node:crypto';
import { buildSync } from 'esbuild';

const bundles = new Map();

function bundleOf(path) {
  const known = bundles.get(path);
  if (known !== undefined) return known;
  const { outputFiles } = buildSync({
    entryPoints: [path],
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'cjs',
    sourcemap: 'inline',
    sourcesContent: false,
    write: false,
    logLevel: 'error',
  });
  const code = outputFiles[0].text;
  bundles.set(path, code);
  return code;
}

const bundledTests = {
  process: (_text, path) => ({ code: bundleOf(path) }),
  // All that goes into the bundle decides whether it is still good.
  getCacheKey: (_text, path) => createHash('sha256').update(bundleOf(path)).digest('hex'),
};

export default bundledTests;
