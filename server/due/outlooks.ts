/**
 * What is to come of plants, worked out behind the requests: after a change the rows that no longer fit are taken one by one,
 * asked of the pool, and kept with the key of what they were worked out from. Whatever changed meanwhile is taken again.
 */
import type { EntityManager } from '@mikro-orm/postgresql';
import {
  outlookSchema,
  type PlanCase,
  plantToday,
  questionVersions,
  readQuestion,
  type SetupSpec,
  setupSpecSchema,
  upgraded,
} from '@core';
import { parseWith } from '@core/words';
import * as z from 'zod';
import type { Pool } from '../compute/pool';
import { lifeOf } from '../events/repository';
import type { PottingEntry } from '../events/entry-schemas';
import { Plant } from '../plants/entity';
import { planCaseSchema } from '../plan/schemas';
import type { Scope } from '../scope';

export interface OutlookQuestion {
  readonly planCase: PlanCase;
  /** null where it is not on record what it was potted in. */
  readonly spec: SetupSpec | null;
}

const readCase = (raw: unknown, version: number): PlanCase | null => {
  const current = upgraded(raw, version, questionVersions);
  if (current.status !== 'ok') return null;
  const read = readQuestion(planCaseSchema, { ...(current.value as object), version: questionVersions.newest });
  return read.status === 'ok' ? (read.value as PlanCase) : null;
};

const savedSpecSchema = z.looseObject({ id: z.string() });

function pottedAs(entry: PottingEntry): { planCase: PlanCase; spec: SetupSpec } | null {
  const planCase = readCase(entry.planCase, questionVersions.newest);
  const carried = savedSpecSchema.safeParse(entry.spec);
  if (planCase === null || !carried.success) return null;
  const { id: _id, ...bare } = carried.data;
  const spec = parseWith(setupSpecSchema, bare);
  return spec.status === 'ok' ? { planCase, spec: spec.value } : null;
}

/** The plant as it was potted, where it stands now, at its own pace; null where this program cannot read it. */
export async function outlookQuestion(
  em: EntityManager,
  scope: Scope,
  plantId: string,
): Promise<OutlookQuestion | null> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId });
  const lastCase = plant && readCase(plant.lastCase, plant.caseVersion);
  if (!lastCase) return null;
  const { pottings, inspections } = await lifeOf(em, scope, plantId);
  const [newest] = pottings;
  if (!newest) return { planCase: lastCase, spec: null };
  const potted = pottedAs(newest);
  if (!potted) return null;
  const life = { lastCase, pottings: [{ pottedOn: newest.pottedOn, ...potted }], inspections };
  const { genusOverrides } = plantToday(life, newest.pottedOn).planCase;
  const { routine = potted.planCase.routine } = lastCase;
  return { planCase: { ...potted.planCase, place: lastCase.place, routine, genusOverrides }, spec: potted.spec };
}

interface StaleRow {
  readonly plant_id: string;
  readonly collection_id: string;
  readonly outlook_key: string;
}

/** Those on top are looked at first: what was just changed by somebody who looks at it. */
const stale = `
  select plant_id, collection_id, outlook_key from plant_now
  where outlook_of is distinct from outlook_key and plant_id <> all(?::uuid[])
  order by left_on is not null, plant_id limit 20`;

const keep = `update plant_now set outlook = ?::jsonb, outlook_of = ? where plant_id = ? and outlook_key = ?`;

/** Nobody waits for it: it may be given up with the process, never by a client. */
const forNobody = new AbortController().signal;

/**
 * Works out everything that is stale and says how much that was. Plants that cannot be worked out are left without an
 * outlook until they change. A pool that is busy with growers' questions is left to them: the rest is done the next time.
 */
export async function workOutOutlooks(fork: () => EntityManager, pool: Pool): Promise<number> {
  let done = 0;
  const passedOver: string[] = [];
  for (;;) {
    const rows = await fork().execute<StaleRow[]>(stale, [`{${passedOver.join(',')}}`]);
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
