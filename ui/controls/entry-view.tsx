'use client';

/** One catalogue entry: every value, and on demand where it comes from. */
import { Switch } from 'antd';
import { useState } from 'react';
import { provenanceLabel, type Sourced } from '@core';
import { cm, mm, number, percent, type WordUnits } from '@core/words';
import { useUnits } from '../data/units-context';
import type { FieldWords } from './fields';
import styles from './entry-view.module.css';

interface EntryViewProps {
  readonly name: string;
  readonly isLatin: boolean;
  readonly note: string;
  readonly entry: object;
  readonly fields: readonly FieldWords[];
  /** Origins shown from the start. */
  readonly isOriginShown?: boolean;
}

function isSourced(field: unknown): field is Sourced<unknown> {
  return typeof field === 'object' && field !== null && 'provenance' in field;
}

function valueText(value: unknown, unit: FieldWords['unit'], units: WordUnits): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.join(', ');
  if (typeof value !== 'number') return String(value);
  switch (unit) {
    case 'mm':
      return mm(value, units);
    case 'cm':
      return cm(value, units);
    case 'share':
      return percent(value);
    case 'years':
      return value >= 20 ? 'as good as for ever' : `${number(value, 1)} years`;
    case 'g/L':
    case 'cm²':
      return `${number(value, 0)} ${unit}`;
    case 'factor':
      return `× ${number(value, 2)}`;
    case 'grade':
      return value < 0.25 ? 'hardly' : value < 0.5 ? 'a little' : value < 0.75 ? 'well' : 'strongly';
    case undefined:
      return number(value, 2);
  }
}

export function EntryView({ name, isLatin, note, entry, fields, isOriginShown = false }: EntryViewProps) {
  const { units } = useUnits();
  const [isShown, setShown] = useState(isOriginShown);
  const record = entry as Readonly<Record<string, unknown>>;
  return (
    <article className={styles.entry}>
      <header>
        <h2 className={isLatin ? 'latin' : undefined}>{name}</h2>
        <label className={styles.switch}>
          <Switch checked={isShown} onChange={setShown} /> where values come from
        </label>
      </header>
      <p>{note}</p>
      <dl>
        {fields.map((field) => {
          const value = record[field.key];
          if (!isSourced(value)) return null;
          return (
            <div key={field.key}>
              <dt>{field.label}</dt>
              <dd>
                {valueText(value.value, field.unit, units)}
                {isShown ? <span className={styles.origin}>{provenanceLabel(value.provenance)}</span> : null}
              </dd>
            </div>
          );
        })}
      </dl>
    </article>
  );
}
