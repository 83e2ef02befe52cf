/**
 * What a plant's life comes to today, one row a plant in "plant_state": since when in which medium, last watered, what was seen,
 * what it waits for, what is planned. It follows from the plant and its events alone, and is worked out anew inside every transaction that
 * changes either, so that it never tells anything else than they do. An event that cannot be read stops no other from being kept. What is JSON in it is kept as it is written: lists read it
 * whole, by the thousand, and nothing looks inside.
 */
import type { EntityManager } from '@mikro-orm/postgresql';
import { DAYS_PER_YEAR, demoPlaces, genusById, genusIds } from '@core';

const placeNames = JSON.stringify(demoPlaces.map(({ id, name }) => ({ id, name })));

/** Kinds are told by id and found by any of their names; a kind of the grower's own is told by its name. */
const genusTexts = JSON.stringify(
  genusIds.map((id) => {
    const { name, alsoCalled } = genusById(id);
    return { id, text: [name, ...alsoCalled].join(' ') };
  }),
);

/** Findings of a finger that still say how a pot dries. */
const MOST_FELT = 12;

/** A plant has left where its newest coming or going is a going. Its events are asked for by the plant alone: see event_plant_index. */
const refresh = (which: string): string => `
  with named as (select * from jsonb_to_recordset(?::jsonb) as named(id text, name text))
  insert into plant_state (plant_id, collection_id, place_key, place_name, potted_on, in_medium_since, medium_id, medium_name,
    title, watered_on, fed_on, flushed_on, treated_on, bloomed_on, looked_over_on, photo_id, left_on, left_how, seen, waits,
    put_off, felt, planned, aftercare, search_text, outlook_key)
  select plant.id, plant.collection_id, placed.key, coalesce(named.name, placed.name), potted.on_day,
    coalesce(potted.on_day, said.since), coalesce(mainly.medium_id, said.medium_id), mainly.medium_name, potted.title,
    days.watered_on, days.fed_on, days.flushed_on, days.treated_on, days.bloomed_on, days.looked_over_on, photo.id,
    gone.left_on, gone.left_how, seen.seen,
    case when waiting.recorded_at > coalesce(potted.recorded_at, '-infinity') then waiting.waits end,
    deferred.put_off, finger.felt, meant.planned,
    case when potted.id is not null then json_build_object('pottingId', potted.id, 'done', coalesce(after.done, '[]'::json)) end,
    lower(concat_ws(' ', plant.name, plant.tag_number, coalesce(genus.text, plant.genus_id), plant.parentage, plant.source,
      coalesce(named.name, placed.name), plant.spot, mainly.medium_name, plant.flag)),
    md5(concat_ws('|', potted.id, nullif(potted.version, 1), plant.last_case::text))
  from plant
  cross join lateral (select
    case jsonb_typeof(plant.last_case->'place') when 'string' then plant.last_case->>'place'
      else coalesce(plant.last_case->'place'->>'id', '') end as key,
    plant.last_case->'place'->>'name' as name) placed
  left join named on named.id = placed.key
  left join jsonb_to_recordset(?::jsonb) as genus(id text, text text) on genus.id = plant.genus_id
  cross join lateral (select plant.last_case->'current'->>'mediumId' as medium_id,
    case jsonb_typeof(plant.last_case->'current'->'yearsInMedium') when 'number' then plant.created_at::date -
      round((plant.last_case->'current'->>'yearsInMedium')::numeric * ${DAYS_PER_YEAR})::int end as since) said
  left join lateral (
    select id, version, happened_on as on_day, recorded_at, title, data from event
    where event.plant_id = plant.id and event.kind = 'potted'
      and event.hidden_at is null
    order by happened_on desc, recorded_at desc limit 1
  ) potted on true
  left join lateral (
    select line->>'mediumId' as medium_id, line->>'name' as medium_name
    from jsonb_array_elements(case jsonb_typeof(potted.data->'recipe') when 'array' then potted.data->'recipe' end) line
    where line->>'layer' = 'main' order by line->'parts' desc limit 1
  ) mainly on true
  left join lateral (
    select max(happened_on) filter (where kind = 'watered') as watered_on,
      max(happened_on) filter (where kind = 'fed') as fed_on,
      max(happened_on) filter (where kind = 'flushed') as flushed_on,
      max(happened_on) filter (where kind = 'treated') as treated_on,
      max(happened_on) filter (where kind = 'bloomed') as bloomed_on,
      max(happened_on) filter (where kind = 'inspected') as looked_over_on
    from event
    where event.plant_id = plant.id and event.hidden_at is null
  ) days on true
  left join lateral (
    select (data->'photoIds'->>0)::uuid as id from event
    where event.plant_id = plant.id and event.hidden_at is null
      and data->'photoIds'->>0 ~ '^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$'
    order by happened_on desc, recorded_at desc limit 1
  ) photo on true
  left join lateral (
    select happened_on as left_on, data->>'how' as left_how from event
    where event.plant_id = plant.id and event.kind = 'left'
      and event.hidden_at is null
    order by happened_on desc, recorded_at desc limit 1
  ) gone on true
  left join lateral (
    select json_strip_nulls(json_build_object('on', happened_on, 'rot', data->'rot', 'liveRootsPct', data->'liveRootsPct',
      'bulbs', data->'bulbs', 'condition', data->'condition', 'smell', data->'smell', 'reasons', data->'reasons',
      'pests', data->'pests', 'tips', data->'tips')) as seen
    from event
    where event.plant_id = plant.id and event.kind = 'inspected'
      and event.hidden_at is null and (potted.on_day is null or happened_on > potted.on_day)
    order by happened_on desc, recorded_at desc limit 1
  ) seen on true
  left join lateral (
    select recorded_at, case when data->>'lookOn' is not null then json_build_object('sign', data->'sign',
      'risk', data->'risk', 'lookOn', data->'lookOn', 'lookedOn', happened_on) end as waits
    from event
    where event.plant_id = plant.id and event.kind = 'looked'
      and event.hidden_at is null
    order by recorded_at desc limit 1
  ) waiting on true
  left join lateral (
    select json_agg(json_build_object('need', last.need, 'until', last.until)) as put_off from (
      select distinct on (data->>'need') data->>'need' as need, data->>'until' as until from event
      where event.plant_id = plant.id and event.kind = 'put off'
        and event.hidden_at is null and (potted.recorded_at is null or event.recorded_at > potted.recorded_at)
      order by data->>'need', recorded_at desc
    ) last
  ) deferred on true
  left join lateral (
    select json_agg(json_build_object('felt', of_water.felt, 'on', of_water.on_day, 'afterDays', of_water.after_days))
      as felt
    from (
      select data->>'felt' as felt, happened_on as on_day, happened_on - max(happened_on) filter (where kind = 'watered')
        over (order by happened_on, recorded_at rows between unbounded preceding and 1 preceding) as after_days
      from event
      where event.plant_id = plant.id and event.kind in ('watered', 'felt')
        and event.hidden_at is null and (potted.on_day is null or happened_on >= potted.on_day)
      order by happened_on desc, recorded_at desc limit ${2 * MOST_FELT}
    ) of_water
    where of_water.felt is not null and of_water.after_days > 0
  ) finger on true
  left join lateral (
    select json_build_object('id', id, 'on', happened_on, 'forOn', data->'forOn', 'title', title) as planned from event
    where event.plant_id = plant.id and event.kind = 'planned'
      and event.hidden_at is null and (potted.recorded_at is null or event.recorded_at > potted.recorded_at)
    order by recorded_at desc limit 1
  ) meant on true
  left join lateral (
    select json_agg(json_build_object('kind', done.data->'task', 'on', done.happened_on, 'outcome', done.data->'outcome')
      order by done.happened_on) as done
    from event done
    where done.plant_id = plant.id and done.kind = 'nursed'
      and done.hidden_at is null and done.data->>'pottingId' = potted.id::text
  ) after on true
  where ${which}
  on conflict (plant_id) do update set
    place_key = excluded.place_key, place_name = excluded.place_name, potted_on = excluded.potted_on,
    in_medium_since = excluded.in_medium_since, medium_id = excluded.medium_id, medium_name = excluded.medium_name,
    title = excluded.title, watered_on = excluded.watered_on, fed_on = excluded.fed_on, flushed_on = excluded.flushed_on,
    treated_on = excluded.treated_on, bloomed_on = excluded.bloomed_on, looked_over_on = excluded.looked_over_on,
    photo_id = excluded.photo_id, left_on = excluded.left_on, left_how = excluded.left_how, seen = excluded.seen,
    waits = excluded.waits, put_off = excluded.put_off, felt = excluded.felt, planned = excluded.planned,
    aftercare = excluded.aftercare,
    search_text = excluded.search_text, outlook_key = excluded.outlook_key`;

const ofPlants = refresh('plant.id = any(?::uuid[])');
const ofThoseWithout = refresh('not exists (select 1 from plant_state where plant_state.plant_id = plant.id)');

/** Inside the transaction that changed these plants or their events, after its flush. */
export async function refreshPlantState(em: EntityManager, plantIds: readonly string[]): Promise<void> {
  await em.execute(ofPlants, [placeNames, genusTexts, `{${plantIds.join(',')}}`]);
}

/** Plants kept by a program that had no such table. */
export async function fillPlantState(em: EntityManager): Promise<void> {
  await em.execute(ofThoseWithout, [placeNames, genusTexts]);
}
