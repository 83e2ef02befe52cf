/** What came of reading a file: a place with remarks, or what is wrong and where. */
import type { Place } from '../physics/places';

export interface FileFault {
  /** Line of the file, from 1; 0 = the file as a whole. */
  readonly line: number;
  readonly message: string;
}

export type PlaceReading =
  | { readonly status: 'ok'; readonly place: Place; readonly remarks: readonly string[] }
  | { readonly status: 'refused'; readonly faults: readonly FileFault[] };

/** A file with thousands of wrong lines is answered with the first few. */
export const MOST_FAULTS = 12;

export function refused(faults: readonly FileFault[]): PlaceReading {
  const shown = faults.slice(0, MOST_FAULTS);
  const more = faults.length - shown.length;
  return {
    status: 'refused',
    faults: more > 0 ? [...shown, { line: 0, message: `and ${more} more lines like these` }] : shown,
  };
}

export function faultText(fault: FileFault): string {
  return fault.line > 0 ? `line ${fault.line}: ${fault.message}` : fault.message;
}
