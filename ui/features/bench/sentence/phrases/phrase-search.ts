/** Everything a grower can say, by the words they might look for it with: what *and…* searches. */
import { everydayWords } from './everyday-words';
import type { DetailsPage } from '../../state/details-store';
import type { PhraseId } from './phrases';

export const phraseGroups = ['plant', 'seen', 'pot', 'place', 'water', 'you', 'answer'] as const;
export type PhraseGroup = (typeof phraseGroups)[number];

export interface PhraseHit {
  readonly group: PhraseGroup;
  readonly label: string;
  /** null: it is said, or answered, elsewhere. */
  readonly phrase: PhraseId | null;
  /** The field to begin with. */
  readonly fieldId: string;
  /** Said on the sheet beside the pot. */
  readonly isDrawn?: boolean;
  /** Seen while the plant is looked over, step by step. */
  readonly isInspected?: boolean;
  /** Told on this page of the answer. */
  readonly page?: DetailsPage;
  /** Said on a page of its own. */
  readonly href?: string;
  /** Other words for it, British and American. */
  readonly also: string;
}

export const sayables: readonly PhraseHit[] = [
  { group: 'plant', label: 'Which orchid', phrase: 'genus', fieldId: '', also: '' },
  { group: 'plant', label: 'Root thickness', phrase: 'roots', fieldId: '', also: '' },
  { group: 'seen', label: 'What it shows', phrase: 'shows', fieldId: '', also: '' },
  { group: 'place', label: 'Where it stands', phrase: 'place', fieldId: '', also: '' },
  {
    group: 'seen',
    label: 'Look it over',
    phrase: 'health',
    fieldId: '',
    isInspected: true,
    also: 'inspect check step by step',
  },
  {
    group: 'plant',
    label: 'Shoots',
    phrase: 'size',
    fieldId: 'shoots',
    also: 'bulbs growths canes leads fans how many count',
  },
  {
    group: 'plant',
    label: 'Root ball',
    phrase: 'size',
    fieldId: 'ball',
    also: 'rootball width size of the plant diameter',
  },
  {
    group: 'plant',
    label: 'How it grows',
    phrase: 'size',
    fieldId: 'habit',
    also: 'habit sympodial monopodial clump creeping cane climbing',
  },
  {
    group: 'seen',
    label: 'Live roots',
    phrase: 'health',
    fieldId: 'live',
    also: 'dead firm mushy rot share percent health lost',
  },
  {
    group: 'seen',
    label: 'Bulbs, how they look',
    phrase: 'health',
    fieldId: 'bulbs',
    also: 'pseudobulbs wrinkled shrivelled shriveled plump soft',
  },
  {
    group: 'plant',
    label: 'Seedling, cutting, backbulb…',
    phrase: 'health',
    fieldId: 'stage',
    also: 'stage keiki young fan division age',
  },
  {
    group: 'plant',
    label: 'Plants in the pot',
    phrase: 'health',
    fieldId: 'plant-count',
    also: 'several together count group',
  },
  { group: 'plant', label: 'Growing fronts', phrase: 'health', fieldId: 'fronts', also: 'leads eyes front' },
  {
    group: 'plant',
    label: 'Which way fronts run',
    phrase: 'health',
    fieldId: 'fronts-run',
    also: 'direction one way two ways all round leads',
  },
  { group: 'plant', label: 'Height of the plant', phrase: 'health', fieldId: 'height', also: 'tall inches' },
  { group: 'plant', label: 'Leaf area', phrase: 'health', fieldId: 'leaves', also: 'leaves foliage size' },
  {
    group: 'pot',
    label: 'Years to stay in the next pot',
    phrase: 'pots',
    fieldId: 'years-wanted',
    also: 'repotting interval last long',
  },
  {
    group: 'pot',
    label: 'How surely it stays inside',
    phrase: 'pots',
    fieldId: 'certainty',
    also: 'certainty sure chance odds percent safe rim outgrow',
  },
  {
    group: 'pot',
    label: 'Room on the shelf',
    phrase: 'pots',
    fieldId: 'shelf-room',
    also: 'space widest pot limit windowsill narrow',
  },
  {
    group: 'pot',
    label: 'Whether its medium still holds',
    phrase: 'now',
    fieldId: 'condition',
    also: 'sour rotten crumbling broken down mud smell old medium',
  },
  {
    group: 'pot',
    label: 'This pot in your hand',
    phrase: 'pots',
    fieldId: 'hand-rim',
    also: 'only pot hand this one pot i have',
  },
  {
    group: 'pot',
    label: 'Pots you have',
    phrase: 'pots',
    fieldId: 'own-kind',
    also: 'own pots shelf stock containers',
  },
  {
    group: 'pot',
    label: 'From your stock first',
    phrase: 'pots',
    fieldId: 'from-stock',
    also: 'stock shelf bags have at home buy nothing pots media',
  },
  {
    group: 'pot',
    label: 'Media you have',
    phrase: 'hands',
    fieldId: 'at-hand',
    also: 'bags at hand stock mix bark moss medium',
  },
  {
    group: 'you',
    label: 'What did well for you',
    phrase: 'hands',
    fieldId: 'went-well',
    also: 'success worked good experience',
  },
  {
    group: 'you',
    label: 'What failed for you',
    phrase: 'hands',
    fieldId: 'went-badly',
    also: 'failure died rotted bad experience',
  },
  {
    group: 'you',
    label: 'What you want',
    phrase: 'hands',
    fieldId: 'wants',
    also: 'wish wanted mount reservoir organic inorganic plastic holes as it is larger same again',
  },
  {
    group: 'you',
    label: 'What you do not want',
    phrase: 'hands',
    fieldId: 'dislikes',
    also: 'dislike mounts plastic baskets standing water',
  },
  {
    group: 'you',
    label: 'Opinions you hold',
    phrase: 'opinions',
    fieldId: '',
    also: 'schools organic inorganic small steps views',
  },
  {
    group: 'water',
    label: 'Your water',
    phrase: 'water',
    fieldId: 'water-kind',
    also: 'rain tap hard soft purified reverse osmosis RO',
  },
  {
    group: 'water',
    label: 'Salts of the water',
    phrase: 'water',
    fieldId: 'water-salts',
    also: 'EC TDS ppm conductivity hardness',
  },
  {
    group: 'water',
    label: 'Feed',
    phrase: 'water',
    fieldId: 'feed-every',
    also: 'fertiliser fertilizer feeding strength',
  },
  { group: 'place', label: 'Away from home', phrase: 'away', fieldId: 'away', also: 'holiday vacation travel weeks' },
  { group: 'place', label: 'A heat wave', phrase: 'away', fieldId: 'heat', also: 'hot spell summer heatwave' },
  {
    group: 'plant',
    label: 'How this plant differs from its kind',
    phrase: 'quirks',
    fieldId: '',
    also: 'quirk traits hybrid species light rest warmth thirst lime limestone',
  },
  {
    group: 'water',
    label: 'The way you water',
    phrase: 'watering',
    fieldId: 'routine-days',
    also: 'soak dripper can mist hose weekdays',
  },
  {
    group: 'pot',
    label: 'The pot it is in',
    phrase: 'now',
    fieldId: 'pot',
    also: 'rim vessel container basket present current',
  },
  {
    group: 'plant',
    label: 'The plant drawn from above',
    phrase: 'size',
    fieldId: 'growth-map',
    isDrawn: true,
    also: 'growth map sketch draw position where shoots stand heading middle',
  },
  {
    group: 'place',
    label: 'Outside for the summer',
    phrase: null,
    fieldId: '',
    href: '/places/summer',
    also: 'two places part of the year winter elsewhere moves out in',
  },
  {
    group: 'answer',
    label: 'How deep it goes',
    phrase: null,
    fieldId: '',
    page: 'Why',
    also: 'depth deep bury crown base where in the pot',
  },
  {
    group: 'answer',
    label: 'What to mix',
    phrase: null,
    fieldId: '',
    page: 'Mix',
    also: 'recipe layers litres parts costs',
  },
  {
    group: 'answer',
    label: 'What to take care of',
    phrase: null,
    fieldId: '',
    page: 'Care',
    also: 'cautions division pieces traps',
  },
  {
    group: 'answer',
    label: 'The first weeks after potting',
    phrase: null,
    fieldId: '',
    page: 'After',
    also: 'aftercare change-over wait to water',
  },
  {
    group: 'answer',
    label: 'What was ruled out',
    phrase: null,
    fieldId: '',
    page: 'Ruled out',
    also: 'why not against',
  },
];

/** Everyday words, by the sayable that they lead to; one of several words is one expression. */
const everyday: ReadonlyMap<string, readonly string[]> = new Map(
  Object.entries(everydayWords).map(([label, said]) => [label, said.map((word) => word.toLowerCase())]),
);

/** How well a sayable answers what is looked for: 4 its own name, 3 so it is called every day, 2 begun so, 1 by its words, 0.5 somewhere in them. */
function fitOf({ label, also }: PhraseHit, looked: string): number {
  const said = everyday.get(label) ?? [];
  if (label.toLowerCase() === looked) return 4;
  if (said.includes(looked)) return 3;
  if (said.some((word) => word.startsWith(looked))) return 2;
  const text = ` ${label} ${also} ${said.join(' ')}`.toLowerCase();
  const words = looked.split(/\s+/);
  if (words.every((word) => text.includes(` ${word}`))) return 1;
  return words.every((word) => text.includes(word)) ? 0.5 : 0;
}

/** What can be said, the likeliest first; all of it where nothing is looked for. */
export function sayablesFor(text: string): readonly PhraseHit[] {
  const looked = text.trim().toLowerCase().replace(/\s+/g, ' ');
  if (looked === '') return sayables;
  const fits = sayables.map((sayable) => ({ sayable, fit: fitOf(sayable, looked) })).filter(({ fit }) => fit > 0);
  const best = Math.max(0, ...fits.map(({ fit }) => fit));
  // What only holds the letters somewhere is told where nothing else is found.
  return fits
    .filter(({ fit }) => fit > 0.5 || best <= 0.5)
    .sort((a, b) => b.fit - a.fit)
    .map(({ sayable }) => sayable);
}
