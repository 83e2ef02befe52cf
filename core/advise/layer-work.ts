/**
 * What each layer besides the mix is there for: the pot as it is beside the same pot with the mix in that layer's place.
 * A layer changes water, air, weight, the days between waterings, or keeps the light off.
 */
import { type SetupSpec } from '../case';
import { type CandidateFacts, type CaseContext, factsOf, halfDryWeightG } from '../decide/setups';
import { daysOf, dryingTime, HORIZON_DAYS, type LayerRole, layerVolumesL, wateringFor } from '../physics/drydown';
import { k } from './constants';

export interface LayerWork {
  readonly role: Exclude<LayerRole, 'main'>;
  readonly mediumName: string;
  readonly heightCm: number;
  readonly volumeL: number;
  /** More (or less) than with the mix in its place: water held after a watering and weight half dry, g. */
  readonly waterG: number;
  readonly weightG: number;
  /** Air about the roots after a watering, v/v, with the layer and without. */
  readonly airShare: number;
  readonly airWithoutShare: number;
  /** Days between waterings in the month that dries fastest, with the layer and without. */
  readonly days: number;
  readonly daysWithout: number;
  /** It lies on top and stops light: no algae, no young roots led astray. */
  readonly stopsLight: boolean;
}

/** The same setup with the mix in place of one of its layers. */
function without(spec: SetupSpec, index: number): SetupSpec {
  const heightCm = spec.layers[index]!.heightCm;
  const layers = spec.layers
    .map((layer) => (layer.role === 'main' ? { ...layer, heightCm: layer.heightCm + heightCm } : layer))
    .filter((_, i) => i !== index);
  return { ...spec, layers };
}

function heldG({ column }: CandidateFacts): number {
  return column.capacityG.reduce((sum, grams) => sum + grams, 0);
}

function daysBetween({ climate, regime, routine }: CaseContext, { column }: CandidateFacts): number {
  const month = climate.year[climate.hardestMonth]!;
  const watering = wateringFor(routine);
  return daysOf(dryingTime(column, month, regime.waterAtShare, HORIZON_DAYS, k.LAYER_STEP_HOURS, watering));
}

/** Of every layer that is not the main one, from the bottom; none of a mount. */
export function layerWork(context: CaseContext, facts: CandidateFacts): readonly LayerWork[] {
  const { setup, spec } = facts;
  if (setup.kind !== 'pot') return [];
  const volumesL = layerVolumesL(setup);
  return setup.layers.flatMap((layer, index): readonly LayerWork[] => {
    if (layer.role === 'main') return [];
    const other = factsOf(context, without(spec, index));
    return [
      {
        role: layer.role,
        mediumName: layer.mix[0]!.medium.name,
        heightCm: layer.heightCm,
        volumeL: volumesL[index] ?? 0,
        waterG: heldG(facts) - heldG(other),
        weightG: halfDryWeightG(context, facts) - halfDryWeightG(context, other),
        airShare: facts.airAfterWatering,
        airWithoutShare: other.airAfterWatering,
        days: daysBetween(context, facts),
        daysWithout: daysBetween(context, other),
        stopsLight: layer.role === 'top dressing' && layer.mix[0]!.medium.family !== 'live moss',
      },
    ];
  });
}
