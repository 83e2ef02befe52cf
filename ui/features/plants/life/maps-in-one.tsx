'use client';

/** All maps that lie on each other, in one: each shoot marked with the year in which it first stood there. */
import { shootsByYear } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { PotAbove } from '../../../drawing/pot-above';
import { PSEUDOBULB, LEAF_LINE, YOUNG_PSEUDOBULB } from '../../../drawing/plant/colors';
import { colors } from '../../../theme/tokens';
import styles from '../plants.module.css';
import { mapsThatMatch, shootsWithDays } from './figures';
import { longDay } from './long-day';

const LEAST_HALF_CM = 4;
const BEYOND_SHARE = 1.14;
const SIZE_PX = 300;

export function MapsInOne({ log }: { readonly log: Pick<PlantLog, 'pottings' | 'inspections'> }) {
  const maps = mapsThatMatch(log);
  if (maps.length < 2) return null;
  const shoots = shootsWithDays(maps);
  const rim = maps.at(-1)!.map.rim ?? maps[0]!.map.rim ?? null;
  const widest = Math.max(...shoots.map(({ xCm, yCm }) => Math.hypot(xCm, yCm)));
  const half = BEYOND_SHARE * Math.max(LEAST_HALF_CM, (rim?.widthCm ?? 0) / 2, widest + 1);
  const radius = half * 0.085;
  const newest = maps.at(-1)!.day;
  const years = [...new Set(shoots.map(({ since }) => since.slice(0, 4)))];
  const told = years
    .map((year) => `${shoots.filter(({ since }) => since.startsWith(year)).length} since ${year}`)
    .join(', ');
  return (
    <figure className={styles.mapsInOne}>
      <svg
        width={SIZE_PX}
        height={SIZE_PX}
        viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
        role="img"
        aria-label={shootsByYear(told)}
      >
        {rim ? <PotAbove shape={rim.shape} widthCm={rim.widthCm} strokeCm={half * 0.02} /> : null}
        {shoots.map(({ xCm, yCm, since }, n) => (
          <g key={n} transform={`translate(${xCm} ${-yCm})`}>
            <circle
              r={radius}
              fill={since === newest ? YOUNG_PSEUDOBULB : PSEUDOBULB}
              stroke={since === newest ? colors.clay : LEAF_LINE}
              strokeWidth={radius * (since === newest ? 0.25 : 0.14)}
            />
            {/* Dark on the green of a bulb, by day and by night. */}
            <text fontSize={radius * 0.95} textAnchor="middle" dy={radius * 0.34} fill="#1f2b26">
              {since.slice(2, 4)}
            </text>
          </g>
        ))}
      </svg>
      <figcaption>
        From above, by the year in which a shoot first stood there; ringed: new on {longDay(newest)}.
      </figcaption>
    </figure>
  );
}
