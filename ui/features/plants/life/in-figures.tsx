'use client';

/** A life in a few figures, above its entries. */
import { number, years, wantsItAfter, ofAboutYears, inMediumFor } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { today } from '../../../data/dates';
import styles from '../plants.module.css';
import { bedAge, keptDays, shootsByYear } from './figures';

const BAR_PX = 26;

export function InFigures({ log }: { readonly log: PlantLog }) {
  const age = log.left ? null : bedAge(log, today());
  const shoots = shootsByYear(log);
  const kept = keptDays(log);
  const blooms = new Set(
    log.care.flatMap(({ kind, happenedOn }) => (kind === 'bloomed' ? [happenedOn.slice(0, 4)] : [])),
  );
  if (age === null && shoots.length < 2 && kept === null && blooms.size === 0) return null;
  const most = Math.max(1, ...shoots.map((one) => one.shoots));
  return (
    <dl className={styles.figures} aria-label="In figures">
      {age ? (
        <div>
          <dt>In its medium</dt>
          <dd>
            {inMediumFor(age.years)}
            {age.lifeYears === null ? '' : ofAboutYears(years(age.lifeYears))}
            {age.lifeYears === null ? null : (
              <progress max={age.lifeYears} value={Math.min(age.years, age.lifeYears)} aria-hidden="true" />
            )}
          </dd>
        </div>
      ) : null}
      {shoots.length > 1 ? (
        <div>
          <dt>Shoots</dt>
          <dd className={styles.years}>
            {shoots.map(({ year, shoots: count }) => (
              <span key={year}>
                <i aria-hidden="true" style={{ height: 3 + (BAR_PX * count) / most }} />
                {count}
                <small>{year}</small>
              </span>
            ))}
          </dd>
        </div>
      ) : null}
      {kept === null ? null : (
        <div>
          <dt>Watered</dt>
          <dd>
            every {number(kept, 0)} {kept === 1 ? 'day' : 'days'}
            {log.nextWatering ? wantsItAfter(Math.max(1, Math.round(log.nextWatering.days))) : ''}
          </dd>
        </div>
      )}
      {blooms.size > 0 ? (
        <div>
          <dt>In bloom</dt>
          <dd>{[...blooms].sort().join(', ')}</dd>
        </div>
      ) : null}
    </dl>
  );
}
