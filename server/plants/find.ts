/** Plants found by words: of their name, tag, papers, kind by any of its names, place or medium; typing errors forgiven. */
import { genusById, genusIds } from '@core';

/** So many are shown of what is found; whoever looks for one of more says another word. */
export const MOST_FOUND = 60;
/** Of their groups of three letters that two words share, from which one is taken for a slip of the other. */
const LIKE_ENOUGH = 0.5;
/** Of shorter words every slip makes another word. */
const LEAST_LETTERS_TO_FORGIVE = 4;

/** Kinds are told by id; a kind of the grower's own is told by its name. */
export const genusTexts = JSON.stringify(
  genusIds.map((id) => {
    const { name, alsoCalled } = genusById(id);
    return { id, text: [name, ...alsoCalled].join(' ').toLowerCase() };
  }),
);

/** What can be looked for in a plant, in small letters. */
export const searchedText = `lower(concat_ws(' ', plant.name, plant.tag_number, coalesce(genus.text, plant.genus_id),
  plant.parentage, plant.source, plant_now.place_name, plant.spot, plant_now.medium_name, plant.flag))`;

/** How well a text fits the words that are looked for. Wants the words as a JSON array. */
export const fitOf = (text: string): string => `
  join lateral (
    select sum(near) as rank,
      bool_and(near >= case when length(word) >= ${LEAST_LETTERS_TO_FORGIVE} then ${LIKE_ENOUGH} else 1 end) as is_found
    from jsonb_array_elements_text(?::jsonb) as looked(word), lateral (
      select case when position(word in ${text}) > 0 then 1 else word_similarity(word, ${text}) end as near
      offset 0
    ) of_word
  ) fit on fit.is_found`;
