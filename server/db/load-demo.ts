/** Loads the demonstration plants into an empty, new collection, once. Run before the server. */
import { MikroORM } from '@mikro-orm/postgresql';
import { makePlan } from '@core';
import { ensureCollection } from '../collection/collections';
import { savePotting } from '../collection/plants';
import { demoPlants } from '../demo/plants';
import { databaseUrl, ormConfig } from './config';

async function main(): Promise<void> {
  const orm = await MikroORM.init(ormConfig(databaseUrl()));
  try {
    const loaded = await orm.em.fork().transactional(async (em) => {
      const collection = await ensureCollection(em);
      if (collection.demoLoadedAt) return 0;
      for (const plant of demoPlants) {
        const setup = makePlan(plant.planCase).setups[plant.rank];
        if (!setup) throw new Error(`no setup of rank ${plant.rank} for the demo plant ${plant.name}`);
        await savePotting(em, {
          plantId: null,
          plantName: plant.name,
          pottedOn: plant.pottedOn,
          note: plant.note,
          planCase: plant.planCase,
          spec: setup.spec as Parameters<typeof savePotting>[1]['spec'],
        });
      }
      collection.demoLoadedAt = new Date();
      await em.flush();
      return demoPlants.length;
    });
    process.stdout.write(`demo plants loaded: ${loaded}\n`);
  } finally {
    await orm.close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`loading the demo failed: ${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
