/** The litres of a potting, line by line, as fields: less moss than was reckoned, more bark. */
import { gradeText, metricWords } from '@core/words';
import type { PottingEntry } from '@server/records/journal/entry-schemas';
import type { EntryFields } from './entry-actions';

const MOST_L = 500;
const keyOf = (line: number): string => `line-${line}`;

export const saidOf = ({ recipe }: Pick<PottingEntry, 'recipe'>): Readonly<Record<string, unknown>> =>
  Object.fromEntries(recipe.map(({ takeL }, n) => [keyOf(n), takeL]));

export function recipeFields({ recipe }: Pick<PottingEntry, 'recipe'>): EntryFields {
  return {
    fields: recipe.map(({ layer, name, smallMm, largeMm }, n) => ({
      key: keyOf(n),
      label: `${gradeText({ name, smallMm, largeMm, pieceShape: 'chip' }, metricWords)} (${layer})`,
      kind: 'number',
      unit: 'L',
      min: 0,
      max: MOST_L,
      isNeeded: true,
    })),
    toDetails: (changed) => ({
      recipe: recipe.map((line, n) => ({ ...line, takeL: (changed[keyOf(n)] as number | undefined) ?? line.takeL })),
    }),
  };
}
