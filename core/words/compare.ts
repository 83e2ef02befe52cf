/** What differs between a setup and the same with changes, in words (explore/compare). */
import type { DifferenceCode, DifferenceFact, WhatIfFacts } from '../explore';
import { type DryingTime, HORIZON_DAYS } from '../physics/drydown';
import { days, number, percent, temperature, type WordUnits } from './phrasing/format';
import { type SetupReview, wordReview } from './plan';

export interface Difference {
  readonly code: DifferenceCode;
  readonly label: string;
  readonly before: string;
  readonly after: string;
  /** Whether the change does the plant or the grower good; null where neither. */
  readonly isBetter: boolean | null;
}

export interface WhatIfAnswer extends Omit<WhatIfFacts, 'before' | 'after' | 'differences'> {
  readonly before: SetupReview;
  readonly after: SetupReview;
  readonly differences: readonly Difference[];
}

type Figure = (value: number, units: WordUnits) => string;

const labels: Readonly<Record<DifferenceCode, string>> = {
  days: 'asks for water after',
  'fine days': 'fine days a year',
  'harm days': 'days of harm a year',
  'lack of air': 'lack of air',
  drought: 'drought',
  salts: 'salts about the roots',
  air: 'air after watering',
  waterings: 'waterings a year',
  hottest: 'hottest month in the roots',
  weight: 'weight half dry',
  tipping: 'tips at',
  reservoir: 'reservoir lasts',
  life: 'medium lasts',
  points: 'points',
};

const figures: Readonly<Record<Exclude<DifferenceCode, 'days' | 'reservoir'>, Figure>> = {
  'fine days': (value) => number(value, 0),
  'harm days': (value) => number(value, 0),
  'lack of air': percent,
  drought: percent,
  salts: (dsM) => `${number(dsM, 1)} mS/cm`,
  air: percent,
  waterings: (value) => number(value, 0),
  hottest: temperature,
  weight: (grams) => `${number(grams / 1000, 1)} kg`,
  tipping: (degrees) => `${number(degrees, 0)}°`,
  life: (years) => `${number(years, 1)} years`,
  points: (value) => number(value, 0),
};

const timeText = (time: DryingTime): string =>
  time.status === 'dries' ? days(time.days) : `over ${time.overDays} days`;

const lastsText = (lastsDays: number | null): string =>
  lastsDays === null ? `over ${HORIZON_DAYS} days` : days(lastsDays);

function texts(fact: DifferenceFact, units: WordUnits): readonly [string, string] {
  switch (fact.code) {
    case 'days':
      return [timeText(fact.before), timeText(fact.after)];
    case 'reservoir':
      return [lastsText(fact.before), lastsText(fact.after)];
    default:
      return [figures[fact.code](fact.before, units), figures[fact.code](fact.after, units)];
  }
}

/** Only what the eye can tell apart is listed. */
export function wordDifferences(facts: readonly DifferenceFact[], units: WordUnits): readonly Difference[] {
  return facts.flatMap((fact) => {
    const [before, after] = texts(fact, units);
    const { code, isBetter } = fact;
    return before === after ? [] : [{ code, label: labels[code], before, after, isBetter }];
  });
}

export function wordWhatIf(facts: WhatIfFacts, units: WordUnits): WhatIfAnswer {
  return {
    ...facts,
    before: wordReview(facts.before, units),
    after: wordReview(facts.after, units),
    differences: wordDifferences(facts.differences, units),
  };
}
