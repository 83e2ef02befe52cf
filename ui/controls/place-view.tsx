'use client';

import { dryingPowerMmPerDay, monthDrying, type Place } from '@core';
import { monthNames, number, temperature } from '@core/words';
import { useUnits } from '../data/units-context';
import styles from './entry-view.module.css';

/** A place month by month, with how hard its air dries a wet surface. */
export function PlaceView({ place, isInvented }: { readonly place: Place; readonly isInvented: boolean }) {
  const { units } = useUnits();
  return (
    <article className={styles.entry}>
      <header>
        <h2>{place.name}</h2>
      </header>
      <p>
        {place.note} {place.setting === 'outdoor' ? 'Outdoors' : 'Indoors'}, {place.airflow}.
        {isInvented ? ' Invented, as an example.' : ''}
      </p>
      <table className={styles.months}>
        <thead>
          <tr>
            <th scope="col">month</th>
            <th scope="col">day</th>
            <th scope="col">night</th>
            <th scope="col">light</th>
            <th scope="col">rain</th>
            <th scope="col">dries a wet surface by</th>
          </tr>
        </thead>
        <tbody>
          {place.months.map((month, i) => (
            <tr key={i}>
              <th scope="row">{monthNames[i]}</th>
              <td>
                {temperature(month.day.temperatureC, units)}, {number(month.day.relativeHumidityPct, 0)} %
              </td>
              <td>
                {temperature(month.night.temperatureC, units)}, {number(month.night.relativeHumidityPct, 0)} %
              </td>
              <td>{number(month.lightHours, 1)} h</td>
              <td>{month.rainMm > 0 ? `${number(month.rainMm, 0)} mm` : '–'}</td>
              <td>{number(dryingPowerMmPerDay(monthDrying(place, i)), 1)} mm a day</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}
