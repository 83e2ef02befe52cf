/** What came of reading a file: a place with remarks, or what is wrong and where. All as facts. */
import type { FaultFact } from '../../base';
import type { Place } from '../../physics/places';
import { k } from './constants';
import type { DateOrder } from './moments';

export type FileFaultFact =
  | { readonly code: 'no headings' | 'EPW location' | 'empty' }
  | { readonly code: 'second headings'; readonly firstLine: number }
  | { readonly code: 'missing columns'; readonly lacking: readonly string[]; readonly headings: readonly string[] }
  | { readonly code: 'no such column'; readonly label: string; readonly labels: readonly string[] }
  | { readonly code: 'too many days'; readonly most: number }
  | { readonly code: 'too long' }
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
  | { readonly code: 'not a month' | 'not a day'; readonly text: string }
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
  | { readonly code: 'shares' }
  | { readonly code: 'filled months'; readonly months: readonly number[] }
  | { readonly code: 'left out'; readonly hours: number };

/** What a grower may settle where a file can be read in two ways. Columns go by their labels. */
export interface ReadingChoices {
  readonly temperature?: string | undefined;
  readonly humidity?: string | undefined;
  readonly unit?: 'C' | 'F' | undefined;
  readonly dates?: DateOrder | undefined;
}

/** A choice that the file leaves open, with what its first rows would be. */
export type ReadingQuestion =
  | {
      readonly code: 'temperature' | 'humidity';
      readonly options: readonly { readonly label: string; readonly samples: readonly string[] }[];
    }
  | {
      readonly code: 'unit';
      readonly label: string;
      readonly options: readonly {
        readonly unit: 'C' | 'F';
        readonly samples: readonly { readonly shown: string; readonly temperatureC: number }[];
      }[];
    }
  | {
      readonly code: 'dates';
      readonly options: readonly {
        readonly order: DateOrder;
        readonly samples: readonly { readonly text: string; readonly minutes: number }[];
      }[];
    };

/** How a logger's table was read: which columns, which unit, which order, and its first rows so. */
export interface ReadAs {
  /** The headings: files of the same shape are read the same way. */
  readonly shape: string;
  readonly time: string;
  readonly temperature: string;
  readonly humidity: string;
  readonly unit: 'C' | 'F';
  /** null where the dates leave no choice. */
  readonly dates: DateOrder | null;
  readonly firstRows: readonly {
    readonly minutes: number;
    readonly temperatureC: number;
    readonly relativeHumidityPct: number;
  }[];
}

/** What kind of file a place was made from. */
export type FileOrigin =
  | { readonly code: 'logger'; readonly readings: number; readonly readAs: ReadAs }
  | { readonly code: 'epw' | 'monthly' | 'json' };

export type ReadingFacts =
  | {
      readonly status: 'ok';
      /** Its note is empty, unless the file brought one. */
      readonly place: Place;
      readonly origin: FileOrigin;
      readonly remarks: readonly RemarkFact[];
    }
  | {
      readonly status: 'unclear';
      /** Line of the headings. */
      readonly line: number;
      readonly shape: string;
      readonly questions: readonly ReadingQuestion[];
    }
  | { readonly status: 'refused'; readonly faults: readonly FileFaultAt[] };

/** count: how many there are, where only the first were kept. */
export function refused(faults: readonly FileFaultAt[], count = faults.length): ReadingFacts {
  const shown = faults.slice(0, k.MOST_FAULTS);
  const rest = count - shown.length;
  return {
    status: 'refused',
    faults: rest > 0 ? [...shown, { line: 0, fact: { code: 'and more', count: rest } }] : shown,
  };
}
