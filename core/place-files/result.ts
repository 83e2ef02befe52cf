/** What came of reading a file: a place with remarks, or what is wrong and where. All as facts. */
import type { FaultFact } from '../base';
import type { Place } from '../physics/places';
import { k } from './constants';

export type FileFaultFact =
  | { readonly code: 'no headings' | 'not EPW' | 'EPW location' | 'empty' }
  | { readonly code: 'second headings'; readonly firstLine: number }
  | { readonly code: 'missing columns'; readonly lacking: readonly string[]; readonly headings: readonly string[] }
  | {
      readonly code: 'unclear column';
      readonly kind: 'time' | 'temperature' | 'humidity';
      readonly headings: readonly string[];
    }
  | { readonly code: 'two units'; readonly heading: string }
  | { readonly code: 'unknown unit'; readonly heading: string; readonly middle: number }
  | { readonly code: 'unclear dates'; readonly example: string }
  | { readonly code: 'headings lack'; readonly columns: readonly string[] }
  | { readonly code: 'not a time'; readonly text: string }
  | { readonly code: 'no number'; readonly column: string | null }
  | {
      readonly code: 'outside';
      readonly quantity: 'temperatureC' | 'relativeHumidityPct';
      readonly value: number;
      readonly min: number;
      readonly max: number;
    }
  | { readonly code: 'too cold'; readonly temperatureC: number; readonly leastC: number }
  | { readonly code: 'too few readings'; readonly count: number; readonly least: number }
  | { readonly code: 'too few hours'; readonly count: number }
  | { readonly code: 'twelve months'; readonly count: number }
  | { readonly code: 'month order'; readonly month: number }
  | { readonly code: 'too few fields'; readonly count: number }
  | { readonly code: 'not a month'; readonly text: string }
  | { readonly code: 'not JSON'; readonly error: string }
  | { readonly code: 'field'; readonly path: string | null; readonly fact: FaultFact }
  | { readonly code: 'and more'; readonly count: number };

export interface FileFaultAt {
  /** Line of the file, from 1; 0 = the file as a whole. */
  readonly line: number;
  readonly fact: FileFaultFact;
}

export type RemarkFact =
  | { readonly code: 'gap'; readonly hours: number; readonly afterMinutes: number }
  | { readonly code: 'more gaps'; readonly count: number; readonly hours: number }
  | { readonly code: 'repeated'; readonly count: number }
  | { readonly code: 'no clock' }
  | { readonly code: 'filled months'; readonly months: readonly number[] }
  | { readonly code: 'left out'; readonly hours: number };

/** What kind of file a place was made from. */
export type FileOrigin =
  { readonly code: 'logger'; readonly readings: number } | { readonly code: 'epw' | 'monthly' | 'json' };

export type ReadingFacts =
  | {
      readonly status: 'ok';
      /** Its note is empty, unless the file brought one. */
      readonly place: Place;
      readonly origin: FileOrigin;
      readonly remarks: readonly RemarkFact[];
    }
  | { readonly status: 'refused'; readonly faults: readonly FileFaultAt[] };

export function refused(faults: readonly FileFaultAt[]): ReadingFacts {
  const shown = faults.slice(0, k.MOST_FAULTS);
  const count = faults.length - shown.length;
  return { status: 'refused', faults: count > 0 ? [...shown, { line: 0, fact: { code: 'and more', count } }] : shown };
}
