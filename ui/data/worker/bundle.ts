/**
 * The bench's worker as one file. Made of the page's own pieces it would fetch a dozen of them one after the other, and the
 * first answer would wait for each.
 */
import { createHash } from 'node:crypto';
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { buildSync } from 'esbuild';

export interface BundledWorker {
  /** Below the build's folder. */
  readonly path: string;
  readonly text: string;
}

const HASH_LETTERS = 12;

/** The address from which the server hands out a file of the build. */
export const addressOf = ({ path }: BundledWorker): string => `/_next/${path}`;

export function bundleWorker(root: string): BundledWorker {
  const { outputFiles } = buildSync({
    entryPoints: [join(root, 'ui/data/worker/bench-worker.ts')],
    tsconfig: join(root, 'tsconfig.json'),
    bundle: true,
    minify: true,
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    write: false,
    logLevel: 'error',
  });
  const { text } = outputFiles[0]!;
  const hash = createHash('sha256').update(text).digest('hex').slice(0, HASH_LETTERS);
  return { path: `static/workers/bench-${hash}.js`, text };
}

export function writeWorker({ path, text }: BundledWorker, buildFolder: string): void {
  const file = join(buildFolder, path);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, text);
}
