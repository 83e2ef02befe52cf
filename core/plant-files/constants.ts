import { byChoice, byDefinition, numbersOf } from '../base';

export const plantFileConstants = {
  MOST_ROWS: byChoice(5000, 'rows', 'of one list are taken in at once'),
  MOST_CHARACTERS: byChoice(4_000_000, 'characters', 'of one list: 5,000 plants with long notes need less'),
  MM_PER_CM: byDefinition(10, 'mm', 'in a centimetre'),
  HEADING_LINES: byChoice(5, 'lines', 'from the first among which the headings are looked for'),
  MOST_NAME: byChoice(120, 'characters', 'of a name'),
  MOST_NOTE: byChoice(2000, 'characters', 'of a note'),
  MOST_CELL_SHOWN: byChoice(60, 'characters', 'of a cell are shown in what is said of it'),
  SURE_KIND: byChoice(0.9, '', 'so sure is a kind that need not be asked about'),
  ALSO_MEANT: byChoice(0.8, 'share', 'of the likeliest: kinds that are nearly as likely are told beside it'),
  CENTURY_TURN: byChoice(70, 'years', 'a year of two figures below it is of this century'),
  FIRST_YEAR: byChoice(1900, '', 'days before it are slips of the pen'),
} as const;
export const k = numbersOf(plantFileConstants);
