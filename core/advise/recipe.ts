/** The mix as it was made: what came out of each bag, layer by layer. The record nobody keeps. */
import { type PlanCase, realiseMix, resolveCase, type SetupSpec } from '../case';
import { contextOf, factsOf } from '../decide/setups';
import { type LayerRole, layerVolumesL } from '../physics/drydown';
import { bagMeasures } from '../physics/media';

export interface RecipeLine {
  readonly layer: LayerRole;
  readonly mediumId: string;
  readonly name: string;
  readonly smallMm: number;
  readonly largeMm: number;
  readonly parts: number;
  readonly takeL: number;
}

export function makeRecipe(planCase: PlanCase, spec: SetupSpec): readonly RecipeLine[] {
  const { setup } = factsOf(contextOf(resolveCase(planCase)), spec);
  // Bare roots on a mount: nothing comes out of a bag.
  if (setup.kind === 'mount' && setup.mount.padThicknessCm <= 0) return [];
  const volumes = layerVolumesL(setup);
  return spec.layers.flatMap((layer, index) =>
    bagMeasures(realiseMix(layer.mix), volumes[index] ?? 0, layer.isSideBySide).map((bag, part) => ({
      layer: layer.role,
      ...bag,
      parts: layer.mix[part]!.parts,
      takeL: Math.round(bag.takeL * 1000) / 1000,
    })),
  );
}
