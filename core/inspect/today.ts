/**
 * A plant on file as it is today: what it was potted in and how long ago, and what was seen of it since. What was true of the
 * day it was potted (signs, live roots, the old ball) is unknown now, until somebody looks.
 */
import { DAYS_PER_YEAR, MS_PER_DAY } from '../base';
import { type GrowthMapSaid, genusOf, mainLayer, type PlanCase, type SetupSpec } from '../case';
import { mediaCatalogue } from '../catalogue/media';
import { type DatedMap, type MeasuredPace, measuredPaceOf } from '../growth';
import { withInspection } from './facts';
import type { Inspection } from './inspection';

export interface KnownLife {
  /** As last said of it. */
  readonly lastCase: PlanCase;
  /** Newest first, like the inspections. Days as YYYY-MM-DD. */
  readonly pottings: readonly { readonly pottedOn: string; readonly planCase: PlanCase; readonly spec: SetupSpec }[];
  readonly inspections: readonly { readonly inspectedOn: string; readonly inspection: Inspection }[];
}

export interface PlantToday {
  readonly planCase: PlanCase;
  /** Where maps of different years tell how it grows; null where they do not. */
  readonly ownPace: MeasuredPace | null;
}

const MS_PER_YEAR = DAYS_PER_YEAR * MS_PER_DAY;
const yearOf = (day: string): number => Date.parse(`${day}T00:00:00Z`) / MS_PER_YEAR;
const tenth = (value: number): number => Math.round(value * 10) / 10;
const hundredth = (value: number): number => Math.round(value * 100) / 100;

/** What it was potted in, as what it is in now: a mix and a medium of the grower's own by their parts. */
function currentFrom({ vessel, layers }: SetupSpec, years: number): PlanCase['current'] {
  const main = layers.length > 0 ? mainLayer({ layers } as SetupSpec).mix : [];
  const most = [...main].sort((a, b) => b.parts - a.parts)[0];
  const isKnown = most !== undefined && main.every(({ mediumId }) => mediaCatalogue.some(({ id }) => id === mediumId));
  const isMix = isKnown && (main.length > 1 || most.own !== undefined);
  return {
    vesselKind: vessel.kind === 'pot' ? vessel.potKindId : vessel.mountKindId,
    ...(vessel.kind === 'pot' ? { rimDiameterCm: vessel.rimDiameterCm } : {}),
    ...(isKnown ? { mediumId: most.mediumId } : {}),
    ...(isMix ? { mix: main } : {}),
    yearsInMedium: Math.max(0, tenth(years)),
  } as PlanCase['current'];
}

function sincePotted(planCase: PlanCase, spec: SetupSpec, years: number): PlanCase {
  const { signs: _s, liveRootsPct: _l, rootBallDiameterCm: _b, bulbs: _u, ...stays } = planCase;
  return { ...stays, current: currentFrom(spec, years) };
}

/** Maps with their days, of pottings and inspections; of one day the inspection’s. */
function mapsOf({
  pottings,
  inspections,
}: KnownLife): readonly { readonly day: string; readonly map: GrowthMapSaid }[] {
  const seen = inspections.flatMap(({ inspectedOn, inspection }) =>
    inspection.growthMap ? [{ day: inspectedOn, map: inspection.growthMap }] : [],
  );
  const days = new Set(seen.map(({ day }) => day));
  const potted = pottings.flatMap(({ pottedOn, planCase }) =>
    planCase.growthMap && !days.has(pottedOn) ? [{ day: pottedOn, map: planCase.growthMap }] : [],
  );
  return [...seen, ...potted].sort((a, b) => a.day.localeCompare(b.day));
}

function withOwnPace(planCase: PlanCase, pace: MeasuredPace | null): PlanCase {
  if (pace === null) return planCase;
  const own = {
    rhizomeStepCm: hundredth(pace.rhizomeStepCm.value),
    shootsPerYear: hundredth(pace.shootsPerYear.value),
  };
  // What the grower said of this plant counts for more than what was counted.
  return { ...planCase, genusOverrides: { ...own, ...planCase.genusOverrides } };
}

/** today: YYYY-MM-DD. */
export function plantToday(life: KnownLife, today: string): PlantToday {
  const [potting] = life.pottings;
  const base = potting
    ? sincePotted(potting.planCase, potting.spec, yearOf(today) - yearOf(potting.pottedOn))
    : life.lastCase;
  const maps = mapsOf(life);
  const dated: readonly DatedMap[] = maps.map(({ day, map }) => ({ atYear: yearOf(day), plants: map.plants }));
  // By what its kind does, not by what was learned before: the same shoots are not counted twice.
  const ownPace = measuredPaceOf(dated, genusOf({ genus: base.genus }));
  const newestMap = maps.at(-1)?.map;
  const [seen] = life.inspections;
  const isNewer = seen !== undefined && (potting === undefined || seen.inspectedOn > potting.pottedOn);
  const looked = isNewer ? withInspection(base, seen.inspection) : base;
  const mapped = newestMap ? { ...looked, growthMap: newestMap } : looked;
  // What the record says of media is asked anew: other pottings have gone well or badly since.
  const { handsRecord: _then, ...now } = mapped;
  return { planCase: withOwnPace({ ...now, month: Number(today.slice(5, 7)) }, ownPace), ownPace };
}
