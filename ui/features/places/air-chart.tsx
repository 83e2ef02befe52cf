'use client';

/** The air of a place over its year: day, night and humidity. */
import { meanAir, type Place } from '@core';
import { YearChart } from './year-chart';

export function AirChart({ place: { months } }: { readonly place: Pick<Place, 'months'> }) {
  return (
    <YearChart
      title="Temperature and humidity"
      lines={[
        { label: 'day', values: months.map(({ day }) => day.temperatureC), axis: 'temperature' },
        { label: 'night', values: months.map(({ night }) => night.temperatureC), axis: 'temperature', isDashed: true },
        { label: 'humidity', values: months.map((month) => meanAir(month).relativeHumidityPct), axis: 'humidity' },
      ]}
    />
  );
}
