/** What a grower said of a case, phrase by phrase, as it stands in the sentence over the answer. */
import { mediumConditions, type PlanCase } from '../case';
import type { PlanFacts } from '../advise';
import { mediumNowWords } from './inspection';
import { cm, joinAnd, monthNames, number, plural, type WordUnits } from './phrasing/format';
import { kindName } from './phrasing/titles';
import { weekdayNames } from './screens/weekdays';

/** The answers as given, each under the name it has in the case; not yet checked. */
export interface SaidCase {
  readonly answers: Readonly<Record<string, unknown>>;
  readonly plan: PlanFacts | null;
  /** Names that the answers hold only by their key. */
  readonly names: { readonly mediumName: string | undefined; readonly vesselName: string | undefined };
  readonly units: WordUnits;
}

const isSaid = (value: unknown): boolean =>
  typeof value === 'object' && value !== null
    ? Object.values(value).some((entry) => entry !== undefined)
    : value !== undefined;

const numberOr = (value: unknown): number | undefined => (typeof value === 'number' ? value : undefined);
const countOf = (value: unknown): number => (Array.isArray(value) ? value.length : Object.keys(value ?? {}).length);
const few = (parts: readonly (string | undefined)[]): string => parts.filter((part) => part !== undefined).join(', ');

/** "every 7 days, soaked". */
export function wateringText(given: unknown): string {
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
        : routine.way === 'hose'
          ? ', by hose'
          : '';
  switch (routine.kind) {
    case 'weekdays':
      return `on ${(routine.weekdays ?? []).map((day) => weekdayNames[day]).join(', ')}${way}`;
    case 'when dry':
      return `when it is dry${way}`;
    case 'rain':
      return 'by rain alone';
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

/** Medium, its years and state, and the pot, as they are now. */
export function mediumNowText({ answers, names, units }: SaidCase): string {
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

/** Shoots, root ball and habit. */
export function plantSizeText({ answers, plan, units }: SaidCase): string {
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

/** Roots, pseudobulbs, stage and plants in the pot. */
export function plantHealthText({ answers, plan, units }: SaidCase): string {
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

const wishList = (value: unknown): string | undefined =>
  Array.isArray(value) && value.length > 0 ? joinAnd(value.map(String)) : undefined;

type RecordSaid = Readonly<NonNullable<PlanCase['handsRecord']>>;

const recordOf = ({ family, well, badly }: RecordSaid[number]): string =>
  `${family} did well ${badly === 0 ? '' : `${well} of `}${plural(well + badly, 'time')}`;

/** On record, of such plants in this place: "bark did well 5 of 6 times, sphagnum did well 1 of 3 times". */
export const handsRecordText = (record: RecordSaid): string => `On record here: ${record.map(recordOf).join(', ')}.`;

/** What goes well in these hands, and what is at hand. */
export function handsText({ answers }: SaidCase): string {
  const list = (value: unknown) => (Array.isArray(value) && value.length > 0 ? value.join(' and ') : undefined);
  const well = list(answers.wentWell);
  const badly = list(answers.wentBadly);
  const unwanted = list(answers.dislikes);
  const wanted = wishList(answers.wants);
  const have = countOf(answers.mediaAtHand);
  const said = few([
    Array.isArray(answers.handsRecord) && answers.handsRecord.length === 0 ? 'your own record left out' : undefined,
    well && `${well} did well`,
    badly && `${badly} failed`,
    wanted && `wanted: ${wanted}`,
    unwanted && `no ${unwanted}`,
    have > 0 ? `${plural(have, 'medium', 'media')} at hand` : undefined,
  ]);
  return said === '' ? 'any medium, any pot' : said;
}

/** What the pot must be. */
export function potsText({ answers, units }: SaidCase): string {
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

/** Water and feed. */
export function waterText({ answers, plan }: SaidCase): string {
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

/** Holidays and heat. */
export function awayText({ answers, units }: SaidCase): string {
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

/** Roots by their thickness: measured, usual, or not known. */
export const rootsText = (measuredMm: number | undefined, usualMm: number | undefined): string =>
  measuredMm !== undefined
    ? `roots ${number(measuredMm, 1)} mm`
    : usualMm === undefined
      ? 'roots not measured'
      : `roots usually ${number(usualMm, 1)} mm`;
