/**
 * From the medium a plant is in to the one it is going into: in how many repottings, what sign to
 * wait for between them, and what to do with what clings to the roots. Common practice, no source.
 */
import { isFailing, isPastItsLife, isRotting, showsTips } from '../case';
import { mediumById } from '../catalogue/media';
import { keepsWater } from '../catalogue/vessels';
import { isAiry, isGripping, isWetAndClose } from '../decide/rules';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import { heaviestPart, type MediumFamily, type MediumFigures, type PieceShape } from '../physics/media';

/** What shows that the next stage may follow. */
export type ChangeSign = 'new root tips' | 'rooted through';

/** What is done in a stage; "target" is the setup chosen. */
export type ChangeStep =
  | 'moss in a small pot'
  | 'plan again'
  | 'moss in the smallest pot'
  | 'then target'
  | 'leave over water'
  | 'then target, watered often'
  | 'into target'
  | 'wait, or moss'
  | 'then target, old roots cut back'
  | 'half-way target'
  | 'half-way bark'
  | 'next coarser grade'
  | 'target with little moss'
  | 'into target in one step';

export interface ChangeStageFact {
  readonly when: 'now' | 'when the sign shows' | 'next repotting';
  readonly step: ChangeStep;
  /** What to wait for before the following stage; null for the last. */
  readonly waitFor: ChangeSign | null;
}

/** What the chosen setup is called within a sentence. */
export interface ChangeTarget {
  readonly kind: 'pot' | 'mount';
  readonly family: MediumFamily;
  readonly pieceShape: PieceShape;
  readonly smallMm: number;
  readonly largeMm: number;
  readonly isWithMoss: boolean;
  readonly isOverWater: boolean;
}

/** What to do with the old medium on the roots. */
export type ClingingFact =
  | {
      readonly code:
        | 'unknown'
        | 'all off for rot'
        | 'ball whole'
        | 'rinse, do not tear'
        | 'pieces may stay'
        | 'broken down'
        | 'sound may stay';
    }
  | { readonly code: 'gripped'; readonly family: MediumFamily };

export interface ChangeOverFact {
  readonly fromName: string | null;
  readonly target: ChangeTarget;
  readonly stages: readonly ChangeStageFact[];
  readonly clinging: ClingingFact;
}

function isMoss(medium: MediumFigures): boolean {
  return medium.family === 'sphagnum' || medium.family === 'live moss';
}

const holdsMoss = (facts: CandidateFacts): boolean => facts.mainMix.some(({ medium }) => isMoss(medium));

function targetOf(facts: CandidateFacts): ChangeTarget {
  const { family, pieceShape, d10Mm: smallMm, d90Mm: largeMm } = heaviestPart(facts.mainMix).medium;
  return {
    kind: facts.setup.kind,
    family,
    pieceShape,
    smallMm,
    largeMm,
    isWithMoss: family !== 'sphagnum' && holdsMoss(facts),
    isOverWater: facts.hasReservoir,
  };
}

const once = (step: ChangeStep): readonly ChangeStageFact[] => [{ when: 'now', step, waitFor: null }];

function inTwo(
  first: ChangeStep,
  waitFor: ChangeSign,
  then: ChangeStep,
  when: ChangeStageFact['when'] = 'when the sign shows',
): readonly ChangeStageFact[] {
  return [
    { when: 'now', step: first, waitFor },
    { when, step: then, waitFor: null },
  ];
}

function stagesOf(context: CaseContext, facts: CandidateFacts, from: MediumFigures | null): readonly ChangeStageFact[] {
  const { plant, resolved } = context;
  if (isFailing(plant)) {
    return facts.spec.approach === 'recovery in moss'
      ? inTwo('moss in a small pot', 'new root tips', 'plan again')
      : inTwo('moss in the smallest pot', 'new root tips', 'then target');
  }
  const { vesselKind } = resolved.current;
  const comesFromReservoir = keepsWater(vesselKind);
  if (comesFromReservoir && !facts.hasReservoir && !showsTips(plant.signs)) {
    return inTwo('leave over water', 'new root tips', 'then target, watered often');
  }
  if (from === null) return once('into target');
  if (from.organic && facts.hasReservoir && !showsTips(plant.signs)) {
    return inTwo('wait, or moss', 'new root tips', 'then target, old roots cut back');
  }
  if (isWetAndClose(from) && isAiry(facts) && !facts.hasReservoir) {
    return holdsMoss(facts)
      ? inTwo('half-way target', 'rooted through', 'next coarser grade', 'next repotting')
      : inTwo('half-way bark', 'rooted through', 'target with little moss', 'next repotting');
  }
  return once('into target in one step');
}

function clingingOf(context: CaseContext, facts: CandidateFacts, from: MediumFigures | null): ClingingFact {
  if (isRotting(context.plant)) return { code: 'all off for rot' };
  if (from === null) return { code: 'unknown' };
  if (!from.organic && !facts.isOrganic) {
    return isGripping(from) ? { code: 'gripped', family: from.family } : { code: 'ball whole' };
  }
  if (from.organic && !facts.isOrganic) return { code: 'rinse, do not tear' };
  if (!from.organic && facts.isOrganic) return { code: 'pieces may stay' };
  const isOld = isPastItsLife(context.resolved.current, from, 1);
  return { code: isOld ? 'broken down' : 'sound may stay' };
}

export function changeOver(context: CaseContext, facts: CandidateFacts): ChangeOverFact {
  const { mediumId } = context.resolved.current;
  const from = mediumId === null ? null : mediumById(mediumId);
  return {
    fromName: from?.name ?? null,
    target: targetOf(facts),
    stages: stagesOf(context, facts, from),
    clinging: clingingOf(context, facts, from),
  };
}
