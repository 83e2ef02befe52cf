/** The sentences of a change-over from one medium to another (advise/change-over). */
import type { ChangeOverFact, ChangeSign, ChangeStageFact, ChangeStep, ChangeTarget, ClingingFact } from '../advise';

export interface ChangeStage extends Pick<ChangeStageFact, 'when' | 'step'> {
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

const signWords: Readonly<Record<ChangeSign, string>> = {
  'new root tips': 'two or three new root tips, green or white, a finger long',
  'rooted through': 'roots at the wall, and it holds when you tug it',
};

const stepWords: Readonly<Record<ChangeStep, (target: string) => string>> = {
  'moss in a small pot': () => 'Dead roots off, then loose moss in a small pot or cup, damp and close.',
  'plan again': () => 'Into the medium it is to live in: plan it again then, with its new roots.',
  'moss in the smallest pot': () => 'First moss in the smallest pot that holds it, until it can root.',
  'then target': (target) => `Then into ${target}; the new roots never know anything else.`,
  'leave over water': () => 'Leave it over water: its roots want that constant.',
  'then target, watered often': (target) => `Then into ${target}, watered often until the new roots carry it.`,
  'into target': (target) => `Into ${target}.`,
  'wait, or moss': () => 'Nothing yet, or moss in a small pot if its medium is spent.',
  'then target, old roots cut back': (target) => `Then into ${target}, the old roots cut back to what is firm.`,
  'half-way target': (target) => `Into ${target}: the half-way house.`,
  'half-way bark': () => 'Into small bark (3–6 or 6–12 mm) with a third chopped moss: the half-way house.',
  'next coarser grade': () => 'The next coarser grade with little moss or none.',
  'target with little moss': (target) => `Into ${target}, with little moss or none.`,
  'into target in one step': (target) => `Into ${target} in one step.`,
};

const clingingWords: Readonly<Record<Exclude<ClingingFact['code'], 'gripped'>, string>> = {
  unknown: 'Take off what comes willingly; what clings to live roots may stay.',
  'all off for rot':
    'Take off all of it and look at every root and bulb: what stays hides rot. Cut back to sound tissue with a clean blade.',
  'ball whole': 'Move the ball whole; loose pieces fall off by themselves.',
  'rinse, do not tear':
    'Rinse out what is rotten; leave bits that cling rather than tear roots. A little of both does no harm.',
  'pieces may stay': 'Pieces the roots hold may stay in the new mix.',
  'broken down': 'It is broken down: rinse it out as far as it comes, since what stays in rots on.',
  'sound may stay': 'Take off what comes willingly; sound pieces round sound roots may stay.',
};

/** How a setup is called inside a sentence. */
function targetText(target: ChangeTarget): string {
  if (target.kind === 'mount') return 'the mount';
  const family = target.family === 'conifer bark' ? 'bark' : target.family;
  const size = target.pieceShape === 'strand' ? '' : ` ${Math.round(target.smallMm)}–${Math.round(target.largeMm)} mm`;
  return `${family}${size}${target.isWithMoss ? ' with moss' : ''}${target.isOverWater ? ' over water' : ''}`;
}

function clingingText(clinging: ClingingFact): string {
  return clinging.code === 'gripped'
    ? `Roots grip ${clinging.family}: leave every piece they hold, and move the ball whole.`
    : clingingWords[clinging.code];
}

export function wordChangeOver({ fromName, target, stages, clinging }: ChangeOverFact): ChangeOver {
  const name = targetText(target);
  return {
    fromName,
    stages: stages.map(({ when, step, waitFor }) => ({
      when,
      step,
      what: stepWords[step](name),
      sign: waitFor === null ? null : signWords[waitFor],
    })),
    clinging: clingingText(clinging),
  };
}
