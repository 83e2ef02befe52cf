'use client';

/** A day of every year: two choices, without a year that would mean nothing. */
import { daysInMonth, type YearDay } from '@core';
import { monthNames } from '@core/words';
import styles from './away.module.css';

interface YearDayFieldProps {
  readonly label: string;
  readonly day: YearDay;
  readonly onDay: (day: YearDay) => void;
}

export function YearDayField({ label, day: { month, day }, onDay }: YearDayFieldProps) {
  const take = (next: YearDay) => onDay({ ...next, day: Math.min(next.day, daysInMonth[next.month - 1]!) });
  return (
    <fieldset className={styles.day}>
      <legend>{label}</legend>
      <select
        aria-label={`${label}: day`}
        className={styles.select}
        value={day}
        onChange={(event) => take({ month, day: Number(event.target.value) })}
      >
        {Array.from({ length: daysInMonth[month - 1]! }, (_, i) => (
          <option key={i} value={i + 1}>
            {i + 1}
          </option>
        ))}
      </select>
      <select
        aria-label={`${label}: month`}
        className={styles.select}
        value={month}
        onChange={(event) => take({ month: Number(event.target.value), day })}
      >
        {monthNames.map((name, i) => (
          <option key={name} value={i + 1}>
            {name}
          </option>
        ))}
      </select>
    </fieldset>
  );
}
