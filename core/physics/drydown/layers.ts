/** Where layers lie in what they fill, and how much of each goes in: what drawings and recipes ask, without the sums of a dry-down. */
import { volumeBetweenL } from '../pots';
import { COVERED_SHARE } from './layers-constants';
import type { PottedSetup, Setup } from './setup';

export interface LayerBounds {
  readonly fromCm: number;
  readonly toCm: number;
}

/** Floor and top of each layer above the pot's base, cm; layers run from the bottom. */
export function layerBounds(layers: readonly { readonly heightCm: number }[]): readonly LayerBounds[] {
  let topCm = 0;
  return layers.map(({ heightCm }) => {
    const fromCm = topCm;
    topCm += heightCm;
    return { fromCm, toCm: topCm };
  });
}

export function filledHeightCm(setup: PottedSetup): number {
  return setup.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
}

/** Litres each layer takes, from the bottom; of a mount, its pad. */
export function layerVolumesL(setup: Setup): readonly number[] {
  if (setup.kind === 'mount') {
    const { widthCm, heightCm, padThicknessCm } = setup.mount;
    return [(widthCm * heightCm * COVERED_SHARE * padThicknessCm) / 1000];
  }
  return layerBounds(setup.layers).map(({ fromCm, toCm }) => volumeBetweenL(setup.pot, fromCm, toCm));
}
