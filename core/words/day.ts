/** A potting day in sentences: why in this turn, what to do at each step with its amounts, what is short, what to bring. */
import { MINUTES_PER_HOUR } from '../base';
import type { RecipeLine } from '../advise';
import type { DepthRule } from '../catalogue/genera';
import { potKindById, mountKindById } from '../catalogue/vessels';
import { mediumById } from '../catalogue/media';
import type {
  Batch,
  BringKind,
  DayStep,
  DayTime,
  Instead,
  PreparedDay,
  PreparedPlant,
  Shortage,
  StepKind,
  TurnReason,
} from '../day';
import { cm, litres, number, type WordUnits } from './phrasing/format';
import { wordFinding } from './rules/sentences';
import { stockAmountText, thingText } from './stock';
import { gradeText, mixText, setupTitle, vesselText } from './phrasing/titles';

export const stepNames: Readonly<Record<StepKind, string>> = {
  soak: 'Soak',
  unpot: 'Unpot and look',
  clean: 'Clean the roots',
  fizz: 'Let it fizz',
  pot: 'Pot it',
  flush: 'Flush',
  drain: 'Drain and label',
};

const turnWords: Readonly<Record<TurnReason, string>> = {
  'cannot wait': 'Cannot wait: first thing.',
  'sick comes last': 'Something on it may spread: last, with its own blade.',
  'same mix': 'The same mix is out.',
  'dirty before clean': 'Full of rotten medium: before the clean work.',
  'out of the sun': 'A shade plant: while the bench is out of the sun.',
  'large before tired': 'A large one, while arms are fresh.',
  'as it fits': 'Where it fits best.',
};

const bringWords: Readonly<Record<BringKind, string>> = {
  blade: 'Sharp blade',
  'flame or alcohol': 'Flame or alcohol for it, one far from the other',
  'second blade': 'A second blade and cloth for what may be sick',
  gloves: 'Gloves',
  mask: 'Dust mask',
  peroxide: 'Peroxide at 3 %',
  goggles: 'Goggles',
  bucket: 'Bucket or tub for soaking',
  'tub and scoop': 'Tub and a measured scoop for the mixes',
  sieve: 'Sieve for rinsing dust out',
  'tags and pencil': 'Tags and a pencil',
  'stakes and ties': 'Stakes and soft ties',
  'thread or wire': 'Thread or wire for mounts',
  wicks: 'Wicks, washed or new',
  'drainage mesh': 'Mesh over the holes, for fine pieces',
  'bin bag': 'A bag for the old medium: it goes in the bin',
};

const depthWords: Readonly<Record<DepthRule, string>> = {
  'on the surface': 'base on the surface',
  'base just tucked in': 'base just under the surface',
  'all roots covered': 'every root covered, base just under',
  'bulb 4 cm under': 'bulb 4 cm under',
};

const positionWords: Readonly<Record<PreparedPlant['placement']['position'], string>> = {
  centre: 'in the middle',
  'back to the wall': 'oldest part against the wall, growth towards the open side',
  'behind the middle': 'a little behind the middle, growth towards the open side',
  'on the diagonal': 'on the diagonal, growth towards the far corner',
  'backs together': 'backs together in the middle, growth outwards',
  'side by side': 'side by side, growth the same way',
  'on the mount': 'on the mount',
};

export const minutesText = (minutes: number): string => `${number(Math.max(1, minutes), 0)} min`;

function layerLines({ recipe, setup }: PreparedPlant, units: WordUnits): readonly string[] {
  const byLayer = new Map<RecipeLine['layer'], RecipeLine[]>();
  for (const line of recipe) byLayer.set(line.layer, [...(byLayer.get(line.layer) ?? []), line]);
  return setup.layers.flatMap(({ role, heightCm, mix }) => {
    const lines = byLayer.get(role) ?? [];
    if (lines.length === 0) return [];
    const takeL = lines.reduce((sum, line) => sum + line.takeL, 0);
    return [
      `${cm(heightCm, units)} ${role === 'main' ? 'of' : `${role}:`} ${mixText(mix, units).toLowerCase()} (${litres(takeL)})`,
    ];
  });
}

function potSentence(plant: PreparedPlant, units: WordUnits): string {
  const { setup, placement } = plant;
  const { vessel } = setup;
  const layers = layerLines(plant, units);
  if (vessel.kind === 'mount') {
    const pad = layers.length > 0 ? `over ${layers.join(', ')}` : 'roots bare';
    return `Tie it to the ${mountKindById(vessel.mountKindId).name.toLowerCase()}, ${cm(vessel.widthCm, units)}, ${pad}; nothing may move.`;
  }
  const wicks = vessel.wickCount
    ? ` Draw in ${vessel.wickCount === 1 ? 'one wick' : `${vessel.wickCount} wicks`}.`
    : '';
  const stand = `${positionWords[placement.position]}, ${depthWords[placement.depth]}`;
  return `${cm(vessel.rimDiameterCm, units)} ${potKindById(vessel.potKindId).name.toLowerCase()}.${wicks} From the bottom ${layers.join(', then ')}. Plant ${stand}.`;
}

function stepSentence(kind: StepKind, plant: PreparedPlant, units: WordUnits): string {
  switch (kind) {
    case 'soak':
      return 'Stand it in water: wet roots bend, dry ones snap.';
    case 'unpot':
      return 'Clean the blade. Tilt it out away from new root tips, and look at all of it.';
    case 'clean':
      return plant.work.isDirty
        ? 'Take off the old medium as far as it comes willingly, rinse, cut dead roots.'
        : 'Shake off what comes willingly, cut dead roots.';
    case 'fizz':
      return 'Spray the cuts with peroxide at 3 % and leave it to fizz out. Go on with the next meanwhile.';
    case 'pot':
      return potSentence(plant, units);
    case 'flush':
      return 'Flush until the run-off is clear.';
    case 'drain':
      return 'Let it drain. Tag with day and mix.';
  }
}

export interface WordedStep extends DayStep {
  readonly name: string;
  readonly sentence: string;
  /** Cautions that apply here, and were not said today. */
  readonly cautions: readonly string[];
}

export interface WordedDayPlant extends PreparedPlant {
  readonly title: string;
  readonly vesselText: string;
  readonly turnText: string;
  /** What is said of the pot it gets; empty where it is the one wanted, from the shelf. */
  readonly potText: string;
  readonly stepTexts: readonly WordedStep[];
  /** What the rules of the trade ask for on the way. */
  readonly advice: readonly string[];
}

function potText({ pot }: PreparedPlant, nameOf: (id: string) => string, units: WordUnits): string {
  const lost = pot.wantedPotWentTo === null ? '' : ` The one that fits better goes to ${nameOf(pot.wantedPotWentTo)}.`;
  if (pot.from === null) return `Not on the shelf: to be bought.${lost}`;
  const off = pot.rimOffCm;
  const size = Math.abs(off) < LEAST_OFF_CM ? '' : `${cm(Math.abs(off), units)} ${off > 0 ? 'wider' : 'narrower'}`;
  const differs = [size, pot.isOtherKind ? 'another kind' : ''].filter(Boolean).join(', ');
  return differs === '' ? '' : `From the shelf, ${differs} than wanted.${lost}`;
}

const LEAST_OFF_CM = 0.25;

function wordPlant(plant: PreparedPlant, nameOf: (id: string) => string, units: WordUnits): WordedDayPlant {
  const { cautions, work, setup, turn } = plant;
  const kinds = work.steps.map(({ kind }) => kind);
  // A caution whose step falls away is said where hands begin.
  const stepFor = (kind: StepKind): StepKind => (kinds.includes(kind) ? kind : 'unpot');
  return {
    ...plant,
    title: setupTitle(setup, units),
    vesselText: vesselText(setup, units),
    turnText: turnWords[turn],
    potText: potText(plant, nameOf, units),
    stepTexts: work.steps.map((step) => ({
      ...step,
      name: stepNames[step.kind],
      sentence: stepSentence(step.kind, plant, units),
      cautions: cautions.cautions
        .filter((caution) => stepFor(caution.step) === step.kind)
        .map(({ finding }) => wordFinding(finding, units).sentence),
    })),
    advice: cautions.steps.map((finding) => wordFinding(finding, units).sentence),
  };
}

export interface WordedBatch extends Batch {
  readonly title: string;
  readonly bagTexts: readonly string[];
}

function wordBatch(batch: Batch, units: WordUnits): WordedBatch {
  return {
    ...batch,
    title: mixText(batch.mix, units),
    bagTexts: batch.bags.map((bag) => `${litres(bag.takeL)} ${bag.ownName ?? gradeText(bag, units)}`),
  };
}

export interface WordedShortage extends Shortage {
  readonly sentence: string;
  readonly insteadTexts: readonly string[];
}

function insteadText({ mediumId, spareL, pieces, wets }: Instead, units: WordUnits): string {
  const { name, pieceShape, d10Mm: smallMm, d90Mm: largeMm } = mediumById(mediumId);
  const differs = [pieces, wets].filter((word) => word !== null).join(' and ');
  return `${gradeText({ name, pieceShape, smallMm, largeMm }, units)}, ${litres(spareL)} to spare${differs ? `: ${differs}` : ''}`;
}

function wordShortage(shortage: Shortage, units: WordUnits): WordedShortage {
  const { thing, there, needed, shortBy } = shortage;
  const amount = (value: number) => stockAmountText(thing, value);
  return {
    ...shortage,
    sentence: `${thingText(thing, units)}: ${amount(needed)} needed, ${amount(there)} there, ${amount(shortBy)} short.`,
    insteadTexts: shortage.instead.map((instead) => insteadText(instead, units)),
  };
}

/** "2 h 40 min", to five minutes. */
export function spanText(minutes: number): string {
  const rounded = 5 * Math.max(1, Math.round(minutes / 5));
  const [hours, rest] = [Math.floor(rounded / MINUTES_PER_HOUR), rounded % MINUTES_PER_HOUR];
  return [hours > 0 ? `${hours} h` : '', rest > 0 ? `${rest} min` : ''].filter(Boolean).join(' ');
}

/** "14:05". */
export function clockText(minuteOfDay: number): string {
  const minute = Math.round(minuteOfDay);
  const pad = (value: number) => String(value).padStart(2, '0');
  return `${pad(Math.floor(minute / MINUTES_PER_HOUR) % 24)}:${pad(minute % MINUTES_PER_HOUR)}`;
}

function timeText({ endMin, leastMin, mostMin, fits, availableMin }: DayTime): string {
  const span = `About ${spanText(endMin)}, in eight days of ten between ${spanText(leastMin)} and ${spanText(mostMin)}.`;
  return fits ? span : `${span} That is more than the ${spanText(availableMin)} there are.`;
}

export interface DayAnswer extends Omit<PreparedDay, 'plants' | 'batches' | 'shortages'> {
  readonly plants: readonly WordedDayPlant[];
  readonly batches: readonly WordedBatch[];
  readonly shortages: readonly WordedShortage[];
  readonly bringTexts: readonly string[];
  readonly beforehandTexts: readonly string[];
  readonly timeText: string;
  /** Names of what to leave for another day; empty where all of it fits. */
  readonly dropText: string;
}

export function wordDay(day: PreparedDay, units: WordUnits): DayAnswer {
  const names = new Map(day.plants.map(({ id, name }) => [id, name]));
  const nameOf = (id: string): string => names.get(id) ?? id;
  return {
    ...day,
    plants: day.plants.map((plant) => wordPlant(plant, nameOf, units)),
    batches: day.batches.map((batch) => wordBatch(batch, units)),
    shortages: day.shortages.map((shortage) => wordShortage(shortage, units)),
    beforehandTexts: day.beforehand.map((finding) => wordFinding(finding, units).sentence),
    bringTexts: day.bring.map((kind) => bringWords[kind]),
    timeText: timeText(day.time),
    dropText:
      day.drop.length === 0 ? '' : `To be sure of the rest, leave for another day: ${day.drop.map(nameOf).join(', ')}.`,
  };
}
