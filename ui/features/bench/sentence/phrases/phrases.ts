/**
 * The case as one sentence. Each phrase is something a grower can say; what was not said is an assumption and shows as
 * one. The first six stand there always, the others appear when they are used.
 */
import { mediumConditions, type PlanFacts } from '@core';
import { cm, kindName, mediumNowWords, monthNames, number, type WordUnits } from '@core/words';
import type { RawCase } from '../../../../data/bench-draft';
import { chosenSigns, inShort } from '../../questions/signs';
import { weekdayNames } from '../../questions/weekdays';

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
  hands: ['wentWell', 'wentBadly', 'mediaAtHand', 'dislikes'],
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
const few = (parts: readonly (string | undefined)[]): string => parts.filter((part) => part !== undefined).join(', ');
const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;

/** "every 7 days, soaked". */
function wateringText(given: unknown): string {
  const routine = (given ?? {}) as {
    kind?: string;
    days?: unknown;
    weekdays?: readonly number[];
    timesADay?: unknown;
    way?: string;
    soakMinutes?: unknown;
  };
  const way =
    routine.way === 'soak'
      ? `, soaked ${number(numberOr(routine.soakMinutes) ?? 0, 0)} min`
      : routine.way === 'drip'
        ? ', by dripper'
        : '';
  switch (routine.kind) {
    case 'weekdays':
      return `on ${(routine.weekdays ?? []).map((day) => weekdayNames[day]).join(', ')}${way}`;
    case 'when dry':
      return `when it is dry${way}`;
    case 'misting': {
      const times = numberOr(routine.timesADay) ?? 1;
      return times === 1 ? 'by a mist once a day' : `by a mist ${number(times, 0)} times a day`;
    }
    default: {
      const days = numberOr(routine.days);
      return days === 1 ? `every day${way}` : `every ${days === undefined ? 'few' : number(days, 1)} days${way}`;
    }
  }
}

interface Current {
  readonly yearsInMedium?: unknown;
  readonly condition?: unknown;
  readonly rimDiameterCm?: unknown;
}

function nowText({ answers, names, units }: BenchRead): string {
  const current = (answers.current ?? {}) as Current;
  const years = numberOr(current.yearsInMedium);
  const rim = numberOr(current.rimDiameterCm);
  const condition = mediumConditions.find((one) => one === current.condition);
  const pot = names.vesselName?.toLowerCase();
  return few([
    names.mediumName === undefined ? undefined : kindName(names.mediumName).toLowerCase(),
    years === undefined
      ? undefined
      : years < 1
        ? 'under a year'
        : `${number(years, 1)} ${years === 1 ? 'year' : 'years'}`,
    condition === undefined ? undefined : mediumNowWords[condition],
    rim === undefined && pot === undefined ? undefined : `${rim === undefined ? 'a' : cm(rim, units)} ${pot ?? 'pot'}`,
  ]);
}

function sizeText({ answers, plan, units }: BenchRead): string {
  const plant = plan?.resolved.plant;
  const isDrawn = isSaid(answers.growthMap);
  // What is drawn is counted there.
  const shoots = isDrawn ? plant?.shootCount : (numberOr(answers.shootCount) ?? plant?.shootCount);
  const ball = numberOr(answers.rootBallDiameterCm) ?? plant?.rootBallDiameterCm;
  return few([
    shoots === undefined ? undefined : `${plural(shoots, 'shoot')}${isDrawn ? ' as drawn' : ''}`,
    ball === undefined ? undefined : `a ${cm(ball, units)} root ball`,
    answers.habit as string | undefined,
  ]);
}

function healthText({ answers, plan, units }: BenchRead): string {
  const live = numberOr(answers.liveRootsPct);
  const count = numberOr(answers.plantCount);
  const fronts = numberOr(answers.fronts);
  const height = numberOr(answers.heightCm);
  const leaves = numberOr(answers.leafAreaCm2);
  const said = few([
    live === undefined ? undefined : `${number(live, 0)} % live roots`,
    answers.bulbs === undefined
      ? undefined
      : answers.bulbs === 'no bulbs'
        ? 'no bulbs'
        : `${String(answers.bulbs)} bulbs`,
    answers.stage as string | undefined,
    count === undefined ? undefined : `${plural(count, 'plant')} in the pot`,
    fronts === undefined ? undefined : plural(fronts, 'front'),
    answers.frontsRun === undefined ? undefined : `growing ${String(answers.frontsRun)}`,
    height === undefined ? undefined : `${cm(height, units)} tall`,
    leaves === undefined ? undefined : `${number(leaves, 0)} cm² of leaves`,
  ]);
  if (said !== '') return said;
  return plan ? `${number(plan.resolved.plant.liveRootShare * 100, 0)} % live roots` : 'live roots not counted';
}

function handsText({ answers }: BenchRead): string {
  const list = (value: unknown) => (Array.isArray(value) && value.length > 0 ? value.join(' and ') : undefined);
  const well = list(answers.wentWell);
  const badly = list(answers.wentBadly);
  const unwanted = list(answers.dislikes);
  const have = countOf(answers.mediaAtHand);
  const said = few([
    well && `${well} did well`,
    badly && `${badly} failed`,
    unwanted && `no ${unwanted}`,
    have > 0 ? `${plural(have, 'medium', 'media')} at hand` : undefined,
  ]);
  return said === '' ? 'any medium, any pot' : said;
}

function potsText({ answers, units }: BenchRead): string {
  const room = numberOr(answers.shelfRoomCm);
  const years = numberOr(answers.yearsWanted);
  const sure = numberOr(answers.certaintyPct);
  const pots = countOf(answers.ownPots);
  const said = few([
    years === undefined ? undefined : `${number(years, 1)} ${years === 1 ? 'year' : 'years'} in the next pot`,
    sure === undefined ? undefined : `${number(sure, 0)} % sure`,
    room === undefined ? undefined : `no wider than ${cm(room, units)}`,
    pots > 0 ? `${plural(pots, 'pot')} of yours` : undefined,
    answers.ownMedia === undefined ? undefined : `${plural(countOf(answers.ownMedia), 'medium', 'media')} of yours`,
  ]);
  return said === '' ? 'any pot' : said;
}

function waterText({ answers, plan }: BenchRead): string {
  const salts = numberOr(answers.waterDsM);
  const feed = (answers.feed ?? {}) as { everyDays?: unknown; addsDsM?: unknown };
  const every = numberOr(feed.everyDays);
  const adds = numberOr(feed.addsDsM);
  const said = few([
    answers.waterKind === undefined ? undefined : `${String(answers.waterKind)} water`,
    salts === undefined ? undefined : `${number(salts, 2)} mS/cm`,
    every === undefined ? undefined : `fed every ${plural(every, 'day')}`,
    adds === undefined ? undefined : `feed of ${number(adds, 2)} mS/cm`,
  ]);
  if (said !== '') return said;
  return plan ? `${number(plan.resolved.feeding.waterDsM, 2)} mS/cm` : 'plain water';
}

function awayText({ answers, units }: BenchRead): string {
  const holiday = answers.holiday as { days?: unknown } | undefined;
  const wave = answers.heatWave as { month?: unknown; warmerC?: unknown } | undefined;
  const degrees = (value: number) =>
    `${number(units.temperature === 'F' ? value * 1.8 : value, 0)} °${units.temperature}`;
  const said = few([
    holiday ? `away ${plural(numberOr(holiday.days) ?? 0, 'day')}` : undefined,
    wave
      ? `${degrees(numberOr(wave.warmerC) ?? 0)} warmer in ${monthNames[(numberOr(wave.month) ?? 1) - 1]}`
      : undefined,
  ]);
  return said === '' ? 'never away' : said;
}

const withWords = (count: number, one: string, none: string): string => (count === 0 ? none : plural(count, one));

/** Every phrase, in the order of the sentence. */
export function phrasesFor(looked: BenchRead): readonly Phrase[] {
  const { answers, plan, names } = looked;
  const root = numberOr(answers.rootDiameterMm);
  const usualRoot = plan?.resolved.plant.rootDiameterMm;
  const signs = inShort(chosenSigns(answers.signs));
  const now = nowText(looked);
  const phrase = (id: PhraseId, before: string, text: string): Phrase => ({
    id,
    before,
    text,
    isStated: isStated(id, answers),
  });
  return [
    phrase('genus', /^[AEIOU]/.test(names.genus) ? 'An' : 'A', names.genus),
    phrase(
      'roots',
      '',
      root !== undefined
        ? `roots ${number(root, 1)} mm`
        : usualRoot === undefined
          ? 'roots not measured'
          : `roots usually ${number(usualRoot, 1)} mm`,
    ),
    phrase('shows', '', signs === '' ? 'not looked at yet' : `showing ${signs}`),
    phrase('place', 'in', names.place),
    phrase('watering', 'watered', wateringText(answers.routine)),
    phrase('now', 'now in', now === '' ? 'an unknown mix' : now),
    phrase('size', 'with', sizeText(looked)),
    phrase('health', '', healthText(looked)),
    phrase('hands', '', handsText(looked)),
    phrase('opinions', '', withWords(countOf(answers.schools), 'opinion of yours', 'no opinions')),
    phrase('pots', 'for', potsText(looked)),
    phrase('water', 'on', waterText(looked)),
    phrase('away', '', awayText(looked)),
    phrase('quirks', 'with', withWords(countOf(answers.genusOverrides), 'quirk', 'no quirks')),
  ];
}

export const isAlways = (id: PhraseId): boolean => phraseIds.indexOf(id) <= phraseIds.indexOf('now');
