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

const fields = [
  { field: 'nowPct', label: 'Humidity now', what: 'Humidity' },
  { field: 'winterPct', label: 'Humidity, usual in winter', what: 'Humidity' },
  { field: 'summerPct', label: 'Humidity, usual in summer', what: 'Humidity' },
  { field: 'lowestC', label: 'Coldest night of the year', what: 'Temperature' },
  { field: 'highestC', label: 'Hottest day of the year', what: 'Temperature' },
] as const;

const same = (value: number): number => value;

export function KnownAirFields({ known, readings, onKnown, onReadings }: KnownAirFieldsProps) {
  const { units } = useUnits();
  const faults = knownFaults(known);
  const isF = units.temperature === 'F';
  const measured = {
    Humidity: { unit: '%', range: ranges.relativeHumidityPct, toShown: same, toCore: same },
    Temperature: isF
      ? { unit: '°F', range: ranges.temperatureC, toShown: celsiusToFahrenheit, toCore: fahrenheitToCelsius }
      : { unit: '°C', range: ranges.temperatureC, toShown: same, toCore: same },
  } as const;
  return (
    <div className={styles.known}>
      {readings.map((reading) => (
        <div key={reading.month} className={styles.reading}>
          <span>{readingLine(reading)}</span>
          <Button onClick={() => onReadings(readings.filter((other) => other !== reading))}>Forget</Button>
        </div>
      ))}
      {fields.map(({ field, label, what }) => {
        const { unit, range, toShown, toCore } = measured[what];
        const fault = faults.has(field)
          ? fieldRange(what, Math.round(toShown(range.min)), Math.round(toShown(range.max)), unit)
          : null;
        return (
          <Field key={field} id={`known-${field}`} label={label} fault={fault}>
            <UnitNumber
              id={`known-${field}`}
              value={known[field]}
              suffix={unit}
              step={1}
              toShown={toShown}
              toCore={toCore}
              hasFault={fault !== null}
              onChange={(value) => onKnown({ ...known, [field]: value })}
            />
          </Field>
        );
      })}
    </div>
  );
}
