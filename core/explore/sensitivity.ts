/**
 * How sure is the answer? Each input is moved as far as it may be off, and the leading setup judged
 * anew: what swings its comfort most matters most, and all swings together say how wide the answer is.
 */
import { reviewSetup } from '../advise';
import { mediumOfPart, type PlanCase, resolveCase, type SetupSpec } from '../case';
import { airflowClasses } from '../physics/air';
import type { Routine } from '../physics/drydown';
import type { Place } from '../physics/places';
import { metricWords, number, percent, type WordUnits } from '../words';

export interface Swing {
  readonly input: string;
  /** How far it was moved, in words. */
  readonly moved: string;
  /** Share of the year in comfort with the input moved down and up, 0..1. */
  readonly lowComfort: number;
  readonly highComfort: number;
  /** Whether another of the leading setups overtakes the first at either end. */
  readonly changesOrder: boolean;
}

export interface Sensitivity {
  readonly comfort: number;
  /** Likely range of the comfort: root of the sum of squares of half the swings, 0..1. */
  readonly plusMinus: number;
  readonly confidence: 'firm' | 'fair' | 'wide';
  /** What was not told and had to be assumed. */
  readonly assumed: readonly string[];
  /** Largest swing first. */
  readonly swings: readonly Swing[];
  readonly sentence: string;
}

interface Variation {
  readonly input: string;
  readonly moved: string;
  /** The case (and setup) moved down and up. */
  readonly ends: readonly [Moved, Moved];
}

interface Moved {
  readonly planCase: PlanCase;
  readonly change?: (spec: SetupSpec) => SetupSpec;
}

const FIRM_BELOW = 0.05;
const FAIR_BELOW = 0.15;
/** Catalogue figures of media are from memory: their capacity may be off by this share. */
const CAPACITY_OFF = 0.15;

function withHumidity(place: Place, points: number): Place {
  const moved = (pct: number) => Math.min(99, Math.max(5, pct + points));
  return {
    ...place,
    months: place.months.map((month) => ({
      ...month,
      day: { ...month.day, relativeHumidityPct: moved(month.day.relativeHumidityPct) },
      night: { ...month.night, relativeHumidityPct: moved(month.night.relativeHumidityPct) },
    })),
  };
}

function withAirflowStep(place: Place, step: number): Place {
  const index = airflowClasses.indexOf(place.airflow) + step;
  return { ...place, airflow: airflowClasses[Math.min(airflowClasses.length - 1, Math.max(0, index))]! };
}

function withGap(routine: Routine, factor: number): Routine | null {
  if (routine.kind !== 'every') return null;
  const days = Math.min(30, Math.max(1, Math.round(routine.days * factor)));
  return days === routine.days
    ? { kind: 'every', days: Math.max(1, routine.days + (factor > 1 ? 1 : -1)) }
    : { kind: 'every', days };
}

/** Every medium of the main layer holding more or less than its catalogue says. */
function withCapacity(spec: SetupSpec, factor: number): SetupSpec {
  return {
    ...spec,
    layers: spec.layers.map((layer) =>
      layer.role !== 'main'
        ? layer
        : {
            ...layer,
            mix: layer.mix.map((part) => {
              const medium = mediumOfPart(part);
              const capacityShare = medium.capacityAt10cm * factor;
              const airShare = Math.max(0.02, medium.airAt10cm + medium.capacityAt10cm - capacityShare);
              return {
                ...part,
                own: {
                  name: medium.name,
                  likeId: part.mediumId,
                  smallMm: medium.smallMm,
                  largeMm: medium.largeMm,
                  airShare,
                  capacityShare,
                },
              };
            }),
          },
    ),
  };
}

function variationsOf(planCase: PlanCase): readonly Variation[] {
  const { plant, place, routine, assumed } = resolveCase(planCase);
  const isAssumed = (name: string) => assumed.includes(name);
  const scaled = (
    input: string,
    key: 'rootDiameterMm' | 'rootBallDiameterCm' | 'leafAreaCm2',
    value: number,
    share: number,
    least: number,
    most: number,
  ): Variation => {
    const end = (factor: number): Moved => ({
      planCase: { ...planCase, [key]: Math.min(most, Math.max(least, value * factor)) },
    });
    return { input, moved: `± ${percent(share)}`, ends: [end(1 - share), end(1 + share)] };
  };
  const placed = (moved: Place): Moved => ({
    planCase: { ...planCase, place: moved as PlanCase['place'], heatWave: undefined },
  });
  const variations: Variation[] = [
    scaled('root thickness', 'rootDiameterMm', plant.rootDiameterMm, isAssumed('rootDiameterMm') ? 0.3 : 0.1, 0.2, 12),
    scaled(
      'root ball',
      'rootBallDiameterCm',
      plant.rootBallDiameterCm,
      isAssumed('rootBallDiameterCm') ? 0.25 : 0.1,
      1,
      40,
    ),
    scaled('leaf area', 'leafAreaCm2', plant.leafAreaCm2, isAssumed('leafAreaCm2') ? 0.4 : 0.15, 5, 20000),
    {
      input: 'humidity',
      moved: '± 10 points',
      ends: [placed(withHumidity(place, -10)), placed(withHumidity(place, 10))],
    },
    {
      input: 'air movement',
      moved: 'one class either way',
      ends: [placed(withAirflowStep(place, 1)), placed(withAirflowStep(place, -1))],
    },
    {
      input: 'water the medium holds',
      moved: `± ${percent(CAPACITY_OFF)}`,
      ends: [
        { planCase, change: (spec) => withCapacity(spec, 1 - CAPACITY_OFF) },
        { planCase, change: (spec) => withCapacity(spec, 1 + CAPACITY_OFF) },
      ],
    },
  ];
  const longer = withGap(routine, 1.35);
  const shorter = withGap(routine, 0.65);
  if (longer && shorter) {
    const watered = (next: Routine): Moved => ({ planCase: { ...planCase, routine: next as PlanCase['routine'] } });
    variations.push({
      input: 'days between waterings',
      moved: isAssumed('routine') ? 'a third either way (assumed)' : 'a third either way',
      ends: [watered(longer), watered(shorter)],
    });
  }
  return variations;
}

/** specs: the leading setups, best first; two or three are enough to see whether the order holds. */
export function sensitivityOf(
  planCase: PlanCase,
  specs: readonly SetupSpec[],
  onProgress: (done: number, total: number) => void = () => undefined,
  units: WordUnits = metricWords,
): Sensitivity {
  const [leader, ...rivals] = specs;
  if (!leader) throw new RangeError('specs: at least one setup is needed');
  const base = reviewSetup(planCase, leader, units);
  const variations = variationsOf(planCase);
  const swings = variations.map(({ input, moved, ends }, index): Swing => {
    const judged = ends.map(({ planCase: varied, change }) => {
      const own = reviewSetup(varied, change ? change(leader) : leader, units);
      const overtaken = rivals.some((rival) => {
        const other = reviewSetup(varied, change ? change(rival) : rival, units);
        return other.ruledOutBy === null && (own.ruledOutBy !== null || other.score > own.score);
      });
      return { comfort: own.year.comfortable, overtaken };
    });
    onProgress(index + 1, variations.length);
    return {
      input,
      moved,
      lowComfort: judged[0]!.comfort,
      highComfort: judged[1]!.comfort,
      changesOrder: judged.some((end) => end.overtaken),
    };
  });
  const size = (swing: Swing) => Math.abs(swing.highComfort - swing.lowComfort);
  swings.sort((a, b) => size(b) - size(a));
  const plusMinus = Math.sqrt(swings.reduce((sum, swing) => sum + (size(swing) / 2) ** 2, 0));
  const confidence = plusMinus < FIRM_BELOW ? 'firm' : plusMinus < FAIR_BELOW ? 'fair' : 'wide';
  const { assumed } = resolveCase(planCase);
  const first = swings[0]!;
  return {
    comfort: base.year.comfortable,
    plusMinus,
    confidence,
    assumed,
    swings,
    sentence:
      size(first) < 0.01
        ? `Nothing you could be wrong about moves it: ${percent(base.year.comfortable)} comfort holds.`
        : `${percent(base.year.comfortable)} of the year in comfort, give or take ${number(plusMinus * 100, 0)} points; ${first.input} matters most.`,
  };
}
