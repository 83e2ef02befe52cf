/** A page of plants, filtered, ordered or found by words, in one query however many there are; and what can be filtered by. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { DAYS_PER_YEAR } from '@core';
import { plantsDue } from '../due/sorts';
import { serverDay } from '../../runtime/http/day';
import { cursorOf, readCursor } from '../../runtime/http/page';
import type { Scope } from '../../records/collections/scope';
import { found, MOST_FOUND } from './search';
import type { DueSort } from '../due/schemas';
import type { Facets, PlantPage, PlantSort } from './schemas';
import { summaryColumns, summaryOf, type SummaryRow } from './summary';
import type { ListQuery } from './list-query';

/** What a list is ordered by, as text that orders as it should; what has no such day comes first. */
const sortKeys: Readonly<Record<PlantSort, string>> = {
  name: 'plant.name',
  // Numbers in a tag count as numbers: 9 before 10.
  tag: `coalesce(lower(plant.tag_number), '~') collate "tag_order"`,
  potted: `coalesce(plant_state.in_medium_since::text, '')`,
  watered: `coalesce(plant_state.watered_on::text, '')`,
  looked: `coalesce(plant_state.looked_over_on::text, '')`,
  acquired: `coalesce(plant.acquired_on::text, '')`,
};

interface Part {
  readonly sql: string;
  readonly values: readonly unknown[];
}

function conditions(scope: Scope, wish: ListQuery): readonly Part[] {
  const { place, genus, medium, flag, olderYears, ids, which } = wish;
  const when = (value: unknown, sql: string): readonly Part[] => (value === null ? [] : [{ sql, values: [value] }]);
  return [
    { sql: 'plant.collection_id = ? and plant.deleted_at is null', values: [scope.collectionId] },
    ...when(place, 'plant_state.place_key = ?'),
    ...when(genus, 'plant.genus_id = ?'),
    ...when(medium, 'plant_state.medium_id = ?'),
    ...when(flag, 'plant.flag = ?'),
    ...when(ids && `{${ids.join(',')}}`, 'plant.id = any(?::uuid[])'),
    ...when(olderYears, `plant_state.in_medium_since <= current_date - (? * ${DAYS_PER_YEAR})::int`),
    ...(which === 'all' ? [] : [{ sql: `plant_state.left_on is ${which === 'left' ? 'not ' : ''}null`, values: [] }]),
  ];
}

/** The wished plants with their rows, and the key they are ordered by. */
function chosen(scope: Scope, wish: ListQuery): Part {
  const where = conditions(scope, wish);
  const words = JSON.stringify(wish.words);
  return {
    sql: `
      wished as (
        select plant.id, plant.name, plant.genus_id, plant.tag_number, plant.parentage, plant.spot, plant.flag,
          plant_state.place_name, plant_state.potted_on, plant_state.title, plant_state.planned, plant_state.medium_name, plant_state.in_medium_since,
          plant_state.watered_on, plant_state.looked_over_on, plant_state.photo_id, plant_state.left_on, plant_state.left_how,
          plant_state.search_text, ${sortKeys[wish.sort]} as key
        from plant
        join plant_state on plant_state.plant_id = plant.id
        where ${where.map(({ sql }) => sql).join(' and ')}
      ), ${wish.words.length > 0 ? found : 'chosen as (select *, 0 as rank from wished)'}`,
    values: [...where.flatMap(({ values }) => values), ...(wish.words.length > 0 ? [words, words] : [])],
  };
}

type Row = SummaryRow & { readonly key: string; readonly total: string };

/** What a plant needs is no column: those that need it are named. */
async function ofThoseDue(
  em: EntityManager,
  scope: Scope,
  wish: ListQuery,
  due: DueSort,
  today: string,
): Promise<ListQuery> {
  const ids = await plantsDue(em, scope, due, today);
  const wanted = wish.ids && new Set(wish.ids);
  return { ...wish, ids: wanted ? ids.filter((id) => wanted.has(id)) : [...ids] };
}

/** Found by words: what fits best first, in one page. Else page by page, by the wished order. */
export async function listPlants(
  em: EntityManager,
  scope: Scope,
  wished: ListQuery,
  today: string = serverDay(),
): Promise<PlantPage> {
  const wish = wished.due === null ? wished : await ofThoseDue(em, scope, wished, wished.due, today);
  const from = readCursor(wish.after);
  const { sql, values } = chosen(scope, wish);
  const isSearch = wish.words.length > 0;
  const rows = await em.execute<Row[]>(
    `with ${sql}
    select ${summaryColumns}, key, (select count(*) from chosen)::text as total from chosen
    where ?::text is null or (key, id) > (?, ?::uuid)
    order by ${isSearch ? 'rank desc, ' : ''}key, id
    limit ?`,
    [
      ...values,
      isSearch ? null : (from?.name ?? null),
      from?.name ?? null,
      from?.id ?? null,
      isSearch ? MOST_FOUND : wish.limit + 1,
    ],
  );
  const shown = isSearch ? rows : rows.slice(0, wish.limit);
  const last = shown[shown.length - 1];
  return {
    plants: shown.map(summaryOf),
    next: !isSearch && rows.length > wish.limit && last ? cursorOf({ name: last.key, id: last.id }) : null,
    total: Number(rows[0]?.total ?? 0),
  };
}

interface FacetRow {
  readonly facet: 'place' | 'genus' | 'medium' | 'flag' | 'left';
  readonly id: string;
  readonly name: string | null;
  readonly plants: string;
}

const facets = `
  with here as (
    select plant.genus_id, plant.flag, plant_state.place_key, plant_state.place_name, plant_state.medium_id,
      plant_state.medium_name, plant_state.left_on
    from plant join plant_state on plant_state.plant_id = plant.id
    where plant.collection_id = ? and plant.deleted_at is null
  )
  select 'place' as facet, place_key as id, max(place_name) as name, count(*)::text as plants from here
    where left_on is null group by place_key
  union all select 'genus', genus_id, null, count(*)::text from here where left_on is null group by genus_id
  union all select 'medium', medium_id, max(medium_name), count(*)::text from here
    where left_on is null and medium_id is not null group by medium_id
  union all select 'flag', flag, null, count(*)::text from here where left_on is null and flag is not null group by flag
  union all select 'left', 'left', null, count(*)::text from here where left_on is not null
  order by 1, 3, 2`;

/** What there is to filter by, with how many plants each. */
export async function listFacets(em: EntityManager, scope: Scope): Promise<Facets> {
  const rows = await em.execute<FacetRow[]>(facets, [scope.collectionId]);
  const of = (facet: FacetRow['facet']) =>
    rows.filter((row) => row.facet === facet).map(({ id, name, plants }) => ({ id, name, plants: Number(plants) }));
  return {
    places: of('place'),
    genera: of('genus'),
    media: of('medium'),
    flags: of('flag'),
    left: of('left')[0]?.plants ?? 0,
  };
}
