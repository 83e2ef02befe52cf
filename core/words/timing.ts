import type { Timing, TimingSign } from '../advise';

const verdictWords: Readonly<Record<Timing['verdict'], string>> = {
  'go at once': 'Do it at once',
  go: 'Do it now',
  wait: 'Better wait',
};

const reasonWords: Readonly<Record<Timing['code'], string>> = {
  'failing roots': 'Failing roots do not wait for a season.',
  'root tips': 'New root tips are showing: they will grow straight into the new medium.',
  'shoot about to root': 'The new shoot is about to root: its roots will know only the new medium.',
  'in bloom': 'It is in bud or bloom, and moving it may cost the flowers.',
  'dormant with bulbs to repot':
    'Pot it while it sleeps, take off the oldest spent bulb, then keep it dry until the new growth is tall and rooting.',
  dormant: 'It is dormant and cannot make roots to hold on with.',
  'broken-down medium': 'The medium has outlived its life and will rot the roots before a sign comes.',
  'no sign': 'Nothing is growing that could root.',
};

const signWords: Readonly<Record<TimingSign, string>> = {
  'flowers over or new roots': 'the last flower fades, or new roots start before that',
  'root tips on the new shoot': 'the new shoot shows its first root tips',
  'root tips or a shoot about to root': 'new root tips, or a shoot old enough to root soon',
};

export interface TimingAnswer extends Timing {
  readonly headline: string;
  readonly sentence: string;
  /** The sign to wait for, as the end of "wait until …"; null when there is nothing to wait for. */
  readonly waitFor: string | null;
}

export function wordTiming(timing: Timing): TimingAnswer {
  const waitFor = timing.sign === null ? null : signWords[timing.sign];
  const wait = waitFor === null ? '' : ` Wait until ${waitFor}.`;
  return { ...timing, headline: verdictWords[timing.verdict], sentence: reasonWords[timing.code] + wait, waitFor };
}
