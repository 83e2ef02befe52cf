/** The media of the catalogue by their families, found by the words growers use for their size: "small bark". */
import { mediaCatalogue } from '@core';
import { pieceSizeWord } from '@core/words';

interface MediumChoice {
  readonly value: string;
  readonly label: string;
}

export interface MediumGroup {
  readonly label: string;
  readonly options: MediumChoice[];
}

/** Mixes come last: whoever types "perlite" means perlite, and not the peat it is half of. */
const isMix = (family: string): boolean => family === 'soil-like mix';
const families = [...new Set(mediaCatalogue.map(({ family }) => family))].sort(
  (a, b) => Number(isMix(a)) - Number(isMix(b)),
);

const choiceOf = ({ id, name }: (typeof mediaCatalogue)[number]): MediumChoice => {
  const word = pieceSizeWord(id);
  return { value: id, label: word === null ? name : `${name}, ${word}` };
};

export const mediumGroups: readonly MediumGroup[] = families.map((family) => ({
  label: family[0]!.toUpperCase() + family.slice(1),
  options: mediaCatalogue.filter((medium) => medium.family === family).map(choiceOf),
}));

/** Whether every word typed stands in the name of a medium. */
export function isMediumSaid(typed: string, option?: { readonly label?: unknown }): boolean {
  const label = String(option?.label ?? '').toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => label.includes(word));
}
