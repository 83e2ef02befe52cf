/** The sentences of the rules in decide/rules/moisture. */
import type { moistureRules } from '../../decide/rules';
import { days, number, percent } from '../phrasing/format';
import { Kin, kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const moistureRuleWords: WordsFor<typeof moistureRules> = {
  suffocates: {
    says: (f) =>
      `After watering only ${percent(f.airShare)} of the root zone is air; ${kin(f.genusName)} wants about ${percent(f.airNeedShare)}.`,
    wouldChange: () => 'A coarser grade or a deeper pot holds more air.',
  },
  'never-dries': {
    says: (f) =>
      `It takes about ${days(f.medianDays)} to dry in a middling month; ${kin(f.genusName)} wants its roots dried off within ${days(f.wetTellsDays)}.`,
    wouldChange: () => 'A smaller pot, a coarser grade, a clay wall or drier air would dry it faster.',
  },
  parches: {
    says: (f) =>
      `With your watering drought would harm it on ${number(f.harmDays, 0)} days a year; in the fastest month it asks for water after ${days(f.fastestDays)}${f.gapDays ? `, and water comes every ${number(f.gapDays, 0)}` : ''}.`,
    wouldChange: (f) => `Watering every ${days(Math.max(0.5, f.fastestDays))} would keep it.`,
  },
  'reservoir-forbids-dry-spell': {
    says: (f) => `${Kin(f.genusName)} wants to dry off between waterings; over a reservoir it never does.`,
    wouldChange: () => 'Nothing short of emptying the reservoir each time.',
  },
  'forgiving-gap': {
    says: (f) => `A reservoir carries it through your ${days(f.gapDays)} between waterings.`,
    wouldChange: () => 'With a watering every 3 days or so this advantage is gone.',
  },
};
