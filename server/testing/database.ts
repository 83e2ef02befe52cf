/**
 * For tests only: a real PostgreSQL, whose address ./check hands over in TEST_DATABASE_URL. Without one
 * these tests fail; whoever works without a database leaves them out by name.
 */
import { randomUUID } from 'node:crypto';
import { type EntityManager, MikroORM } from '@mikro-orm/postgresql';
import { ensureCollection } from '../records/collections/repository';
import { ormConfig } from '../runtime/database/config';
import { entities } from '../records/entities';
import '../projections/follow-records';
import type { Scope } from '../records/collections/scope';

export function testDatabaseUrl(): string {
  const url = process.env.TEST_DATABASE_URL;
  if (!url) throw new Error('TEST_DATABASE_URL is not set: run ./check, or leave the database tests out');
  return url;
}

/** Migrations tell what they do; tests do not want to hear it. */
export const quietConfig = (url: string) => ({ ...ormConfig(url, entities), debug: false, logger: () => undefined });

export interface TestDatabase {
  readonly em: () => EntityManager;
  /** A collection of this test's own: nothing another test keeps is seen in it. */
  readonly freshScope: () => Promise<Scope>;
  readonly orm: () => MikroORM;
}

/** Connects before the tests of a file and closes after them. */
export function testDatabase(): TestDatabase {
  let orm: MikroORM;
  beforeAll(async () => {
    orm = await MikroORM.init(quietConfig(testDatabaseUrl()));
    await orm.getMigrator().up();
  });
  afterAll(async () => {
    await orm?.close();
  });
  return {
    em: () => orm.em.fork(),
    orm: () => orm,
    freshScope: async () => {
      const scope = { collectionId: randomUUID() };
      await ensureCollection(orm.em.fork(), scope);
      return scope;
    },
  };
}
