/**
 * An orchid by any of its names: genus, species, hybrid genus, short form, older name, what people say; slips of the pen and
 * parts of a name too. Pure, the same for screen, list and command line.
 */
import { distance } from 'fastest-levenshtein';
import { lazily, plainWords } from '../base';
import { k } from './constants';
import { type KnownName, knownNames, type NameRank } from './known-names';
import { spelledOut } from './short-forms';

export interface NameMatch {
  readonly genusId: string;
  /** The name that was found, as it is written. */
  readonly name: string;
  readonly rank: NameRank;
  /** 0..1: how surely this group is meant. */
  readonly sure: number;
}

const byWords = lazily((): ReadonlyMap<string, KnownName> => new Map(knownNames().map((one) => [one.words, one])));

/** A name of several groups: each is less sure, those further back the less so; a group's own name means it first. */
function matchesOf({ name, rank, genusIds }: KnownName, sure: number): readonly NameMatch[] {
  const isOwn = genusIds.length === 1 || rank === 'group';
  return genusIds.map((genusId, i) => ({
    genusId,
    name,
    rank,
    sure: isOwn && i === 0 ? sure : sure / (i + k.SHARED_BY),
  }));
}

/** The longest beginning that is a name: "Dendrobium nobile" before "Dendrobium". */
function beginning(words: readonly string[]): readonly NameMatch[] {
  for (let count = words.length; count > 0; count -= 1) {
    const found = byWords().get(words.slice(0, count).join(' '));
    if (!found) continue;
    const isWhole = count === words.length;
    return matchesOf(found, isWhole ? k.SURE_WHOLE : k.SURE_GENUS);
  }
  return [];
}

/** The one group that is called just so; null where it is several, or none. Long lists are settled by it without a search. */
export function groupCalled(text: string): string | null {
  const words = spelledOut(plainWords(text).split(' ')).join(' ');
  const found = byWords().get(words);
  return found?.genusIds.length === 1 ? found.genusIds[0]! : null;
}

const slipsIn = (word: string): number =>
  word.length < k.SLIPS_FROM_LETTERS ? 0 : Math.min(k.MOST_SLIPS, Math.floor(word.length / k.LETTERS_PER_SLIP));

/** How far words typed are from words of a name, slip by slip; null: another name. */
function slipsBetween(typed: readonly string[], name: readonly string[]): number | null {
  if (typed.length > name.length) return null;
  let slips = 0;
  for (const [i, word] of typed.entries()) {
    const other = name[i]!;
    // The last word may still be being typed.
    const isBegun = i === typed.length - 1 && other.startsWith(word);
    const most = slipsIn(word);
    // Words of other lengths are other words: nothing need be compared.
    if (!isBegun && Math.abs(word.length - other.length) > most) return null;
    const off = isBegun || word === other ? 0 : distance(word, other);
    if (off > most) return null;
    slips += off;
  }
  return slips;
}

const sureOfSlips = (slips: number): number => Math.max(k.LEAST_SURE, k.SURE_SLIP - k.LESS_PER_SLIP * (slips - 1));

/** Where the words stand in a name: begun so, in it, or with slips; null where they do not. */
function likeness(typed: readonly string[], text: string, { words, parts: name }: KnownName): number | null {
  if (words === text) return k.SURE_WHOLE;
  if (words.startsWith(text)) return k.SURE_BEGUN;
  if (typed.every((word) => name.includes(word))) return k.SURE_WORDS;
  if (typed.every((word) => word.length > 2 && name.some((part) => part.startsWith(word)))) return k.SURE_PART;
  // An epithet alone, or a name from its second word on.
  const whole = slipsBetween(typed, name);
  if (whole !== null) return sureOfSlips(Math.max(1, whole));
  const later = slipsBetween(typed, name.slice(1));
  return later === null ? null : sureOfSlips(1 + Math.max(1, later));
}

/** Groups and genera before their species, where both fit as well. */
const rankOrder: Readonly<Record<NameRank, number>> = {
  group: 0,
  genus: 1,
  'common name': 2,
  'hybrid genus': 3,
  species: 4,
  'older name': 5,
  'short form': 6,
};

/** Best first, each group once by the name that fits it best. text: as it is typed. */
export function findNames(text: string): readonly NameMatch[] {
  const typed = plainWords(text).split(' ').filter(Boolean);
  if (typed.length === 0) return [];
  const words = spelledOut(typed);
  const said = words.join(' ');
  const near = knownNames().flatMap((one) => {
    const sure = likeness(words, said, one);
    return sure === null ? [] : matchesOf(one, sure);
  });
  const isLong = words[0]!.length >= k.SLIPS_FROM_LETTERS;
  const genusWithSlips = near.length === 0 && words.length > 1 && isLong ? genusOf(words[0]!) : [];
  const all = [...beginning(words), ...near, ...genusWithSlips].sort(
    (a, b) => b.sure - a.sure || rankOrder[a.rank] - rankOrder[b.rank],
  );
  const best = new Map<string, NameMatch>();
  for (const match of all) if (!best.has(match.genusId)) best.set(match.genusId, match);
  return [...best.values()].slice(0, k.MOST_FOUND);
}

/** A genus with a slip, and something unknown after it. */
function genusOf(word: string): readonly NameMatch[] {
  return knownNames()
    .filter(({ rank, words }) => !words.includes(' ') && rank !== 'short form')
    .flatMap((one) => {
      const slips = slipsBetween([word], one.parts);
      return slips === null ? [] : matchesOf(one, sureOfSlips(Math.max(1, slips)) * k.SURE_GENUS);
    });
}
