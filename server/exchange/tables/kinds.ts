/** The tables there are, as SQL of one collection: a column a heading, a row a line. */
export const tableKinds = ['plants', 'events', 'readings', 'stock', 'air'] as const;
export type TableKind = (typeof tableKinds)[number];
export const isTableKind = (kind: string): kind is TableKind => (tableKinds as readonly string[]).includes(kind);

/** The headings are those that a list is recognised by when it is taken in again. */
const plants = `select plant.tag_number as tag, plant.name, genus.name as kind, plant.parentage, plant.source,
    plant.acquired_on::text as "acquired on", plant_state.place_name as place, plant.spot as "where there",
    coalesce(plant_state.medium_name, medium.name) as medium, plant_state.in_medium_since::text as "in it since",
    plant_state.title as "potted in", plant_state.watered_on::text as "watered on",
    plant_state.looked_over_on::text as "looked over on", plant.flag as mark, plant_state.left_on::text as "left on",
    plant_state.left_how as "left how"
  from plant left join plant_state on plant_state.plant_id = plant.id
  left join jsonb_to_recordset(?::jsonb) as genus(id text, name text) on genus.id = plant.genus_id
  left join jsonb_to_recordset(?::jsonb) as medium(id text, name text) on medium.id = plant_state.medium_id
  where plant.collection_id = ? and plant.deleted_at is null order by plant.name, plant.id`;

const events = `select event.happened_on::text as day, event.kind as what, plant.name as plant, plant.tag_number as tag,
    case when event.kind in ('potted', 'planned') then event.title else '' end as title, event.data->>'note' as note,
    case event.kind when 'potted' then (
        select string_agg(concat(line->>'takeL', ' L ', line->>'name'), '; ')
        from jsonb_array_elements(case jsonb_typeof(event.data->'recipe') when 'array' then event.data->'recipe' end) line)
      else nullif((event.data - array['note', 'place', 'from', 'growthMap', 'planCase', 'spec'])::text, '{}') end as details,
    event.data->'place'->>'name' as "moved to", to_char(event.recorded_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') as "written down"
  from event join plant on plant.id = event.plant_id
  where event.collection_id = ? and event.hidden_at is null and plant.deleted_at is null
  order by event.happened_on, event.recorded_at, event.id`;

const readings = `select event.happened_on::text as day, plant.name as plant, plant.tag_number as tag, reading.what as reading,
    reading.value, reading.unit
  from event join plant on plant.id = event.plant_id
  cross join lateral (values
    ('weight', event.data->>'weightG', 'g'), ('finger', event.data->>'felt', ''),
    ('live roots', event.data->>'liveRootsPct', '%'), ('root thickness', event.data->>'rootDiameterMm', 'mm'),
    ('shoots', event.data->>'shootCount', ''), ('bulbs', event.data->>'bulbs', ''),
    ('medium', event.data->>'condition', ''), ('smell', event.data->>'smell', '')
  ) reading(what, value, unit)
  where event.collection_id = ? and event.hidden_at is null and plant.deleted_at is null
    and event.kind in ('weighed', 'watered', 'felt', 'inspected') and reading.value is not null
  order by event.happened_on, event.recorded_at, event.id, reading.what`;

/** Those that are written by SQL alone, by how many times the collection and the catalogues go in. */
export const tableSql = { plants, events, readings } as const;
