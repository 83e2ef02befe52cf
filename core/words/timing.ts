import type { Timing, TimingSign, WatchRisk } from '../advise';
import { monthNames } from './phrasing/format';

const verdictWords: Readonly<Record<Timing['verdict'], string>> = {
  'go at once': 'Do it at once',
  go: 'Do it now',
  wait: 'Better wait',
  'look first': 'Look first',
};

const tipsToLookFor =
  'Look for new root tips, green or white, or for a new shoot half grown. If you see either, pot it now; if not, wait for them.';

const reasonWords: Readonly<Record<Timing['code'], (months: string) => string>> = {
  'no pot': () => 'Without a pot its roots dry and break.',
  rot: () => 'Rot does not wait for a season.',
  'failing roots': () => 'Failing roots do not wait for a season.',
  'souring medium': () => 'The medium has outlived its life, and the plant goes backwards in it.',
  asleep: () =>
    'Pot it while it sleeps, take off the oldest spent bulb, then keep it dry until the new growth is tall and rooting.',
  'asleep, kept moist': () => 'Pot it while it sleeps, and keep it just moist, never dry, until it grows.',
  waking: () =>
    'It is waking: its shoot comes before its roots, and last year’s roots are dead by nature. Pot it now, and keep it dry until the new roots are a finger long.',
  'waking, kept moist': () => 'It is waking: pot it now, before its new roots run, and keep it just moist.',
  'going backwards': () => 'Few of its roots live and its bulbs wrinkle: where it stands it cannot drink.',
  'fresh medium': () =>
    'It was potted not long ago and its medium is sound: its roots have only just taken hold, and moving it would cost them.',
  'root tips': () => 'New root tips are showing: they will grow straight into the new medium.',
  'long tips': () => 'Its new roots are long already and break easily: soak it first, and tilt the pot away from them.',
  'long tips of fussy roots': () => 'Its new roots are long already, and broken ones do not grow on.',
  'shoot about to root': () => 'The new shoot is about to root: its roots will know only the new medium.',
  'ball untouched': () =>
    'Out of what it is in now it moves with its ball untouched, at any time, even in bloom; leave the roots alone.',
  'in bloom': () => 'It is in bud or bloom, and moving it may cost the flowers.',
  'to be rooted': () => 'It has no roots of its own yet: the sooner it stands in something moist and warm, the better.',
  resting: () => 'It is at rest and cannot make roots to hold on with.',
  'broken-down medium': () => 'The medium has outlived its life and will rot the roots before a sign comes.',
  'shoot just starting': () => 'The new shoot has only just started; its roots come when it is half grown.',
  'no sign': () => 'Nothing is growing that could root.',
  'not looked at': () => tipsToLookFor,
  'not looked at, rest months': (months) =>
    `It is in its months of rest (${months}), when roots hardly grow. Only rot or a broken pot would not wait.`,
  'not looked at, leafless months': (months) =>
    `These are its months without leaves (${months}). If they are off, pot it now and keep it dry; if it still has leaves, wait.`,
};

const signWords: Readonly<Record<TimingSign, string>> = {
  'flowers over or new roots': 'the last flower fades, or new roots start before that',
  'root tips on the new shoot': 'the new shoot shows its first root tips',
  'root tips or a shoot about to root': 'new root tips, or a shoot old enough to root soon',
  'shoot half grown': 'it is half grown, or shows root tips',
  'the next root tips': 'the next root tips just show',
  'the next flush of root tips': 'it has grown on for a season and makes root tips again',
  'end of rest': 'days grow longer and a new shoot or root tips show',
};

const riskWords: Readonly<Record<WatchRisk, string>> = {
  little: 'While the medium is sound, waiting costs little.',
  'medium is spent': 'But its medium is spent: if it smells or stays wet for days, do it now.',
  'medium unknown': 'If the medium smells or stays wet for days, do not wait.',
};

const looseWords = 'It wobbles: tie it to a stake today, for what moves does not root.';

export interface TimingAnswer extends Timing {
  readonly headline: string;
  readonly sentence: string;
  /** The sign to wait for, as the end of "wait until …"; null when there is nothing to wait for. */
  readonly waitFor: string | null;
}

/** "November to January"; nothing for no months. */
function spanOf(months: readonly number[]): string {
  const [first, last] = [months[0], months[months.length - 1]];
  return first === undefined || last === undefined ? '' : `${monthNames[first]!} to ${monthNames[last]!}`;
}

export function wordTiming(timing: Timing): TimingAnswer {
  const waitFor = timing.sign === null ? null : signWords[timing.sign];
  const sentences = [
    reasonWords[timing.code](spanOf(timing.restMonths)),
    waitFor === null ? null : `Wait until ${waitFor}.`,
    timing.risk === null ? null : riskWords[timing.risk],
    timing.isLoose ? looseWords : null,
  ];
  return {
    ...timing,
    headline: verdictWords[timing.verdict],
    sentence: sentences.filter((sentence) => sentence !== null).join(' '),
    waitFor,
  };
}

/** The same, where nothing is said of the plant beside it. */
const signAlone: Readonly<Record<TimingSign, string>> = {
  ...signWords,
  'shoot half grown': 'its new shoot is half grown, or shows root tips',
};

const riskAlone: Readonly<Record<WatchRisk, string>> = {
  ...riskWords,
  'medium is spent': 'Its medium is spent: if it smells or stays wet for days, do it now.',
};

/** A sign without the case around it, as the end of "wait until …". */
export const wordSign = (sign: TimingSign): string => signAlone[sign];

/** What a plant on the watch list waits for, and what waiting risks. */
export const wordSignWatch = (
  sign: TimingSign,
  risk: WatchRisk,
): { readonly until: string; readonly risk: string } => ({
  until: signAlone[sign],
  risk: riskAlone[risk],
});
