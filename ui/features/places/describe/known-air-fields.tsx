'use client';

/** What the grower's own instruments say; nothing of it is needed. */
import { celsiusToFahrenheit, fahrenheitToCelsius, ranges } from '@core';
import { fieldRange, readingLine } from '@core/words';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { UnitNumber } from '../../../controls/unit-number';
import { useUnits } from '../../../data/units-context';
import { type KnownAir, knownFaults, type PlaceDraft } from '../place-draft';
import styles from './describe.module.css';

interface KnownAirFieldsProps {
  readonly known: KnownAir;
  /** Those of before: of other months than this. */
  readonly readings: NonNullable<PlaceDraft['said']['readings']>;
  readonly onKnown: (known: KnownAir) => void;
  readonly onReadings: (readings: NonNullable<PlaceDraft['said']['readings']>) => void;
}

const humidities = [
  { field: 'nowPct', label: 'Humidity now' },
  { field: 'winterPct', label: 'Humidity, usual in winter' },
  { field: 'summerPct', label: 'Humidity, usual in summer' },
] as const;
const temperatures = [
  { field: 'lowestC', label: 'Coldest night of the year' },
  { field: 'highestC', label: 'Hottest day of the year' },
] as const;

export function KnownAirFields({ known, readings, onKnown, onReadings }: KnownAirFieldsProps) {
  const { units } = useUnits();
  const faults = knownFaults(known);
  const isF = units.temperature === 'F';
  const shownC = (valueC: number) => Math.round(isF ? celsiusToFahrenheit(valueC) : valueC);
  const unit = isF ? '°F' : '°C';
  return (
    <div className={styles.known}>
      {readings.map((reading) => (
        <div key={reading.month} className={styles.reading}>
          <span>{readingLine(reading)}</span>
          <Button onClick={() => onReadings(readings.filter((other) => other !== reading))}>Forget</Button>
        </div>
      ))}
      {humidities.map(({ field, label }) => (
        <Field
          key={field}
          id={`known-${field}`}
          label={label}
          fault={
            faults.has(field)
              ? fieldRange('Humidity', ranges.relativeHumidityPct.min, ranges.relativeHumidityPct.max, '%')
              : null
          }
        >
          <UnitNumber
            id={`known-${field}`}
            value={known[field]}
            suffix="%"
            step={1}
            hasFault={faults.has(field)}
            onChange={(value) => onKnown({ ...known, [field]: value })}
          />
        </Field>
      ))}
      {temperatures.map(({ field, label }) => (
        <Field
          key={field}
          id={`known-${field}`}
          label={label}
          fault={
            faults.has(field)
              ? fieldRange('Temperature', shownC(ranges.temperatureC.min), shownC(ranges.temperatureC.max), unit)
              : null
          }
        >
          <UnitNumber
            id={`known-${field}`}
            value={known[field]}
            suffix={unit}
            step={1}
            toShown={isF ? celsiusToFahrenheit : undefined}
            toCore={isF ? fahrenheitToCelsius : undefined}
            hasFault={faults.has(field)}
            onChange={(value) => onKnown({ ...known, [field]: value })}
          />
        </Field>
      ))}
    </div>
  );
}
