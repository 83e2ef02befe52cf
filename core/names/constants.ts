import { byChoice, numbersOf } from '../base';

export const nameConstants = {
  MOST_FOUND: byChoice(12, 'names', 'that are offered for what is typed'),
  LETTERS_PER_SLIP: byChoice(4, 'letters', 'of a word for each slip of the pen that is forgiven'),
  SLIPS_FROM_LETTERS: byChoice(5, 'letters', 'a word has at least before a slip in it is forgiven'),
  MOST_SLIPS: byChoice(3, 'slips', 'in a word'),
  SURE_WHOLE: byChoice(1, '', 'the name itself was typed'),
  SURE_GENUS: byChoice(0.9, '', 'a genus with something unknown after it: its species and hybrids grow alike'),
  SURE_BEGUN: byChoice(0.75, '', 'a name that begins so'),
  SURE_WORDS: byChoice(0.72, '', 'a name that has each word whole'),
  SURE_PART: byChoice(0.5, '', 'a name that holds each word'),
  SURE_SLIP: byChoice(0.7, '', 'a name with one slip of the pen'),
  LEAST_SURE: byChoice(0.1, '', 'of a name with many slips'),
  SHARED_BY: byChoice(
    1.5,
    '',
    'a name of several groups is by so much less sure of the first, and by one more of each further one',
  ),
  LESS_PER_SLIP: byChoice(0.15, '', 'for each further one'),
} as const;
export const k = numbersOf(nameConstants);
