/**
 * The case as one sentence. Each phrase is something a grower can say; what was not said is an assumption and shows as
 * one. The first six stand there always, the others appear when they are used.
 */
import type { PlanFacts } from '@core';
import {
  awayText,
  handsText,
  mediumNowText,
  plantHealthText,
  plantSizeText,
  plural,
  potsText,
  rootsText,
  wateringText,
  waterText,
  type WordUnits,
} from '@core/words';
import type { RawCase } from '../../../../data/bench-draft';
import { chosenSigns, inShort } from '../../questions/signs';

export const phraseIds = [
  'genus',
  'roots',
  'shows',
  'place',
  'watering',
  'now',
  'size',
  'health',
  'hands',
  'opinions',
  'pots',
  'water',
  'away',
  'quirks',
] as const;
export type PhraseId = (typeof phraseIds)[number];

export interface Phrase {
  readonly id: PhraseId;
  /** What leads up to it: "in", "watered". */
  readonly before: string;
  readonly text: string;
  /** False where it is only assumed. */
  readonly isStated: boolean;
}

/** What each phrase says of the case: the answers it holds. */
export const answersOf: Readonly<Record<PhraseId, readonly (keyof RawCase)[]>> = {
  genus: ['genus'],
  roots: ['rootDiameterMm'],
  shows: ['signs'],
  place: ['place'],
  watering: ['routine'],
  now: ['current'],
  size: ['habit', 'shootCount', 'growthMap', 'rootBallDiameterCm'],
  health: ['liveRootsPct', 'bulbs', 'stage', 'plantCount', 'fronts', 'frontsRun', 'heightCm', 'leafAreaCm2'],
  hands: ['handsRecord', 'wentWell', 'wentBadly', 'mediaAtHand', 'wants', 'dislikes'],
  opinions: ['schools'],
  pots: ['yearsWanted', 'certaintyPct', 'shelfRoomCm', 'ownPots', 'ownMedia'],
  water: ['waterKind', 'waterDsM', 'feed'],
  away: ['holiday', 'heatWave'],
  quirks: ['genusOverrides'],
};

/** The phrase that holds an answer; what has none belongs to the genus. */
export function phraseOf(path: string): PhraseId {
  const [head] = path.split('.');
  return phraseIds.find((id) => (answersOf[id] as readonly string[]).includes(head!)) ?? 'genus';
}

/** Names the sentence needs and the answers hold only by their key. */
export interface SentenceNames {
  readonly genus: string;
  readonly place: string;
  /** Before it. */
  readonly inOrOn: 'in' | 'on';
  readonly mediumName: string | undefined;
  readonly vesselName: string | undefined;
}

const isSaid = (value: unknown): boolean =>
  typeof value === 'object' && value !== null
    ? Object.values(value).some((entry) => entry !== undefined)
    : value !== undefined;

export const isStated = (id: PhraseId, answers: RawCase): boolean => answersOf[id].some((key) => isSaid(answers[key]));

interface BenchRead {
  readonly answers: RawCase;
  readonly plan: PlanFacts | null;
  readonly names: SentenceNames;
  readonly units: WordUnits;
}

const numberOr = (value: unknown): number | undefined => (typeof value === 'number' ? value : undefined);
const countOf = (value: unknown): number => (Array.isArray(value) ? value.length : Object.keys(value ?? {}).length);
const withWords = (count: number, one: string, none: string, many = `${one}s`): string =>
  count === 0 ? none : plural(count, one, many);

/** Every phrase, in the order of the sentence. */
export function phrasesFor(looked: BenchRead): readonly Phrase[] {
  const { answers, plan, names } = looked;
  const root = numberOr(answers.rootDiameterMm);
  const usualRoot = plan?.resolved.plant.rootDiameterMm;
  const signs = inShort(chosenSigns(answers.signs));
  const now = mediumNowText(looked);
  const phrase = (id: PhraseId, before: string, text: string): Phrase => ({
    id,
    before,
    text,
    isStated: isStated(id, answers),
  });
  return [
    phrase('genus', /^[AEIOU]/.test(names.genus) ? 'An' : 'A', names.genus),
    phrase('roots', '', rootsText(root, usualRoot)),
    phrase('shows', '', signs === '' ? 'not looked at yet' : `showing ${signs}`),
    phrase('place', names.inOrOn, names.place),
    phrase('watering', 'watered', wateringText(answers.routine)),
    phrase('now', 'now in', now === '' ? 'an unknown mix' : now),
    phrase('size', 'with', plantSizeText(looked)),
    phrase('health', '', plantHealthText(looked)),
    phrase('hands', '', handsText(looked)),
    phrase('opinions', '', withWords(countOf(answers.schools), 'opinion of yours', 'no opinions')),
    phrase('pots', 'for', potsText(looked)),
    phrase('water', 'on', waterText(looked)),
    phrase('away', '', awayText(looked)),
    phrase(
      'quirks',
      'with',
      withWords(countOf(answers.genusOverrides), 'trait of its own', 'no traits of its own', 'traits of its own'),
    ),
  ];
}

export const isAlways = (id: PhraseId): boolean => phraseIds.indexOf(id) <= phraseIds.indexOf('now');
