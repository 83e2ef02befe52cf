/**
 * What a plant needs, each with the day it is due, how sure that day is, how urgent it is on a given day, and what it waits
 * for. Urgency, 0 to 1, rises smoothly through the day and never stands still: of two that are long overdue the one left
 * longer comes first. What was seen counts for more than what was reckoned (common practice, no source; the weights are from
 * memory).
 */
import { type TimingSign, type WatchRisk } from '../advise';
import { DAYS_PER_YEAR, dayNumber, dayOf, monthIndexOf, nextMonth, normalDensity, normalShareBelow } from '../base';
import type { PseudobulbState, MediumCondition, TipState } from '../case';
import { k } from './constants';
import type { Outlook } from './outlook';

export const needKinds = [
  'rot',
  'failing roots',
  'sour medium',
  'pests',
  'medium breaks down',
  'medium spent',
  'shoot at the rim',
  'near the rim',
  'look for the sign',
  'flush',
  'look it over',
] as const;
export type NeedKind = (typeof needKinds)[number];

/** Those that a new pot answers. */
export const repotNeeds: ReadonlySet<NeedKind> = new Set([
  'rot',
  'failing roots',
  'sour medium',
  'medium breaks down',
  'medium spent',
  'shoot at the rim',
  'near the rim',
]);

/** What a potting day asks of the needs of a plant: how badly it wants a new pot, 0 to 1, and whether something on it may spread. */
export function dayNeedOf(needs: readonly Pick<Need, 'kind' | 'urgency'>[]): {
  readonly urgency: number;
  readonly isSuspect: boolean;
} {
  const urgencies = needs.filter(({ kind }) => repotNeeds.has(kind)).map(({ urgency }) => urgency);
  return { urgency: Math.max(0, ...urgencies), isSuspect: needs.some(({ kind }) => kind === 'pests') };
}

/** How its day is known. */
export const sureness = ['seen', 'reckoned', 'by habit'] as const;
export type Sureness = (typeof sureness)[number];

export interface Need {
  readonly kind: NeedKind;
  /** YYYY-MM-DD: as likely before it as after it. */
  readonly dueOn: string;
  /** So many days sooner or later, two times in three. */
  readonly spreadDays: number;
  /** 0 to 1, on the day that was asked about. */
  readonly urgency: number;
  readonly sureness: Sureness;
  /** First day after its months of rest, where it should wait for that; null where it need not. */
  readonly notBefore: string | null;
  /** The sign it waits for; null where it waits for none. */
  readonly waitsFor: TimingSign | null;
}

/** What the newest look-over since it was potted found. null = not looked at. */
export interface Seen {
  readonly on: string;
  readonly rot: boolean | null;
  readonly liveRootsPct: number | null;
  readonly bulbs: PseudobulbState | null;
  readonly condition: MediumCondition | null;
  readonly isAtRim: boolean;
  readonly hasPests: boolean;
  readonly tips: TipState | null;
}

/** What is on record of a plant, as far as it says what is due. Days as YYYY-MM-DD. */
export interface PlantState {
  /** Since when it stands in this medium; null where nobody knows. */
  readonly inMediumSince: string | null;
  /** Since when it is on record: the first look-over is counted from there. */
  readonly onRecordSince: string;
  readonly outlook: Outlook | null;
  readonly seen: Seen | null;
  readonly flushedOn: string | null;
  readonly treatedOn: string | null;
  readonly waits: { readonly sign: TimingSign; readonly risk: WatchRisk; readonly lookOn: string } | null;
  readonly putOff: readonly { readonly need: NeedKind; readonly until: string }[];
}

interface Raw {
  readonly kind: NeedKind;
  readonly dueDay: number;
  readonly spreadDays: number;
  readonly harm: number;
  readonly sureness: Sureness;
  /** It is done by repotting, which wants its season, unless it cannot wait. */
  readonly wantsSeason: boolean;
}

/** Before the day it is the share of the ways in which it is due already; after it, it gains with the time. */
export function urgencyOn(
  dayNow: number,
  { dueDay, spreadDays, harm }: Pick<Raw, 'dueDay' | 'spreadDays' | 'harm'>,
): number {
  const z = (dayNow - dueDay) / spreadDays;
  const share = normalShareBelow(z);
  // Days overdue on average: the integral of the share, without a corner at the day itself.
  const overdueDays = spreadDays * (z * share + normalDensity(z));
  const left = (1 - harm * share) * Math.exp(-k.OVERDUE_PER_YEAR * harm * (Math.max(0, overdueDays) / DAYS_PER_YEAR));
  return 1 - left;
}

function seenNeeds(seen: Seen): readonly Raw[] {
  const found: [NeedKind, number, boolean][] = [];
  if (seen.rot === true || seen.bulbs === 'soft or oozing') found.push(['rot', k.HARM_ROT, false]);
  if (seen.liveRootsPct !== null && seen.liveRootsPct < k.FAILING_BELOW_PCT) {
    found.push(['failing roots', k.HARM_FAILING, false]);
  }
  if (seen.condition === 'gone sour') found.push(['sour medium', k.HARM_SOUR, false]);
  if (seen.condition === 'breaking down') found.push(['medium breaks down', k.HARM_BREAKING, true]);
  if (seen.isAtRim) found.push(['shoot at the rim', k.HARM_RIM_SEEN, true]);
  return found.map(([kind, harm, wantsSeason]) => ({
    kind,
    dueDay: dayNumber(seen.on),
    spreadDays: k.SEEN_SPREAD_DAYS,
    harm,
    sureness: 'seen',
    wantsSeason,
  }));
}

function pestNeed({ seen, treatedOn }: PlantState): readonly Raw[] {
  if (seen?.hasPests !== true) return [];
  const last =
    treatedOn !== null && treatedOn >= seen.on ? dayNumber(treatedOn) + k.PESTS_AGAIN_DAYS : dayNumber(seen.on);
  return [
    {
      kind: 'pests',
      dueDay: last,
      spreadDays: k.SEEN_SPREAD_DAYS,
      harm: k.HARM_PESTS,
      sureness: 'seen',
      wantsSeason: false,
    },
  ];
}

/** The day the medium is spent; found sound on a day, it has at least a spread of its life before it from there. */
function spentNeed(since: number, { lifeYears, isRough }: Outlook, seen: Seen | null): readonly Raw[] {
  if (lifeYears === null || (seen !== null && seen.condition !== null && seen.condition !== 'sound')) return [];
  const lifeDays = lifeYears * DAYS_PER_YEAR;
  const spreadDays = lifeDays * (isRough ? k.UNKNOWN_LIFE_SPREAD : k.LIFE_SPREAD);
  const soundUntil = seen?.condition === 'sound' ? dayNumber(seen.on) + spreadDays : -Infinity;
  return [
    {
      kind: 'medium spent',
      dueDay: Math.max(since + lifeDays, soundUntil),
      spreadDays,
      harm: k.HARM_SPENT,
      sureness: 'reckoned',
      wantsSeason: true,
    },
  ];
}

function rimNeed(since: number, { rim }: Outlook, seen: Seen | null): readonly Raw[] {
  if (rim === null || seen?.isAtRim === true) return [];
  return [
    {
      kind: 'near the rim',
      dueDay: since + rim.years * DAYS_PER_YEAR,
      spreadDays: rim.spreadYears * DAYS_PER_YEAR,
      harm: k.HARM_RIM,
      sureness: 'reckoned',
      wantsSeason: true,
    },
  ];
}

/** What the outlook foresees, but what was seen with one's own eyes stands for it. */
function foreseenNeeds({ inMediumSince, outlook, seen }: PlantState): readonly Raw[] {
  if (inMediumSince === null || outlook === null) return [];
  const since = dayNumber(inMediumSince);
  return [...spentNeed(since, outlook, seen), ...rimNeed(since, outlook, seen)];
}

const harmOfWaiting: Readonly<Record<WatchRisk, number>> = {
  'medium is spent': k.HARM_SIGN_SPENT,
  'medium unknown': k.HARM_SIGN_UNKNOWN,
  little: k.HARM_SIGN_LITTLE,
};

function lookNeed({ waits }: PlantState): readonly Raw[] {
  if (waits === null) return [];
  return [
    {
      kind: 'look for the sign',
      dueDay: dayNumber(waits.lookOn),
      spreadDays: k.SIGN_SPREAD_DAYS,
      harm: harmOfWaiting[waits.risk],
      sureness: 'by habit',
      wantsSeason: false,
    },
  ];
}

/** Empty where there is none. */
const latestOf = (days: readonly (string | null)[]): string =>
  days.reduce<string>((latest, day) => (day !== null && day > latest ? day : latest), '');

function flushNeed({ outlook, inMediumSince, flushedOn, onRecordSince }: PlantState): readonly Raw[] {
  if (outlook === null || outlook.flushesPerYear === 0) return [];
  const everyDays = DAYS_PER_YEAR / outlook.flushesPerYear;
  const last = latestOf([flushedOn, inMediumSince ?? onRecordSince]);
  return [
    {
      kind: 'flush',
      dueDay: dayNumber(last) + everyDays,
      spreadDays: everyDays * k.FLUSH_SPREAD,
      harm: k.HARM_FLUSH,
      sureness: 'reckoned',
      wantsSeason: false,
    },
  ];
}

function lookOverNeed({ seen, inMediumSince, onRecordSince }: PlantState): Raw {
  const last = latestOf([seen?.on ?? null, inMediumSince]) || onRecordSince;
  return {
    kind: 'look it over',
    dueDay: dayNumber(last) + k.LOOK_AFTER_DAYS,
    spreadDays: k.LOOK_SPREAD_DAYS,
    harm: k.HARM_UNLOOKED,
    sureness: 'by habit',
    wantsSeason: false,
  };
}

/** The first day of the month after its rest; null outside of it, or where it rests all the year. */
export function afterRest(day: string, restMonths: readonly number[]): string | null {
  if (!restMonths.includes(monthIndexOf(day))) return null;
  for (let next = nextMonth(day), n = 0; n < 12; next = nextMonth(next), n += 1) {
    if (!restMonths.includes(monthIndexOf(next))) return next;
  }
  return null;
}

/** Tips that were seen not long ago are the sign that repotting waits for. */
function signFor({ seen, waits }: PlantState, dayNow: number): TimingSign | null {
  if (seen?.tips === 'starting' && dayNow - dayNumber(seen.on) <= k.TIPS_FRESH_DAYS) return null;
  return waits?.sign ?? 'root tips or a shoot about to root';
}

/** All that it needs or will need, the most urgent first. today: YYYY-MM-DD. */
export function needsOf(plant: PlantState, today: string): readonly Need[] {
  const dayNow = dayNumber(today);
  const raw = [
    ...(plant.seen ? seenNeeds(plant.seen) : []),
    ...pestNeed(plant),
    ...foreseenNeeds(plant),
    ...lookNeed(plant),
    ...flushNeed(plant),
    lookOverNeed(plant),
  ];
  const isPutOff = ({ kind }: Raw) => plant.putOff.some(({ need, until }) => need === kind && until > today);
  return raw
    .filter((need) => !isPutOff(need))
    .map((need): Need => {
      const dueOn = dayOf(need.dueDay);
      const from = dueOn > today ? dueOn : today;
      const { kind, spreadDays, wantsSeason } = need;
      return {
        kind,
        dueOn,
        spreadDays,
        urgency: urgencyOn(dayNow, need),
        sureness: need.sureness,
        notBefore: wantsSeason ? afterRest(from, plant.outlook?.restMonths ?? []) : null,
        waitsFor: wantsSeason ? signFor(plant, dayNow) : null,
      };
    })
    .sort((a, b) => b.urgency - a.urgency);
}

/** Urgency of a plant: two needs are more than one. */
export const urgencyOf = (needs: readonly Need[]): number =>
  1 - needs.reduce((left, { urgency }) => left * (1 - urgency), 1);

/** The need that puts it where it is; null where nothing is worth telling yet. */
export function firstNeed(needs: readonly Need[]): Need | null {
  const [first] = needs;
  return first !== undefined && first.urgency >= k.WORTH_TELLING ? first : null;
}
