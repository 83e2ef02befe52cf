import { byChoice, numbersOf } from '../base';

export const plantFileConstants = {
  MOST_ROWS: byChoice(5000, 'rows', 'of one list are taken in at once'),
  MOST_CHARACTERS: byChoice(4_000_000, 'characters', 'of one list: 5,000 plants with long notes need less'),
  MOST_NAME: byChoice(120, 'characters', 'of a name'),
  MOST_NOTE: byChoice(2000, 'characters', 'of a note'),
  MOST_CELL_SHOWN: byChoice(60, 'characters', 'of a cell are shown in what is said of it'),
  SURE_LETTERS: byChoice(4, 'letters', 'a word has at least before it may begin a longer name'),
  FUZZY_FROM_LETTERS: byChoice(6, 'letters', 'a word has at least before a slip of the pen in it is forgiven'),
  LETTERS_PER_SLIP: byChoice(5, 'letters', 'of a word for each slip that is forgiven'),
  CENTURY_TURN: byChoice(70, 'years', 'a year of two figures below it is of this century'),
  FIRST_YEAR: byChoice(1900, '', 'days before it are slips of the pen'),
} as const;
export const k = numbersOf(plantFileConstants);
