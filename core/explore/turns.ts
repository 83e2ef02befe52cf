/** What would change the order: the same setups judged under another routine or another air. */
import { reviewSetup } from '../advise';
import { type PlanCase, resolveCase, type SetupSpec, specId } from '../case';
import { airflowClasses } from '../physics/air';
import { longestGapDays, type Routine } from '../physics/drydown';
import type { Place } from '../physics/places';
import { metricWords, number, setupTitle, vesselText, type WordUnits } from '../words';

export interface Turn {
  /** The condition, as the start of a sentence: "If you could water twice a week". */
  readonly condition: string;
  readonly leaderId: string;
  readonly spec: SetupSpec;
  readonly score: number;
  readonly sentence: string;
}

interface Scenario {
  readonly condition: string;
  readonly planCase: PlanCase;
}

/** More damp in the air by this many points, as a humidifier or a tray of wet pebbles may give. */
const HUMIDER_POINTS = 20;

function scenariosOf(planCase: PlanCase): readonly Scenario[] {
  const { routine, place } = resolveCase(planCase);
  const gap = longestGapDays(routine);
  const watered = (condition: string, next: Routine): Scenario => ({
    condition,
    planCase: { ...planCase, routine: next as PlanCase['routine'] },
  });
  const placed = (condition: string, next: Place): Scenario => ({
    condition,
    planCase: { ...planCase, place: next as PlanCase['place'], heatWave: undefined },
  });
  const scenarios: Scenario[] = [];
  if (gap !== 1) scenarios.push(watered('If you could water every day', { kind: 'every', days: 1 }));
  if (gap === null || gap > 4) {
    scenarios.push(watered('If you could water twice a week', { kind: 'weekdays', weekdays: [2, 5] }));
  }
  if (gap === null || gap < 7) scenarios.push(watered('If you watered once a week', { kind: 'every', days: 7 }));
  if (gap === null || gap < 14) scenarios.push(watered('If you watered every two weeks', { kind: 'every', days: 14 }));
  if (gap !== null) scenarios.push(watered('If you looked every morning and watered what asks', { kind: 'when dry' }));
  const airflowIndex = airflowClasses.indexOf(place.airflow);
  if (place.setting === 'indoor' && airflowIndex < airflowClasses.indexOf('fan')) {
    scenarios.push(placed('With a fan running', { ...place, airflow: 'fan' }));
  }
  scenarios.push(
    placed(`With ${HUMIDER_POINTS} points more humidity`, {
      ...place,
      months: place.months.map((month) => ({
        ...month,
        day: { ...month.day, relativeHumidityPct: Math.min(95, month.day.relativeHumidityPct + HUMIDER_POINTS) },
        night: { ...month.night, relativeHumidityPct: Math.min(95, month.night.relativeHumidityPct + HUMIDER_POINTS) },
      })),
    }),
  );
  return scenarios;
}

/** Which of the setups would lead under each condition; conditions that change nothing are left out. */
export function turnsOf(
  planCase: PlanCase,
  specs: readonly SetupSpec[],
  onProgress: (done: number, total: number) => void = () => undefined,
  units: WordUnits = metricWords,
): readonly Turn[] {
  const [leader] = specs;
  if (!leader) return [];
  const leaderId = specId(leader);
  const scenarios = scenariosOf(planCase);
  return scenarios.flatMap(({ condition, planCase: varied }, index): Turn[] => {
    const judged = specs
      .map((spec) => ({ spec, review: reviewSetup(varied, spec, units) }))
      .filter(({ review }) => review.ruledOutBy === null)
      .sort((a, b) => b.review.score - a.review.score);
    onProgress(index + 1, scenarios.length);
    const [best] = judged;
    if (!best || specId(best.spec) === leaderId) return [];
    const vessel = best.spec.vessel.kind === 'pot' ? ` in ${vesselText(best.spec, units).toLowerCase()}` : '';
    return [
      {
        condition,
        leaderId: specId(best.spec),
        spec: best.spec,
        score: best.review.score,
        sentence: `${condition}, ${lowerFirst(setupTitle(best.spec, units))}${vessel} would lead with ${number(best.review.score, 0)} points.`,
      },
    ];
  });
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
