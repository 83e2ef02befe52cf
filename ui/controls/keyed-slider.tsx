'use client';

/** A slider as the browser makes it; its keys are handled here, for the big steps and the same step everywhere. */
import type { CSSProperties, KeyboardEvent } from 'react';
import styles from './keyed-slider.module.css';
import { keyIndex } from './keys';

export interface KeyedSliderProps {
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** What Page up and Page down move by. */
  readonly bigStep: number;
  readonly value: number;
  readonly className?: string;
  readonly valueText?: (value: number) => string;
  readonly onChange: (value: number) => void;
}

/** Where a key moves a slider to; null for other keys. */
export function keyTarget(
  key: string,
  at: {
    readonly value: number;
    readonly min: number;
    readonly max: number;
    readonly step: number;
    readonly bigStep: number;
  },
): number | null {
  const { value, min, max, step, bigStep } = at;
  const clamp = (wanted: number) => Math.min(max, Math.max(min, wanted));
  const bigStepIndex = keyIndex('bigStep', key);
  if (bigStepIndex >= 0) return clamp(bigStepIndex === 0 ? value - bigStep : value + bigStep);
  switch (key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return clamp(value + step);
    case 'ArrowLeft':
    case 'ArrowDown':
      return clamp(value - step);
    case 'Home':
      return min;
    case 'End':
      return max;
    default:
      return null;
  }
}

export function KeyedSlider(props: KeyedSliderProps) {
  const { label, min, max, step, bigStep, value, className = '', valueText, onChange } = props;
  const onKeyDown = (event: KeyboardEvent) => {
    const target = keyTarget(event.key, { value, min, max, step, bigStep });
    if (target === null) return;
    event.preventDefault();
    event.stopPropagation();
    onChange(Math.round(target * 1000) / 1000);
  };
  const share = max > min ? ((value - min) / (max - min)) * 100 : 0;
  return (
    <input
      type="range"
      className={`${styles.slider} ${className}`}
      style={{ '--share': `${share}%` } as CSSProperties}
      aria-label={label}
      aria-valuetext={valueText?.(value)}
      min={min}
      max={max}
      step={step}
      value={value}
      onKeyDown={onKeyDown}
      onChange={(event) => onChange(event.currentTarget.valueAsNumber)}
    />
  );
}
