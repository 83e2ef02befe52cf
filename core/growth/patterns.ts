/** A plant as it usually stands, where nobody has drawn it: by its habit, its shoots and how they run. */
import type { GrowthHabit } from '../catalogue/genera';
import { k, spreadOf } from './constants';
import { FULL_TURN_DEG, type Lead, type MappedPlant, type Point, RAD } from './map';

export const runs = ['one way', 'two ways', 'all round'] as const;
export type Runs = (typeof runs)[number];

export interface PatternOf {
  readonly habit: GrowthHabit;
  readonly runs: Runs;
  /** Leading shoots; where nothing is said, what is usual of the habit. */
  readonly leads?: number | undefined;
  readonly shoots: number;
  readonly ballDiameterCm: number;
  readonly stepCm: number;
}

/** Headings of so many leads: close together one way, apart both ways, or all round. */
function headingsOf(run: Runs, leads: number): readonly number[] {
  if (run === 'one way') {
    const fan = leads < 2 ? 0 : Math.min(k.FAN_DEG, k.FAN_STEP_DEG * (leads - 1));
    return Array.from({ length: leads }, (_, n) => (leads < 2 ? 0 : -fan / 2 + (fan * n) / (leads - 1)));
  }
  return Array.from({ length: leads }, (_, n) => (FULL_TURN_DEG / leads) * n);
}

/** So many of the shoots belong to one of the lines; each has its lead at least. */
function shareOf(shoots: number, lines: number, line: number): number {
  return Math.max(1, Math.floor(shoots / lines) + (line < shoots % lines ? 1 : 0));
}

/** A line of bulbs behind a lead, which is the last shoot of so many; it is drawn together where the ball has no room for all of them. */
function lineBehind(lead: Lead, count: number, stepCm: number, roomCm: number): readonly Point[] {
  const behind = count - 1;
  const step = behind < 1 ? 0 : Math.min(stepCm, roomCm / behind);
  return Array.from({ length: behind }, (_, n) => {
    const back = step * (behind - n);
    return {
      xCm: lead.xCm - back * Math.cos(lead.headingDeg * RAD),
      yCm: lead.yCm - back * Math.sin(lead.headingDeg * RAD),
    };
  });
}

/** Leading shoots of a plant of which nobody has counted them; none of a single stem. */
export function leadsUsually(habit: GrowthHabit, run: Runs, shoots: number): number {
  if (habit === 'single stem') return 0;
  if (run === 'one way') return 1;
  if (run === 'two ways') return 2;
  const carried = Math.round(shoots / k.SHOOTS_PER_LEAD);
  return Math.max(k.LEAST_LEADS_OF_CROWD, Math.min(spreadOf[habit].leads, carried));
}

/** Growth to the right of the paper. */
export function plantByPattern(pattern: PatternOf): MappedPlant {
  const { habit, shoots, ballDiameterCm, stepCm } = pattern;
  const ball = { xCm: 0, yCm: 0, diameterCm: ballDiameterCm };
  const leadCount = habit === 'single stem' ? 0 : (pattern.leads ?? leadsUsually(habit, pattern.runs, shoots));
  if (leadCount === 0) return { bulbs: [{ xCm: 0, yCm: 0 }], leads: [], ball };
  const inside = pattern.runs === 'one way' ? k.LEAD_INSIDE_BALL_SHARE : k.CROWD_INSIDE_BALL_SHARE;
  const radiusCm = ballDiameterCm * (0.5 - inside);
  const leads = headingsOf(pattern.runs, leadCount).map((headingDeg) => ({
    xCm: radiusCm * Math.cos(headingDeg * RAD),
    yCm: radiusCm * Math.sin(headingDeg * RAD),
    headingDeg,
  }));
  const roomCm = pattern.runs === 'one way' ? 2 * radiusCm : radiusCm;
  return {
    bulbs: leads.flatMap((lead, n) => lineBehind(lead, shareOf(shoots, leadCount, n), stepCm, roomCm)),
    leads,
    ball,
  };
}
