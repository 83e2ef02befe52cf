/**
 * What a plant and the setup it goes into come to, before water and years: kept while a day is changed about, since one thing
 * changed leaves nearly all plants as they were.
 */
import { type Placement, placementOf } from '../advise';
import { type PlanCase, resolveCase, type SetupSpec } from '../case';
import { type CandidateFacts, type CaseContext, contextOf, factsOf } from '../decide/setups';
import { layerVolumesL } from '../physics/drydown';
import { cautionsOf, type PlantCautions } from './bring';

export interface Known {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  /** What each layer takes, settled. */
  readonly litres: readonly number[];
  readonly cautions: Omit<PlantCautions, 'plantId'>;
  /** Where in the pot it stands, and how deep. */
  readonly placement: Placement;
}

/** Twice the plants of the longest day, each in a second pot. */
const MOST_KEPT = 400;
const kept = new Map<string, Known>();

export function knownOf(planCase: PlanCase, setup: SetupSpec): Known {
  const key = JSON.stringify([planCase, setup]);
  const before = kept.get(key);
  if (before) return before;
  const context = contextOf(resolveCase(planCase));
  const facts = factsOf(context, setup);
  const known: Known = {
    context,
    facts,
    litres: layerVolumesL(facts.setup),
    cautions: cautionsOf(context, facts),
    placement: placementOf(context, facts),
  };
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, known);
  return known;
}
