'use client';

/** Days between waterings in each month; choosing one shows its drying on the stage. */
import { daysOf, type DryingTime, type MonthFit, type YearReport } from '@core';
import { daysWithCause, monthMark, monthNames, number, placeMark, monthInWords } from '@core/words';
import styles from './stage.module.css';

interface MonthStripProps {
  readonly byMonth: readonly DryingTime[];
  readonly year: YearReport;
  /** Months in which the plant rests, 0 = January. */
  readonly restMonths: readonly number[];
  /** How the place suits it month by month. */
  readonly placeMonths: readonly MonthFit[];
  readonly monthIndex: number;
  readonly onMonth: (monthIndex: number) => void;
}

export function MonthStrip({ byMonth, year, restMonths, placeMonths, monthIndex, onMonth }: MonthStripProps) {
  // A place that suits all year takes no line.
  const isPlaceTold = placeMonths.some(({ verdict }) => verdict !== 'suits');
  return (
    <div className={styles.months} role="group" aria-label="Days between waterings by month">
      {byMonth.map((time, i) => {
        const month = year.months[i]!;
        const isResting = restMonths.includes(i);
        const mark = monthMark(month, isResting);
        const place = placeMark(placeMonths[i]!);
        const text = time.status === 'dries' ? number(daysOf(time), daysOf(time) < 3 ? 1 : 0) : `>${time.overDays}`;
        return (
          <button
            key={i}
            type="button"
            className={styles.month}
            aria-pressed={i === monthIndex}
            data-verdict={mark.kind}
            title={`${monthNames[i]}: ${daysWithCause(month)}${isResting ? '; it rests, and wants less water' : ''}${place === '' ? '' : monthInWords(i, daysWithCause(month), isResting, place)}`}
            onClick={() => onMonth(i)}
          >
            <span>{monthNames[i]!.slice(0, 3)}</span>
            <strong>{text}</strong>
            <span className={styles.verdict}>{mark.text}</span>
            {isPlaceTold ? <span className={styles.place}>{place}</span> : null}
          </button>
        );
      })}
    </div>
  );
}
