/** Names of orchids that are no group's own: species, hybrid genera, older genera, and what people say. */
import { cattleyaKin } from './species-cattleya-kin';
import { dendrobiumKin } from './species-dendrobium-kin';
import { groundOrchids } from './species-ground';
import type { SpeciesName } from './species-of';
import { oncidiumKin } from './species-oncidium-kin';
import { singleStems } from './species-single-stems';

export { commonNames, otherGenera } from './common-names';
export { type HybridGenus, hybridGenera } from './hybrid-genera';
export type { SpeciesName } from './species-of';
export { type SpeciesDiffers, speciesTraits } from './species-traits';

export const speciesNames: readonly SpeciesName[] = [
  ...singleStems,
  ...cattleyaKin,
  ...oncidiumKin,
  ...dendrobiumKin,
  ...groundOrchids,
];
