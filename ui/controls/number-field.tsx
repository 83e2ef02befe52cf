'use client';

/** A number by hand or by its two large buttons; what is out of range is not taken. */
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
  const by = (change: number) => {
    const next = onStep(value + change, step);
    if (within(next, range)) onChange(next);
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
          onBlur={(event) => {
            const typed = Number(event.target.value.replace(',', '.'));
            if (within(typed, range)) onChange(typed);
            else event.target.value = String(value);
          }}
        />
        <button type="button" aria-label={`${label}: more`} onClick={() => by(step)}>
          +
        </button>
      </div>
    </div>
  );
}
