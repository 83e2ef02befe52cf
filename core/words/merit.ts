/** What a setup is on the shelf for, in five words at most. */
import type { Lead, Distinction } from '../decide/choice';

const leadsAll: Readonly<Record<Lead, string>> = {
  'late week': 'forgives a late week',
  work: 'least work',
  price: 'costs least',
  life: 'lasts longest',
  air: 'most air for roots',
  waits: 'waits longest for water',
  dries: 'dries soonest',
  'early hand': 'forgives too much water',
};

const leadsTheFirst: Readonly<Record<Lead, string>> = {
  'late week': 'forgives lateness better',
  work: 'less work',
  price: 'costs less',
  life: 'lasts longer',
  air: 'more air for roots',
  waits: 'waits longer for water',
  dries: 'dries sooner',
  'early hand': 'forgives more water',
};

export function meritText(standsOut: Distinction): string {
  switch (standsOut.code) {
    case 'leads all':
      return leadsAll[standsOut.in];
    case 'leads the first':
      return leadsTheFirst[standsOut.in];
    default:
      return standsOut.code;
  }
}
