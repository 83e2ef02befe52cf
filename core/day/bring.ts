/** What lies ready before the first plant: tools, ties, tags; and the cautions of the day, each at the step where it applies. */
import { allRules, type RuleFinding, type RuleId, runRules, safetyRules } from '../decide/rules';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import type { PlantWork, StepKind } from './work';

export const bringKinds = [
  'blade',
  'flame or alcohol',
  'second blade',
  'gloves',
  'mask',
  'peroxide',
  'goggles',
  'bucket',
  'tub and scoop',
  'sieve',
  'tags and pencil',
  'stakes and ties',
  'thread or wire',
  'wicks',
  'drainage mesh',
  'bin bag',
] as const;
export type BringKind = (typeof bringKinds)[number];

/** What the rules of safety say, and where in the work: the label and the law come first in all of them. */
const stepOfCaution = {
  'gloves-sphagnum': 'pot',
  'gloves-organic': 'unpot',
  'mask-dust': 'pot',
  'hanging-weight': 'drain',
  'legal-wood': 'pot',
  'label-of-the-peroxide': 'fizz',
  'blade-and-flame': 'clean',
  'boiling-and-baking': 'pot',
  'water-under-lamps': 'soak',
  'away-from-children-and-pets': 'drain',
  'legal-plants': 'unpot',
} as const satisfies Readonly<Record<(typeof safetyRules)[number]['id'], StepKind>>;
export type DayCautionId = keyof typeof stepOfCaution;

export interface DayCaution {
  readonly ruleId: DayCautionId;
  readonly step: StepKind;
  readonly finding: RuleFinding;
}

export interface PlantCautions {
  readonly plantId: string;
  readonly cautions: readonly DayCaution[];
  /** What is to be done on the way, by the rules of the trade. */
  readonly steps: readonly RuleFinding[];
  /** What is to be done with its media before the day: soaked, rinsed. */
  readonly beforehand: readonly RuleFinding[];
}

/** Others would ask for its growth, which is not wanted here. */
const stepRules = allRules.filter(({ effect }) => effect === 'require step');

/** Media are made ready for all plants at once, the evening before. */
const ofMedia: ReadonlySet<RuleId> = new Set([
  'new-bark-hardly-wets',
  'rinse-dust',
  'soak-charcoal',
  'rinse-husk-salts',
]);

/** What can be said of a plant before a year is computed. */
export function cautionsOf(context: CaseContext, facts: CandidateFacts): Omit<PlantCautions, 'plantId'> {
  const input = { context, facts, judgement: null };
  const told = runRules(stepRules, input);
  return {
    cautions: runRules(safetyRules, input).map((finding) => {
      const { ruleId } = finding;
      return { ruleId, step: stepOfCaution[ruleId], finding };
    }),
    steps: told.filter(({ ruleId }) => !ofMedia.has(ruleId)),
    beforehand: told.filter(({ ruleId }) => ofMedia.has(ruleId)),
  };
}

/** In the order of work each caution once: it is said again only where something else is in hand. */
export function saidOnce(inOrder: readonly PlantCautions[]): readonly PlantCautions[] {
  const said = new Set<DayCautionId>();
  return inOrder.map((plant) => {
    const cautions = plant.cautions.filter(({ ruleId }) => !said.has(ruleId));
    for (const { ruleId } of cautions) said.add(ruleId);
    return { ...plant, cautions };
  });
}

interface Ready {
  readonly work: PlantWork;
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  readonly cautions: PlantCautions;
}

export function bringFor(plants: readonly Ready[]): readonly BringKind[] {
  const says = (id: DayCautionId) =>
    plants.some(({ cautions }) => cautions.cautions.some(({ ruleId }) => ruleId === id));
  const some = (test: (ready: Ready) => boolean) => plants.some(test);
  const fizzes = some(({ work }) => work.fizzMin > 0);
  const isNeeded: Readonly<Record<BringKind, boolean>> = {
    blade: true,
    'flame or alcohol': true,
    'second blade': some(({ work }) => work.isSuspect),
    gloves: says('gloves-sphagnum') || says('gloves-organic'),
    mask: says('mask-dust'),
    peroxide: fizzes,
    goggles: fizzes,
    bucket: some(({ work }) => work.soakMin > 0),
    'tub and scoop': true,
    sieve: says('mask-dust'),
    'tags and pencil': true,
    'stakes and ties': some(({ context }) => context.plant.signs.wobbles === true),
    'thread or wire': some(({ facts }) => facts.spec.vessel.kind === 'mount'),
    wicks: some(({ facts: { spec } }) => spec.vessel.kind === 'pot' && (spec.vessel.wickCount ?? 0) > 0),
    'drainage mesh': some(({ facts: { setup, pieceMm } }) => setup.kind === 'pot' && pieceMm < FINE_MM),
    'bin bag': some(({ work }) => work.isDirty || work.isSuspect),
  };
  return bringKinds.filter((kind) => isNeeded[kind]);
}

/** Finer pieces run out of an ordinary hole. */
const FINE_MM = 5;
