import type { Timing } from '../advise';

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

export function timingHeadline(timing: Timing): string {
  return verdictWords[timing.verdict];
}

export function timingSentence(timing: Timing): string {
  const wait = timing.waitFor ? ` Wait until ${timing.waitFor}.` : '';
  return reasonWords[timing.code] + wait;
}
