/** What changed lately, how long media lasted, and where plants were lost: each in one query, however many plants there are. */
import type { EntityManager } from '@mikro-orm/postgresql';
import {
  type Bed,
  DAYS_PER_YEAR,
  dayNumber,
  dayOf,
  demoPlaces,
  lossesOf,
  mediaLived,
  mediumIds,
  type PlaceLived,
} from '@core';
import type { EventKind } from '../../records/journal/schemas';
import type { Scope } from '../../records/collections/scope';
import type { Insights } from './schemas';

const LATELY_DAYS = 14;
const MOST_NEWEST = 8;

const countsSql = `select event.kind, count(distinct event.plant_id)::int as plants
  from event join plant on plant.id = event.plant_id
  where event.collection_id = ? and event.hidden_at is null and plant.deleted_at is null
    and event.happened_on > ?::date and event.happened_on <= ?::date and event.kind <> 'put off'
  group by event.kind order by 2 desc, 1`;

const newestSql = `select plant.id as "plantId", plant.name as "plantName", event.kind, event.happened_on::text as on, event.title
  from event join plant on plant.id = event.plant_id
  where event.collection_id = ? and event.hidden_at is null and plant.deleted_at is null and event.happened_on <= ?::date
    and event.kind in ('potted', 'inspected', 'divided', 'left', 'bloomed', 'treated', 'moved')
  order by event.happened_on desc, event.recorded_at desc limit ${MOST_NEWEST}`;

/** A bed ends with the next potting, with the plant's leaving, or today; it went bad on the day it was first found so. */
const bedsSql = `with potted as (
    select event.plant_id, event.happened_on as begins, event.medium_id,
      lead(event.happened_on) over (partition by event.plant_id order by event.happened_on, event.recorded_at) as next_on
    from event join plant on plant.id = event.plant_id
    where event.collection_id = ? and event.kind = 'potted' and event.hidden_at is null and plant.deleted_at is null
  ), bad as (
    select plant_id, happened_on from event
    where collection_id = ? and kind = 'inspected' and hidden_at is null
      and data->>'condition' in ('breaking down', 'gone sour')
  ), bed as (
    select potted.plant_id, potted.begins, potted.medium_id,
      coalesce(potted.next_on, plant_state.left_on, ?::date) as ends
    from potted join plant_state on plant_state.plant_id = potted.plant_id
  )
  select bed.medium_id as "mediumId", coalesce(min(bad.happened_on), bed.ends) - bed.begins as days,
    min(bad.happened_on) is not null as "wentBad"
  from bed left join bad on bad.plant_id = bed.plant_id and bad.happened_on > bed.begins and bad.happened_on <= bed.ends
  where bed.medium_id is not null and bed.ends > bed.begins
  group by bed.plant_id, bed.begins, bed.ends, bed.medium_id`;

interface Stay {
  readonly id: string;
  readonly begins: string;
  readonly ends: string;
  readonly died: boolean;
  readonly placeNow: string;
  /** Where it was moved from and to, the earliest first. */
  readonly moves: readonly { readonly on: string; readonly from: string | null; readonly to: string }[] | null;
}

const placeNameOf = (place: string): string =>
  `case jsonb_typeof(${place}) when 'string' then coalesce(named.name, ${place} #>> '{}') else ${place}->>'name' end`;

const staysSql = `with named as (select * from jsonb_to_recordset(?::jsonb) as named(id text, name text)),
  first as (
    select plant_id, min(happened_on) as on_day from event
    where collection_id = ? and kind = 'potted' and hidden_at is null group by plant_id
  ), moved as (
    select event.plant_id, json_agg(json_build_object('on', event.happened_on,
      'from', ${placeNameOf(`event.data->'from'->'place'`).replaceAll('named.', 'was.')},
      'to', ${placeNameOf(`event.data->'place'`)}) order by event.happened_on, event.recorded_at) as moves
    from event left join named on named.id = event.data->>'place'
    left join named was on was.id = event.data->'from'->>'place'
    where event.collection_id = ? and event.kind = 'moved' and event.hidden_at is null
    group by event.plant_id
  )
  select plant.id, least(plant.acquired_on, first.on_day, plant.created_at::date)::text as begins,
    coalesce(plant_state.left_on, ?::date)::text as ends, coalesce(plant_state.left_how = 'died', false) as died,
    coalesce(plant_state.place_name, '') as "placeNow", moved.moves
  from plant join plant_state on plant_state.plant_id = plant.id
  left join first on first.plant_id = plant.id
  left join moved on moved.plant_id = plant.id
  where plant.collection_id = ? and plant.deleted_at is null`;

/** Each potting by the newest judgement of it, in the place where its plant stands. */
const tookSql = `with judged as (
    select distinct on (event.data->>'pottingId') event.data->>'pottingId' as potting_id, event.plant_id,
      event.data->>'holds' as holds
    from event join plant on plant.id = event.plant_id
    where event.collection_id = ? and event.kind = 'nursed' and event.hidden_at is null and plant.deleted_at is null
      and event.data->>'holds' is not null
    order by event.data->>'pottingId', event.happened_on desc, event.recorded_at desc
  )
  select potted.medium_id as "mediumId", coalesce(plant_state.place_name, '') as "placeName", count(*)::int as judged,
    count(*) filter (where judged.holds = 'holds')::int as held
  from judged join event potted on potted.id::text = judged.potting_id and potted.hidden_at is null
  join plant_state on plant_state.plant_id = judged.plant_id
  where potted.medium_id is not null
  group by 1, 2 order by 3 desc, 1, 2 limit 8`;

const standsSql = `select plant_state.place_key as "placeKey", coalesce(max(plant_state.place_name), '') as "placeName", count(*)::int as plants
  from plant_state join plant on plant.id = plant_state.plant_id
  where plant_state.collection_id = ? and plant.deleted_at is null and plant_state.left_on is null
  group by plant_state.place_key order by 3 desc, 1`;

const placeNames = JSON.stringify(demoPlaces.map(({ id, name }) => ({ id, name })));

/** How long plants stood in each place, and where those that died stood last. */
function placesLived(stays: readonly Stay[]): readonly PlaceLived[] {
  const places = new Map<string, { plants: Set<string>; days: number; died: number }>();
  const at = (name: string) => {
    const known = places.get(name) ?? { plants: new Set<string>(), days: 0, died: 0 };
    places.set(name, known);
    return known;
  };
  for (const { id, begins, ends, died, placeNow, moves } of stays) {
    const [first] = moves ?? [];
    let place = first?.from ?? placeNow;
    let from = dayNumber(begins);
    const stay = (until: number) => {
      const here = at(place);
      here.plants.add(id);
      here.days += Math.max(0, until - from);
      from = Math.max(from, until);
    };
    for (const { on, to } of moves ?? []) {
      stay(Math.min(dayNumber(on), dayNumber(ends)));
      place = to;
    }
    stay(dayNumber(ends));
    if (died) at(place).died += 1;
  }
  return [...places].map(([placeName, { plants, days, died }]) => ({
    placeName,
    plants: plants.size,
    plantYears: days / DAYS_PER_YEAR,
    died,
  }));
}

/** today: the grower's day, YYYY-MM-DD. */
export async function insightsOf(em: EntityManager, scope: Scope, today: string): Promise<Insights> {
  const { collectionId } = scope;
  const since = dayOf(dayNumber(today) - LATELY_DAYS);
  const counts = await em.execute<{ kind: EventKind; plants: number }[]>(countsSql, [collectionId, since, today]);
  const newest = await em.execute<Insights['lately']['newest']>(newestSql, [collectionId, today]);
  const beds = await em.execute<Bed[]>(bedsSql, [collectionId, collectionId, today]);
  const stays = await em.execute<Stay[]>(staysSql, [placeNames, collectionId, collectionId, today, collectionId]);
  const stands = await em.execute<Insights['stands']>(standsSql, [collectionId]);
  const took = await em.execute<Insights['took']>(tookSql, [collectionId]);
  return {
    today,
    lately: { since, counts, newest },
    stands,
    took: took.filter(({ mediumId }) => mediumIds.includes(mediumId)),
    media: [...mediaLived(beds.filter(({ mediumId }) => mediumIds.includes(mediumId)))],
    places: [...lossesOf(placesLived(stays))],
  };
}
