/** Moving the boundary on top of a layer. */
import { type LayerSpec, potOf, round1, type SetupSpec } from '@core';

export const LEAST_LAYER_CM = 0.5;

/** The range the top of layer `index` may take, cm above the base. */
export function edgeRange(spec: SetupSpec, index: number): readonly [number, number] {
  if (spec.vessel.kind !== 'pot') return [0, 0];
  const pot = potOf(spec.vessel);
  const belowCm = spec.layers.slice(0, index).reduce((sum, layer) => sum + layer.heightCm, 0);
  const above = spec.layers[index + 1];
  const isSurface = above === undefined;
  const topCm = isSurface
    ? pot.heightCm - 0.2
    : belowCm + spec.layers[index]!.heightCm + above.heightCm - LEAST_LAYER_CM;
  return [belowCm + LEAST_LAYER_CM, topCm];
}

/** The setup with the top of layer `index` at a new height; the layer above gives or takes the room. */
export function moveEdge(spec: SetupSpec, index: number, toCm: number): SetupSpec {
  const [least, most] = edgeRange(spec, index);
  const clamped = Math.min(most, Math.max(least, toCm));
  const belowCm = spec.layers.slice(0, index).reduce((sum, layer) => sum + layer.heightCm, 0);
  const old = spec.layers[index]!.heightCm;
  const next = round1(clamped - belowCm);
  const layers: LayerSpec[] = spec.layers.map((layer, i) => {
    if (i === index) return { ...layer, heightCm: next };
    if (i === index + 1) return { ...layer, heightCm: round1(layer.heightCm + old - next) };
    return layer;
  });
  return { ...spec, layers };
}
