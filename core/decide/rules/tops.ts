/** What lies on top of the medium. Growers disagree; each dressing has its place. */
import { number } from '../../words';
import { practiceRule, type Rule, type RuleInput, topFamily } from './rule';
import { STEADY_TIPPING_DEG } from './steadiness';

/** Air drier than this dries the top before young roots are in (common practice: "dry homes"). */
const DRY_HOME_PCT = 45;
const DAMP_PCT = 65;
const FINE_ROOT_MM = 2;

const isPebbles = (input: RuleInput): boolean => topFamily(input) === 'stone';
const isMoss = (input: RuleInput): boolean => topFamily(input) === 'live moss';

/** Low clumps whose new shoots are no taller than the moss grows. */
const hasSmallShoots = ({ context }: RuleInput): boolean =>
  context.plant.heightCm < 20 && (context.plant.habit === 'clump' || context.plant.habit === 'creeping stem');

export const topRules: readonly Rule[] = [
  practiceRule({
    id: 'bare-top-can-be-read',
    topic: 'top',
    effect: 'penalise',
    points: 2,
    schools: { top: ['bare'] },
    applies: (input) => topFamily(input) !== null,
    say: () => 'A dressed top hides new roots, rot and how dry the medium is.',
    wouldChange: () => 'Choosing a dressing yourself under Schools lifts this.',
  }),
  practiceRule({
    id: 'pebbles-keep-the-collar-dry',
    topic: 'top',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      isPebbles(input) &&
      input.context.plant.genus.temperature === 'cool' &&
      input.context.plant.rootDiameterMm <= FINE_ROOT_MM,
    say: () => 'Pebbles do not wick: the collar of a fine-rooted cool grower stays dry over a moist root zone.',
  }),
  practiceRule({
    id: 'pebbles-stop-algae',
    topic: 'top',
    effect: 'prefer',
    points: 1.5,
    applies: (input) => isPebbles(input) && input.facts.hasReservoir,
    say: () => 'Over water the top stays damp and lit; pebbles keep algae and crusts of salt off it.',
  }),
  practiceRule({
    id: 'pebbles-weigh-down',
    topic: 'top',
    effect: 'prefer',
    points: 2,
    applies: (input) =>
      isPebbles(input) &&
      input.judgement?.stability !== null &&
      input.judgement?.stability !== undefined &&
      input.judgement.stability.tippingAngleDeg < STEADY_TIPPING_DEG + 4,
    say: ({ judgement }) =>
      `It tips at ${number(judgement?.stability?.tippingAngleDeg ?? 0, 0)}°; the pebbles' weight and grip hold the plant until it roots.`,
  }),
  practiceRule({
    id: 'lava-holds-wayward-roots',
    topic: 'top',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      topFamily(input) === 'lava' &&
      input.context.climate.meanHumidityPct < DRY_HOME_PCT &&
      (input.context.plant.habit === 'rambling' || input.context.plant.habit === 'climbing chain'),
    say: ({ context }) =>
      `At ${number(context.climate.meanHumidityPct, 0)} % humidity its roots wander off into the air; lava pieces hold them down.`,
  }),
  practiceRule({
    id: 'lava-scratches-fine-roots',
    topic: 'top',
    effect: 'penalise',
    points: 3,
    applies: (input) => topFamily(input) === 'lava' && input.context.plant.rootDiameterMm < FINE_ROOT_MM,
    say: () => 'Rough lava on top scratches fine roots and soft new shoots.',
    wouldChange: () => 'Smooth pebbles would not.',
  }),
  practiceRule({
    id: 'moss-top-for-dry-homes',
    topic: 'top',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      isMoss(input) &&
      (input.context.climate.meanHumidityPct < DRY_HOME_PCT || input.context.plant.habit === 'climbing chain'),
    say: ({ context }) =>
      context.plant.habit === 'climbing chain'
        ? 'It climbs out of its pot; moss on top gives the next roots something damp.'
        : `At ${number(context.climate.meanHumidityPct, 0)} % humidity moss on top keeps young roots from drying.`,
  }),
  practiceRule({
    id: 'moss-top-smothers',
    topic: 'top',
    effect: 'penalise',
    points: 6,
    applies: (input) => isMoss(input) && hasSmallShoots(input) && input.context.climate.meanHumidityPct >= DRY_HOME_PCT,
    say: ({ context }) =>
      `At ${number(context.climate.meanHumidityPct, 0)} % humidity moss grows lush and smothers small shoots; growers have lost them to it.`,
    wouldChange: () => 'Pebbles, or a bare top, would not smother them.',
  }),
  practiceRule({
    id: 'moss-top-rots-cool-clumps',
    topic: 'top',
    effect: 'rule out',
    applies: (input) =>
      isMoss(input) &&
      hasSmallShoots(input) &&
      input.context.plant.genus.temperature === 'cool' &&
      input.context.plant.genus.regime === 'evenly moist' &&
      input.context.climate.meanHumidityPct >= DAMP_PCT,
    say: ({ context }) =>
      `Lush moss on top rots the shoots of small, always moist cool growers, and at ${number(context.climate.meanHumidityPct, 0)} % it grows lush.`,
    wouldChange: () => 'Non-wicking pebbles on top would be safe.',
  }),
  practiceRule({
    id: 'moss-top-wets-bulbs',
    topic: 'top',
    effect: 'penalise',
    points: 4,
    applies: (input) => isMoss(input) && input.context.plant.genus.depth === 'on the surface',
    say: () => 'Its bulbs sit on the surface to stay dry; moss round them keeps them wet.',
    wouldChange: () => 'A bare top or pebbles keep them dry.',
  }),
];
