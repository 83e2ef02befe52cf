'use client';

/** A number in the grower's unit, kept in the core's. Out-of-range values may be typed: they are answered, not swallowed. */
import { InputNumber } from 'antd';

export interface UnitNumberProps {
  readonly id: string;
  readonly value: unknown;
  readonly placeholder?: string;
  readonly suffix: string;
  readonly step: number;
  /** Core unit to shown unit, and back. */
  readonly toShown?: (value: number) => number;
  readonly toCore?: (value: number) => number;
  readonly hasFault: boolean;
  readonly onChange: (value: number | undefined) => void;
}

const same = (value: number): number => value;

export function UnitNumber({
  id,
  value,
  placeholder,
  suffix,
  step,
  toShown = same,
  toCore = same,
  hasFault,
  onChange,
}: UnitNumberProps) {
  const shown = typeof value === 'number' ? Math.round(toShown(value) * 100) / 100 : null;
  return (
    <InputNumber
      id={id}
      style={{ width: '100%' }}
      value={shown}
      placeholder={placeholder}
      suffix={suffix}
      step={step}
      status={hasFault ? 'error' : ''}
      aria-invalid={hasFault}
      aria-describedby={hasFault ? `${id}-fault` : undefined}
      onChange={(next) => onChange(typeof next === 'number' ? toCore(next) : undefined)}
    />
  );
}
