import { defineConfig, type Options } from '@mikro-orm/postgresql';
import { Migrator } from '@mikro-orm/migrations';
import { Migration20261124000000 } from './migrations/Migration20261124000000';
import { Migration20261125000000 } from './migrations/Migration20261125000000';
import { Migration20261126000000 } from './migrations/Migration20261126000000';
import { Migration20261127000000 } from './migrations/Migration20261127000000';
import { Migration20261128000000 } from './migrations/Migration20261128000000';
import { Migration20261129000000 } from './migrations/Migration20261129000000';
import { Migration20261130000000 } from './migrations/Migration20261130000000';
import { Migration20261201000000 } from './migrations/Migration20261201000000';
import { Migration20261202000000 } from './migrations/Migration20261202000000';
import { Migration20261203000000 } from './migrations/Migration20261203000000';
import { Migration20261204000000 } from './migrations/Migration20261204000000';
import { Migration20261205000000 } from './migrations/Migration20261205000000';
import { Migration20261206000000 } from './migrations/Migration20261206000000';
import { Migration20261207000000 } from './migrations/Migration20261207000000';
import { Migration20261208000000 } from './migrations/Migration20261208000000';
import { Migration20261215000000 } from './migrations/Migration20261215000000';
import { Migration20261220000000 } from './migrations/Migration20261220000000';

/** The database's address, as the start script hands it over. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set: start the application with ./start');
  return url;
}

/** In the order in which they are applied. */
const migrations = [
  Migration20261124000000,
  Migration20261125000000,
  Migration20261126000000,
  Migration20261127000000,
  Migration20261128000000,
  Migration20261129000000,
  Migration20261130000000,
  Migration20261201000000,
  Migration20261202000000,
  Migration20261203000000,
  Migration20261204000000,
  Migration20261205000000,
  Migration20261206000000,
  Migration20261207000000,
  Migration20261208000000,
  Migration20261215000000,
  Migration20261220000000,
];

/** The steps that this program knows. */
export const migrationNames: readonly string[] = migrations.map((migration) => migration.name);

type Entities = NonNullable<Options['entities']>;

/** entities: the tables as the program reads them; none for whoever only counts rows or moves the tables. */
export function ormConfig(clientUrl: string, entities: Entities) {
  return defineConfig({
    clientUrl,
    entities,
    discovery: { warnWhenNoEntities: false },
    extensions: [Migrator],
    migrations: {
      migrationsList: migrations.map((migration) => ({ name: migration.name, class: migration })),
      snapshot: false,
    },
    pool: { min: 0, max: 5 },
  });
}

const SLOWEST_CONNECTION_MS = 2_000;
const SLOWEST_STATEMENT_MS = 10_000;

/**
 * For requests: a frozen database must not hold them for ever, so connections and statements are given
 * up. Migrations take the time they need.
 */
export function requestConfig(clientUrl: string, entities: Entities) {
  return {
    ...ormConfig(clientUrl, entities),
    pool: { min: 0, max: 5, acquireTimeoutMillis: SLOWEST_CONNECTION_MS },
    driverOptions: {
      connection: {
        connectionTimeoutMillis: SLOWEST_CONNECTION_MS,
        statement_timeout: SLOWEST_STATEMENT_MS,
        query_timeout: SLOWEST_STATEMENT_MS + SLOWEST_CONNECTION_MS,
      },
    },
  };
}
