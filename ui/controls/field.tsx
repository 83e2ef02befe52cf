import type { ReactNode } from 'react';
import styles from './field.module.css';

export interface FieldProps {
  readonly id: string;
  readonly label: string;
  readonly fault?: string | null;
  readonly children: ReactNode;
}

/** A labelled answer with what is wrong with it under it. */
export function Field({ id, label, fault, children }: FieldProps) {
  return (
    <div className={styles.field}>
      <label htmlFor={id}>{label}</label>
      {children}
      {fault ? (
        <p id={`${id}-fault`} role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
    </div>
  );
}
