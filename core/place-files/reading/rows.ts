/**
 * Cuts a table that comes in pieces of text into its rows, keeping no more than the line it stands in.
 * The library splits the cells; this holds back what may not be whole yet.
 */
import Papa from 'papaparse';
import { k } from './constants';

export interface Row {
  readonly cells: readonly string[];
  /** From 1. */
  readonly line: number;
}

export interface RowCutter {
  /** The rows that this piece completes. */
  readonly push: (text: string) => readonly Row[];
  /** The rows that are left when there is no more. */
  readonly end: () => readonly Row[];
}

const quotesIn = (text: string): number => text.split('"').length - 1;

/** Where the last whole row ends: after a line's end that stands in no quoted cell. */
function wholeUpTo(text: string): number {
  const lineEnd = text.includes('\n') ? '\n' : '\r';
  // A carriage return at the very end may be the half of a line's end.
  let at = text.lastIndexOf(lineEnd, lineEnd === '\r' ? text.length - 2 : undefined);
  for (let tries = 0; at >= 0 && tries < k.MOST_LINES_IN_CELL; tries += 1) {
    if (quotesIn(text.slice(0, at)) % 2 === 0) return at + 1;
    at = at === 0 ? -1 : text.lastIndexOf(lineEnd, at - 1);
  }
  return 0;
}

const withoutLineEnd = (text: string): string => text.replace(/\r?\n$|\r$/, '');

/** known: what stands between the cells, where that is settled; else the first rows settle it. */
export function cutRows(known: string | null = null): RowCutter {
  let held = '';
  let line = 1;
  let delimiter = known;

  const rowsOf = (text: string): readonly Row[] => {
    const { data, meta } = Papa.parse<string[]>(text, { delimiter: delimiter ?? '' });
    delimiter ??= meta.delimiter;
    // The library knows no empty row that stands alone.
    const rows = (text === '' ? [['']] : data).map((cells, i) => ({ cells, line: line + i }));
    line += rows.length;
    return rows;
  };

  return {
    push: (text) => {
      held += text;
      if (delimiter === null && held.length < k.FIRST_LOOK_CHARACTERS) return [];
      let whole = wholeUpTo(held);
      if (whole === 0 && held.length > k.MOST_ROW_CHARACTERS) whole = held.length;
      if (whole === 0) return [];
      const block = held.slice(0, whole);
      held = held.slice(whole);
      return rowsOf(withoutLineEnd(block));
    },
    end: () => {
      const rest = held;
      held = '';
      return rest === '' ? [] : rowsOf(withoutLineEnd(rest));
    },
  };
}
