/** The steps of an inspection, in the order in which a plant is unpotted, and what each of them finds out. */
import { type Genus, hasPseudobulbs } from '../catalogue/genera';
import type { Inspection } from './inspection';

export const inspectionSteps = [
  'why',
  'squeeze',
  'medium',
  'live roots',
  'root tips',
  'shoots',
  'bulbs',
  'health',
  'number',
  'from above',
] as const;
export type InspectionStep = (typeof inspectionSteps)[number];

export type InspectedThing = Exclude<keyof Inspection, 'photoIds' | 'note'>;

const inspectedIn: Readonly<Record<InspectionStep, readonly InspectedThing[]>> = {
  why: ['reasons'],
  squeeze: ['squeeze'],
  medium: ['condition', 'smell'],
  'live roots': ['liveRootsPct', 'rootDiameterMm'],
  'root tips': ['tips'],
  shoots: ['shoot', 'season'],
  bulbs: ['shootCount', 'bulbs'],
  health: ['pests', 'rot'],
  number: ['plantCount', 'sheaths'],
  'from above': ['growthMap'],
};

type Kind = Pick<Genus, 'habit'>;

/** A single stem has one shoot, which grows upwards: nothing to count, nothing to draw. */
export function stepsFor({ habit }: Kind): readonly InspectionStep[] {
  return habit === 'single stem'
    ? inspectionSteps.filter((step) => step !== 'bulbs' && step !== 'from above')
    : inspectionSteps;
}

/** What can be seen at a step on a plant of this kind: what has no bulbs has no state of bulbs, and no sheaths on them. */
export function thingsInspected(step: InspectionStep, { habit }: Kind): readonly InspectedThing[] {
  const needBulbs: readonly InspectedThing[] = ['bulbs', 'sheaths'];
  return inspectedIn[step].filter((looked) => hasPseudobulbs(habit) || !needBulbs.includes(looked));
}

/** Steps at which nothing at all was seen. */
export function skippedSteps(inspection: Inspection, kind: Kind): readonly InspectionStep[] {
  return stepsFor(kind).filter((step) =>
    thingsInspected(step, kind).every((looked) => inspection[looked] === undefined),
  );
}
