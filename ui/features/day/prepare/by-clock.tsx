/** One plant along the day: when it soaks, when it is in hand, when it fizzes. */
import type { PreparedPlant } from '@core';
import styles from '../day.module.css';

interface ByClockProps {
  readonly plant: Pick<PreparedPlant, 'times' | 'work'>;
  readonly endMin: number;
}

export function ByClock({ plant: { times, work }, endMin }: ByClockProps) {
  const { soakFromMin, beginMin, fizzFromMin, endMin: doneMin } = times;
  const bars: readonly (readonly [kind: string, from: number, until: number])[] = [
    ...(soakFromMin === null ? [] : [['soak', soakFromMin, beginMin] as const]),
    ...(fizzFromMin === null
      ? [['hands', beginMin, doneMin] as const]
      : [
          ['hands', beginMin, fizzFromMin] as const,
          ['fizz', fizzFromMin, fizzFromMin + work.fizzMin] as const,
          ['hands', Math.max(fizzFromMin + work.fizzMin, doneMin - work.secondMin), doneMin] as const,
        ]),
  ];
  return (
    <span className={styles.clock} aria-hidden="true">
      {bars.map(([kind, from, until], n) => (
        <i
          key={n}
          data-bar={kind}
          style={{ left: `${(100 * from) / endMin}%`, width: `${(100 * Math.max(0.5, until - from)) / endMin}%` }}
        />
      ))}
    </span>
  );
}
