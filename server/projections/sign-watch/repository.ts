/** Which plants wait for a sign: read from the looks at them, so that there is nothing else to keep in step. */
import type { EntityManager } from '@mikro-orm/postgresql';
import type { TimingSign, WatchRisk } from '@core';
import type { Scope } from '../../records/collections/scope';
import type { SignWatch } from './schemas';

/** More than these no page shows. */
const MOST_WATCHED = 500;

interface WaitingRow {
  readonly id: string;
  readonly name: string;
  readonly genus_id: string;
  readonly last_case: unknown;
  readonly case_version: number;
  readonly sign: TimingSign;
  readonly risk: WatchRisk;
  readonly look_on: string;
  readonly since: string;
  readonly looks: string;
}

/** plant_state tells which wait; since the last "waiting" before the newest look, and how often they were looked at. */
const waiting = `
  select plant.id, plant.name, plant.genus_id, plant.last_case, plant.case_version,
    plant_state.waits->>'sign' as sign, plant_state.waits->>'risk' as risk, plant_state.waits->>'lookOn' as look_on,
    coalesce(begun.happened_on::text, plant_state.waits->>'lookedOn') as since, coalesce(begun.looks, 0)::text as looks
  from plant_state
  join plant on plant.id = plant_state.plant_id
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
  where plant_state.collection_id = ? and plant_state.waits is not null and plant_state.left_on is null
    and plant.deleted_at is null
  order by plant_state.waits->>'lookOn', plant.name
  limit ${MOST_WATCHED}`;

/** The one to be looked at first comes first. */
export async function listSignWatch(em: EntityManager, scope: Scope): Promise<SignWatch> {
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
