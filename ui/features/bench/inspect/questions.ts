/** What is asked at each step, how to tell, and what can be answered: one table for tiles, keys and summary. */
import {
  bulbStates,
  type Inspection,
  type InspectionStep,
  type Looked,
  mediumConditions,
  pestKinds,
  reasonsToLook,
  seasonsSeen,
  sheathStates,
  shootStates,
  smells,
  squeezes,
  tipStates,
} from '@core';
import type { GlyphName } from './glyphs';

export interface Tile {
  readonly value: string | number | boolean;
  readonly label: string;
  readonly glyph: GlyphName;
}

export type Question =
  | { readonly kind: 'one'; readonly looked: Looked; readonly label: string; readonly tiles: readonly Tile[] }
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

export interface StepTold {
  readonly short: string;
  readonly title: string;
  /** How to tell. */
  readonly how: string;
  readonly questions: readonly Question[];
}

/** One tile for each of a list’s values, with its words; the compiler asks for all of them. */
function tilesOf<V extends string>(
  values: readonly V[],
  words: Readonly<Record<V, readonly [label: string, glyph: GlyphName]>>,
): readonly Tile[] {
  return values.map((value) => ({ value, label: words[value][0], glyph: words[value][1] }));
}

export const stepTold: Readonly<Record<InspectionStep, StepTold>> = {
  why: {
    short: 'Why',
    title: 'Why are you looking at it?',
    how: 'Touch all that holds.',
    questions: [
      {
        kind: 'many',
        looked: 'reasons',
        label: 'Reasons',
        tiles: tilesOf(reasonsToLook, {
          routine: ['just time', 'calendar'],
          'shoot at the rim': ['a shoot at the rim', 'rim'],
          outgrown: ['too big for its pot', 'outgrown'],
          'old medium': ['old medium', 'crumbs'],
          'bad smell': ['it smells', 'smell'],
          'salt crust': ['white crust', 'crust'],
          'murky run-off': ['murky run-off', 'murky'],
          shrivelled: ['shrivelled, though watered', 'wrinkled'],
          wobbles: ['it wobbles', 'wobbles'],
          'pot broken': ['no pot, or broken', 'noPot'],
          'newly arrived': ['newly arrived', 'arrived'],
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
        label: 'The pot is',
        tiles: tilesOf(squeezes, {
          'hard as a rock': ['hard as a rock', 'hard'],
          'gives a little': ['gives a little', 'gives'],
          flexes: ['flexes', 'flexes'],
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
        label: 'Pieces',
        tiles: tilesOf(mediumConditions, {
          sound: ['sound', 'pieces'],
          'breaking down': ['crumbling', 'crumbs'],
          'gone sour': ['mud', 'mud'],
        }),
      },
      {
        kind: 'one',
        looked: 'smell',
        label: 'Smell',
        tiles: tilesOf(smells, {
          fresh: ['fresh, or none', 'fresh'],
          mouldy: ['mouldy', 'mouldy'],
          'sour or rotten': ['sour or rotten', 'smell'],
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
        label: 'Alive',
        tiles: [
          { value: 0, label: 'none', glyph: 'roots0' },
          { value: 15, label: 'a few', glyph: 'roots1' },
          { value: 50, label: 'half', glyph: 'roots3' },
          { value: 75, label: 'most', glyph: 'roots5' },
          { value: 95, label: 'nearly all', glyph: 'roots6' },
        ],
      },
      { kind: 'thickness', looked: 'rootDiameterMm', label: 'As thick as' },
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
        label: 'New root tips',
        tiles: tilesOf(tipStates, {
          none: ['none', 'tips none'],
          starting: ['just showing', 'tips starting'],
          long: ['long already', 'tips long'],
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
        label: 'Newest shoot',
        tiles: tilesOf(shootStates, {
          none: ['no new one', 'shoot none'],
          starting: ['just starting', 'shoot starting'],
          'half grown': ['half grown', 'shoot half grown'],
          rooting: ['making roots', 'shoot rooting'],
        }),
      },
      {
        kind: 'one',
        looked: 'season',
        label: 'The plant is',
        tiles: tilesOf(seasonsSeen, {
          growing: ['growing', 'shoot half grown'],
          'in bud or bloom': ['in bud or bloom', 'inBloom'],
          'at rest': ['at rest', 'resting'],
          'leaves shed': ['leafless', 'leavesShed'],
        }),
      },
    ],
  },
  bulbs: {
    short: 'Bulbs',
    title: 'Count them, and press the newest',
    how: 'All shoots with a bulb or leaves, old ones too. Plump is well, wrinkled is thirsty, soft or oozing is rot.',
    questions: [
      { kind: 'count', looked: 'shootCount', label: 'Shoots and bulbs', most: 60 },
      {
        kind: 'one',
        looked: 'bulbs',
        label: 'Bulbs',
        tiles: tilesOf(
          bulbStates.filter((state) => state !== 'no bulbs'),
          {
            plump: ['plump', 'plump'],
            wrinkled: ['wrinkled', 'wrinkled'],
            'soft or oozing': ['soft or oozing', 'soft'],
          },
        ),
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
        label: 'Pests',
        none: { label: 'none seen', glyph: 'clean' },
        tiles: tilesOf(pestKinds, {
          scale: ['scale', 'scale'],
          mealybug: ['mealybug', 'mealybug'],
          mites: ['mites', 'mites'],
          'thrips or aphids': ['thrips or aphids', 'thrips'],
          'snails or slugs': ['snails or slugs', 'snail'],
          'something else': ['something else', 'else'],
        }),
      },
      {
        kind: 'one',
        looked: 'rot',
        label: 'Rot on stem, leaf or bulb',
        tiles: [
          { value: false, label: 'no rot', glyph: 'clean' },
          { value: true, label: 'rot', glyph: 'rot' },
        ],
      },
    ],
  },
  number: {
    short: 'One?',
    title: 'One plant, or more?',
    how: 'Follow the rhizome with a finger: plants that only stand together part by themselves. Dry sheaths over new shoots hide pests and turn roots aside.',
    questions: [
      { kind: 'count', looked: 'plantCount', label: 'Plants in the pot', most: 7 },
      {
        kind: 'one',
        looked: 'sheaths',
        label: 'Dry sheaths',
        tiles: tilesOf(sheathStates, {
          none: ['none', 'clean'],
          'dry ones': ['dry ones on it', 'sheath'],
          'taken off': ['taken off', 'stripped'],
        }),
      },
    ],
  },
  'from above': {
    short: 'Above',
    title: 'Where do its shoots stand?',
    how: 'Seen from above, in the pot it came out of. As last time, as usual, or put each one where it is.',
    questions: [{ kind: 'map', looked: 'growthMap', label: 'From above' }],
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

function wordsOf(question: Question, seen: Inspection): string | null {
  const value = seen[question.looked];
  if (value === undefined) return null;
  switch (question.kind) {
    case 'one':
      return (
        question.tiles.find((tile) => tile.value === value)?.label ??
        `${String(value)}${question.looked === 'liveRootsPct' ? ' %' : ''}`
      );
    case 'many': {
      const list = value as readonly string[];
      if (list.length === 0) return question.none?.label ?? null;
      return question.tiles
        .filter((tile) => list.includes(tile.value as string))
        .map((tile) => tile.label)
        .join(', ');
    }
    case 'count':
    case 'thickness':
      return String(value);
    case 'map':
      return 'drawn';
  }
}

export interface SeenLine {
  readonly label: string;
  readonly words: string;
}

/** What was seen at a step, as lines. */
export function seenAt(step: InspectionStep, seen: Inspection, looked: readonly Looked[]): readonly SeenLine[] {
  return stepTold[step].questions
    .filter((question) => looked.includes(question.looked))
    .flatMap((question) => {
      const words = wordsOf(question, seen);
      return words === null ? [] : [{ label: question.label, words }];
    });
}
