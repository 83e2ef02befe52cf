/** For tests only: a database that no other test has written to, and that goes with the test. */
import { randomUUID } from 'node:crypto';
import { MikroORM } from '@mikro-orm/postgresql';
import { quietConfig, testDatabaseUrl } from './database';

/** Empty, without tables: migrations are the test's own business. */
export async function withFreshDatabase(work: (orm: MikroORM, url: string) => Promise<void>): Promise<void> {
  const name = `own_${randomUUID().replaceAll('-', '')}`;
  const address = new URL(testDatabaseUrl());
  const admin = await MikroORM.init(quietConfig(address.href));
  await admin.em.execute(`create database ${name}`);
  address.pathname = `/${name}`;
  const orm = await MikroORM.init(quietConfig(address.href));
  try {
    await work(orm, address.href);
  } finally {
    await orm.close();
    await admin.em.execute(`drop database ${name}`);
    await admin.close();
  }
}
