'use client';

/**
 * A slider whose keys are handled here: the library's own handling sets state in an effect of every
 * key press, which React takes for an endless loop when keys come fast.
 */
import { Slider } from 'antd';
import type { KeyboardEvent } from 'react';
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
  const { label, min, max, step, bigStep, value, className, valueText, onChange } = props;
  const onKeyDown = (event: KeyboardEvent) => {
    const target = keyTarget(event.key, { value, min, max, step, bigStep });
    if (target === null) return;
    event.preventDefault();
    event.stopPropagation();
    onChange(Math.round(target * 1000) / 1000);
  };
  return (
    <div className={className} onKeyDown={onKeyDown}>
      <Slider
        min={min}
        max={max}
        step={step}
        value={value}
        keyboard={false}
        onChange={onChange}
        tooltip={{ open: false }}
        ariaLabelForHandle={label}
        ariaValueTextFormatterForHandle={valueText ? (shown) => valueText(shown ?? min) : undefined}
      />
    </div>
  );
}
