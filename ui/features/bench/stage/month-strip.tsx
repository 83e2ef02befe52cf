'use client';

/** Days between waterings in each month; choosing one shows its drying on the stage. */
import { daysOf, type DryingTime, type YearReport } from '@core';
import { monthNames, number, percent } from '@core/words';
import styles from './stage.module.css';

interface MonthStripProps {
  readonly byMonth: readonly DryingTime[];
  readonly year: YearReport;
  readonly monthIndex: number;
  readonly onMonth: (monthIndex: number) => void;
}

function verdictOf(year: YearReport, month: number): 'dry' | 'wet' | 'fine' {
  const shares = year.months[month]!;
  if (shares.tooDry > 0.1 && shares.tooDry >= shares.tooWet) return 'dry';
  if (shares.tooWet > 0.1) return 'wet';
  return 'fine';
}

const marks = { dry: '▽ dry', wet: '▲ wet', fine: '● good' } as const;

export function MonthStrip({ byMonth, year, monthIndex, onMonth }: MonthStripProps) {
  return (
    <div className={styles.months} role="group" aria-label="Days between waterings by month">
      {byMonth.map((time, i) => {
        const verdict = verdictOf(year, i);
        const shares = year.months[i]!;
        const text = time.status === 'dries' ? number(daysOf(time), daysOf(time) < 3 ? 1 : 0) : `>${time.overDays}`;
        return (
          <button
            key={i}
            type="button"
            className={styles.month}
            aria-pressed={i === monthIndex}
            data-verdict={verdict}
            title={`${monthNames[i]}: comfortable ${percent(shares.comfortable)}, too dry ${percent(shares.tooDry)}, too wet ${percent(shares.tooWet)}`}
            onClick={() => onMonth(i)}
          >
            <span>{monthNames[i]!.slice(0, 3)}</span>
            <strong>{text}</strong>
            <span className={styles.verdict}>{marks[verdict]}</span>
          </button>
        );
      })}
    </div>
  );
}
