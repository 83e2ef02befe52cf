/** What is asked at each step, how to tell, and what can be answered: one table for tiles, keys and summary. */
import type { Inspection, InspectionStep, InspectedThing } from '@core';
import {
  pseudobulbWords,
  conditionWords,
  liveRootsWords,
  inspectedLabels,
  NO_PESTS,
  pestWords,
  reasonToInspectWords,
  rotWords,
  seasonWords,
  type SeenLine,
  sheathWords,
  shootWords,
  smellWords,
  squeezeWords,
  tipWords,
  wordInspection,
  type WordUnits,
} from '@core/words';
import type { GlyphName } from './glyphs/glyph';

export interface Tile {
  readonly value: string | number | boolean;
  readonly label: string;
  readonly glyph: GlyphName;
}

export type Question =
  | { readonly kind: 'one'; readonly looked: InspectedThing; readonly label: string; readonly tiles: readonly Tile[] }
  | {
      readonly kind: 'many';
      readonly looked: 'reasons' | 'pests';
      readonly label: string;
      readonly tiles: readonly Tile[];
      /** A tile that says: looked for, and none there. */
      readonly none?: Omit<Tile, 'value'>;
    }
  | {
      readonly kind: 'count';
      readonly looked: 'shootCount' | 'plantCount';
      readonly label: string;
      readonly most: number;
    }
  | { readonly kind: 'thickness'; readonly looked: 'rootDiameterMm'; readonly label: string }
  | { readonly kind: 'map'; readonly looked: 'growthMap'; readonly label: string };

export interface StepText {
  readonly short: string;
  readonly title: string;
  /** How to tell. */
  readonly how: string;
  readonly questions: readonly Question[];
}

/** One tile for each word of a list; the compiler asks for a picture of each. */
function tilesOf<V extends string>(
  words: Readonly<Record<V, string>>,
  glyphs: Readonly<Record<V, GlyphName>>,
): readonly Tile[] {
  return (Object.keys(words) as V[]).map((value) => ({ value, label: words[value], glyph: glyphs[value] }));
}

const rootGlyphs = ['roots0', 'roots1', 'roots3', 'roots5', 'roots6'] as const;

export const stepText: Readonly<Record<InspectionStep, StepText>> = {
  why: {
    short: 'Why',
    title: 'Why are you looking at it?',
    how: 'Touch all that holds.',
    questions: [
      {
        kind: 'many',
        looked: 'reasons',
        label: inspectedLabels.reasons,
        tiles: tilesOf(reasonToInspectWords, {
          routine: 'calendar',
          'shoot at the rim': 'rim',
          outgrown: 'outgrown',
          'old medium': 'crumbs',
          'bad smell': 'smell',
          'salt crust': 'crust',
          'murky run-off': 'murky',
          shrivelled: 'wrinkled',
          wobbles: 'wobbles',
          'pot broken': 'noPot',
          'newly arrived': 'arrived',
        }),
      },
    ],
  },
  squeeze: {
    short: 'Squeeze',
    title: 'Squeeze the pot',
    how: 'Before you take it out: press it between both hands. A full root ball is hard as a rock; where few roots are, the wall flexes.',
    questions: [
      {
        kind: 'one',
        looked: 'squeeze',
        label: inspectedLabels.squeeze,
        tiles: tilesOf(squeezeWords, {
          'hard as a rock': 'hard',
          'gives a little': 'gives',
          flexes: 'flexes',
        }),
      },
    ],
  },
  medium: {
    short: 'Medium',
    title: 'Take it out: look at the medium, and smell it',
    how: 'Tilt the pot away from new root tips. Pinch a piece from the middle: sound ones hold, old ones crumble to mud.',
    questions: [
      {
        kind: 'one',
        looked: 'condition',
        label: inspectedLabels.condition,
        tiles: tilesOf(conditionWords, {
          sound: 'pieces',
          'breaking down': 'crumbs',
          'gone sour': 'mud',
        }),
      },
      {
        kind: 'one',
        looked: 'smell',
        label: inspectedLabels.smell,
        tiles: tilesOf(smellWords, {
          fresh: 'fresh',
          mouldy: 'mouldy',
          'sour or rotten': 'smell',
        }),
      },
    ],
  },
  'live roots': {
    short: 'Roots',
    title: 'Feel the roots: how many are alive?',
    how: 'Squeeze every root. Firm is alive, hollow or mushy is dead; the colour misleads.',
    questions: [
      {
        kind: 'one',
        looked: 'liveRootsPct',
        label: inspectedLabels.liveRootsPct,
        tiles: liveRootsWords.map(({ pct, words }, n) => ({ value: pct, label: words, glyph: rootGlyphs[n]! })),
      },
      { kind: 'thickness', looked: 'rootDiameterMm', label: inspectedLabels.rootDiameterMm },
    ],
  },
  'root tips': {
    short: 'Tips',
    title: 'Are there new root tips?',
    how: 'Green, reddish or white points on old roots, or coming from the newest shoot.',
    questions: [
      {
        kind: 'one',
        looked: 'tips',
        label: inspectedLabels.tips,
        tiles: tilesOf(tipWords, {
          none: 'tips none',
          starting: 'tips starting',
          long: 'tips long',
        }),
      },
    ],
  },
  shoots: {
    short: 'Shoots',
    title: 'What is it doing?',
    how: 'Look at the newest shoot first: its roots come when it is half grown.',
    questions: [
      {
        kind: 'one',
        looked: 'shoot',
        label: inspectedLabels.shoot,
        tiles: tilesOf(shootWords, {
          none: 'shoot none',
          starting: 'shoot starting',
          'half grown': 'shoot half grown',
          rooting: 'shoot rooting',
        }),
      },
      {
        kind: 'one',
        looked: 'season',
        label: inspectedLabels.season,
        tiles: tilesOf(seasonWords, {
          growing: 'shoot half grown',
          'in bud or bloom': 'inBloom',
          'at rest': 'resting',
          'leaves shed': 'leavesShed',
        }),
      },
    ],
  },
  bulbs: {
    short: 'Bulbs',
    title: 'Count them, and press the newest',
    how: 'All shoots with a bulb or leaves, old ones too. Plump is well, wrinkled is thirsty, soft or oozing is rot.',
    questions: [
      { kind: 'count', looked: 'shootCount', label: inspectedLabels.shootCount, most: 60 },
      {
        kind: 'one',
        looked: 'bulbs',
        label: inspectedLabels.bulbs,
        tiles: tilesOf(pseudobulbWords, { plump: 'plump', wrinkled: 'wrinkled', 'soft or oozing': 'soft' }),
      },
    ],
  },
  health: {
    short: 'Pests',
    title: 'Pests, and rot?',
    how: 'Under leaves, in the folds, under dry sheaths, among the roots. Rot is brown or black, soft and wet.',
    questions: [
      {
        kind: 'many',
        looked: 'pests',
        label: inspectedLabels.pests,
        none: { label: NO_PESTS, glyph: 'clean' },
        tiles: tilesOf(pestWords, {
          scale: 'scale',
          mealybug: 'mealybug',
          mites: 'mites',
          'thrips or aphids': 'thrips',
          'snails or slugs': 'snail',
          'something else': 'else',
        }),
      },
      {
        kind: 'one',
        looked: 'rot',
        label: inspectedLabels.rot,
        tiles: [
          { value: false, label: rotWords(false), glyph: 'clean' },
          { value: true, label: rotWords(true), glyph: 'rot' },
        ],
      },
    ],
  },
  number: {
    short: 'One?',
    title: 'One plant, or more?',
    how: 'Follow the rhizome with a finger: plants that only stand together part by themselves. Dry sheaths over new shoots hide pests and turn roots aside.',
    questions: [
      { kind: 'count', looked: 'plantCount', label: inspectedLabels.plantCount, most: 7 },
      {
        kind: 'one',
        looked: 'sheaths',
        label: inspectedLabels.sheaths,
        tiles: tilesOf(sheathWords, {
          none: 'clean',
          'dry ones': 'sheath',
          'taken off': 'stripped',
        }),
      },
    ],
  },
  'from above': {
    short: 'Above',
    title: 'Where do its shoots stand?',
    how: 'Seen from above, in the pot it came out of. As last time, as usual, or put each one where it is.',
    questions: [{ kind: 'map', looked: 'growthMap', label: inspectedLabels.growthMap }],
  },
};

/** Values of a question as they are kept: none of "many" is an empty list. */
export function toggled(
  question: Extract<Question, { kind: 'many' }>,
  seen: Inspection,
  value: string,
): Partial<Inspection> {
  const before: readonly string[] = seen[question.looked] ?? [];
  const next = before.includes(value) ? before.filter((one) => one !== value) : [...before, value];
  return { [question.looked]: next.length > 0 ? next : undefined } as Partial<Inspection>;
}

/** What was seen at a step, as lines. */
export function seenAt(seen: Inspection, looked: readonly InspectedThing[], units: WordUnits): readonly SeenLine[] {
  return wordInspection(seen, units).filter((line) => looked.includes(line.looked));
}
