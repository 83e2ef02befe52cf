'use client';

/** Twelve months, days until it asks for water: as it is above, changed below. */
import { daysOf, type DryingTime } from '@core';
import { monthNames, number, type SetupReview } from '@core/words';
import styles from './what-if.module.css';

interface MonthPairProps {
  readonly before: SetupReview;
  readonly after: SetupReview;
  readonly monthIndex: number;
  readonly onMonth: (monthIndex: number) => void;
}

function daysText(time: DryingTime): string {
  const found = daysOf(time);
  return time.status === 'dries' ? number(found, found < 3 ? 1 : 0) : `>${time.overDays}`;
}

export function MonthPair({ before, after, monthIndex, onMonth }: MonthPairProps) {
  return (
    <div className={styles.months} role="group" aria-label="Days between waterings by month, before and after">
      {before.daysByMonth.map((time, i) => {
        const changed = after.daysByMonth[i]!;
        const longer = daysOf(changed) - daysOf(time);
        const mark = longer > 0.25 ? '▲' : longer < -0.25 ? '▽' : '=';
        return (
          <button
            key={i}
            type="button"
            className={styles.month}
            aria-pressed={i === monthIndex}
            onClick={() => onMonth(i)}
          >
            <span>{monthNames[i]!.slice(0, 3)}</span>
            <span className={styles.old}>{daysText(time)}</span>
            <strong>
              {daysText(changed)} <span aria-hidden="true">{mark}</span>
            </strong>
          </button>
        );
      })}
    </div>
  );
}
