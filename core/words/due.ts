/** What a plant needs (due/needs): why it stands in the list, when, how sure that is, and what it waits for. */
import { DAYS_PER_YEAR, DAYS_PER_WEEK } from '../base';
import type { Need, NeedKind } from '../due';
import { monthNames, number } from './phrasing/format';
import { wordSign } from './timing';

const reasons: Readonly<Record<NeedKind, string>> = {
  rot: 'Rot was seen: it does not wait for a season.',
  'failing roots': 'Less than half of its roots were alive.',
  'sour medium': 'Its medium had gone sour: roots die in that.',
  pests: 'Pests were seen on it: look under sheaths and leaves.',
  'medium breaks down': 'Its medium was seen to break down.',
  'medium spent': 'Its medium has done its time here.',
  'shoot at the rim': 'A shoot stands at the rim.',
  'near the rim': 'By its pace a shoot comes to the rim.',
  'look for the sign': 'It waits for a sign: look whether it is there.',
  flush: 'Salts have gathered: flush it until the water runs clear.',
  'look it over': 'No look-over is on record for a year.',
};

/** What is not yet so is said as it will be. */
const comingReasons: Partial<Readonly<Record<NeedKind, string>>> = {
  'medium spent': 'Its medium nears the end of its time here.',
  flush: 'Salts gather: flush it until the water runs clear.',
  'look it over': 'A year without a look-over comes to its end.',
};

const names: Readonly<Record<NeedKind, string>> = {
  rot: 'rot',
  'failing roots': 'failing roots',
  'sour medium': 'sour medium',
  pests: 'pests',
  'medium breaks down': 'medium breaking down',
  'medium spent': 'medium spent',
  'shoot at the rim': 'a shoot at the rim',
  'near the rim': 'a shoot near the rim',
  'look for the sign': 'look for a sign',
  flush: 'flush',
  'look it over': 'look it over',
};

export const needName = (kind: NeedKind): string => names[kind];

/** 14 March 2027 */
export const dayWords = (day: string): string =>
  `${Number(day.slice(8))} ${monthNames[Number(day.slice(5, 7)) - 1]!} ${day.slice(0, 4)}`;

const DAYS_PER_MONTH = DAYS_PER_YEAR / 12;

/** So many days, as one says it. */
function span(days: number): string {
  if (days >= DAYS_PER_YEAR) return `${number(days / DAYS_PER_YEAR, 1)} years`;
  if (days >= 2 * DAYS_PER_MONTH) return `${number(days / DAYS_PER_MONTH, 0)} months`;
  if (days >= 2 * DAYS_PER_WEEK) return `${number(days / DAYS_PER_WEEK, 0)} weeks`;
  const whole = Math.max(1, Math.round(days));
  return `${whole} ${whole === 1 ? 'day' : 'days'}`;
}

export interface NeedWords {
  readonly reason: string;
  /** When, and how sure that is. */
  readonly when: string;
  /** What it waits for; empty where it waits for nothing. */
  readonly waits: string;
}

/** today: YYYY-MM-DD. */
export function wordNeed({ kind, dueOn, spreadDays, sureness, notBefore, waitsFor }: Need, today: string): NeedWords {
  const day = dayWords(dueOn);
  const isPast = dueOn <= today;
  const when =
    sureness === 'seen'
      ? `Seen on ${day}`
      : sureness === 'reckoned'
        ? `${isPast ? 'Since about' : 'About'} ${day}, give or take ${span(spreadDays)}`
        : `${isPast ? 'Due since' : 'Due on'} ${day}`;
  const waits = [
    notBefore === null ? null : `It rests: not before ${dayWords(notBefore)}`,
    waitsFor === null ? null : `${notBefore === null ? 'Wait' : 'and wait'} until ${wordSign(waitsFor)}`,
  ].filter((part) => part !== null);
  const reason = (isPast ? null : comingReasons[kind]) ?? reasons[kind];
  return { reason, when: `${when}.`, waits: waits.length > 0 ? `${waits.join(', ')}.` : '' };
}
