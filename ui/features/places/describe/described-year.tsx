'use client';

/** The year that follows from what was said, as it stands now. */
import { meanAir, type RoomPlace } from '@core';
import { roomMonthLine, roomOriginLine } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { AirChart } from '../air-chart';
import styles from './describe.module.css';

/** Its coldest and its warmest month, in the order of the year. */
function endsOf({ place }: RoomPlace): readonly number[] {
  const means = place.months.map((month) => meanAir(month).temperatureC);
  const humidities = place.months.map((month) => meanAir(month).relativeHumidityPct);
  const ends = [means.indexOf(Math.min(...means)), means.indexOf(Math.max(...means))];
  // Where it is always equally warm, damp and dry tell the year.
  const isEven = Math.max(...means) - Math.min(...means) < 1;
  const told = isEven
    ? [humidities.indexOf(Math.min(...humidities)), humidities.indexOf(Math.max(...humidities))]
    : ends;
  return [...new Set(told)].sort((a, b) => a - b);
}

export function DescribedYear({ described }: { readonly described: RoomPlace }) {
  const { units } = useUnits();
  const { place, unsure } = described;
  return (
    <section className={styles.year} aria-label="The year there">
      <h2>The year there</h2>
      <div aria-live="polite">
        {endsOf(described).map((month) => (
          <p key={month}>{roomMonthLine(place.months[month]!, month, unsure[month]!, units)}</p>
        ))}
      </div>
      <AirChart place={place} />
      <p className={styles.origin}>
        {roomOriginLine(described)} Eight times of ten the truth lies within the ±. A hygrometer or a logger makes it
        surer.
      </p>
    </section>
  );
}
