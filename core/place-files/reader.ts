/**
 * Reads whatever a grower has of their air, piece by piece: EPW, a logger's CSV, monthly means, or a
 * place as JSON. The pieces may be of any size; no more of a table is kept than its sums.
 */
import { epwTable } from './import-epw';
import { jsonFile } from './json-file';
import { loggerTable } from './logger/logger-reader';
import { isMonthly, monthlyTable } from './monthly';
import { type ReadingChoices, type ReadingFacts, refused } from './reading/result';
import { cutRows, type RowCutter } from './reading/rows';
import type { FileAbout, PlaceFileReader, TableFile } from './reading/table-file';

/** A table with what cuts its rows. */
function tableReader(table: TableFile, cutter: RowCutter): PlaceFileReader {
  return {
    push: (text) => {
      for (const row of cutter.push(text)) table.row(row);
    },
    isSettled: table.isSettled,
    finish: (about, choices) => {
      for (const row of cutter.end()) table.row(row);
      return table.finish(about, choices);
    },
  };
}

function readerFor(text: string): PlaceFileReader {
  const start = text.trimStart();
  if (start.startsWith('{')) return jsonFile();
  if (/^LOCATION,/i.test(start)) return tableReader(epwTable(), cutRows(','));
  if (isMonthly(start.split(/\r?\n/, 1)[0] ?? '')) return tableReader(monthlyTable(), cutRows());
  return tableReader(loggerTable(), cutRows());
}

const LONGEST_FIRST_LINE = 512;

/** A reader for a file of any of the kinds: its first line says which. */
export function openPlaceFile(): PlaceFileReader {
  let start = '';
  let reader: PlaceFileReader | null = null;
  const begin = (): PlaceFileReader => {
    const begun = readerFor(start);
    begun.push(start);
    start = '';
    return begun;
  };
  return {
    push: (text) => {
      if (reader) {
        reader.push(text);
        return;
      }
      start = (start + text).replace(/^\uFEFF/, '');
      const shown = start.trimStart();
      if (shown.includes('\n') || shown.length > LONGEST_FIRST_LINE) reader = begin();
    },
    isSettled: () => reader?.isSettled() ?? false,
    finish: (about, choices) => {
      if (!reader && start.trim() === '') return refused([{ line: 1, fact: { code: 'empty' } }]);
      reader ??= begin();
      return reader.finish(about, choices);
    },
  };
}

const PIECE_CHARACTERS = 65_536;

/** A whole text at once. */
export function readPlaceFile(text: string, about: FileAbout, choices: ReadingChoices = {}): ReadingFacts {
  const reader = openPlaceFile();
  for (let at = 0; at < text.length && !reader.isSettled(); at += PIECE_CHARACTERS) {
    reader.push(text.slice(at, at + PIECE_CHARACTERS));
  }
  return reader.finish(about, choices);
}
