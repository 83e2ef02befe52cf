/** A medium as a grower writes it, matched with the catalogue; the words of common practice, no source. */
import { lazily } from '../base';
import { mediaCatalogue } from '../catalogue/media';
import { plain } from './columns';

const named = lazily(() => mediaCatalogue.map(({ id, name }) => ({ id, words: plain(name) })));

/** What a word alone stands for: the everyday grade. */
const everyday: readonly (readonly [RegExp, string])[] = [
  [/\b(sphagnum|moss)\b/, 'sphagnum-loose'],
  [/\bfine bark\b|\bbark fine\b|\bseedling bark\b/, 'bark-3-6'],
  [/\bcoarse bark\b|\bbark coarse\b|\blarge bark\b/, 'bark-12-25'],
  [/\b(bark|fir)\b/, 'bark-6-12'],
  [/\b(expanded clay|clay pebbles|clay balls|leca)\b/, 'clay-pebbles-8-16'],
  [/\bpumice\b/, 'pumice-3-6'],
  [/\blava\b/, 'lava-8-16'],
  [/\bperlite\b/, 'perlite-3-6'],
  [/\bcoco(nut)? (husk|chips?)\b|\bcoir\b/, 'coco-chips-6-12'],
  [/\btree ?fern\b/, 'tree-fern-3-8'],
  [/\bcork\b/, 'cork-8-16'],
];

/** null where it is none that is known, or nothing is said. */
export function mediumOf(text: string): string | null {
  const words = plain(text);
  if (words === '') return null;
  const exact = named().find((medium) => medium.words === words);
  return exact?.id ?? everyday.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}
