/** Rules that read the dry-down: too wet, too dry, too little air. */
import { daysOf } from '../../physics/drydown';
import { days, Kin, kin, number, percent } from '../../words';
import { practiceRule, type Rule, type RuleInput } from './rule';

/** Air below this share of the need counts as suffocating. */
const SUFFOCATES_BELOW = 0.6;
/** Wet this many times longer than tolerated in most months counts as never drying. */
const NEVER_DRIES_FACTOR = 3;

function medianDays(input: RuleInput): number {
  const sorted = (input.judgement?.byMonth ?? []).map(daysOf).sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

export const moistureRules: readonly Rule[] = [
  practiceRule({
    id: 'suffocates',
    topic: 'air',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.airAfterWatering < SUFFOCATES_BELOW * context.plant.genus.airNeed,
    say: ({ context, facts }) =>
      `After watering only ${percent(facts.airAfterWatering)} of the root zone is air; ${kin(context.plant.genus)} wants about ${percent(context.plant.genus.airNeed)}.`,
    wouldChange: () => 'A coarser grade or a deeper pot holds more air.',
  }),
  practiceRule({
    id: 'never-dries',
    topic: 'moisture',
    effect: 'rule out',
    applies: (input) => {
      const { context, judgement, facts } = input;
      const { longestWetDays, driedOffShare, waterAtShare } = context.regime;
      if (!judgement || longestWetDays === null || facts.hasReservoir) return false;
      const driesOffDays = medianDays(input) * ((1 - driedOffShare) / (1 - waterAtShare));
      return driesOffDays > NEVER_DRIES_FACTOR * longestWetDays;
    },
    say: (input) =>
      `It takes about ${days(medianDays(input))} to dry in a middling month; ${kin(input.context.plant.genus)} wants its roots dried off within ${days(input.context.regime.longestWetDays ?? 0)}.`,
    wouldChange: () => 'A smaller pot, a coarser grade, a clay wall or drier air would dry it faster.',
  }),
  practiceRule({
    id: 'parches',
    topic: 'moisture',
    effect: 'rule out',
    applies: ({ judgement }) => judgement !== null && judgement.year.tooDry > 0.6,
    say: ({ judgement, context }) =>
      `With your watering its roots would be too dry ${percent(judgement?.year.tooDry ?? 0)} of the year; in the fastest month it asks for water after ${days(Math.min(...(judgement?.byMonth ?? []).map(daysOf)))}${context.gapDays ? `, and you water every ${context.gapDays}` : ''}.`,
    wouldChange: ({ judgement }) =>
      `Watering every ${days(Math.max(0.5, Math.min(...(judgement?.byMonth ?? []).map(daysOf))))} would keep it.`,
  }),
  practiceRule({
    id: 'reservoir-forbids-dry-spell',
    topic: 'moisture',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      context.plant.genus.regime === 'fast wet-dry' &&
      context.plant.genus.overReservoir !== 'well',
    say: ({ context }) =>
      `${Kin(context.plant.genus)} wants to dry off between waterings; over a reservoir it never does.`,
    wouldChange: () => 'Nothing short of emptying the reservoir each time.',
  }),
  practiceRule({
    id: 'forgiving-gap',
    topic: 'moisture',
    effect: 'prefer',
    points: 4,
    applies: ({ facts, context }) =>
      facts.hasReservoir && (context.gapDays ?? 0) >= 7 && context.plant.genus.overReservoir === 'well',
    say: ({ context }) =>
      `A reservoir carries it through your ${number(context.gapDays ?? 0, 0)} days between waterings.`,
    wouldChange: () => 'With a watering every 3 days or so this advantage is gone.',
  }),
];
