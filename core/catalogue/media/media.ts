import { plain } from '../../base';
import { meanPieceMm, type MediumEntry, type MediumFigures } from '../../physics/media';
import { inorganicMedia } from './inorganic';
import { organicMedia } from './organic';

export const mediaCatalogue: readonly MediumEntry[] = [...organicMedia, ...inorganicMedia];

const figuresById = new Map<string, MediumFigures>(mediaCatalogue.map((entry) => [entry.id, plain(entry)]));

export const mediumIds: readonly string[] = mediaCatalogue.map((entry) => entry.id);

/** The grades of the same kind of medium (family and shape of its pieces), finest first. */
export function gradesLike({
  family,
  pieceShape,
}: Pick<MediumFigures, 'family' | 'pieceShape'>): readonly MediumFigures[] {
  return [...figuresById.values()]
    .filter((medium) => medium.family === family && medium.pieceShape === pieceShape)
    .sort((a, b) => meanPieceMm(a) - meanPieceMm(b));
}

/** The figures of a catalogue medium; an unknown name answers with the valid ones. */
export function mediumById(id: string): MediumFigures {
  const figures = figuresById.get(id);
  if (!figures) throw new RangeError(`medium "${id}" is unknown; known are ${mediumIds.join(', ')}`);
  return figures;
}
