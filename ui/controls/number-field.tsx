'use client';

/** A number by hand or by its two large buttons; what is out of range is not taken, and that is said. */
import { useState } from 'react';
import styles from './number-field.module.css';

interface NumberFieldProps {
  readonly label: string;
  readonly value: number;
  readonly step: number;
  readonly range: { readonly min: number; readonly max: number };
  readonly onChange: (value: number) => void;
}

const within = (value: number, { min, max }: NumberFieldProps['range']): boolean =>
  Number.isFinite(value) && value >= min && value <= max;

/** Steps of a tenth add up to ten of them, and to nothing a little beside. */
const onStep = (value: number, step: number): number => Number((Math.round(value / step) * step).toFixed(6));

export function NumberField({ label, value, step, range, onChange }: NumberFieldProps) {
  const [refused, setRefused] = useState<string | null>(null);
  const take = (next: number) => {
    setRefused(null);
    onChange(next);
  };
  const by = (change: number) => {
    const next = onStep(value + change, step);
    if (within(next, range)) take(next);
  };
  const typed = (input: HTMLInputElement) => {
    const text = input.value.trim();
    // An empty field is no nought.
    const next = text === '' ? NaN : Number(text.replace(',', '.'));
    if (within(next, range)) return take(next);
    input.value = String(value);
    setRefused(text);
  };
  return (
    <div className={styles.number} role="group" aria-label={label}>
      <span>{label}</span>
      <div>
        <button type="button" aria-label={`${label}: less`} onClick={() => by(-step)}>
          −
        </button>
        <input
          inputMode="decimal"
          aria-label={label}
          key={value}
          defaultValue={String(value)}
          onBlur={(event) => typed(event.target)}
        />
        <button type="button" aria-label={`${label}: more`} onClick={() => by(step)}>
          +
        </button>
      </div>
      {refused === null ? null : (
        <span role="alert">
          {label}: {range.min} to {range.max}
          {refused === '' ? '' : `, not “${refused}”`}.
        </span>
      )}
    </div>
  );
}
