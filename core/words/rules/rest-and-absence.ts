/** The sentences of the rules in decide/rules/rest-and-absence. */
import type { restRules } from '../../decide/rules';
import { days, monthNames } from '../phrasing/format';
import type { WordsFor } from './rule-words';

/** "November to January". */
function spanOfMonths(months: readonly number[]): string {
  return `${monthNames[months[0]!]!} to ${monthNames[months[months.length - 1]!]!}`;
}

export const restRuleWords: WordsFor<typeof restRules> = {
  'leafless-over-water': {
    says: () => 'It is leafless and without working roots: over water its bulbs rot before it wakes.',
    wouldChange: () => 'With tall growth and long roots it could stand over water until it sheds its leaves again.',
  },
  'dry-rest-over-water': {
    says: () => 'It wants a dry rest, and a reservoir has to be emptied for months to give it one.',
    wouldChange: () => 'Emptying it every autumn is the price of keeping it.',
  },
  'keep-dry-until-rooted': {
    says: () => 'Pot it dry and leave it dry until the new growth is tall and rooting: water before roots is rot.',
  },
  'just-moist-until-it-grows': {
    says: () => 'Pot it just moist and keep it so, never dry and never wet, until it grows.',
  },
  'roof-over-its-rest': {
    says: (f) =>
      `It must rest dry, and where it stands rain falls on up to ${days(f.rainDays)} of a month from ${spanOfMonths(f.restMonths)}: put a roof over it then.`,
  },
  'rain-waters-it': {
    says: (f) => `Rain leaves its roots short of air on ${days(f.soddenDays)} of the year, whatever you do.`,
    wouldChange: () => 'A roof over it, a coarser grade or a slotted pot would help.',
  },
  'absence-reservoir': {
    says: (f) =>
      f.carriedDays >= f.awayDays
        ? `You are away for ${days(f.awayDays)}, and the reservoir waters it meanwhile.`
        : `The reservoir waters it for ${days(f.carriedDays)} of the ${days(f.awayDays)} you are away.`,
  },
  'absence-asks-someone': {
    says: (f) =>
      `You are away for ${days(f.awayDays)}, and ${f.hasReservoir ? 'its water lasts' : 'it asks for water after'} ${days(f.carriedDays)}: ask someone to look after it.`,
    wouldChange: () => 'A cooler, shadier place while you are away carries it further.',
  },
  'absence-mount': {
    says: (f) => `Nobody wets it while you are away for ${days(f.awayDays)}.`,
    wouldChange: () => 'Somebody to wet it daily would lift this.',
  },
  'mixed-for-the-week': {
    says: (f) =>
      `It fits your ${days(f.gapDays)} between waterings on ${days(f.fineDays)} of the year: that is a mix for your week.`,
  },
};
