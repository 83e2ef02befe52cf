import type { NextConfig } from 'next';

const config: NextConfig = {
  // ./check builds into a folder of its own, so that it can run beside ./start.
  distDir: process.env.NEXT_DIST_DIR ?? '.next',
  poweredByHeader: false,
  serverExternalPackages: [
    '@mikro-orm/core',
    '@mikro-orm/postgresql',
    '@mikro-orm/migrations',
    '@mikro-orm/knex',
    'pg',
    'knex',
  ],
};

export default config;
