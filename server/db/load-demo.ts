/** Loads the demonstration plants into an empty, new collection, once. Run before the server. */
import { MikroORM } from '@mikro-orm/postgresql';
import { demoPlaces, makePlan } from '@core';
import { metricWords, titleOf } from '@core/words';
import { ensureCollection } from '../collections/repository';
import { recordInspection, recordLook, recordPotting } from '../events/repository';
import { inspectionInputSchema, lookInputSchema, pottingInputSchema } from '../events/schemas';
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
        const potted = await recordPotting(
          em,
          homeScope,
          pottingInputSchema.parse({ plantName, pottedOn, note, planCase, spec: setup.spec }),
          titleOf(setup.spec, metricWords),
        );
        if (!('plantId' in potted)) throw new Error(`the demo plant ${plantName} was not kept: ${potted.status}`);
        const { plantId } = potted;
        for (const { inspectedOn, inspection } of plant.inspections ?? []) {
          const input = inspectionInputSchema.parse({ plantId, plantName, planCase, inspectedOn, inspection });
          await recordInspection(em, homeScope, input);
        }
        for (const look of plant.looks ?? []) {
          await recordLook(em, homeScope, lookInputSchema.parse({ plantId, plantName, planCase, ...look }));
        }
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
