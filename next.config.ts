import type { NextConfig } from 'next';

const config: NextConfig = {
  // What a browser kept of another build is not asked any more.
  env: { CAIRN_BUILD: String(Date.now()) },
  // ./check builds into a folder of its own, so that it can run beside ./start.
  distDir: process.env.NEXT_DIST_DIR ?? '.next',
  // Next writes the build folder's types into this file; ./check hands over one of its own.
  // Types are checked by "npm run types", once, and not again by every build.
  typescript: { tsconfigPath: process.env.NEXT_TSCONFIG ?? 'tsconfig.json', ignoreBuildErrors: true },
  poweredByHeader: false,
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

export default config;
