/**
 * What is to come of plants, worked out behind the requests: after a change the rows that no longer fit are taken one by one,
 * asked of the pool, and kept with the key of what they were worked out from. Whatever changed meanwhile is taken again.
 */
import type { EntityManager } from '@mikro-orm/postgresql';
import { outlookSchema } from '@core';
import type { Pool } from '../../runtime/worker-pool/pool';
import type { Scope } from '../../records/collections/scope';
import { outlookQuestion } from './outlook-question';

interface StaleRow {
  readonly plant_id: string;
  readonly collection_id: string;
  readonly outlook_key: string;
}

/** Those on top are looked at first: what was just changed by somebody who looks at it. */
const stale = `
  select plant_id, collection_id, outlook_key from plant_state
  where outlook_of is distinct from outlook_key and plant_id <> all(?::uuid[])
    and (?::uuid is null or collection_id = ?)
  order by left_on is not null, plant_id limit 20`;

const keep = `update plant_state set outlook = ?::json, outlook_of = ? where plant_id = ? and outlook_key = ?`;

/** Nobody waits for it: it may be given up with the process, never by a client. */
const forNobody = new AbortController().signal;

/**
 * Works out everything that is stale and says how much that was. Plants that cannot be worked out are left without an
 * outlook until they change. A pool that is busy with growers' questions is left to them: the rest is done the next time. of: null = of everybody.
 */
export async function workOutOutlooks(fork: () => EntityManager, pool: Pool, of: Scope | null = null): Promise<number> {
  const only = of?.collectionId ?? null;
  let done = 0;
  const passedOver: string[] = [];
  for (;;) {
    const rows = await fork().execute<StaleRow[]>(stale, [`{${passedOver.join(',')}}`, only, only]);
    if (rows.length === 0) return done;
    for (const row of rows) {
      const em = fork();
      const question = await outlookQuestion(em, { collectionId: row.collection_id }, row.plant_id);
      const answer = question === null ? null : await pool.ask('outlook', question, forNobody);
      if (answer !== null && answer.status !== 'answered') return done;
      const outlook = answer === null ? null : outlookSchema.parse(JSON.parse(answer.json));
      await em.execute(keep, [
        outlook === null ? null : JSON.stringify(outlook),
        row.outlook_key,
        row.plant_id,
        row.outlook_key,
      ]);
      passedOver.push(row.plant_id);
      done += 1;
    }
  }
}
