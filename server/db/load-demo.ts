/** Loads the demonstration plants into an empty, new collection, once. Run before the server. */
import { MikroORM } from '@mikro-orm/postgresql';
import { demoPlaces, makePlan } from '@core';
import { metricWords, titleOf } from '@core/words';
import { ensureCollection } from '../collections/repository';
import { recordPotting } from '../events/repository';
import { pottingInputSchema } from '../events/schemas';
import { demoPlants } from '../demo/plants';
import { homeScope } from '../scope';
import { databaseUrl, ormConfig } from './config';

async function main(): Promise<void> {
  const orm = await MikroORM.init(ormConfig(databaseUrl()));
  try {
    const loaded = await orm.em.fork().transactional(async (em) => {
      const collection = await ensureCollection(em, homeScope);
      if (collection.demoLoadedAt) return 0;
      for (const plant of demoPlants) {
        const setup = makePlan(plant.planCase, demoPlaces).setups[plant.rank];
        if (!setup) throw new Error(`no setup of rank ${plant.rank} for the demo plant ${plant.name}`);
        const { name: plantName, pottedOn, note, planCase } = plant;
        await recordPotting(
          em,
          homeScope,
          pottingInputSchema.parse({ plantName, pottedOn, note, planCase, spec: setup.spec }),
          titleOf(setup.spec, metricWords),
        );
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
