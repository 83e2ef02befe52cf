/** The sentences of the first weeks (advise/aftercare). */
import type { AftercareFact } from '../advise';
import type { LightClass } from '../catalogue/genera';
import { days, number } from './phrasing/format';

export type WordedAftercare = AftercareFact & { readonly sentence: string };

type FactOf<Code extends AftercareFact['code']> = Extract<AftercareFact, { readonly code: Code }>;

const waterWords: Readonly<Record<FactOf<'water'>['how'], string>> = {
  'keep nearly dry': 'Keep nearly dry until the new growth is tall and its roots are long: water before roots is rot.',
  'just moist': 'Keep it cool and just moist until the new growth is through: it has no roots to drink with yet.',
  'once, then sparingly':
    'Water it in once, then sparingly: in these months its kind rests. More when new growth shows.',
  'at once': 'Water it in at once.',
  'at once, hates drought': 'Water it in at once; it hates drought.',
  'after the cuts have closed':
    'If roots were cut, leave it dry three or four days so that the cuts close; with sound roots, water now.',
};

const feedStarts: Readonly<Record<FactOf<'feed'>['starts'], string>> = {
  'after a month': 'No feed for a month',
  'after two weeks': 'No feed for two weeks',
  'with new growth': 'No feed until the new growth has roots',
};

const restWords: Readonly<Record<FactOf<'rest'>['how'], string>> = {
  'drier winter': 'In its rest give about half the water for two to three months.',
  'dry winter': 'In its rest give hardly any water for two to three months: a little when bulbs or canes shrivel.',
  'short and bright': 'In its rest, about two months, give it all the light you have and a third of the water.',
  'leafless and moist': 'When it has died back keep it cool and just moist: never wet, never dust-dry.',
  'leafless and dry': 'When its leaves have gone, give no water until the new growth has roots.',
};

const lightWords: Readonly<Record<LightClass, string>> = {
  shade: 'shade for good: no sun on the leaves',
  'bright shade': 'bright shade, with sun only early and late',
  bright: 'bright light, shaded at noon',
  sun: 'full sun, step by step',
};

function sentenceOf(fact: AftercareFact): string {
  switch (fact.code) {
    case 'water':
      return waterWords[fact.how];
    case 'first weeks':
      return `A new dry mix takes water badly: after its first watering it asks again after ${days(fact.days)}, later after ${days(fact.laterDays)}. A soak helps it along.`;
    case 'flush':
      return 'Flush until the run-off is clear. Murk later means the medium is breaking down.';
    case 'shade':
      return `Shade for one to two weeks, then gentle early sun for about a month, then ${lightWords[fact.light]}.`;
    case 'humid':
      return 'Keep it under a cover with small openings, at 80–90 % humidity and out of the sun, until its roots hold.';
    case 'look':
      return 'After a week look once: the wettest corner, the weight in your hand, leaves that hang.';
    case 'seaweed':
      return 'While roots start, some give a very thin seaweed extract (5–10 ppm) with the water. Optional.';
    case 'water is hard':
      return `Your water carries ${number(fact.waterDsM, 1)} mS/cm; it wants ${number(fact.mostDsM, 1)} at most: rain or low-mineral water, or a thorough flush every month.`;
    case 'water is pure':
      return 'Water as pure as yours brings no calcium or magnesium: choose a feed that has them.';
    case 'feed':
      return `${feedStarts[fact.starts]}, then ${fact.leastPpm}–${fact.mostPpm} ppm (${number(fact.leastDsM, 1)}–${number(fact.mostDsM, 1)} mS/cm above your water) ${fact.isWinter ? 'while days are short' : 'in growth'}. The label of your feed wins.`;
    case 'look for roots':
      return `It has hardly any roots: look for new tips every ${days(fact.everyDays)}. When they show, look the plant over and ask the plan anew.`;
    case 'tug':
      return 'After four to eight weeks tug it gently: if it holds, it has rooted.';
    case 'watch':
      return 'Keep the reservoir filled low at first; new roots must find it.';
    case 'rest':
      return restWords[fact.how];
  }
}

export function wordAftercare(fact: AftercareFact): WordedAftercare {
  return { ...fact, sentence: sentenceOf(fact) };
}
