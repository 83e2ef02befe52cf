/** One calculator: its question, its figures, its answer read out as it changes, and its caution. */
import type { ReactNode } from 'react';
import styles from './solutions.module.css';

interface CardProps {
  readonly title: string;
  readonly answer: ReactNode;
  readonly caution?: string;
  readonly foot?: ReactNode;
  readonly children: ReactNode;
}

export function Card({ title, answer, caution, foot, children }: CardProps) {
  return (
    <section className={styles.card} aria-label={title}>
      <h2>{title}</h2>
      <div className={`entry ${styles.fields}`}>{children}</div>
      <output className={styles.answer} aria-live="polite">
        {answer}
      </output>
      {caution ? (
        <p className={styles.caution}>
          <span aria-hidden="true">⚠ </span>
          {caution}
        </p>
      ) : null}
      {foot}
    </section>
  );
}
