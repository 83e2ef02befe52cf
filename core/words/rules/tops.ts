/** The sentences of the rules in decide/rules/tops. */
import type { topRules } from '../../decide/rules';
import { number } from '../phrasing/format';
import { Kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const topRuleWords: WordsFor<typeof topRules> = {
  'bare-top-can-be-read': {
    says: () => 'A dressed top hides new roots, rot and how dry the medium is.',
    wouldChange: () => 'Choosing a dressing yourself under Schools lifts this.',
  },
  'cannot-have-your-top': { says: () => 'It cannot be dressed on top as you want it.' },
  'pebbles-keep-the-collar-dry': {
    says: () => 'Pebbles do not wick: the collar of a fine-rooted cool grower stays dry over a moist root zone.',
  },
  'pebbles-stop-algae': {
    says: () => 'Over water the top stays damp and lit; pebbles keep algae and crusts of salt off it.',
  },
  'pebbles-weigh-down': {
    says: (f) =>
      `It tips at ${number(f.tippingAngleDeg, 0)}°; the pebbles' weight and grip hold the plant until it roots.`,
  },
  'lava-holds-wayward-roots': {
    says: (f) =>
      `At ${number(f.meanHumidityPct, 0)} % humidity its roots wander off into the air; lava pieces hold them down.`,
  },
  'lava-scratches-fine-roots': {
    says: () => 'Rough lava on top scratches fine roots and soft new shoots.',
    wouldChange: () => 'Smooth pebbles would not.',
  },
  'moss-top-for-dry-homes': {
    says: (f) =>
      f.habit === 'climbing chain'
        ? 'It climbs out of its pot; moss on top gives the next roots something damp.'
        : `At ${number(f.meanHumidityPct, 0)} % humidity moss on top keeps young roots from drying.`,
  },
  'moss-top-smothers': {
    says: (f) =>
      `At ${number(f.meanHumidityPct, 0)} % humidity moss grows lush and smothers small shoots; growers have lost them to it.`,
    wouldChange: () => 'Pebbles, or a bare top, would not smother them.',
  },
  'moss-top-rots-cool-clumps': {
    says: (f) =>
      `Lush moss on top rots the shoots of small, always moist cool growers, and at ${number(f.meanHumidityPct, 0)} % it grows lush.`,
    wouldChange: () => 'Non-wicking pebbles on top would be safe.',
  },
  'coarse-over-fine': {
    says: (f) =>
      `${Kin(f.genusName)} runs over the top and drinks below: coarse pieces over a fine, moist layer give its roots both.`,
  },
  'moss-top-wets-bulbs': {
    says: () => 'Its bulbs sit on the surface to stay dry; moss round them keeps them wet.',
    wouldChange: () => 'A bare top or pebbles keep them dry.',
  },
};
