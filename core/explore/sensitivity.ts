/**
 * How sure is the answer? Each input is moved as far as it may be off, and the leading setup judged
 * anew: what swings its fine days most matters most, and all swings together say how wide the answer is.
 */
import { verdictOn } from '../advise';
import { ranges } from '../base';
import { mediumOfPart, type PlanCase, resolveCase, type SetupSpec } from '../case';
import { potKindById } from '../catalogue/vessels';
import { type AirflowClass, airflowClasses } from '../physics/air';
import type { ModelDoubt, Routine } from '../physics/drydown';
import type { Place } from '../physics/places';
import type { YearReport } from '../physics/year';
import { k } from './constants';

export type SwingInput =
  | 'root thickness'
  | 'root ball'
  | 'leaf area'
  | 'humidity'
  | 'air movement'
  | 'water the medium holds'
  | 'days between waterings'
  | 'how media take water'
  | 'flow of the wicks'
  | 'contact with the clay';

/** How far an input was moved either way. */
export type MovedBy =
  | { readonly by: 'share'; readonly share: number }
  | { readonly by: 'points'; readonly points: number }
  | { readonly by: 'class' }
  | { readonly by: 'third'; readonly isAssumed: boolean };

export interface SwingFact {
  readonly input: SwingInput;
  readonly moved: MovedBy;
  /** Share of the year that is fine with the input moved down and up, 0..1. */
  readonly lowFine: number;
  readonly highFine: number;
  /** Whether another of the leading setups overtakes the first at either end. */
  readonly changesOrder: boolean;
}

export interface SensitivityFacts {
  /** Share of the year that is fine, 0..1. */
  readonly fine: number;
  /** Likely range of it: root of the sum of squares of half the swings, 0..1. */
  readonly plusMinus: number;
  readonly confidence: 'firm' | 'fair' | 'wide';
  /** What was not told and had to be assumed. */
  readonly assumed: readonly string[];
  /** Largest swing first. */
  readonly swings: readonly SwingFact[];
}

interface Variation {
  readonly input: SwingInput;
  readonly moved: MovedBy;
  /** The case (and setup) moved down and up. */
  readonly ends: readonly [Moved, Moved];
}

interface Moved {
  readonly planCase: PlanCase;
  readonly change?: (spec: SetupSpec) => SetupSpec;
  readonly doubt?: ModelDoubt;
}

function withHumidity(place: Place, points: number): Place {
  const moved = (pct: number) => Math.min(k.MOST_HUMIDITY_PCT, Math.max(k.LEAST_HUMIDITY_PCT, pct + points));
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
  const stepped = (airflow: AirflowClass): AirflowClass =>
    airflowClasses[Math.min(airflowClasses.length - 1, Math.max(0, airflowClasses.indexOf(airflow) + step))]!;
  return {
    ...place,
    airflow: stepped(place.airflow),
    months: place.months.map((month) =>
      month.elsewhere
        ? { ...month, elsewhere: { ...month.elsewhere, airflow: stepped(month.elsewhere.airflow) } }
        : month,
    ),
  };
}

function withGap(routine: Routine, factor: number): Routine | null {
  if (routine.kind !== 'every') return null;
  const days = Math.min(ranges.everyDays.max, Math.max(ranges.everyDays.min, Math.round(routine.days * factor)));
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
              const airShare = Math.max(k.LEAST_AIR, medium.airAt10cm + medium.capacityAt10cm - capacityShare);
              return {
                ...part,
                own: {
                  name: medium.name,
                  likeId: part.mediumId,
                  smallMm: medium.d10Mm,
                  largeMm: medium.d90Mm,
                  airShare,
                  capacityShare,
                },
              };
            }),
          },
    ),
  };
}

type ScaledKey = 'rootDiameterMm' | 'rootBallDiameterCm' | 'leafAreaCm2';

/** How far a measure may be off, measured or only assumed, as a share. */
const scaledInputs: readonly {
  readonly input: SwingInput;
  readonly key: ScaledKey;
  readonly measuredOff: number;
  readonly assumedOff: number;
}[] = [
  { input: 'root thickness', key: 'rootDiameterMm', measuredOff: k.ROOT_OFF, assumedOff: k.ROOT_ASSUMED_OFF },
  { input: 'root ball', key: 'rootBallDiameterCm', measuredOff: k.BALL_OFF, assumedOff: k.BALL_ASSUMED_OFF },
  { input: 'leaf area', key: 'leafAreaCm2', measuredOff: k.LEAF_OFF, assumedOff: k.LEAF_ASSUMED_OFF },
];

function variationsOf(planCase: PlanCase, leader: SetupSpec): readonly Variation[] {
  const { plant, place, routine, assumed } = resolveCase(planCase);
  const placed = (moved: Place): Moved => ({
    planCase: { ...planCase, place: moved as PlanCase['place'], heatWave: undefined },
  });
  const variations: Variation[] = scaledInputs.map(({ input, key, measuredOff, assumedOff }) => {
    const share = assumed.includes(key) ? assumedOff : measuredOff;
    const { min, max } = ranges[key];
    const end = (factor: number): Moved => ({
      planCase: { ...planCase, [key]: Math.min(max, Math.max(min, plant[key] * factor)) },
    });
    return { input, moved: { by: 'share', share }, ends: [end(1 - share), end(1 + share)] };
  });
  variations.push(
    {
      input: 'humidity',
      moved: { by: 'points', points: k.HUMIDITY_OFF_POINTS },
      ends: [placed(withHumidity(place, -k.HUMIDITY_OFF_POINTS)), placed(withHumidity(place, k.HUMIDITY_OFF_POINTS))],
    },
    {
      input: 'air movement',
      moved: { by: 'class' },
      ends: [placed(withAirflowStep(place, 1)), placed(withAirflowStep(place, -1))],
    },
    {
      input: 'water the medium holds',
      moved: { by: 'share', share: k.CAPACITY_OFF },
      ends: [
        { planCase, change: (spec) => withCapacity(spec, 1 - k.CAPACITY_OFF) },
        { planCase, change: (spec) => withCapacity(spec, 1 + k.CAPACITY_OFF) },
      ],
    },
  );
  variations.push(...modelDoubts(planCase, leader));
  const longer = withGap(routine, 1 + k.GAP_OFF);
  const shorter = withGap(routine, 1 - k.GAP_OFF);
  if (longer && shorter) {
    const watered = (next: Routine): Moved => ({ planCase: { ...planCase, routine: next as PlanCase['routine'] } });
    variations.push({
      input: 'days between waterings',
      moved: { by: 'third', isAssumed: assumed.includes('routine') },
      ends: [watered(longer), watered(shorter)],
    });
  }
  return variations;
}

/** What the model itself knows least, as far as the leading setup has it. */
function modelDoubts(planCase: PlanCase, { vessel }: SetupSpec): readonly Variation[] {
  const pair = (input: SwingInput, key: keyof ModelDoubt, share: number): Variation => {
    const end = (factor: number): Moved => ({ planCase, doubt: { ...NO_DOUBT, [key]: factor } });
    return { input, moved: { by: 'share', share }, ends: [end(1 - share), end(1 + share)] };
  };
  const doubts = [pair('how media take water', 'wetting', k.WETTING_OFF)];
  if (vessel.kind === 'mount') return doubts;
  const kind = potKindById(vessel.potKindId);
  if (kind.reservoir === 'wicks') doubts.push(pair('flow of the wicks', 'wickFlow', k.WICK_OFF));
  if (kind.wall === 'unglazed clay') doubts.push(pair('contact with the clay', 'contact', k.CONTACT_OFF));
  return doubts;
}

const NO_DOUBT: ModelDoubt = { wickFlow: 1, wetting: 1, contact: 1 };

function fineShareOf(year: YearReport): number {
  return year.fineDays / year.months.reduce((sum, month) => sum + month.fineDays + month.watchDays + month.harmDays, 0);
}

/** specs: the leading setups, best first; two or three are enough to see whether the order holds. */
export function sensitivityOf(
  planCase: PlanCase,
  specs: readonly SetupSpec[],
  onProgress: (done: number, total: number) => void = () => undefined,
): SensitivityFacts {
  const [leader, ...rivals] = specs;
  if (!leader) throw new RangeError('specs: at least one setup is needed');
  const base = verdictOn(planCase, leader);
  const variations = variationsOf(planCase, leader);
  const swings = variations.map(({ input, moved, ends }, index): SwingFact => {
    const judged = ends.map(({ planCase: varied, change, doubt }) => {
      const own = verdictOn(varied, change ? change(leader) : leader, doubt);
      const overtaken = rivals.some((rival) => {
        const other = verdictOn(varied, change ? change(rival) : rival, doubt);
        return !other.isRuledOut && (own.isRuledOut || other.score > own.score);
      });
      return { fine: fineShareOf(own.year), overtaken };
    });
    onProgress(index + 1, variations.length);
    return {
      input,
      moved,
      lowFine: judged[0]!.fine,
      highFine: judged[1]!.fine,
      changesOrder: judged.some((end) => end.overtaken),
    };
  });
  const size = (swing: SwingFact) => Math.abs(swing.highFine - swing.lowFine);
  swings.sort((a, b) => size(b) - size(a));
  const plusMinus = Math.sqrt(swings.reduce((sum, swing) => sum + (size(swing) / 2) ** 2, 0));
  const confidence = plusMinus < k.FIRM_BELOW ? 'firm' : plusMinus < k.FAIR_BELOW ? 'fair' : 'wide';
  const { assumed } = resolveCase(planCase);
  return { fine: fineShareOf(base.year), plusMinus, confidence, assumed, swings };
}
