/** Rooms and what is known of them, in words. */
import {
  type Aspect,
  kindTraits,
  type LampStrength,
  meanAir,
  type MonthAir,
  type Reading,
  type RoomDescription,
  type RoomHeating,
  type RoomKind,
  type Shade,
} from '../../physics/places';
import type { FigureOrigin, RoomMonthUnsure, RoomPlace } from '../../rooms';
import { capital, joinAnd, monthNames, number, plural, temperature, type WordUnits } from '../phrasing/format';

export const roomKindWords: Readonly<Record<RoomKind, { readonly name: string; readonly what: string }>> = {
  windowsill: { name: 'Windowsill', what: 'at the pane, in the light of the window' },
  room: { name: 'Room', what: 'some way from the window' },
  'lamp shelf': { name: 'Lamp shelf', what: 'in a room, under lamps' },
  bathroom: { name: 'Bathroom', what: 'at its window, with its steam' },
  cellar: { name: 'Cellar', what: 'cool, little light' },
  glasshouse: { name: 'Glasshouse', what: 'glass or film, heated or not' },
  tent: { name: 'Tent or cabinet', what: 'closed, with lamps, in a room' },
  balcony: { name: 'Balcony', what: 'outdoors, open to one side' },
  veranda: { name: 'Veranda', what: 'outdoors, under a roof' },
  garden: { name: 'Garden', what: 'outdoors, in the rain' },
};

export const aspectWords: Readonly<Record<Aspect, string>> = {
  north: 'North',
  east: 'East',
  south: 'South',
  west: 'West',
};
export const shadeWords: Readonly<Record<Shade, string>> = { open: 'Open', partly: 'Some shade', much: 'Deep shade' };
export const heatingWords: Readonly<Record<RoomHeating, string>> = {
  warm: 'Warm',
  'a little': 'A little',
  none: 'Not heated',
};
export const lampWords: Readonly<Record<LampStrength, string>> = {
  weak: 'Weak',
  middling: 'Middling',
  strong: 'Strong',
};

const originWords: Readonly<Record<FigureOrigin, string>> = {
  'your readings': 'your readings',
  'what you said': 'what you said',
  'stations near you': 'climate stations near you',
  'rooms of this kind': 'the air outside and rooms of this kind',
};

/** As it stands in a sentence: "in my kitchen". */
export const usualRoomName = (kind: RoomKind): string => `my ${roomKindWords[kind].name.toLowerCase()}`;

const onIt: ReadonlySet<RoomKind> = new Set(['windowsill', 'lamp shelf', 'balcony', 'veranda']);

/** Before the name of a place. */
export const inOrOn = (kind: RoomKind | undefined): 'in' | 'on' => (kind && onIt.has(kind) ? 'on' : 'in');

/** What a place is, for whoever reads of it later: "Windowsill in Utrecht, Netherlands, looks east." */
export function roomNote({ kind, town, aspect }: RoomDescription): string {
  const where = town.name === '' ? ` at ${number(town.latitudeDeg, 0)}° of latitude` : ` in ${town.name}`;
  const looks = kindTraits[kind].hasWindow ? `, looks ${aspect}` : '';
  return `${roomKindWords[kind].name}${where}${looks}.`;
}

/** "January: 21 °C by day, 17 °C at night, 46 ± 8 % humidity". */
export function roomMonthLine(month: MonthAir, monthIndex: number, unsure: RoomMonthUnsure, units: WordUnits): string {
  const { relativeHumidityPct } = meanAir(month);
  const [day, night] = [month.day, month.night].map((half) => temperature(half.temperatureC, units));
  const humidity = `${number(relativeHumidityPct, 0)} ± ${number(unsure.humidityPoints, 0)} %`;
  return `${monthNames[monthIndex]}: ${day} by day, ${night} at night, ${humidity} humidity`;
}

const NEAR_SHARE = 0.15;

/** Where its figures come from, in one or two sentences. */
export function roomOriginLine({ stations, origins, altitudeM }: RoomPlace): string {
  const near = stations.filter(({ share }) => share >= NEAR_SHARE);
  const named = near.map(({ name, distanceKm }) => `${name} (${number(distanceKm, 0)} km)`).join(', ');
  const outside = named === '' ? 'The air outside is that of this latitude' : `The air outside is that of ${named}`;
  const told = [...new Set([origins.temperature, origins.humidity, origins.light])].map((origin) => {
    const figures = (['temperature', 'humidity', 'light'] as const).filter((figure) => origins[figure] === origin);
    return `${joinAnd(figures)} from ${originWords[origin]}`;
  });
  const inside = told.join('; ');
  return `${outside}, ${number(altitudeM, 0)} m above the sea. ${capital(inside)}.`;
}

export const townInWords = (town: {
  readonly name: string;
  readonly region: string;
  readonly country: string;
}): string => [town.name, town.region, town.country].filter((part) => part !== '').join(', ');

export const noSuchTown = (typed: string): string =>
  `No town is found for “${typed}”. Try a larger one near you, or give the latitude.`;
export const placeSavedForBench = (name: string): string => `${name} is saved. The bench now plans for it.`;

/** "12 plants in 3 places." places: null where they are not told. */
export const collectionLine = (plants: number, places: number | null): string =>
  places === null
    ? `${plural(plants, 'plant')}.`
    : `${plural(plants, 'plant')} in ${plural(places, 'place')} of your own.`;
export const exampleRemoved = 'The example collection is removed.';

export const answeredAnew = (name: string): string => `${name}, answered anew`;
/** "Read in January: 38 %". */
export const readingLine = ({ month, relativeHumidityPct }: Reading): string =>
  `Read in ${monthNames[month - 1]}: ${number(relativeHumidityPct, 0)} %`;
