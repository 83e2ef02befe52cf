/** Plants found by words: of their name, their kind by any of its names, or where they stand; typing errors forgiven. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { demoPlaces, genusById, genusIds } from '@core';
import type { Scope } from '../scope';
import { summaryColumns, summaryOf, type SummaryRow } from './summary';
import type { PlantPage } from './schemas';

/** So many are shown of what is found; whoever looks for one of more says another word. */
export const MOST_FOUND = 60;
const MOST_WORDS = 6;
/** Of their groups of three letters that two words share, from which one is taken for a slip of the other. */
const LIKE_ENOUGH = 0.5;
/** Of shorter words every slip makes another word. */
const LEAST_LETTERS_TO_FORGIVE = 4;

const genusTexts = genusIds.map((id) => {
  const { name, alsoCalled } = genusById(id);
  return { id, text: [name, ...alsoCalled].join(' ').toLowerCase() };
});
const placeTexts = demoPlaces.map(({ id, name }) => ({ id, text: name.toLowerCase() }));

export const wordsOf = (search: string): readonly string[] =>
  search.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** What can be looked for in a plant, in small letters. Places and kinds are told by id, own ones carry their names. */
const found = `
  with genus as (select * from jsonb_to_recordset(?::jsonb) as genus(id text, text text)),
    place as (select * from jsonb_to_recordset(?::jsonb) as place(id text, text text)),
    looked(word) as (select * from jsonb_array_elements_text(?::jsonb)),
    searched as (
      select plant.*, lower(concat_ws(' ', plant.name, coalesce(genus.text, plant.genus_id),
        coalesce(place.text, plant.last_case->'place'->>'name'))) as text
      from plant
      left join genus on genus.id = plant.genus_id
      left join place on place.id = plant.last_case->>'place'
      where plant.collection_id = ? and plant.deleted_at is null
    ),
    matched as (
      select searched.*, fit.rank
      from searched
      join lateral (
        select sum(near) as rank,
          bool_and(near >= case when length(word) >= ${LEAST_LETTERS_TO_FORGIVE} then ${LIKE_ENOUGH} else 1 end) as is_found
        from looked, lateral (
          select case when position(word in searched.text) > 0 then 1 else word_similarity(word, searched.text) end as near
          offset 0
        ) of_word
      ) fit on fit.is_found
      order by fit.rank desc, searched.name, searched.id
      limit ${MOST_FOUND}
    )
  select ${summaryColumns('matched')}
  order by matched.rank desc, matched.name, matched.id`;

/** What fits best comes first. words: at least one, in small letters. */
export async function findPlants(em: EntityManager, scope: Scope, words: readonly string[]): Promise<PlantPage> {
  const rows = await em.execute<SummaryRow[]>(found, [
    JSON.stringify(genusTexts),
    JSON.stringify(placeTexts),
    JSON.stringify(words),
    scope.collectionId,
  ]);
  return { plants: rows.map(summaryOf), next: null };
}
