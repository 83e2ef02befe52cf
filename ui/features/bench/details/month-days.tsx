import type { MonthReport } from '@core';
import { daysText, daysWithCause, monthNames } from '@core/words';
import styles from './details.module.css';

/** Twelve upright bars: each month's days of harm (at the top), to watch, and fine (at the foot). */
export function MonthDays({ months }: { readonly months: readonly MonthReport[] }) {
  return (
    <div className={styles.monthBars} role="list" aria-label="Days by month">
      {months.map((month, i) => (
        <div
          key={monthNames[i]}
          role="listitem"
          aria-label={`${monthNames[i]}: ${daysWithCause(month)}`}
          title={`${monthNames[i]}: ${daysText(month)}`}
        >
          <span data-kind="harm" style={{ flexGrow: month.harmDays }} />
          <span data-kind="watch" style={{ flexGrow: month.watchDays }} />
          <span data-kind="fine" style={{ flexGrow: month.fineDays }} />
          <em>{monthNames[i]!.charAt(0)}</em>
        </div>
      ))}
    </div>
  );
}
