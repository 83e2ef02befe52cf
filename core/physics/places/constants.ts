import { byChoice, fromMemory, fromSource, numbersOf } from '../../base';

export const placeConstants = {
  UNHEATED_GAIN_C: fromMemory(2, '°C', 'a closed room is warmer than the air outside even without heating'),
  NO_EXCESS_FROM_C: fromSource(
    20,
    '°C',
    'EN ISO 13788, humidity classes, from memory',
    'outside: from here on rooms are aired and no moister than outdoors',
  ),
  MOST_HUMIDITY_PCT: fromMemory(95, '%', 'a room is not damper: walls take the rest'),
  ROOM_LIGHT_W_M2: fromMemory(20, 'W/m²', 'that a pot near a window takes up by day, where nothing is said'),
  USUAL_LAMP_H: fromMemory(13, 'h', 'of lamps a day, where nothing is said'),
  CALM_NIGHT_SHARE: fromMemory(0.5, 'share', 'of the day’s wind blows at night outdoors'),
  NIGHT_TO_GO_OUT_C: fromMemory(
    12,
    '°C',
    'mean of the nights of a month from which a collection of mixed kinds is taken outside',
  ),
  NORTHERN_MIDSUMMER_DAY: fromMemory(172, 'day of the year', 'of the longest day in the north'),
  SEASON_LIGHT_H: byChoice(1, 'h', 'between longest and shortest day from which days tell the season'),
  SEASON_HUMIDITY_POINTS: byChoice(8, 'points', 'between the dampest and the driest month from which damp does'),
} as const;

export const k = numbersOf(placeConstants);
