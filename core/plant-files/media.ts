/**
 * A medium or a mix as a grower writes it, matched with the catalogue: "bark/perlite 3:1", "peat perlite", "LECA"; the words of
 * common practice, no source.
 */
import { lazily } from '../base';
import { mediaCatalogue } from '../catalogue/media';
import { MAX_MIX_PARTS } from '../physics/media';
import { plain } from './columns';

const named = lazily(() => mediaCatalogue.map(({ id, name }) => ({ id, words: plain(name) })));

/** What a word alone stands for: the everyday grade. Those that say more come first. */
const everyday: readonly (readonly [RegExp, string])[] = [
  [/\bpeat\b.*\bperlite\b|\bpeat\b/, 'peat-perlite'],
  [/\blive (sphagnum|moss)\b/, 'live-moss'],
  [/\bchopped (sphagnum|moss)\b/, 'sphagnum-chopped'],
  [/\b(sphagnum|moss)( moss)?\b/, 'sphagnum-loose'],
  [/\b(fine|small|seedling) (fir |pine |conifer )?bark\b|\bbark (fine|small)\b/, 'bark-3-6'],
  [/\b(coarse|large) (fir |pine |conifer )?bark\b|\bbark (coarse|large)\b/, 'bark-12-25'],
  [/\b(medium )?(fir |pine |conifer )?bark( medium)?\b|\bfir\b/, 'bark-6-12'],
  [/\b(expanded clay|clay pebbles|clay balls|clay pellets|leca)\b/, 'clay-pebbles-8-16'],
  [/\b(fired clay|clay granules)\b/, 'fired-clay-5-10'],
  [/\b(baked clay|bonsai clay|akadama)\b/, 'baked-clay-2-5'],
  [/\bpumice\b/, 'pumice-3-6'],
  [/\blava( rock)?\b/, 'lava-8-16'],
  [/\b(sponge rock|coarse perlite)\b/, 'perlite-6-12'],
  [/\bperlite\b/, 'perlite-3-6'],
  [/\bvermiculite\b/, 'vermiculite-2-4'],
  [/\bcharcoal\b/, 'charcoal-8-16'],
  [/\b(coco(nut)? )?(husk( chips?)?|coco(nut)? chips?|coir)\b/, 'coco-chips-6-12'],
  [/\btree ?fern( fibre| fiber)?\b/, 'tree-fern-3-8'],
  [/\bcork( pieces| chips)?\b/, 'cork-8-16'],
  [/\b(leaf mould|leaf mold|soil|loam|compost)\b/, 'leaf-mould-mix'],
  [/\bgrit\b/, 'grit-1-3'],
  [/\b(gravel|stones?|pebbles)\b/, 'gravel-4-8'],
];

export interface MediumMatch {
  /** sure: so it is called; likely: by the words in it; none: nobody knows. */
  readonly how: 'sure' | 'likely' | 'none';
  /** What it is made of, the first named first; empty where nobody knows. */
  readonly mix: readonly { readonly mediumId: string; readonly parts: number }[];
}

/** Numbers of a mix, where there is one for each part: "3:1", "70 % bark, 30 % perlite". Sizes are no parts. */
function partsIn(text: string, count: number): readonly number[] | null {
  if (/\d\s*(mm|cm|in\b|")/i.test(text)) return null;
  const numbers = (text.match(/\d+(?:[.,]\d+)?/g) ?? []).map((one) => Number(one.replace(',', '.')));
  return numbers.length === count && numbers.every((one) => one > 0 && one <= 100) ? numbers : null;
}

export function mediumOf(text: string): MediumMatch {
  const words = plain(text);
  if (words === '') return { how: 'none', mix: [] };
  const exact = named().find((medium) => medium.words === words);
  if (exact) return { how: 'sure', mix: [{ mediumId: exact.id, parts: 1 }] };
  let left = words;
  const found = new Map<string, number>();
  for (const [pattern, mediumId] of everyday) {
    const at = pattern.exec(left);
    if (!at) continue;
    if (!found.has(mediumId)) found.set(mediumId, at.index);
    // What is found stands for no other medium as well.
    left = `${left.slice(0, at.index)}${' '.repeat(at[0].length)}${left.slice(at.index + at[0].length)}`;
  }
  const ids = [...found].sort(([, a], [, b]) => a - b).map(([mediumId]) => mediumId);
  const shown = ids.slice(0, MAX_MIX_PARTS);
  const parts = partsIn(text, shown.length);
  return {
    how: shown.length > 0 ? 'likely' : 'none',
    mix: shown.map((mediumId, n) => ({ mediumId, parts: parts?.[n] ?? 1 })),
  };
}
