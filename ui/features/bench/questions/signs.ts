/** The signs a grower can choose, in groups of which one at a time is true, and how they are kept in the case. */
import type { PlanCase } from '@core';

type GivenSigns = NonNullable<PlanCase['signs']>;

export type SignKey =
  | 'tips starting'
  | 'tips long'
  | 'tips none'
  | 'shoot starting'
  | 'shoot half grown'
  | 'shoot rooting'
  | 'shoot none'
  | 'inBloom'
  | 'leavesShed'
  | 'resting'
  | 'rot'
  | 'wobbles'
  | 'noPot';

interface Sign {
  readonly key: SignKey;
  readonly label: string;
  /** As it stands in the closed field, beside others. */
  readonly short: string;
  readonly means: GivenSigns;
}

interface SignGroup {
  readonly label: string;
  readonly signs: readonly Sign[];
}

export const signGroups: readonly SignGroup[] = [
  {
    label: 'Roots',
    signs: [
      { key: 'tips starting', label: 'new root tips just showing', short: 'tips', means: { tips: 'starting' } },
      { key: 'tips long', label: 'new roots, long already', short: 'long roots', means: { tips: 'long' } },
      { key: 'tips none', label: 'no new root tips', short: 'no tips', means: { tips: 'none' } },
    ],
  },
  {
    label: 'Newest shoot',
    signs: [
      { key: 'shoot starting', label: 'new shoot just starting', short: 'shoot starts', means: { shoot: 'starting' } },
      { key: 'shoot half grown', label: 'new shoot half grown', short: 'half a shoot', means: { shoot: 'half grown' } },
      { key: 'shoot rooting', label: 'new shoot making roots', short: 'shoot roots', means: { shoot: 'rooting' } },
      { key: 'shoot none', label: 'no new shoot', short: 'no shoot', means: { shoot: 'none' } },
    ],
  },
  {
    label: 'Also',
    signs: [
      { key: 'inBloom', label: 'in bud or bloom', short: 'bloom', means: { inBloom: true } },
      { key: 'leavesShed', label: 'leaves shed', short: 'leafless', means: { leavesShed: true } },
      { key: 'resting', label: 'at rest', short: 'rest', means: { resting: true } },
      { key: 'rot', label: 'rot, seen or smelt', short: 'rot', means: { rot: true } },
      { key: 'wobbles', label: 'it wobbles', short: 'wobbles', means: { wobbles: true } },
      { key: 'noPot', label: 'no pot, or a broken one', short: 'no pot', means: { noPot: true } },
    ],
  },
];

const allSigns = signGroups.flatMap(({ signs }) => signs);

/** All that was chosen, in a few words. */
export function inShort(keys: readonly SignKey[]): string {
  return allSigns
    .filter(({ key }) => keys.includes(key))
    .map(({ short }) => short)
    .join(', ');
}

const says = (given: GivenSigns, means: GivenSigns): boolean =>
  Object.entries(means).every(([name, value]) => given[name as keyof GivenSigns] === value);

/** Signs of a case as keys; what a draft holds that is none is left out. */
export function chosenSigns(given: unknown): readonly SignKey[] {
  if (typeof given !== 'object' || given === null) return [];
  return allSigns.filter(({ means }) => says(given as GivenSigns, means)).map(({ key }) => key);
}

/** The case's signs after a choice; of two that cannot both be true the one just chosen holds. undefined without any. */
export function withSigns(before: readonly SignKey[], keys: readonly SignKey[]): GivenSigns | undefined {
  // What was there before comes first, so that the newly chosen one has the last word.
  const inOrder = [...keys].sort((a, b) => Number(!before.includes(a)) - Number(!before.includes(b)));
  if (keys.length === 0) return undefined;
  return Object.assign({}, ...inOrder.map((key) => allSigns.find((sign) => sign.key === key)!.means)) as GivenSigns;
}
