/** Times when a plant wants less, or nobody is there to give it. */
import { days, number, percent } from '../../words';
import { practiceRule, type Rule } from './rule';

const LONG_ABSENCE_DAYS = 10;
/** Too wet for this share of the year under rain: rain, not the grower, waters it. */
const RAINED_ON = 0.15;

export const restRules: readonly Rule[] = [
  practiceRule({
    id: 'leafless-over-water',
    topic: 'rest and absence',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.hasReservoir && context.plant.genus.rest === 'leafless and dry' && context.plant.state === 'dormant',
    say: () => 'It is leafless and without working roots: over water its bulbs rot before it wakes.',
    wouldChange: () => 'With tall growth and long roots it could stand over water until it sheds its leaves again.',
  }),
  practiceRule({
    id: 'dry-rest-over-water',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      (context.plant.genus.rest === 'dry winter' || context.plant.genus.rest === 'leafless and dry'),
    say: () => 'It wants a dry rest, and a reservoir has to be emptied for months to give it one.',
    wouldChange: () => 'Emptying it every autumn is the price of keeping it.',
  }),
  practiceRule({
    id: 'keep-dry-until-rooted',
    topic: 'rest and absence',
    effect: 'require step',
    applies: ({ context }) => context.plant.genus.rest === 'leafless and dry' && context.plant.state === 'dormant',
    say: () => 'Pot it dry and leave it dry until the new growth is tall and rooting: water before roots is rot.',
  }),
  practiceRule({
    id: 'rain-waters-it',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 5,
    applies: ({ context, judgement, facts }) =>
      context.climate.hasRain && judgement !== null && judgement.year.tooWet > RAINED_ON && facts.setup.kind === 'pot',
    say: ({ judgement }) =>
      `Rain keeps it too wet ${percent(judgement?.year.tooWet ?? 0)} of the year, whatever you do.`,
    wouldChange: () => 'A roof over it, a coarser grade or a slotted pot would help.',
  }),
  practiceRule({
    id: 'absence-reservoir',
    topic: 'rest and absence',
    effect: 'prefer',
    points: 4,
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      (context.holiday?.days ?? 0) >= LONG_ABSENCE_DAYS &&
      context.plant.genus.overReservoir !== 'never',
    say: ({ context }) =>
      `You are away for ${number(context.holiday?.days ?? 0, 0)} days, and the reservoir waters it meanwhile.`,
  }),
  practiceRule({
    id: 'absence-mount',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 8,
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && (context.holiday?.days ?? 0) >= 3,
    say: ({ context }) => `Nobody wets it while you are away for ${number(context.holiday?.days ?? 0, 0)} days.`,
    wouldChange: () => 'Somebody to wet it daily would lift this.',
  }),
  practiceRule({
    id: 'mixed-for-the-week',
    topic: 'rest and absence',
    effect: 'prefer',
    points: 3,
    applies: ({ context, judgement }) =>
      context.gapDays !== null && context.gapDays >= 6 && judgement !== null && judgement.year.comfortable > 0.9,
    say: ({ context, judgement }) =>
      `It fits your ${days(context.gapDays ?? 0)} between waterings ${percent(judgement?.year.comfortable ?? 0)} of the year: that is a mix for your week.`,
  }),
];
