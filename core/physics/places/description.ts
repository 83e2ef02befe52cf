/** What a grower says of a place: where it lies, what it is, and what is known of its air. */
import { k } from './constants';

export const roomKinds = [
  'windowsill',
  'room',
  'lamp shelf',
  'bathroom',
  'cellar',
  'glasshouse',
  'tent',
  'balcony',
  'veranda',
  'garden',
] as const;
export type RoomKind = (typeof roomKinds)[number];

/** Which way its window or open side looks. */
export const aspects = ['north', 'east', 'south', 'west'] as const;
export type Aspect = (typeof aspects)[number];

export const shades = ['open', 'partly', 'much'] as const;
/** What stands before it: nothing, some trees or houses, a lot. */
export type Shade = (typeof shades)[number];

export const heatings = ['warm', 'a little', 'none'] as const;
export type Heating = (typeof heatings)[number];

export const lampStrengths = ['weak', 'middling', 'strong'] as const;
export type LampStrength = (typeof lampStrengths)[number];

export interface HomeTown {
  readonly name: string;
  readonly latitudeDeg: number;
  /** Null: only the latitude is known. */
  readonly longitudeDeg: number | null;
  /** Null: as high as its nearest station. */
  readonly altitudeM: number | null;
}

export interface Reading {
  /** 1 to 12. */
  readonly month: number;
  /** Over day and night. */
  readonly relativeHumidityPct: number;
}

export interface RoomDescription {
  readonly town: HomeTown;
  readonly kind: RoomKind;
  readonly aspect: Aspect;
  readonly shade: Shade;
  readonly hasCurtain: boolean;
  readonly heating: Heating;
  readonly isCooled: boolean;
  readonly hasMovingAir: boolean;
  readonly hasManyPlants: boolean;
  readonly hasHumidifier: boolean;
  readonly lampHours: number;
  readonly lampStrength: LampStrength;
  /** Readings of a hygrometer, at most one for each month. */
  readonly readings: readonly Reading[];
  /** Of a thermometer over the year; null: nobody looked. */
  readonly lowestC: number | null;
  readonly highestC: number | null;
}

/** A day of every year. */
export interface YearDay {
  /** 1 to 12. */
  readonly month: number;
  /** 1 to 31. */
  readonly day: number;
}

export interface PlaceName {
  readonly id: string;
  readonly name: string;
}

/** From one day to another, both of them there; over the turn of the year where the first is the later one. */
export interface DaysAway {
  readonly from: YearDay;
  readonly to: YearDay;
}

export interface TimeAway extends DaysAway {
  readonly home: PlaceName;
  readonly away: PlaceName;
}

/** What is asked of which kind: nothing that would change nothing. */
interface KindTraits {
  readonly isOutdoors: boolean;
  readonly hasWindow: boolean;
  readonly hasLamps: boolean;
  readonly isHeated: boolean;
}

const indoors: KindTraits = { isOutdoors: false, hasWindow: true, hasLamps: false, isHeated: true };
const outdoors: KindTraits = { isOutdoors: true, hasWindow: true, hasLamps: false, isHeated: false };

export const kindTraits: Readonly<Record<RoomKind, KindTraits>> = {
  windowsill: indoors,
  room: indoors,
  bathroom: indoors,
  cellar: { ...indoors, isHeated: false },
  'lamp shelf': { ...indoors, hasWindow: false, hasLamps: true },
  tent: { ...indoors, hasWindow: false, hasLamps: true },
  glasshouse: { ...indoors, hasWindow: false },
  balcony: outdoors,
  veranda: outdoors,
  garden: { ...outdoors, hasWindow: false },
};

/** As nearly all places of a kind are, until somebody says otherwise. */
export function usualRoom(town: HomeTown, kind: RoomKind): RoomDescription {
  return {
    town,
    kind,
    // Towards the sun.
    aspect: town.latitudeDeg >= 0 ? 'south' : 'north',
    shade: 'open',
    hasCurtain: false,
    heating: 'warm',
    isCooled: false,
    hasMovingAir: kind === 'tent' || kind === 'glasshouse',
    hasManyPlants: false,
    hasHumidifier: false,
    lampHours: k.USUAL_LAMP_H,
    lampStrength: 'middling',
    readings: [],
    lowestC: null,
    highestC: null,
  };
}
