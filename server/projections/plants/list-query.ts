/** Which plants a list shows, and in which order: read from an address, where what cannot be read is not wished. */
import * as z from 'zod';
import { isId } from '../../runtime/http/ids';
import { MOST_PER_PAGE, type PageQuery, pageIn } from '../../runtime/http/page';
import { plantFlags } from '../../records/plants/facts-schemas';
import { dueSorts } from '../due/schemas';
import { plantSorts } from './schemas';

/** What is longer is no word anybody looks for. */
const LONGEST_SEARCH = 120;
const MOST_WORDS = 6;

export const wordsOf = (search: string): readonly string[] =>
  search.toLowerCase().replaceAll('\0', '').slice(0, LONGEST_SEARCH).split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

const text = z.string().min(1).max(120).nullable().catch(null);

const wishSchema = z.object({
  place: text,
  genus: text,
  medium: text,
  flag: z.enum(plantFlags).nullable().catch(null),
  /** In the same medium for so many years or more. */
  olderYears: z
    .string()
    .regex(/^\d{1,2}$/)
    .transform(Number)
    .nullable()
    .catch(null),
  /** What it needs by now. */
  due: z.enum(dueSorts).nullable().catch(null),
  /** Only these; whatever is no id is left out. */
  ids: z
    .string()
    .transform((text) => text.split(',').filter(isId).slice(0, MOST_PER_PAGE))
    .nullable()
    .catch(null),
  which: z.enum(['here', 'left', 'all']).catch('here'),
  sort: z.enum(plantSorts).catch('name'),
});

export type ListQuery = z.infer<typeof wishSchema> & PageQuery & { readonly words: readonly string[] };

/** As a list is asked for by an address, and a page by its own. */
export function listQueryIn(asked: URLSearchParams): ListQuery {
  const said = (key: string) => asked.get(key)?.replaceAll('\0', '') ?? null;
  return {
    ...wishSchema.parse({
      place: said('place'),
      genus: said('genus'),
      medium: said('medium'),
      flag: said('flag'),
      olderYears: said('olderYears'),
      due: said('due'),
      ids: said('ids'),
      which: said('which') ?? 'here',
      sort: said('sort') ?? 'name',
    }),
    ...pageIn(asked),
    words: wordsOf(said('search') ?? ''),
  };
}

export const everyPlant: ListQuery = {
  place: null,
  genus: null,
  medium: null,
  flag: null,
  olderYears: null,
  due: null,
  ids: null,
  which: 'here',
  sort: 'name',
  limit: 100,
  after: null,
  words: [],
};
