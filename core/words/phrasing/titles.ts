/** Names for things as they are written on a label. */
import { type Approach, type LayerSpec, mediumOfPart, type MixPartSpec, type SetupSpec } from '../../case';
import { mediumById } from '../../catalogue/media';
import { mountKindById, potKindById } from '../../catalogue/vessels';
import { heaviestPart, type MediumFigures } from '../../physics/media';
import { cm, joinAnd, mmRange, number, type WordUnits } from './format';

export const approachNames: Readonly<Record<Approach, string>> = {
  'organic pot': 'Organic, in a pot',
  'moss pot': 'Moss pot',
  'recovery in moss': 'Recovery in moss',
  'moist inorganic': 'Inorganic, in a pot',
  'side-hole reservoir': 'Foot in water',
  'wick reservoir': 'Over water, with wick',
  basket: 'Basket',
  mount: 'Mount',
  'soil-like mix': 'Soil-like mix',
};

/** What is needed of a medium, or of what came out of a bag, to name it with its grade. */
export interface Graded extends Pick<MediumFigures, 'name' | 'pieceShape'> {
  readonly smallMm: number;
  readonly largeMm: number;
}

/** A medium's name without its grade: "Conifer bark". */
export function kindName(mediumName: string): string {
  return mediumName.replace(/ \d.*mm$/, '');
}

/** Largest pieces up to so many mm, and what growers call them. */
const sizeWords = [
  [4, 'fine'],
  [8, 'small'],
  [13, 'medium'],
  [18, 'large'],
] as const;

/** "small" of bark 3–6 mm; null where pieces have no size. */
export function pieceSizeWord(mediumId: string): string | null {
  const { pieceShape, d90Mm } = mediumById(mediumId);
  if (pieceShape === 'strand' || pieceShape === 'crumb') return null;
  return sizeWords.find(([upToMm]) => d90Mm <= upToMm)?.[1] ?? 'very large';
}

/**
 * A medium with its grade: "Conifer bark 6–12 mm". Strands have no grade that a sieve would find: their
 * own name says how long they are chopped.
 */
export function gradeText(medium: Graded, units: WordUnits): string {
  if (medium.pieceShape === 'strand') return medium.name;
  return `${kindName(medium.name)} ${mmRange(medium.smallMm, medium.largeMm, units)}`;
}

/** "3 parts conifer bark 6–12 mm". */
export function partText(part: MixPartSpec, isAlone: boolean, units: WordUnits): string {
  const medium = mediumOfPart(part);
  const { name, pieceShape, d10Mm: smallMm, d90Mm: largeMm } = medium;
  const size = gradeText({ name, pieceShape, smallMm, largeMm }, units);
  return isAlone ? size : `${number(part.parts, 1)} ${part.parts === 1 ? 'part' : 'parts'} ${size.toLowerCase()}`;
}

export function mixText(mix: readonly MixPartSpec[], units: WordUnits): string {
  return mix.map((part) => partText(part, mix.length === 1, units)).join(', ');
}

/** A mix in a sentence, without grades and parts: "conifer bark with sphagnum". */
export function mixName(mix: readonly MixPartSpec[]): string {
  const base = heaviestPart(mix);
  const rest = [...mix].sort((a, b) => b.parts - a.parts).filter((part) => part !== base);
  const extra = [...new Set(rest.map((part) => mediumOfPart(part).family.replace('conifer ', '')))];
  return `${kindName(mediumOfPart(base).name)}${extra.length > 0 ? ` with ${joinAnd(extra)}` : ''}`;
}

/** A layer as it is filled: its mix, or what lies beside what. */
export function layerText(layer: Pick<LayerSpec, 'mix' | 'isSideBySide'>, units: WordUnits): string {
  if (!layer.isSideBySide) return mixText(layer.mix, units);
  return layer.mix
    .map((part, i) => (i === 0 ? partText(part, true, units) : partText(part, true, units).toLowerCase()))
    .join(' beside ');
}

export function vesselText(spec: SetupSpec, units: WordUnits): string {
  const { vessel } = spec;
  if (vessel.kind === 'mount') {
    const pad = vessel.padThicknessCm > 0 ? `moss pad ${cm(vessel.padThicknessCm, units)}` : 'bare roots';
    const how = vessel.isLying ? ', laid flat' : '';
    return `${mountKindById(vessel.mountKindId).name} ${cm(vessel.widthCm, units)}, ${pad}${how}`;
  }
  return `${potKindById(vessel.potKindId).name} ${cm(vessel.rimDiameterCm, units)}`;
}

/** The short name of a setup: what it is made of. */
export function setupTitle(spec: SetupSpec, units: WordUnits): string {
  if (spec.vessel.kind === 'mount') return vesselText(spec, units);
  const main = spec.layers.find((layer) => layer.role === 'main');
  if (!main) return vesselText(spec, units);
  if (main.isSideBySide) return layerText(main, units);
  const base = heaviestPart(main.mix);
  const rest = [...main.mix].sort((a, b) => b.parts - a.parts).filter((part) => part !== base);
  const extra = rest.map((part) => mediumOfPart(part).family.replace('conifer ', '')).join(' and ');
  const { name, pieceShape } = mediumOfPart(base);
  // Strands have no grade that a grower would ask for.
  const baseText = pieceShape === 'strand' ? name : partText(base, true, units);
  return `${baseText}${extra ? ` with ${extra}` : ''}`;
}

/** A setup on one line: what it is made of and what it is in. */
export function titleOf(spec: SetupSpec, units: WordUnits): string {
  // A mount is named by itself alone.
  if (spec.vessel.kind === 'mount') return vesselText(spec, units);
  return `${setupTitle(spec, units)}, ${vesselText(spec, units)}`;
}
