'use client';

/** A length in the grower's unit, kept in centimetres. */
import { cmToInch, inchToCm } from '@core';
import { number } from '@core/words';
import { useUnits } from '../data/units-context';
import { UnitNumber } from './unit-number';

interface LengthNumberProps {
  readonly id: string;
  readonly valueCm: unknown;
  /** What is assumed where nothing is said. */
  readonly usualCm?: number | undefined;
  /** Where nothing is assumed either. */
  readonly placeholder?: string;
  /** In the unit shown. */
  readonly step?: number;
  readonly hasFault?: boolean;
  readonly onChange: (valueCm: number | undefined) => void;
}

export function LengthNumber(props: LengthNumberProps) {
  const { id, valueCm, usualCm, placeholder, step = 0.5, hasFault = false, onChange } = props;
  const isInch = useUnits().units.length === 'inch';
  const usual = usualCm === undefined ? placeholder : `usually ${number(isInch ? cmToInch(usualCm) : usualCm, 1)}`;
  return (
    <UnitNumber
      id={id}
      value={valueCm}
      {...(usual === undefined ? {} : { placeholder: usual })}
      suffix={isInch ? 'in' : 'cm'}
      step={step}
      {...(isInch ? { toShown: cmToInch, toCore: inchToCm } : {})}
      hasFault={hasFault}
      onChange={onChange}
    />
  );
}
