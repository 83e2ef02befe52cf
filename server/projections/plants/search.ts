/**
 * Plants found by words: of their name, tag, papers, kind by any of its names, place or medium. Where nothing has all of the
 * words to the letter, slips of the finger are forgiven.
 */

/** So many are shown of what is found; whoever looks for one of more says another word. */
export const MOST_FOUND = 60;
/** Of their groups of three letters that two words share, from which one is taken for a slip of the other. */
const LIKE_ENOUGH = 0.5;
/** Of shorter words every slip makes another word. */
const LEAST_LETTERS_TO_FORGIVE = 4;

/**
 * The plants of a part of a query ("wished", with search_text) that fit the words, with how well: at first those that have
 * all words, the more of them at the beginning of a word the better. Wants the words as a JSON array, twice.
 */
export const found = `
  by_letter as (
    select wished.*, fit.rank from wished
    join lateral (
      select count(*) filter (where position(' ' || word in ' ' || wished.search_text) > 0)::real as rank,
        bool_and(position(word in wished.search_text) > 0) as is_found
      from jsonb_array_elements_text(?::jsonb) as looked(word)
    ) fit on fit.is_found
  ),
  by_likeness as (
    select wished.*, fit.rank from wished
    join lateral (
      select sum(near)::real as rank,
        bool_and(near >= case when length(word) >= ${LEAST_LETTERS_TO_FORGIVE} then ${LIKE_ENOUGH} else 1 end) as is_found
      from jsonb_array_elements_text(?::jsonb) as looked(word), lateral (
        select case
          when position(word in wished.search_text) > 0 then 1
          when length(word) < ${LEAST_LETTERS_TO_FORGIVE} then 0
          else word_similarity(word, wished.search_text)
        end as near
        offset 0
      ) of_word
    ) fit on fit.is_found
    where not exists (select 1 from by_letter)
  ),
  chosen as (select * from by_letter union all select * from by_likeness)`;
