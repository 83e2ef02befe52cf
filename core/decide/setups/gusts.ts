/** The gusts of a place. */
import { airSpeedMS } from '../../physics/air';
import type { Place } from '../../physics/places';
import { k } from './constants';

/** The strongest gust of an ordinary month at the pot, m/s; null indoors, where none comes. */
export function gustMS({ setting, airflow }: Pick<Place, 'setting' | 'airflow'>): number | null {
  return setting === 'outdoor' ? airSpeedMS[airflow] * k.GUST_TIMES : null;
}
