import { plain } from '../../base';
import type { MediumEntry, MediumFigures } from '../../physics/media';
import { inorganicMedia } from './inorganic';
import { organicMedia } from './organic';

export const mediaCatalogue: readonly MediumEntry[] = [...organicMedia, ...inorganicMedia];

const figuresById = new Map<string, MediumFigures>(mediaCatalogue.map((entry) => [entry.id, plain(entry)]));

export const mediumIds: readonly string[] = mediaCatalogue.map((entry) => entry.id);

/** The figures of a catalogue medium; an unknown name answers with the valid ones. */
export function mediumById(id: string): MediumFigures {
  const figures = figuresById.get(id);
  if (!figures) throw new RangeError(`medium "${id}" is unknown; known are ${mediumIds.join(', ')}`);
  return figures;
}
