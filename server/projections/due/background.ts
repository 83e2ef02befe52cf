/** One worker in the process: woken after each change, it works out what no longer fits, and sleeps. */
import { entityManager } from '../../records/database';
import { computing } from '../../runtime/worker-pool/server-pool';
import { troubleOf } from '../../runtime/database/trouble';
import { withoutData } from '../../runtime/http/without-data';
import './awake';
import { workOutOutlooks } from './outlooks';

async function run(state: { isWanted: boolean }): Promise<void> {
  while (state.isWanted) {
    state.isWanted = false;
    const em = await entityManager();
    await workOutOutlooks(() => em.fork(), computing());
  }
}

/** Does not wait for it. What fails is told in the log, and tried again the next time somebody wakes it. */
export function wakeOutlooks(): void {
  const state = globalThis.tenderCairnOutlooks;
  if (!state) return;
  state.isWanted = true;
  state.running ??= run(state)
    .catch((error: unknown) => {
      // A database that is away is told by the requests that wanted it.
      if (troubleOf(error) === null) process.stderr.write(`outlooks: ${withoutData(error).stack}\n`);
    })
    .finally(() => {
      state.running = null;
    });
}
