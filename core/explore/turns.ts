/** What would change the order: the same setups judged under another routine or another air. */
import { DAYS_PER_WEEK } from '../base';
import { verdictOn } from '../advise';
import { type PlanCase, resolveCase, type SetupSpec, specId } from '../case';
import { airflowClasses } from '../physics/air';
import { longestGapDays, type Routine } from '../physics/drydown';
import type { Place } from '../physics/places';
import { k } from './constants';

/** What would have to be otherwise. */
export type TurnCondition =
  | { readonly code: 'water every day' | 'water twice a week' | 'water once a week' | 'water every two weeks' }
  | { readonly code: 'water what asks' | 'fan' }
  | { readonly code: 'damper air'; readonly points: number };

export interface TurnFact {
  readonly when: TurnCondition;
  readonly leaderId: string;
  readonly spec: SetupSpec;
  readonly score: number;
}

interface Scenario {
  readonly when: TurnCondition;
  readonly planCase: PlanCase;
}

type WateringTurn = Extract<TurnCondition['code'], `water ${string}`>;

const damper = (humidityPct: number): number => Math.min(k.DAMPEST_PCT, humidityPct + k.DAMPER_POINTS);

function scenariosOf(planCase: PlanCase): readonly Scenario[] {
  const { routine, place } = resolveCase(planCase);
  const gap = longestGapDays(routine);
  const watered = (code: WateringTurn, next: Routine): Scenario => ({
    when: { code },
    planCase: { ...planCase, routine: next as PlanCase['routine'] },
  });
  const placed = (when: TurnCondition, next: Place): Scenario => ({
    when,
    planCase: { ...planCase, place: next as PlanCase['place'], heatWave: undefined },
  });
  const scenarios: Scenario[] = [];
  if (gap !== 1) scenarios.push(watered('water every day', { kind: 'every', days: 1 }));
  if (gap === null || gap > k.TWICE_A_WEEK_GAP_DAYS) {
    scenarios.push(watered('water twice a week', { kind: 'weekdays', weekdays: [2, 5] }));
  }
  if (gap === null || gap < DAYS_PER_WEEK)
    scenarios.push(watered('water once a week', { kind: 'every', days: DAYS_PER_WEEK }));
  if (gap === null || gap < 2 * DAYS_PER_WEEK)
    scenarios.push(watered('water every two weeks', { kind: 'every', days: 2 * DAYS_PER_WEEK }));
  if (gap !== null) scenarios.push(watered('water what asks', { kind: 'when dry' }));
  const airflowIndex = airflowClasses.indexOf(place.airflow);
  if (place.setting === 'indoor' && airflowIndex < airflowClasses.indexOf('fan')) {
    scenarios.push(placed({ code: 'fan' }, { ...place, airflow: 'fan' }));
  }
  scenarios.push(
    placed(
      { code: 'damper air', points: k.DAMPER_POINTS },
      {
        ...place,
        months: place.months.map((month) => ({
          ...month,
          day: { ...month.day, relativeHumidityPct: damper(month.day.relativeHumidityPct) },
          night: { ...month.night, relativeHumidityPct: damper(month.night.relativeHumidityPct) },
        })),
      },
    ),
  );
  return scenarios;
}

/** Which of the setups would lead under each condition; conditions that change nothing are left out. */
export function turnsOf(
  planCase: PlanCase,
  specs: readonly SetupSpec[],
  onProgress: (done: number, total: number) => void = () => undefined,
): readonly TurnFact[] {
  const [leader] = specs;
  if (!leader) return [];
  const leaderId = specId(leader);
  const scenarios = scenariosOf(planCase);
  return scenarios.flatMap(({ when, planCase: varied }, index): TurnFact[] => {
    const judged = specs
      .map((spec) => ({ spec, verdict: verdictOn(varied, spec) }))
      .filter(({ verdict }) => !verdict.isRuledOut)
      .sort((a, b) => b.verdict.score - a.verdict.score);
    onProgress(index + 1, scenarios.length);
    const [best] = judged;
    if (!best || specId(best.spec) === leaderId) return [];
    return [{ when, leaderId: specId(best.spec), spec: best.spec, score: best.verdict.score }];
  });
}
