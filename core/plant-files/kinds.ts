/** A kind as a grower writes it, matched with the genera of the catalogue. */
import { distance } from 'fastest-levenshtein';
import { grouped, lazily } from '../base';
import { generaCatalogue } from '../catalogue/genera';
import { plain } from './columns';
import { k } from './constants';
import { otherNames } from './other-names';

export interface KindMatch {
  /** sure: so it is called; likely: a slip of the pen, or one of several; none: nobody knows. */
  readonly how: 'sure' | 'likely' | 'none';
  /** The likeliest first. */
  readonly genusIds: readonly string[];
}

interface Called {
  readonly words: string;
  readonly genusId: string;
}

/** "Cattleya and Guarianthe, two-leaved" is called so, and Cattleya, and Guarianthe. */
function callsOf(name: string): readonly string[] {
  const [before = ''] = name.split(',');
  const parts = before.split(/ and | or /).map((part) => part.replace(/ (type|and) .*$/, ''));
  return [name, before, ...parts, ...parts.map((part) => part.split(' ')[0] ?? '')];
}

const calls = (): readonly Called[] =>
  [
    ...generaCatalogue.flatMap(({ id: genusId, name, alsoCalled }) =>
      [...callsOf(name), ...alsoCalled, ...alsoCalled.map((call) => call.replace(/ group$/, ''))].map((call) => ({
        words: plain(call),
        genusId,
      })),
    ),
    ...Object.entries(otherNames).flatMap(([call, genusIds]) =>
      genusIds.value.map((genusId) => ({ words: plain(call), genusId })),
    ),
  ].filter(({ words }) => words !== '' && !['other', 'kin', 'its', 'rock', 'small'].includes(words));

/** Made when the first list is read. */
const genusOfCall = lazily(() => grouped(calls(), ({ words }) => words));
const idsOf = (words: string): readonly string[] => [
  ...new Set((genusOfCall().get(words) ?? []).map(({ genusId }) => genusId)),
];

/** Slips of the pen that are forgiven in a word of so many letters. */
const slipsFor = (word: string): number => Math.floor(word.length / k.LETTERS_PER_SLIP);

function nearly(word: string): readonly string[] {
  if (word.length < k.FUZZY_FROM_LETTERS) return [];
  const near = [...genusOfCall().keys()]
    .map((call) => ({ call, slips: distance(word, call) }))
    .filter(({ slips }) => slips <= slipsFor(word))
    .sort((a, b) => a.slips - b.slips);
  const [best] = near;
  return best ? near.filter(({ slips }) => slips === best.slips).flatMap(({ call }) => idsOf(call)) : [];
}

const found = (how: 'sure' | 'likely', genusIds: readonly string[]): KindMatch =>
  // Several kinds of one name: which of them it is, only the grower knows.
  ({ how: genusIds.length === 1 ? how : 'likely', genusIds: [...new Set(genusIds)] });

/** text: a genus, a botanical name, a grower's word or a short form, with whatever stands after it. */
export function kindOf(text: string): KindMatch {
  const words = plain(text).split(' ').filter(Boolean);
  // The longest beginning that is a name: "Dendrobium nobile group" before "Dendrobium".
  for (let count = words.length; count > 0; count -= 1) {
    const genusIds = idsOf(words.slice(0, count).join(' '));
    if (genusIds.length > 0) return found('sure', genusIds);
  }
  const [first = ''] = words;
  if (first.length >= k.SURE_LETTERS) {
    const longer = [...genusOfCall().keys()].filter((call) => call.startsWith(first)).flatMap(idsOf);
    if (longer.length > 0) return found('likely', longer);
  }
  const near = nearly(first);
  if (near.length > 0) return { how: 'likely', genusIds: [...new Set(near)] };
  // "Miniature Phalaenopsis": a name that stands further on.
  const later = words.slice(1).flatMap(idsOf);
  return later.length > 0 ? { how: 'likely', genusIds: [...new Set(later)] } : { how: 'none', genusIds: [] };
}
