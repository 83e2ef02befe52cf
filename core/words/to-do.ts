/** What to do while the plant is out of its pot (inspect/to-do), with the caution that belongs to each step. */
import type { ColourTrap, ToDo } from '../inspect';
import { pestWords } from './inspection';

export interface ToDoSentence {
  readonly code: ToDo['code'];
  readonly sentence: string;
  /** Empty where the step is safe. */
  readonly caution: string;
}

const steps: Readonly<Record<Exclude<ToDo['code'], 'pests' | 'cut dead roots'>, readonly [string, string?]>> = {
  'keep apart': [
    'Keep it apart from the others, do it last, and clean tools and bench after it.',
    'Flame and alcohol never together. Never mix cleaning chemicals.',
  ],
  'brown may live': [
    'Feel before you cut: coco husk stains live roots brown, slipper roots are brown by nature, and some live roots are black. Firm is alive.',
  ],
  'cut rot': [
    'Cut out what is soft, back to firm tissue, and let the cuts dry in the air. Some growers spray them with 3 % hydrogen peroxide and let it fizz out.',
    'Cut away from your hand. Peroxide: shield eyes and skin; the label comes first.',
  ],
  'strip sheaths': [
    'Take the dry sheaths off the newest shoots, so that roots go straight down and pests have no cover.',
  ],
  'flush salt': ['Rinse the crust off roots and shoots, and flush the new pot until the water runs off clear.'],
  'spent bulbs': ['Take the spent bulbs off if they come easily; leave them if they hold.'],
  'several plants': ['They may go on together, their dormant backs in the middle and shoots outward, or one to a pot.'],
  'hold fast': ['Tie it to a stake or hold it by wire when it is potted: what moves does not root.'],
};

function wordsOf(toDo: ToDo): readonly [string, string?] {
  switch (toDo.code) {
    case 'pests': {
      const found = toDo.pests
        .map((pest) => (pest === 'something else' ? 'what you found' : pestWords[pest]))
        .join(', ');
      return [
        `Wipe and rinse off ${found}, look under every sheath and into the old medium, and look again in a week and in two.`,
        'For anything you spray, label and local rules come first.',
      ];
    }
    case 'cut dead roots':
      return [
        toDo.mayShorten
          ? 'Cut off what is hollow or mushy. Sound branching roots may be shortened where they are in the way.'
          : 'Cut off what is hollow or mushy, and nothing that lives: these roots do not branch where they are cut.',
        'Clean the blade before each plant, and cut away from your hand.',
      ];
    default:
      return steps[toDo.code];
  }
}

const colourTraps: Readonly<Record<ColourTrap, string>> = {
  'stained by coconut': 'It stands in coconut, which stains live roots brown: go by the feel.',
  'brown by nature': 'Its roots are brown and hairy by nature: brown and firm is alive.',
};

export const wordColourTrap = (trap: ColourTrap): string => colourTraps[trap];

export function wordToDo(toDo: ToDo): ToDoSentence {
  const [sentence, caution = ''] = wordsOf(toDo);
  return { code: toDo.code, sentence, caution };
}
