/** What a climate station tells: monthly normals of the air in its screen, and the rain. */
import type { Provenance } from '../../base';

/** Köppen and Geiger's zones, by their letters. */
export const climateZones = [
  'Af',
  'Am',
  'Aw',
  'BWh',
  'BWk',
  'BSh',
  'BSk',
  'Csa',
  'Csb',
  'Cfa',
  'Cfb',
  'Cfc',
  'Cwa',
  'Cwb',
  'Dfa',
  'Dfb',
  'Dfc',
  'Dwa',
  'Dwb',
] as const;
export type ClimateZone = (typeof climateZones)[number];

export interface ClimateStation {
  readonly name: string;
  /** ISO 3166 letters of its country. */
  readonly country: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly altitudeM: number;
  readonly zone: ClimateZone;
  /** January to December: mean of the daily highest and lowest temperatures, °C. */
  readonly highC: readonly number[];
  readonly lowC: readonly number[];
  /** Mean relative humidity over day and night, %. */
  readonly humidityPct: readonly number[];
  /** Rain and melted snow, mm a month. */
  readonly rainMm: readonly number[];
  readonly provenance: Provenance;
}

type Row = readonly [
  name: string,
  country: string,
  latitudeDeg: number,
  longitudeDeg: number,
  altitudeM: number,
  zone: ClimateZone,
  highC: readonly number[],
  lowC: readonly number[],
  humidityPct: readonly number[],
  rainMm: readonly number[],
];

/** Normals as they are widely told, rounded, from memory: no table of a weather service was copied. */
export function stationsOf(rows: readonly Row[]): readonly ClimateStation[] {
  return rows.map(([name, country, latitudeDeg, longitudeDeg, altitudeM, zone, highC, lowC, humidityPct, rainMm]) => ({
    name,
    country,
    latitudeDeg,
    longitudeDeg,
    altitudeM,
    zone,
    highC,
    lowC,
    humidityPct,
    rainMm,
    provenance: { kind: 'memory' },
  }));
}
