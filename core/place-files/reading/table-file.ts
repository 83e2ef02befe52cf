/** What every kind of table does: it takes in rows, and says what place they are. */
import type { ReadingChoices, ReadingFacts } from './result';
import type { Row } from './rows';

export interface FileAbout {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** One kind of table, taken in row by row. */
export interface TableFile {
  readonly row: (row: Row) => void;
  /** True where further rows cannot change the answer. */
  readonly isSettled: () => boolean;
  readonly finish: (about: FileAbout, choices: ReadingChoices) => ReadingFacts;
}

export interface PlaceFileReader {
  readonly push: (text: string) => void;
  /** True where what follows in the file cannot change the answer. */
  readonly isSettled: () => boolean;
  /** May be asked more than once, with other choices. */
  readonly finish: (about: FileAbout, choices: ReadingChoices) => ReadingFacts;
}
