import { plain } from '../../base';
import { cattleyaKin } from './cattleya-kin';
import { dendrobiumAndSmallKin } from './dendrobium-and-small-kin';
import type { Genus, GenusEntry } from './genus';
import { groundOrchids } from './ground-orchids';
import { oncidiumKin } from './oncidium-kin';
import { singleStems } from './single-stems';

export const generaCatalogue: readonly GenusEntry[] = [
  ...cattleyaKin,
  ...dendrobiumAndSmallKin,
  ...groundOrchids,
  ...oncidiumKin,
  ...singleStems,
];

const generaById = new Map<string, Genus>(generaCatalogue.map((entry) => [entry.id, plain(entry)]));

export const genusIds: readonly string[] = generaCatalogue.map((entry) => entry.id);

/** A genus by its name in the catalogue; an unknown name answers with the valid ones. */
export function genusById(id: string): Genus {
  const genus = generaById.get(id);
  if (!genus) throw new RangeError(`genus "${id}" is unknown; known are ${genusIds.join(', ')}`);
  return genus;
}
