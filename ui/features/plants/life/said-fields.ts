/** What an entry says beside its day and note, by its kind, as fields: what can be put right. */
import { type Felt, ranges } from '@core';
import {
  pseudobulbWords,
  conditionWords,
  pestWords,
  shootWords,
  smellWords,
  squeezeWords,
  tipWords,
  fieldMissing,
  fieldRange,
} from '@core/words';
import { bloomWords, growthEventWords, leftWords, wayWateredWords } from '../../../journal/journal-words';

export type SaidField = { readonly key: string; readonly label: string } & (
  | { readonly kind: 'choice'; readonly options: Readonly<Record<string, string>>; readonly isNeeded: boolean }
  | {
      readonly kind: 'number';
      readonly unit: string;
      readonly min: number;
      readonly max: number;
      readonly isNeeded: boolean;
    }
  | { readonly kind: 'yes or no' | 'day' }
);

const choice = (
  key: string,
  label: string,
  options: Readonly<Record<string, string>>,
  isNeeded = false,
): SaidField => ({
  key,
  label,
  kind: 'choice',
  options,
  isNeeded,
});
const number = (key: 'liveRootsPct' | 'rootDiameterMm' | 'shootCount', label: string): SaidField => {
  const { unit, min, max } = ranges[key];
  return { key, label, kind: 'number', unit, min, max, isNeeded: false };
};

const feltWords: Readonly<Record<Felt, string>> = { 'still wet': 'still wet', 'just right': 'just right', dry: 'dry' };
const HEAVIEST_G = 100_000;

export const saidFields: Readonly<Record<string, readonly SaidField[]>> = {
  inspected: [
    choice('squeeze', 'Squeezed', squeezeWords),
    choice('condition', 'Medium', conditionWords),
    choice('smell', 'Smell', smellWords),
    number('liveRootsPct', 'Live roots'),
    number('rootDiameterMm', 'Root thickness'),
    choice('tips', 'Root tips', tipWords),
    choice('shoot', 'Newest shoot', shootWords),
    number('shootCount', 'Shoots'),
    choice('bulbs', 'Bulbs', pseudobulbWords),
    { key: 'rot', label: 'Rot', kind: 'yes or no' },
  ],
  planned: [{ key: 'forOn', label: 'For the day', kind: 'day' }],
  watered: [choice('felt', 'It was', feltWords), choice('way', 'How', wayWateredWords)],
  grew: [choice('what', 'What', growthEventWords, true)],
  felt: [choice('felt', 'It was', feltWords, true)],
  bloomed: [choice('state', 'Bloom', bloomWords, true)],
  treated: [choice('against', 'Against', pestWords)],
  weighed: [{ key: 'weightG', label: 'Weight', kind: 'number', unit: 'g', min: 1, max: HEAVIEST_G, isNeeded: true }],
  left: [choice('how', 'How', leftWords, true)],
};

/** As it stands in a field; empty where nothing is said. */
export const typedOf = (value: unknown): string => (value === undefined || value === null ? '' : String(value));

export type Read =
  | { readonly status: 'ok'; readonly details: Readonly<Record<string, unknown>> }
  | { readonly status: 'fault'; readonly message: string };

/** What was changed of what was said: null takes it back. */
export function detailsOf(
  fields: readonly SaidField[],
  said: Readonly<Record<string, unknown>>,
  typed: Readonly<Record<string, string>>,
): Read {
  const details: Record<string, unknown> = {};
  for (const field of fields) {
    const text = (typed[field.key] ?? typedOf(said[field.key])).trim();
    if (text === typedOf(said[field.key])) continue;
    if (text === '') {
      if ('isNeeded' in field && field.isNeeded) return { status: 'fault', message: fieldMissing(field.label) };
      details[field.key] = null;
    } else if (field.kind === 'number') {
      const value = Number(text.replace(',', '.'));
      if (!(value >= field.min && value <= field.max)) {
        return {
          status: 'fault',
          message: fieldRange(field.label, field.min, field.max, field.unit),
        };
      }
      details[field.key] = value;
    } else details[field.key] = field.kind === 'yes or no' ? text === 'true' : text;
  }
  return { status: 'ok', details };
}
