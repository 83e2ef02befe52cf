import type { NextConfig } from 'next';
import { PHASE_PRODUCTION_BUILD } from 'next/constants';
import { join } from 'node:path';
import { packAssets } from './server/runtime/static-assets/pack';
import { takeUpWhole } from './server/runtime/static-assets/whole-at-once';
import { addressOf, bundleWorker, writeWorker } from './ui/data/worker/bundle';

export default function config(phase: string): NextConfig {
  // While developing, the worker is made of pieces, so that its changes are seen.
  const bundled = phase === PHASE_PRODUCTION_BUILD ? bundleWorker(process.cwd()) : null;
  return {
    env: {
      // What a browser kept of another build is not asked any more.
      CAIRN_BUILD: String(Date.now()),
      CAIRN_BENCH_WORKER: bundled ? addressOf(bundled) : '',
    },
    compiler: {
      runAfterProductionCompile: async ({ distDir }) => {
        if (bundled) writeWorker(bundled, distDir);
        takeUpWhole(distDir);
        await packAssets(join(distDir, 'static'));
      },
    },
    // ./check builds into a folder of its own, so that it can run beside ./start.
    distDir: process.env.NEXT_DIST_DIR ?? '.next',
    // Next writes the build folder's types into this file; ./check hands over one of its own.
    // Types are checked by "npm run types", once, and not again by every build.
    typescript: { tsconfigPath: process.env.NEXT_TSCONFIG ?? 'tsconfig.json', ignoreBuildErrors: true },
    poweredByHeader: false,
    // A build begins with what the one before found, by content.
    experimental: { turbopackFileSystemCacheForBuild: true },
    serverExternalPackages: [
      '@mikro-orm/core',
      '@mikro-orm/postgresql',
      '@mikro-orm/migrations',
      '@mikro-orm/knex',
      'pg',
      'knex',
      'piscina',
    ],
  };
}
