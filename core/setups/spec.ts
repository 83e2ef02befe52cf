/**
 * A setup as it is written down, saved and sent: names and sizes only. `realise` looks up the
 * figures. Layers run from the bottom.
 */
import { mediumById, type Mix } from '../media';
import type { LayerRole, Setup } from '../drydown';
import { makeMount, makePot } from '../pots';

export const approaches = [
  'organic pot',
  'moss pot',
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
}

export interface LayerSpec {
  readonly role: LayerRole;
  readonly mix: readonly MixPartSpec[];
  readonly heightCm: number;
}

export interface PotSpec {
  readonly kind: 'pot';
  readonly potKindId: string;
  readonly rimDiameterCm: number;
  readonly wickCount?: number;
}

export interface MountSpec {
  readonly kind: 'mount';
  readonly mountKindId: string;
  readonly widthCm: number;
  readonly padThicknessCm: number;
}

export interface SetupSpec {
  readonly approach: Approach;
  readonly vessel: PotSpec | MountSpec;
  /** From the bottom. A mount has one layer: its pad (ignored when the pad's thickness is 0). */
  readonly layers: readonly LayerSpec[];
}

export function realiseMix(mix: readonly MixPartSpec[]): Mix {
  return mix.map((part) => ({ medium: mediumById(part.mediumId), parts: part.parts }));
}

/** Looks up every name of a setup. Throws a RangeError that lists the known names for a wrong one. */
export function realise(spec: SetupSpec): Setup {
  const { vessel } = spec;
  if (vessel.kind === 'mount') {
    const pad = spec.layers[0];
    return {
      kind: 'mount',
      mount: makeMount(vessel.mountKindId, vessel.widthCm, vessel.padThicknessCm),
      pad: realiseMix(pad ? pad.mix : [{ mediumId: 'sphagnum-loose', parts: 1 }]),
    };
  }
  const made = makePot(vessel.potKindId, vessel.rimDiameterCm);
  const pot =
    vessel.wickCount !== undefined && made.reservoir.kind === 'wicks'
      ? { ...made, reservoir: { ...made.reservoir, wickCount: vessel.wickCount } }
      : made;
  return {
    kind: 'pot',
    pot,
    layers: spec.layers.map((layer) => ({
      role: layer.role,
      mix: realiseMix(layer.mix),
      heightCm: layer.heightCm,
    })),
  };
}

/** The layer that holds the roots. */
export function mainLayer(spec: SetupSpec): LayerSpec {
  const main = spec.layers.find((layer) => layer.role === 'main');
  if (!main) throw new RangeError('layers: a setup needs one main layer');
  return main;
}

/** A short name that is the same for the same setup. */
export function specId(spec: SetupSpec): string {
  const { vessel } = spec;
  const size =
    vessel.kind === 'pot'
      ? `${vessel.potKindId}-${vessel.rimDiameterCm}${vessel.wickCount === undefined ? '' : `w${vessel.wickCount}`}`
      : `${vessel.mountKindId}-${vessel.widthCm}-pad${vessel.padThicknessCm}`;
  const layers = spec.layers
    .map(
      (layer) =>
        `${layer.role[0]}${layer.heightCm}:${layer.mix.map((part) => `${part.parts}x${part.mediumId}`).join('+')}`,
    )
    .join('/');
  return `${spec.approach.replaceAll(' ', '-')}~${size}~${layers}`;
}
