/** The sentences of the rules in decide/rules/mounts. */
import type { mountRules } from '../../decide/rules';
import { days, number, temperature } from '../phrasing/format';
import { Kin, kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

const whenWatered = (gapDays: number | null): string =>
  gapDays === null ? 'when the pot is dry' : gapDays === 1 ? 'every day' : `every ${number(gapDays, 0)} days`;

export const mountRuleWords: WordsFor<typeof mountRules> = {
  'mount-in-dry-air': {
    says: (f) =>
      `In the driest month your air has ${number(f.leastHumidityPct, 0)} % humidity: a mount then needs wetting every day, and water comes ${whenWatered(f.gapDays)}.`,
    wouldChange: (f) => `Daily wetting, or air above ${f.mountHumidityPct} %, would allow a mount.`,
  },
  'mount-cannot-wait': {
    says: (f) =>
      `Even in damp air a mount wants wetting every ${f.longestGapDays} days; water comes every ${number(f.gapDays, 0)}.`,
    wouldChange: (f) => `Wetting every ${f.longestGapDays} days or oftener would allow a mount.`,
  },
  'failing-in-the-open': {
    says: () => 'Without roots it cannot drink from the open air: it must first make roots in something moist.',
  },
  'lying-hides-hanging-spikes': {
    says: (f) => `${Kin(f.genusName)} sends its spikes down: a mount laid flat gives them nowhere to go.`,
    wouldChange: () => 'Hung, or in an open basket, they hang free.',
  },
  'lying-suits-wanderers': {
    says: () => 'A rambler roots as it goes along a mount laid flat, and the pad keeps its water for longer.',
  },
  'hung-dries-evenly': {
    says: () => 'Laid flat, water stays about the base of the growth; hung, it runs off.',
    wouldChange: () => 'A rambler, or very dry air, would make lying worth it.',
  },
  'genus-never-mounted': {
    says: (f) => `${Kin(f.genusName)} does not live on a mount.`,
  },
  'mount-work': {
    says: () => 'A mount is work: it wants wetting daily, twice in the hottest weeks.',
    wouldChange: () => 'Growers who enjoy the daily round will not count this.',
  },
  'mount-suits': {
    says: (f) => `${Kin(f.genusName)} is happiest with its roots in the open.`,
  },
  'ground-orchid-in-the-air': {
    says: (f) =>
      `${Kin(f.genusName)} roots in the ground; in an open basket its roots dry from every side and nothing holds the feed.`,
    wouldChange: () => 'Only a closed pot holds what it feeds on.',
  },
  'basket-for-pots-plants': {
    says: (f) => `${Kin(f.genusName)} is a pot plant; a basket dries its roots from every side.`,
  },
  'basket-in-dry-air': {
    says: (f) =>
      `With ${number(f.leastHumidityPct, 0)} % humidity in the driest month an open basket goes ${days(f.longestGapDays)} at most without water, and water comes ${whenWatered(f.gapDays)}.`,
    wouldChange: (f) => `Watering every ${days(f.longestGapDays)}, or damper air, would allow a basket.`,
  },
  'twice-daily-in-heat': {
    says: (f, units) => `In your hottest weeks, up to ${temperature(f.warmestC, units)}, wet it twice a day.`,
  },
  'tough-ones-on-mounts': {
    says: (f) =>
      `Tough roots in air that never falls under ${number(f.leastHumidityPct, 0)} %: one or two soaks a week can do.`,
  },
  'fix-so-nothing-moves': {
    says: () => 'Fix it so that nothing moves, with a thread that does not cut; keep bulbs and leaves out of the moss.',
  },
  'slab-needs-a-pad': {
    says: () => 'Bare plastic or clay gives young roots nothing to grip and nothing damp.',
    wouldChange: () => 'A thin pad of moss would lift this.',
  },
  'pad-on-roots-that-refuse-cover': {
    says: (f) =>
      `In ${number(f.leastHumidityPct, 0)} % air its roots need no pad, and ${kin(f.genusName)} refuses to have them covered.`,
    wouldChange: () => 'In drier air a thin pad is a fair price.',
  },
};
