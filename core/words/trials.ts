/** What a trial says, and what it would take, in sentences that promise no more than the numbers hold. */
import type { Compared, TrialMeasure } from '../trials';
import { number, percent } from './phrasing/format';

export const measureNames: Readonly<Record<TrialMeasure, string>> = {
  held: 'Holds when tugged',
  'live roots': 'Live roots',
  'new shoots': 'New shoots a year',
  'days between waterings': 'Days between waterings',
};

/** A value, or a difference, of a measure. */
export function measured(measure: TrialMeasure, value: number): string {
  switch (measure) {
    case 'held':
      return percent(value);
    case 'live roots':
      return `${number(value, 0)} %`;
    case 'new shoots':
      return `${number(value, 1)} a year`;
    case 'days between waterings':
      return `${number(value, 1)} days`;
  }
}

export function trialSentence(measure: TrialMeasure, matters: number, compared: Compared): string {
  const { one, other, difference, from, to, verdict } = compared;
  const [ahead, behind] = difference >= 0 ? [other, one] : [one, other];
  const size = measured(measure, Math.abs(difference));
  const span = `in 19 trials of 20 the truth lies between ${measured(measure, from)} and ${measured(measure, to)} for ${other} against ${one}`;
  switch (verdict) {
    case 'too few':
      return `${one} and ${other}: too few plants have been looked at to say anything.`;
    case 'a difference':
      return `${ahead} is ahead of ${behind} by ${size}; ${span}. Chance alone would seldom do that.`;
    case 'no difference that matters':
      return `${one} and ${other} do alike: a difference of ${measured(measure, matters)} would have shown; ${span}.`;
    case 'cannot tell':
      return `The numbers cannot tell ${one} from ${other} yet: ${span}. That holds no difference and one that matters.`;
  }
}

export const TRIAL_ASSUMES =
  'Assumed: the plants came to their sides by lot, each stands for itself, and both sides are looked at alike.';
