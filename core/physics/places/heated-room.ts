/**
 * A room inside an outdoor climate. The room's air is the outdoor air, warmed: it keeps the vapour it
 * came with and takes up what people, plants and kitchens add. That is why heated rooms are dry in
 * winter. The added moisture follows the humidity classes of EN ISO 13788 (class 2, ordinary
 * dwellings: 4 g/m³ at 0 °C outside and below, falling in a straight line to 0 at 20 °C; from memory).
 */
import { round1 } from '../../base';
import { relativeHumidityOfVapourPct, saturationVapourDensityGM3 } from '../air';
import { k } from './constants';
import type { MonthAir, Place } from './place';

export interface Heating {
  /** Thermostat by day and night, °C; in warmer weather the room follows the outside. */
  readonly dayC: number;
  readonly nightC: number;
  /** Moisture added at 0 °C outside, g/m³: 2 airy, 4 ordinary, 6 many people or plants. */
  readonly moistureGM3: number;
  /** Share of the outdoor light that falls on the pot, 0..1. */
  readonly lightShare: number;
}

export const ORDINARY_HEATING: Heating = { dayC: 21, nightC: 18, moistureGM3: 4, lightShare: 0.15 };

function moistureExcessGM3(outsideC: number, moistureGM3: number): number {
  return moistureGM3 * Math.min(1, Math.max(0, (k.NO_EXCESS_FROM_C - outsideC) / k.NO_EXCESS_FROM_C));
}

function inside(half: MonthAir['day'], thermostatC: number, heating: Heating): MonthAir['day'] {
  const temperatureC = Math.max(thermostatC, half.temperatureC + k.UNHEATED_GAIN_C);
  const outdoorGM3 = saturationVapourDensityGM3(half.temperatureC) * (half.relativeHumidityPct / 100);
  const vapourGM3 = outdoorGM3 + moistureExcessGM3(half.temperatureC, heating.moistureGM3);
  return {
    temperatureC: round1(temperatureC),
    relativeHumidityPct: Math.round(
      Math.max(1, Math.min(k.MOST_HUMIDITY_PCT, relativeHumidityOfVapourPct(vapourGM3, temperatureC))),
    ),
  };
}

/** The indoor place that a heated room in this climate is. */
export function heatedRoom(outdoor: Place, heating: Heating = ORDINARY_HEATING): Place {
  return {
    ...outdoor,
    note: '',
    setting: 'indoor',
    airflow: 'still room',
    months: outdoor.months.map((month) => ({
      day: inside(month.day, heating.dayC, heating),
      night: inside(month.night, heating.nightC, heating),
      lightHours: month.lightHours,
      lightWattsPerM2: Math.round(month.lightWattsPerM2 * heating.lightShare),
      rainMm: 0,
      rainDays: 0,
    })),
  };
}
