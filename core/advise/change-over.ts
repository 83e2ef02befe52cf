/**
 * From the medium a plant is in to the one it is going into: in how many repottings, what sign to
 * wait for between them, and what to do with what clings to the roots. Common practice, no source.
 */
import { isFailing } from '../case';
import { mediumById } from '../catalogue/media';
import { isWetAndClose } from '../decide/rules';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import type { MediumFigures } from '../physics/media';

export interface ChangeStage {
  readonly when: 'now' | 'when the sign shows' | 'next repotting';
  readonly what: string;
  /** What to wait for before the following stage; null for the last. */
  readonly sign: string | null;
}

export interface ChangeOver {
  readonly fromName: string | null;
  readonly stages: readonly ChangeStage[];
  /** What to do with the old medium on the roots. */
  readonly clinging: string;
}

const AIRY = 0.42;
const TIPS = 'two or three new root tips, green or white, a finger long';
const ROOTED = 'roots at the wall, and it holds when you tug it';

function isMoss(medium: MediumFigures): boolean {
  return medium.family === 'sphagnum' || medium.family === 'live moss';
}

/** How a setup is called in a sentence: its approach and the piece size of its mix. */
function targetText(facts: CandidateFacts): string {
  const base = [...facts.mainMix].sort((a, b) => b.parts - a.parts)[0]!.medium;
  const size = base.pieceShape === 'strand' ? '' : ` ${Math.round(base.smallMm)}–${Math.round(base.largeMm)} mm`;
  const family = base.family === 'conifer bark' ? 'bark' : base.family;
  if (facts.setup.kind === 'mount') return 'the mount';
  const hasMoss = base.family !== 'sphagnum' && facts.mainMix.some(({ medium }) => isMoss(medium));
  return `${family}${size}${hasMoss ? ' with moss' : ''}${facts.hasReservoir ? ' over water' : ''}`;
}

function stagesOf(context: CaseContext, facts: CandidateFacts, from: MediumFigures | null): readonly ChangeStage[] {
  const target = targetText(facts);
  const { plant, resolved } = context;
  const last = (when: ChangeStage['when'], what: string): ChangeStage => ({ when, what, sign: null });

  if (isFailing(plant) && facts.spec.approach === 'recovery in moss') {
    return [
      { when: 'now', what: 'Dead roots off, then loose moss in a small pot or cup, damp and close.', sign: TIPS },
      last('when the sign shows', 'Into the medium it is to live in: plan it again then, with its new roots.'),
    ];
  }
  if (isFailing(plant)) {
    return [
      { when: 'now', what: 'First moss in the smallest pot that holds it, until it can root.', sign: TIPS },
      last('when the sign shows', `Then into ${target}; the new roots never know anything else.`),
    ];
  }
  const comesFromReservoir =
    resolved.current.vesselKind === 'side-hole-pot' || resolved.current.vesselKind === 'wick-pot';
  if (comesFromReservoir && !facts.hasReservoir && !plant.hasNewTips) {
    return [
      { when: 'now', what: 'Leave it over water: its roots want that constant.', sign: TIPS },
      last('when the sign shows', `Then into ${target}, watered often until the new roots carry it.`),
    ];
  }
  if (from === null) return [last('now', `Into ${target}.`)];
  if (from.organic && facts.hasReservoir && !plant.hasNewTips) {
    return [
      { when: 'now', what: 'Nothing yet, or moss in a small pot if its medium is spent.', sign: TIPS },
      last('when the sign shows', `Then into ${target}, the old roots cut back to what is firm.`),
    ];
  }
  const isGoingAiry = facts.airAfterWatering > AIRY && !facts.hasReservoir;
  if (isWetAndClose(from) && isGoingAiry) {
    const mossParts = facts.mainMix.some(({ medium }) => isMoss(medium));
    return [
      {
        when: 'now',
        what: mossParts
          ? `Into ${target}: the half-way house.`
          : 'Into small bark (3–6 or 6–12 mm) with a third chopped moss: the half-way house.',
        sign: ROOTED,
      },
      last(
        'next repotting',
        mossParts ? 'The next coarser grade with little moss or none.' : `Into ${target}, with little moss or none.`,
      ),
    ];
  }
  return [last('now', `Into ${target} in one step.`)];
}

function clingingText(from: MediumFigures | null, facts: CandidateFacts, context: CaseContext): string {
  if (from === null) return 'Take off what comes willingly; what clings to live roots may stay.';
  if (!from.organic && !facts.isOrganic) {
    return from.rootGrip >= 0.7
      ? `Roots grip ${from.family}: leave every piece they hold, and move the ball whole.`
      : 'Move the ball whole; loose pieces fall off by themselves.';
  }
  if (from.organic && !facts.isOrganic) {
    return 'Rinse out what is rotten; leave bits that cling rather than tear roots. A little of both does no harm.';
  }
  if (!from.organic && facts.isOrganic) return 'Pieces the roots hold may stay in the new mix.';
  const isOld = (context.resolved.current.yearsInMedium ?? 0) > from.lifeYears;
  return isOld
    ? 'It is broken down: rinse it out as far as it comes, since what stays in rots on.'
    : 'Take off what comes willingly; sound pieces round sound roots may stay.';
}

export function changeOver(context: CaseContext, facts: CandidateFacts): ChangeOver {
  const { mediumId } = context.resolved.current;
  const from = mediumId === null ? null : mediumById(mediumId);
  return {
    fromName: from?.name ?? null,
    stages: stagesOf(context, facts, from),
    clinging: clingingText(from, facts, context),
  };
}
