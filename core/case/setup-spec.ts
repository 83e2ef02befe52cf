/**
 * A setup as it is written down, saved and sent: names and sizes only. `realise` looks up the
 * figures. Layers run from the bottom.
 */
import { mediumById } from '../catalogue/media';
import { makeMount, makePot } from '../catalogue/vessels';
import type { LayerRole, Setup } from '../physics/drydown';
import {
  type AgeingConditions,
  type MediumFigures,
  type Mix,
  ORDINARY_CONDITIONS,
  type GrowersMedium,
  growersMediumFigures,
  settledHeightShare,
} from '../physics/media';
import type { Pot } from '../physics/pots';

export const approaches = [
  'organic pot',
  'moss pot',
  'recovery in moss',
  'moist inorganic',
  'side-hole reservoir',
  'wick reservoir',
  'basket',
  'mount',
  'soil-like mix',
] as const;
export type Approach = (typeof approaches)[number];

export interface MixPartSpec {
  readonly mediumId: string;
  readonly parts: number;
  /** The grower's own medium, like the one named; carried whole, so that an old record stays true. */
  readonly own?: GrowersMedium;
}

export interface LayerSpec {
  readonly role: LayerRole;
  readonly mix: readonly MixPartSpec[];
  /** Its media lie beside each other, each by itself; mixed when absent. */
  readonly isSideBySide?: boolean;
  readonly heightCm: number;
}

export interface PotSpec {
  readonly kind: 'pot';
  readonly potKindId: string;
  readonly rimDiameterCm: number;
  readonly wickCount?: number;
  /** How far up the wicks are drawn in, cm; where missing, as usual. */
  readonly wickHeightCm?: number;
  /** Inside height and base as measured; where missing, the kind's usual proportions. */
  readonly heightCm?: number;
  readonly baseDiameterCm?: number;
}

export interface MountSpec {
  readonly kind: 'mount';
  readonly mountKindId: string;
  readonly widthCm: number;
  readonly padThicknessCm: number;
  /** Laid flat instead of hung; hung when absent. */
  readonly isLying?: boolean;
}

export interface SetupSpec {
  readonly approach: Approach;
  readonly vessel: PotSpec | MountSpec;
  /** From the bottom. A mount has one layer: its pad (ignored when the pad's thickness is 0). */
  readonly layers: readonly LayerSpec[];
  /** Age of the media, months; new when absent. Heights are those of the new layers. */
  readonly monthsOld?: number;
}

/** The figures of one part: the grower's own measurements where there are any. */
export function mediumOfPart(part: Pick<MixPartSpec, 'mediumId' | 'own'>): MediumFigures {
  return part.own ? growersMediumFigures(part.own, mediumById(part.mediumId)) : mediumById(part.mediumId);
}

/** Thousands of candidates share a few mixes: each is looked up once. */
const realisedMixes = new WeakMap<readonly MixPartSpec[], Mix>();

export function realiseMix(mix: readonly MixPartSpec[]): Mix {
  const known = realisedMixes.get(mix);
  if (known) return known;
  const realised: Mix = mix.map((part) => ({ medium: mediumOfPart(part), parts: part.parts }));
  realisedMixes.set(mix, realised);
  return realised;
}

/** The pot of a setup with all its measures. */
export function potOf(vessel: PotSpec): Pot {
  return makePot(vessel.potKindId, vessel.rimDiameterCm, vessel);
}

/**
 * Looks up every name of a setup. Throws a RangeError that lists the known names for a wrong one.
 * Aged layers are lower than they were when new; the conditions say how fast they aged.
 */
export function realise(spec: SetupSpec, conditions: AgeingConditions = ORDINARY_CONDITIONS): Setup {
  const { vessel } = spec;
  const age = spec.monthsOld ? { months: spec.monthsOld, conditions } : undefined;
  if (vessel.kind === 'mount') {
    const pad = spec.layers[0];
    return {
      kind: 'mount',
      mount: makeMount(vessel.mountKindId, vessel.widthCm, vessel.padThicknessCm, vessel.isLying),
      pad: realiseMix(pad ? pad.mix : [{ mediumId: 'sphagnum-loose', parts: 1 }]),
      age,
    };
  }
  return {
    kind: 'pot',
    pot: potOf(vessel),
    layers: spec.layers.map((layer) => {
      const mix = realiseMix(layer.mix);
      const heightCm = age ? layer.heightCm * settledHeightShare(mix, age) : layer.heightCm;
      return { role: layer.role, mix, heightCm, age, ...(layer.isSideBySide ? { isSideBySide: true } : {}) };
    }),
  };
}

/** The layer that holds the roots. */
export function mainLayer(spec: SetupSpec): LayerSpec {
  const main = spec.layers.find((layer) => layer.role === 'main');
  if (!main) throw new RangeError('layers: a setup needs one main layer');
  return main;
}

/** Whether two media lie side by side about the roots. */
export function isSideBySide(spec: SetupSpec): boolean {
  return mainLayer(spec).isSideBySide === true;
}

/** A short name that is the same for the same setup. */
export function specId(spec: SetupSpec): string {
  const { vessel } = spec;
  const size =
    vessel.kind === 'pot'
      ? `${vessel.potKindId}-${vessel.rimDiameterCm}${measuresId(vessel)}`
      : `${vessel.mountKindId}-${vessel.widthCm}-pad${vessel.padThicknessCm}${vessel.isLying ? '-lying' : ''}`;
  const layers = spec.layers
    .map((layer) => `${layer.role[0]}${layer.heightCm}:${layer.mix.map(partId).join(layer.isSideBySide ? '|' : '+')}`)
    .join('/');
  const age = spec.monthsOld ? `~${spec.monthsOld}months` : '';
  return `${spec.approach.replaceAll(' ', '-')}~${size}~${layers}${age}`;
}

function measuresId({ wickCount, wickHeightCm, heightCm, baseDiameterCm }: PotSpec): string {
  const given = (letter: string, value: number | undefined) => (value === undefined ? '' : `${letter}${value}`);
  return `${given('w', wickCount)}${given('u', wickHeightCm)}${given('h', heightCm)}${given('b', baseDiameterCm)}`;
}

function partId(part: MixPartSpec): string {
  return `${part.parts}x${part.mediumId}${part.own ? `(${part.own.name})` : ''}`;
}
