/** What is looked at on a plant, and what is found, in a grower's words (inspect/inspection). */
import type { PseudobulbState, MediumCondition, ShootState, TipState } from '../case';
import type {
  Inspection,
  InspectedThing,
  PestKind,
  ReasonToInspect,
  SeasonSeen,
  SheathState,
  Smell,
  Squeeze,
} from '../inspect';
import { mm, number, type WordUnits } from './phrasing/format';

export const reasonToInspectWords: Readonly<Record<ReasonToInspect, string>> = {
  routine: 'just time',
  'shoot at the rim': 'a shoot at the rim',
  'old medium': 'old medium',
  'bad smell': 'it smells',
  'salt crust': 'white crust',
  'murky run-off': 'murky run-off',
  'pot broken': 'no pot, or broken',
  wobbles: 'it wobbles',
  shrivelled: 'shrivelled, though watered',
  'newly arrived': 'newly arrived',
  outgrown: 'too big for its pot',
};

export const squeezeWords: Readonly<Record<Squeeze, string>> = {
  'hard as a rock': 'hard as a rock',
  'gives a little': 'gives a little',
  flexes: 'flexes',
};

export const conditionWords: Readonly<Record<MediumCondition, string>> = {
  sound: 'sound',
  'breaking down': 'crumbling',
  'gone sour': 'mud',
};

/** The same within a sentence: “in bark, gone sour”. */
export const mediumNowWords: Readonly<Record<MediumCondition, string>> = {
  sound: 'still sound',
  'breaking down': 'crumbling',
  'gone sour': 'gone sour',
};

export const smellWords: Readonly<Record<Smell, string>> = {
  fresh: 'fresh, or none',
  mouldy: 'mouldy',
  'sour or rotten': 'sour or rotten',
};

/** Of live roots: the shares that a hand can tell apart. */
export const liveRootsWords: readonly { readonly pct: number; readonly words: string }[] = [
  { pct: 0, words: 'none' },
  { pct: 15, words: 'a few' },
  { pct: 50, words: 'half' },
  { pct: 75, words: 'most' },
  { pct: 95, words: 'nearly all' },
];

export const tipWords: Readonly<Record<TipState, string>> = {
  none: 'none',
  starting: 'just showing',
  long: 'long already',
};

export const shootWords: Readonly<Record<ShootState, string>> = {
  none: 'no new one',
  starting: 'just starting',
  'half grown': 'half grown',
  rooting: 'making roots',
};

export const seasonWords: Readonly<Record<SeasonSeen, string>> = {
  growing: 'growing',
  'in bud or bloom': 'in bud or bloom',
  'at rest': 'at rest',
  'leaves shed': 'leafless',
};

export const pseudobulbWords: Readonly<Record<Exclude<PseudobulbState, 'no bulbs'>, string>> = {
  plump: 'plump',
  wrinkled: 'wrinkled',
  'soft or oozing': 'soft or oozing',
};

export const pestWords: Readonly<Record<PestKind, string>> = {
  scale: 'scale',
  mealybug: 'mealybug',
  mites: 'mites',
  'thrips or aphids': 'thrips or aphids',
  'snails or slugs': 'snails or slugs',
  'something else': 'something else',
};

export const sheathWords: Readonly<Record<SheathState, string>> = {
  none: 'none',
  'dry ones': 'dry ones on it',
  'taken off': 'taken off',
};

export const NO_PESTS = 'none seen';
export const rotWords = (isRotten: boolean): string => (isRotten ? 'rot' : 'no rot');

export const inspectedLabels: Readonly<Record<InspectedThing, string>> = {
  reasons: 'Reasons',
  squeeze: 'The pot',
  condition: 'Pieces',
  smell: 'Smell',
  liveRootsPct: 'Live roots',
  rootDiameterMm: 'As thick as',
  tips: 'New root tips',
  shoot: 'Newest shoot',
  season: 'The plant is',
  shootCount: 'Shoots and bulbs',
  bulbs: 'Bulbs',
  pests: 'Pests',
  rot: 'Rot on stem, leaf or bulb',
  plantCount: 'Plants in the pot',
  sheaths: 'Dry sheaths',
  growthMap: 'From above',
};

type Wording = { readonly [K in InspectedThing]: (value: NonNullable<Inspection[K]>, units: WordUnits) => string };

const wordings: Wording = {
  reasons: (value) => value.map((reason) => reasonToInspectWords[reason]).join(', '),
  squeeze: (value) => squeezeWords[value],
  condition: (value) => conditionWords[value],
  smell: (value) => smellWords[value],
  liveRootsPct: (value) => liveRootsWords.find(({ pct }) => pct === value)?.words ?? `${number(value, 0)} %`,
  rootDiameterMm: (value, units) => mm(value, units),
  tips: (value) => tipWords[value],
  shoot: (value) => shootWords[value],
  season: (value) => seasonWords[value],
  shootCount: (value) => number(value, 0),
  bulbs: (value) => (value === 'no bulbs' ? 'none' : pseudobulbWords[value]),
  pests: (value) => (value.length === 0 ? NO_PESTS : value.map((pest) => pestWords[pest]).join(', ')),
  rot: rotWords,
  plantCount: (value) => number(value, 0),
  sheaths: (value) => sheathWords[value],
  growthMap: ({ plants }) => {
    const shoots = plants.reduce((sum, { bulbs, leads }) => sum + bulbs.length + leads.length, 0);
    return `${shoots} ${shoots === 1 ? 'shoot' : 'shoots'} drawn`;
  },
};

/** What was found of one thing; null where nobody looked. */
export function wordSeen<K extends InspectedThing>(looked: K, seen: Inspection, units: WordUnits): string | null {
  const value = seen[looked];
  return value === undefined ? null : wordings[looked](value as NonNullable<Inspection[K]>, units);
}

export interface SeenLine {
  readonly looked: InspectedThing;
  readonly label: string;
  readonly words: string;
}

/** All that was found, in the order in which it comes into the hand. */
export function wordInspection(seen: Inspection, units: WordUnits): readonly SeenLine[] {
  return (Object.keys(wordings) as InspectedThing[]).flatMap((looked) => {
    const words = wordSeen(looked, seen, units);
    return words === null ? [] : [{ looked, label: inspectedLabels[looked], words }];
  });
}
