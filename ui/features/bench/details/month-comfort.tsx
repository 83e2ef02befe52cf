import type { MonthShares } from '@core';
import { monthNames, percent } from '@core/words';
import styles from './details.module.css';

/** Twelve upright bars: each month's share too dry (at the foot), in comfort, too wet (at the top). */
export function MonthComfort({ months }: { readonly months: readonly MonthShares[] }) {
  return (
    <div className={styles.monthBars} role="list" aria-label="Comfort by month">
      {months.map((month, i) => (
        <div
          key={monthNames[i]}
          role="listitem"
          aria-label={`${monthNames[i]}: comfortable ${percent(month.comfortable)}, too dry ${percent(month.tooDry)}, too wet ${percent(month.tooWet)}`}
          title={`${monthNames[i]}: ● ${percent(month.comfortable)} · ▽ ${percent(month.tooDry)} · ▲ ${percent(month.tooWet)}`}
        >
          <span data-kind="wet" style={{ flexGrow: month.tooWet }} />
          <span data-kind="fine" style={{ flexGrow: month.comfortable }} />
          <span data-kind="dry" style={{ flexGrow: month.tooDry }} />
          <em>{monthNames[i]!.charAt(0)}</em>
        </div>
      ))}
    </div>
  );
}
