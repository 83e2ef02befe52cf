/** Fills what a case leaves open, once for everybody, and says what it filled. */
import { round1 } from '../base';
import { type Genus, genusById, hasPseudobulbs } from '../catalogue/genera';
import { type SchoolChoices, type Stance, stanceOf } from '../catalogue/schools';
import type { Holiday, Routine } from '../physics/drydown';
import { heaviestPart, type MediumFamily, type GrowersMedium } from '../physics/media';
import { type Feeding, usualFeeding } from '../physics/salt';
import { type Place, withHeatWave } from '../physics/places';
import { k } from './constants';
import { usualDirection } from './lead-directions';
import { withOverrides } from './genus-overrides';
import { leadsOn, shootsOn } from './growth-map';
import type { MediumCondition } from './medium-condition';
import type { GrowersPot } from './growers-schema';
import { signsOf } from './signs';
import { placeById } from './place-by-id';
import type { Disliked, PlanCase, Wanted } from './plan-case';
import type { MixPartSpec } from './setup-spec';
import { stageFigures } from './stage';
import { ofEach, together } from './together';
import { saltsOfWater } from './water';
import {
  type PseudobulbState,
  type PlantInHand,
  ballOutOfPotCm,
  typicalLeafAreaCm2,
  typicalRootBallCm,
  typicalRootMm,
} from './plant';

export interface CurrentSetup {
  readonly vesselKind: string | null;
  readonly rimDiameterCm: number | null;
  /** That of most parts. */
  readonly mediumId: string | null;
  /** All parts of it; null where nobody said. */
  readonly mix: readonly MixPartSpec[] | null;
  readonly yearsInMedium: number | null;
  readonly condition: MediumCondition | null;
}

/** A case with nothing left open, and the names of what was filled in. */
export interface ResolvedCase {
  readonly plant: PlantInHand;
  readonly place: Place;
  readonly routine: Routine;
  readonly current: CurrentSetup;
  readonly yearsWanted: number | null;
  /** Share of futures that are to stay inside; null where nothing is asked. */
  readonly certainty: number | null;
  /** The widest pot that has room, cm; null where nothing is said. */
  readonly shelfRoomCm: number | null;
  readonly holiday: Holiday | null;
  readonly feeding: Feeding;
  readonly stance: Stance;
  /** The questions the grower settled, by themselves. */
  readonly chosenSchools: SchoolChoices;
  /** Main media that did well or failed in the grower's hands, and what they do not want. */
  /** Ids of the media they have; null where they did not say. */
  readonly mediaAtHand: readonly string[] | null;
  readonly wentWell: readonly MediumFamily[];
  /** By family: pottings that did well, and that did not, of such plants in this place. */
  readonly handsRecord: NonNullable<PlanCase['handsRecord']>;
  readonly wentBadly: readonly MediumFamily[];
  readonly dislikes: readonly Disliked[];
  readonly wants: readonly Wanted[];
  readonly ownMedia: readonly GrowersMedium[];
  readonly ownPots: readonly GrowersPot[];
  /** 0 = January. */
  readonly monthIndex: number;
  readonly assumed: readonly string[];
}

/** The genus of a case: from the catalogue or the grower's own, with this plant's differences. */
export function genusOf(input: Pick<PlanCase, 'genus' | 'genusOverrides'>): Genus {
  const genus = typeof input.genus === 'string' ? genusById(input.genus) : (input.genus as Genus);
  return withOverrides(genus, input.genusOverrides);
}

/** What a plant is filed under: the catalogue's id, or the name of the grower's own genus. */
export function genusIdOf(input: Pick<PlanCase, 'genus'>): string {
  return typeof input.genus === 'string' ? input.genus : input.genus.name;
}

function placeOf(input: PlanCase): Place {
  const place = typeof input.place === 'string' ? placeById(input.place) : (input.place as Place);
  return input.heatWave ? withHeatWave(place, [input.heatWave.month - 1], input.heatWave.warmerC) : place;
}

function currentOf({ current }: PlanCase): CurrentSetup {
  const mix = (current?.mix as readonly MixPartSpec[] | undefined) ?? null;
  const mediumId = mix ? heaviestPart(mix).mediumId : (current?.mediumId ?? null);
  return {
    vesselKind: current?.vesselKind ?? null,
    rimDiameterCm: current?.rimDiameterCm ?? null,
    mediumId,
    mix: mix ?? (mediumId === null ? null : [{ mediumId, parts: 1 }]),
    yearsInMedium: current?.yearsInMedium ?? null,
    condition: current?.condition ?? null,
  };
}

function feedingOf({ waterKind, waterDsM, feed, routine }: PlanCase, genus: Genus): Feeding {
  const usual = usualFeeding(genus.saltTolerance === 'low', routine?.kind === 'misting');
  // A pen knows better than a kind.
  const water = waterDsM ?? (waterKind === undefined ? usual.waterDsM : saltsOfWater[waterKind]);
  // Feed is stated by what it adds to the water.
  const addedDsM = feed?.addsDsM ?? usual.feedDsM - usual.waterDsM;
  return { waterDsM: water, feedDsM: water + addedDsM, everyDays: feed?.everyDays ?? usual.everyDays };
}

/** Throws a RangeError where the case names a place that is not in the book. */
export function resolveCase(input: PlanCase): ResolvedCase {
  const genus = genusOf(input);
  const place = placeOf(input);
  const assumed: string[] = [];
  function given<T>(name: string, value: T | undefined, otherwise: T): T {
    if (value !== undefined) return value;
    assumed.push(name);
    return otherwise;
  }
  const map = input.growthMap ?? null;
  const plantCount = map?.plants.length ?? input.plantCount ?? 1;
  // What stands on the map is counted there.
  const counted = map ? { ...input, shootCount: shootsOn(map) } : input;
  const fronts = map ? Math.max(1, Math.round(leadsOn(map) / plantCount)) : (input.fronts ?? 1);
  const each = ofEach(counted, plantCount);
  const stage = input.stage ?? 'grown';
  const young = stageFigures(stage);
  const usualShoots = genus.habit === 'single stem' ? 1 : k.USUAL_SHOOTS;
  const shootCount = given('shootCount', each.shootCount, young?.shoots ?? usualShoots);
  const rimNowCm = input.current?.rimDiameterCm;
  const typicalBallCm = young?.ballCm ?? typicalRootBallCm(genus, shootCount);
  const expectedBallCm =
    rimNowCm === undefined ? typicalBallCm : ballOutOfPotCm(rimNowCm, typicalBallCm, input.signs?.noPot === true);
  const habit = given('habit', input.habit, genus.habit);
  const heightCm = given('heightCm', input.heightCm, round1(genus.heightCm * (young?.heightShare ?? 1)));
  const plant: PlantInHand = {
    genus,
    rootDiameterMm: given(
      'rootDiameterMm',
      input.rootDiameterMm,
      round1(typicalRootMm(genus) * (young?.rootShare ?? 1)),
    ),
    stage,
    habit,
    plantCount: 1,
    fronts,
    frontsRun: input.frontsRun ?? usualDirection(fronts),
    shootCount,
    growthMap: map,
    rootBallDiameterCm: given('rootBallDiameterCm', each.rootBallDiameterCm, expectedBallCm),
    heightCm,
    leafAreaCm2: given('leafAreaCm2', each.leafAreaCm2, typicalLeafAreaCm2(genus, shootCount, heightCm)),
    signs: signsOf(input.signs),
    liveRootShare: given('liveRootsPct', input.liveRootsPct, young?.livePct ?? 100 * k.LIVE_USUALLY) / 100,
    bulbs: given<PseudobulbState>('bulbs', input.bulbs, hasPseudobulbs(habit) ? 'plump' : 'no bulbs'),
  };
  return {
    plant: together(plant, plantCount, counted),
    place,
    routine: given<Routine>('routine', input.routine, { kind: 'every', days: k.DEFAULT_EVERY_DAYS }),
    current: currentOf(input),
    yearsWanted: input.yearsWanted ?? null,
    certainty: input.certaintyPct === undefined ? null : input.certaintyPct / 100,
    shelfRoomCm: input.shelfRoomCm ?? null,
    holiday: input.holiday ? { fromDay: input.holiday.fromDay - 1, days: input.holiday.days } : null,
    feeding: feedingOf(input, genus),
    stance: stanceOf((input.schools ?? {}) as SchoolChoices),
    chosenSchools: (input.schools ?? {}) as SchoolChoices,
    mediaAtHand: input.mediaAtHand ?? null,
    wentWell: input.wentWell ?? [],
    handsRecord: input.handsRecord ?? [],
    wentBadly: input.wentBadly ?? [],
    dislikes: input.dislikes ?? [],
    wants: input.wants ?? [],
    ownMedia: input.ownMedia ?? [],
    ownPots: input.ownPots ?? [],
    monthIndex: given('month', input.month, place.latitudeDeg >= 0 ? k.SPRING_NORTH : k.SPRING_SOUTH) - 1,
    assumed,
  };
}
