/** The answer in two sentences that a beginner can act on: what to do now, and how often to water. */
import type { SetupSpec } from '../case';
import type { DepthRule, Genus } from '../catalogue/genera';
import { keepsWater, mountKindById, potKindById } from '../catalogue/vessels';
import { daysOf, type DryingTime, HORIZON_DAYS } from '../physics/drydown';
import { cm, days, DAYS_FROM, lowerFirst, monthNames, number, type WordUnits } from './phrasing/format';
import type { PlanAnswer, SetupReview } from './plan';
import { setupTitle } from './phrasing/titles';

export interface AnswerLine {
  readonly pot: string;
  readonly water: string;
}

const depthWords: Readonly<Record<DepthRule, string>> = {
  'on the surface': 'base on top',
  'base just tucked in': 'base just under',
  'all roots covered': 'all roots covered',
  'bulb 4 cm under': 'bulb 4 cm under',
};

function vesselWords({ vessel }: SetupSpec, units: WordUnits): string {
  if (vessel.kind === 'mount') {
    const pad = vessel.padThicknessCm > 0 ? `${cm(vessel.padThicknessCm, units)} of moss under it` : 'roots bare';
    const name = lowerFirst(mountKindById(vessel.mountKindId).name);
    return `${cm(vessel.widthCm, units)} ${name}, ${pad}`;
  }
  return `${cm(vessel.rimDiameterCm, units)} ${lowerFirst(potKindById(vessel.potKindId).name)}`;
}

const byVerdict: Readonly<Record<PlanAnswer['timing']['verdict'], readonly [start: string, isNow: boolean]>> = {
  'go at once': ['at once', true],
  go: ['now', true],
  wait: ['Wait for the right moment; then', false],
  'look first': ['Look at roots and shoots first; then', false],
};

function potLine(plan: PlanAnswer, { spec, placement, ruledOutBy }: SetupReview, units: WordUnits): string {
  const isMount = spec.vessel.kind === 'mount';
  const [when, isNow] = byVerdict[plan.timing.verdict];
  const verb = isMount ? 'mount' : 'pot';
  const start = isNow ? `${isMount ? 'Mount' : 'Pot'} it ${when}` : `${when} ${verb} it`;
  const into = isMount
    ? `on a ${vesselWords(spec, units)}`
    : `in ${lowerFirst(setupTitle(spec, units))}, ${vesselWords(spec, units)}, ${depthWords[placement.depth]}`;
  const line = `${start} ${into}.`;
  return ruledOutBy !== null && plan.isLeastBad ? `Nothing suits; nearest comes: ${lowerFirst(line)}` : line;
}

/** Another month is worth a word where its days differ by more than this ratio. */
const TELLING_RATIO = 1.25;

/** "6 days": as one would say how often. */
function span(time: DryingTime): string {
  if (time.status !== 'dries') return `more than ${HORIZON_DAYS} days`;
  const whole = Math.round(time.days);
  return whole <= 1 ? 'day' : `${number(whole, 0)} days`;
}

const spell = (time: DryingTime): string => (time.status === 'dries' ? days(time.days) : span(time));

/** What dries within hours cannot be kept wet: it is wetted every day, and dries in between. */
function dailyLine(time: DryingTime, timesADay: number): string {
  const often = timesADay > 1 ? `${number(timesADay, 0)} times a day` : 'every day';
  return `Wet it ${often}: it dries within ${days(daysOf(time))}, and may.`;
}

/** The month that differs most from the one it is now; −1 where none differs enough. */
function mostUnlike(byMonth: readonly DryingTime[], now: number, isLeftOut: (month: number) => boolean): number {
  const ratio = (i: number) => Math.abs(Math.log(daysOf(byMonth[i]!) / daysOf(byMonth[now]!)));
  const others = byMonth.map((_, i) => i).filter((i) => i !== now && !isLeftOut(i));
  const best = others.reduce((most, i) => (most < 0 || ratio(i) > ratio(most) ? i : most), -1);
  return best >= 0 && ratio(best) > Math.log(TELLING_RATIO) ? best : -1;
}

const noWaterIn: ReadonlySet<Genus['rest']> = new Set<Genus['rest']>(['leafless and dry']);

function waterLine(plan: PlanAnswer, { daysByMonth, spec: { vessel } }: SetupReview): string {
  const { monthIndex: now, plant, routine } = plan.resolved;
  const restMonths = noWaterIn.has(plant.genus.rest) ? plan.timing.restMonths : [];
  const isDry = (month: number) => restMonths.includes(month);
  const isRefilled = vessel.kind === 'pot' && keepsWater(vessel.potKindId);
  const verb = routine.kind === 'misting' ? 'Wet it' : isRefilled ? 'Refill it' : 'Water';
  const dryRest = restMonths.length > 0 ? ' Keep it dry while it stands leafless.' : '';
  if (isDry(now)) return 'Keep it dry until the new growth roots.';
  if (routine.kind === 'rain')
    return daysOf(daysByMonth[now]!) < DAYS_FROM
      ? `Rain waters it: it dries within ${days(daysOf(daysByMonth[now]!))}, and may.`
      : `Rain waters it: without rain for ${spell(daysByMonth[now]!)} it asks for water.${dryRest}`;
  if (daysOf(daysByMonth[now]!) < DAYS_FROM)
    return dailyLine(daysByMonth[now]!, routine.kind === 'misting' ? routine.timesADay : 1);
  const other = mostUnlike(daysByMonth, now, isDry);
  const elsewhen = other < 0 ? '' : `, every ${span(daysByMonth[other]!)} in ${monthNames[other]!}`;
  return `${verb} about every ${span(daysByMonth[now]!)}${elsewhen}.${dryRest}`;
}

/** What to do now and how often to water: of the setup on the stage. */
export function answerLine(plan: PlanAnswer, review: SetupReview, units: WordUnits): AnswerLine {
  return { pot: potLine(plan, review, units), water: waterLine(plan, review) };
}
