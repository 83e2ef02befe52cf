/** Which plants wait for a sign: read from the looks at them, so that there is nothing else to keep in step. */
import type { EntityManager } from '@mikro-orm/postgresql';
import type { TimingSign, WaitingRisk } from '@core';
import type { Scope } from '../../records/collections/scope';
import type { WaitingList } from './schemas';

/** More than these no page shows. */
const MOST_WAITING = 500;

interface WaitingRow {
  readonly id: string;
  readonly name: string;
  readonly genus_id: string;
  readonly last_case: unknown;
  readonly case_version: number;
  readonly sign: TimingSign;
  readonly risk: WaitingRisk;
  readonly look_on: string;
  readonly since: string;
  readonly looks: string;
}

/** plant_now tells which wait; since the last "waiting" before the newest look, and how often they were looked at. */
const waiting = `
  select plant.id, plant.name, plant.genus_id, plant.last_case, plant.case_version,
    plant_now.waits->>'sign' as sign, plant_now.waits->>'risk' as risk, plant_now.waits->>'lookOn' as look_on,
    coalesce(begun.happened_on::text, plant_now.waits->>'lookedOn') as since, coalesce(begun.looks, 0)::text as looks
  from plant_now
  join plant on plant.id = plant_now.plant_id
  left join lateral (
    select first.happened_on, (
      select count(*) from event
      where event.plant_id = plant.id and event.kind = 'looked'
        and event.hidden_at is null and event.data->>'answer' = 'not yet' and event.recorded_at > first.recorded_at
    ) as looks
    from event first
    where first.plant_id = plant.id and first.kind = 'looked'
      and first.hidden_at is null and first.data->>'answer' = 'waiting'
    order by first.recorded_at desc limit 1
  ) begun on true
  where plant_now.collection_id = ? and plant_now.waits is not null and plant_now.left_on is null
    and plant.deleted_at is null
  order by plant_now.waits->>'lookOn', plant.name
  limit ${MOST_WAITING}`;

/** The one to be looked at first comes first. */
export async function listWaiting(em: EntityManager, scope: Scope): Promise<WaitingList> {
  const rows = await em.execute<WaitingRow[]>(waiting, [scope.collectionId]);
  return {
    plants: rows.map((row) => ({
      plantId: row.id,
      name: row.name,
      genusId: row.genus_id,
      lastCase: row.last_case,
      caseVersion: row.case_version,
      sign: row.sign,
      risk: row.risk,
      since: row.since,
      lookOn: row.look_on,
      looks: Number(row.looks),
    })),
  };
}
