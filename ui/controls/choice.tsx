'use client';

/** One of a few, side by side: radio buttons as the browser makes them, each a whole target. */
import { useId } from 'react';
import styles from './choice.module.css';

export interface ChoiceOption<V extends string> {
  readonly value: V;
  readonly label: string;
}

interface ChoiceProps<V extends string> {
  readonly label: string;
  readonly options: readonly ChoiceOption<V>[];
  /** null: nothing said yet. */
  readonly value: V | null;
  /** Over the whole width there is. */
  readonly isWide?: boolean;
  readonly onChange: (value: V) => void;
}

export function Choice<V extends string>({ label, options, value, isWide = false, onChange }: ChoiceProps<V>) {
  const name = useId();
  return (
    <div className={styles.choice} role="radiogroup" aria-label={label} data-wide={isWide ? '' : undefined}>
      {options.map((option) => (
        <label key={option.value}>
          <input type="radio" name={name} checked={option.value === value} onChange={() => onChange(option.value)} />
          <span>{option.label}</span>
        </label>
      ))}
    </div>
  );
}
