/** How pottings of a place went, for the bench: each medium's in the hands that potted it. */
import type { EntityManager } from '@mikro-orm/postgresql';
import type { PottingLived } from '@core';
import type { Scope } from '../../records/collections/scope';
import { pottingsLivedSchema } from './schemas';

/** The newest, which say most of how it is done there now. */
const MOST_POTTINGS = 2000;

const sql = `with potted as (
    select event.id, event.plant_id, plant.genus_id, event.happened_on as begins, event.medium_id,
      lead(event.happened_on) over (partition by event.plant_id order by event.happened_on, event.recorded_at) as next_on
    from event
    join plant on plant.id = event.plant_id
    join plant_state on plant_state.plant_id = plant.id
    where event.collection_id = ? and event.kind = 'potted' and event.hidden_at is null and plant.deleted_at is null
      and plant_state.place_key = ? and event.happened_on <= ?::date
  ), judged as (
    select distinct on (data->>'pottingId') data->>'pottingId' as potting_id, data->>'holds' as holds
    from event
    where collection_id = ? and kind = 'nursed' and hidden_at is null and data->>'holds' is not null
    order by data->>'pottingId', happened_on desc, recorded_at desc
  ), bad as (
    select plant_id, happened_on from event
    where collection_id = ? and kind = 'inspected' and hidden_at is null
      and data->>'condition' in ('breaking down', 'gone sour')
  )
  select potted.genus_id as "genusId", potted.medium_id as "mediumId",
    coalesce(potted.next_on, plant_state.left_on, ?::date) - potted.begins as days,
    judged.holds,
    exists (
      select 1 from bad where bad.plant_id = potted.plant_id and bad.happened_on > potted.begins
        and bad.happened_on <= coalesce(potted.next_on, plant_state.left_on, ?::date)
    ) as "wentBad",
    potted.next_on is null and coalesce(plant_state.left_how = 'died', false) as died
  from potted
  join plant_state on plant_state.plant_id = potted.plant_id
  left join judged on judged.potting_id = potted.id::text
  where potted.medium_id is not null and not exists (
    select 1 from event where event.plant_id = potted.plant_id and event.kind = 'moved' and event.hidden_at is null
      and event.happened_on > potted.begins
  )
  order by potted.begins desc limit ${MOST_POTTINGS}`;

/** placeKey: the id of a place; today: the grower's day. Pottings of plants that have stood there ever since count. */
export async function pottingsLived(
  em: EntityManager,
  { collectionId }: Scope,
  placeKey: string,
  today: string,
): Promise<readonly PottingLived[]> {
  // In the order of the marks: potted, judged, bad, how long, found bad.
  const values = [collectionId, placeKey, today, collectionId, collectionId, today, today];
  return pottingsLivedSchema.parse(await em.execute(sql, values));
}
