/** One connection pool for the whole server process. */
import { MikroORM, type EntityManager } from '@mikro-orm/postgresql';
import { databaseUrl, requestConfig } from '../runtime/database/config';
import { entities } from './entities';

declare global {
  // Survives reloads of modules in development.
  var tenderCairnOrm: Promise<MikroORM> | undefined;
}

/**
 * A fresh unit of work. A connection that could not be made is not remembered: the next request tries
 * again, so that a server started before its database recovers by itself.
 */
export async function entityManager(): Promise<EntityManager> {
  const starting = (globalThis.tenderCairnOrm ??= MikroORM.init(requestConfig(databaseUrl(), entities)));
  try {
    return (await starting).em.fork();
  } catch (error) {
    if (globalThis.tenderCairnOrm === starting) globalThis.tenderCairnOrm = undefined;
    throw error;
  }
}
