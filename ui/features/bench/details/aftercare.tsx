import { untilDay } from '@core/words';
import type { WordedAftercare } from '@core/words';
import styles from './details.module.css';

function span(step: WordedAftercare): string {
  if (step.untilDay <= 1) return 'day 0';
  return step.fromDay === 0 ? untilDay(step.untilDay) : `day ${step.fromDay}–${step.untilDay}`;
}

export function Aftercare({ steps }: { readonly steps: readonly WordedAftercare[] }) {
  return (
    <ol className={styles.after}>
      {steps.map((step) => (
        <li key={step.code + step.fromDay}>
          <strong>{span(step)}</strong>
          <span>{step.sentence}</span>
        </li>
      ))}
    </ol>
  );
}
