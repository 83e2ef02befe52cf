/**
 * Every key, once: what is pressed, what is shown in the help, what it does, and where it
 * holds. The bindings and the help are both made from this table.
 */
export interface KeyEntry {
  /** As the key events name them; more than one key may do the same. */
  readonly keys: readonly string[];
  readonly shown: string;
  readonly does: string;
  /** On the whole bench, only while a control has the focus, or where one writes down what was done. */
  readonly where: 'bench' | 'slider' | 'layer handle' | 'plants' | 'day';
  /** With Ctrl, or the command key on a Mac. */
  readonly withCommand?: boolean;
}

export const keyTable = {
  choose: {
    keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: '1 … 9',
    does: 'Put that setup from the shelf on the stage',
    where: 'bench',
  },
  hours: {
    keys: ['ArrowLeft', 'ArrowRight'],
    shown: '← →',
    does: 'Six hours back or on after watering',
    where: 'bench',
  },
  bigStep: {
    keys: ['PageDown', 'PageUp'],
    shown: 'Page ↑ ↓',
    does: 'On the slider: a day on or back',
    where: 'slider',
  },
  layer: {
    keys: ['ArrowDown', 'ArrowUp'],
    shown: '↑ ↓',
    does: 'On a layer’s handle: move it by half a centimetre',
    where: 'layer handle',
  },
  undo: { keys: ['z'], shown: 'Ctrl Z', does: 'Undo the last change of layers', where: 'bench', withCommand: true },
  whatIf: { keys: ['w'], shown: 'w', does: 'What if: try a change beside the setup as it is', where: 'bench' },
  above: { keys: ['g'], shown: 'g', does: 'From above: where it will grow, year by year', where: 'bench' },
  beside: { keys: ['b'], shown: 'b', does: 'Set it beside others, to compare', where: 'bench' },
  potted: { keys: ['p'], shown: 'p', does: 'Potted it: keep plant, plan and mix', where: 'bench' },
  planned: { keys: ['j'], shown: 'j', does: 'Keep it as a plan', where: 'bench' },
  inspect: { keys: ['i'], shown: 'i', does: 'Look it over, step by step', where: 'bench' },
  genus: { keys: ['/'], shown: '/', does: 'Say which orchid it is', where: 'bench' },
  roots: { keys: ['r'], shown: 'r', does: 'Say how thick its roots are', where: 'bench' },
  shows: { keys: ['s'], shown: 's', does: 'Say what it shows', where: 'bench' },
  place: { keys: ['l'], shown: 'l', does: 'Say where it stands', where: 'bench' },
  watering: { keys: ['d'], shown: 'd', does: 'Say how you water', where: 'bench' },
  now: { keys: ['n'], shown: 'n', does: 'Say what it is in now', where: 'bench' },
  and: { keys: ['a'], shown: 'a', does: 'Find what else can be said', where: 'bench' },
  watered: { keys: ['w'], shown: 'w', does: 'On a plant, or those chosen: watered', where: 'plants' },
  fed: { keys: ['f'], shown: 'f', does: 'On a plant, or those chosen: fed', where: 'plants' },
  flushed: { keys: ['u'], shown: 'u', does: 'On a plant, or those chosen: flushed', where: 'plants' },
  felt: { keys: ['t'], shown: 't', does: 'On a plant: a finger in it', where: 'plants' },
  bloomed: { keys: ['k'], shown: 'k', does: 'On a plant, or those chosen: bloom', where: 'plants' },
  noted: { keys: ['n'], shown: 'n', does: 'On a plant, or those chosen: a note or a photograph', where: 'plants' },
  dayDone: {
    keys: ['space', 'enter'],
    shown: 'Space',
    does: 'On a potting day: the step is done, then potted',
    where: 'day',
  },
  dayBack: { keys: ['backspace'], shown: '⌫', does: 'On a potting day: the last step once more', where: 'day' },
  dayNext: { keys: ['right'], shown: '→', does: 'On a potting day: take the next plant', where: 'day' },
  dayLeave: { keys: ['l'], shown: 'l', does: 'On a potting day: leave it for another day', where: 'day' },
  help: { keys: ['?'], shown: '?', does: 'These keys', where: 'bench' },
} as const satisfies Record<string, KeyEntry>;

export type KeyName = keyof typeof keyTable;

/** The keys that hold on the whole bench. */
export type BenchKey = { [K in KeyName]: (typeof keyTable)[K]['where'] extends 'bench' ? K : never }[KeyName];

/** The keys that hold where one writes down what was done. */
export type JournalKey = { [K in KeyName]: (typeof keyTable)[K]['where'] extends 'plants' ? K : never }[KeyName];

/** Which of an entry's keys was pressed, from 0; −1 for none of them. */
export function keyIndex(name: KeyName, key: string): number {
  return (keyTable[name].keys as readonly string[]).indexOf(key);
}
