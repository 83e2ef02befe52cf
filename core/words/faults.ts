/** The sentences of faults (base/faults): one wording for form, command line and route. */
import type { z } from 'zod';
import { checkWith, type FaultAt, type FaultError, type FaultFact, ranges } from '../base';
import { number } from './phrasing/format';

export interface Fault {
  /** Dotted path of the field, "(whole)" for the input as such. */
  readonly path: string;
  readonly code: FaultFact['code'];
  readonly message: string;
}

/** Longer lists of names are cut. */
const MOST_NAMES = 24;
const MOST_NAMES_OF_GENERA = 12;

function listOf(names: readonly string[], most = MOST_NAMES): string {
  const shown = names.slice(0, most).join(', ');
  return names.length > most ? `${shown} and ${names.length - most} more` : shown;
}

export function faultMessage(fact: FaultFact): string {
  switch (fact.code) {
    case 'range': {
      const { label, min, max, unit } = ranges[fact.quantity];
      return `${label} must be between ${min} and ${max}${unit ? ` ${unit}` : ''}`;
    }
    case 'whole number':
      return `${ranges[fact.quantity].label} must be a whole number`;
    case 'one of':
      return `${fact.field} must be one of: ${listOf(fact.names)}`;
    case 'name or whole':
      return fact.whole === 'genus'
        ? `${fact.field} must be one of ${listOf(fact.names, MOST_NAMES_OF_GENERA)}, or a whole genus of your own`
        : `${fact.field} must be one of ${fact.names.join(', ')}, or a whole place with its 12 months`;
    case 'yes or no':
      return `${fact.field} must be true or false`;
    case 'number between':
      return `${fact.field} must be between ${fact.min} and ${fact.max}`;
    case 'twice':
      return `${fact.field} must not be there twice`;
    case 'weekdays':
      return 'weekdays must be numbers from 0 (Monday) to 6 (Sunday)';
    case 'text length':
      return fact.min > 0
        ? `${fact.field} must be between ${fact.min} and ${fact.max} characters`
        : `${fact.field} must be at most ${fact.max} characters`;
    case 'not empty':
      return `${fact.field} must not be empty`;
    case 'twelve months':
      return 'months must hold exactly 12 entries, January to December';
    case 'at least one':
      return `${fact.field} needs at least one ${fact.what}`;
    case 'at most':
      return `${fact.field} must hold at most ${fact.most} ${fact.what}`;
    case 'not less than':
      return `${fact.field} must not be less than ${fact.than}`;
    case 'together less than 1':
      return `${fact.fields.join(' and ')} together must be less than 1: the pieces take room too`;
    case 'given together':
      return `${fact.fields.join(' and ')} must be given together`;
    case 'one main layer':
      return 'layers must hold exactly one main layer';
    case 'layers too high':
      return `layers are ${fact.filledCm} cm high together, but the pot is only ${fact.potHeightCm} cm deep`;
    case 'unknown version':
      return `version must be a whole number from 1 to ${fact.newest}, the newest this program knows`;
    case 'id':
      return `${fact.field} must be the id of ${fact.of}`;
    case 'date':
      return `${fact.field} must be a date such as 2026-04-18, between 1900 and 2199`;
    case 'unknown field':
      return 'is not a field this understands';
    case 'not used again':
      return fact.left.length === 0
        ? 'this medium has done its time once it was used: what is left of it is not kept'
        : `used pieces of this medium serve only as: ${fact.left.join(', ')}`;
    case 'only used':
      return `${fact.field} goes only with something used`;
    case 'currency':
      return 'currency must be three letters such as EUR, GBP or USD';
    case 'container volume':
      return `volume of the container must be between ${fact.minMl} and ${fact.maxMl} mL`;
    case 'water added':
      return `water added must be more than 0 and less than the container's ${number(fact.containerMl, 3)} mL`;
    case 'water drained':
      return `water drained must be between 0 and the ${number(fact.addedMl, 3)} mL added`;
    case 'no runs':
      return 'at least one run is needed';
    case 'no rain there':
      return 'no rain falls on this place: say how often you water';
    case 'follows the pot':
      return 'watering when it is dry follows the pot already: there is no day to tune to';
    case 'mount has no mix':
      return 'a mount has no mix to tune: change its pad instead';
    case 'reservoir sets the day':
      return 'over water the reservoir sets the day: change wicks or size instead';
    case 'other':
      return fact.text;
  }
}

export function wordFault({ path, fact }: FaultAt): Fault {
  return { path, code: fact.code, message: faultMessage(fact) };
}

export function faultLine(fault: Pick<Fault, 'path' | 'message'>): string {
  return `${fault.path}: ${fault.message}`;
}

/** The faults of a refused computation, worded. */
export function faultsIn(error: FaultError): readonly Fault[] {
  return error.faults.map(wordFault);
}

export type Parsed<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

/** Reads an input with a schema; what is wrong is worded. */
export function parseWith<T>(schema: z.ZodType<T>, input: unknown): Parsed<T> {
  const checked = checkWith(schema, input);
  return checked.status === 'ok' ? checked : { status: 'faulty', faults: checked.faults.map(wordFault) };
}
