import { defineConfig } from '@mikro-orm/postgresql';
import { Migrator } from '@mikro-orm/migrations';
import { Collection, OwnItem, Plant, Potting, StoredPlace } from './entities';
import { Migration20261124000000 } from './migrations/Migration20261124000000';
import { Migration20261125000000 } from './migrations/Migration20261125000000';
import { Migration20261126000000 } from './migrations/Migration20261126000000';

/** The database's address, as the start script hands it over. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set: start the application with ./start');
  return url;
}

export function ormConfig(clientUrl: string) {
  return defineConfig({
    clientUrl,
    entities: [Collection, OwnItem, Plant, Potting, StoredPlace],
    extensions: [Migrator],
    migrations: {
      migrationsList: [
        { name: 'Migration20261124000000', class: Migration20261124000000 },
        { name: 'Migration20261125000000', class: Migration20261125000000 },
        { name: 'Migration20261126000000', class: Migration20261126000000 },
      ],
      snapshot: false,
    },
    pool: { min: 0, max: 5 },
  });
}
