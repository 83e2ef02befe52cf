'use client';

/** A place by hand: its name, how its air moves, and twelve months of day and night. */
import { Input, InputNumber, Select } from 'antd';
import { useEffect, useState } from 'react';
import * as z from 'zod';
import {
  airflowClasses,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  type MonthAir,
  type Place,
  placeSchema,
  round1,
} from '@core';
import { type Fault, monthNames, parseWith, type WordUnits, placeChangedMeanwhile } from '@core/words';
import { ConflictError } from '../../data/client';
import { type GrowersPlace, useKeepPlace } from '../../data/places';
import { Field } from '../../controls/field';
import { useKeep } from '../../data/use-keep';
import styles from './places.module.css';
import { Button } from '../../controls/button';

interface PlaceEditorProps {
  readonly start: Place;
  /** An own place as last seen is changed; any other becomes a new one of the grower's. */
  readonly seen: GrowersPlace | null;
  readonly units: WordUnits;
  readonly onKept: (place: Place) => void;
  readonly onClose: () => void;
}

interface Column {
  readonly key: string;
  readonly label: string;
  readonly unit: string;
  readonly get: (month: MonthAir) => number;
  readonly set: (month: MonthAir, value: number) => MonthAir;
}

function columnsFor(place: Place, units: WordUnits): readonly Column[] {
  const isF = units.temperature === 'F';
  const shown = (valueC: number) => Math.round((isF ? celsiusToFahrenheit(valueC) : valueC) * 10) / 10;
  const core = (value: number) => (isF ? fahrenheitToCelsius(value) : value);
  const half = (key: 'day' | 'night'): readonly Column[] => [
    {
      key: `${key}-temperature`,
      label: key,
      unit: isF ? '°F' : '°C',
      get: (month) => shown(month[key].temperatureC),
      set: (month, value) => ({ ...month, [key]: { ...month[key], temperatureC: core(value) } }),
    },
    {
      key: `${key}-humidity`,
      label: key,
      unit: '%',
      get: (month) => Math.round(month[key].relativeHumidityPct),
      set: (month, value) => ({ ...month, [key]: { ...month[key], relativeHumidityPct: value } }),
    },
  ];
  const plain = (
    key: 'lightHours' | 'lightWattsPerM2' | 'rainMm' | 'rainDays',
    label: string,
    unit: string,
  ): Column => ({
    key,
    label,
    unit,
    get: (month) => round1(month[key]),
    set: (month, value) => ({ ...month, [key]: value }),
  });
  return [
    ...half('day'),
    ...half('night'),
    plain('lightHours', 'light', 'h'),
    plain('lightWattsPerM2', 'sun or lamp', 'W/m²'),
    ...(place.setting === 'outdoor' ? [plain('rainMm', 'rain', 'mm'), plain('rainDays', 'rain', 'days')] : []),
  ];
}

/** Months by hand are no longer what was worked out from a description. */
function withOwnMonths({ describedAs: _, ...place }: Place, months: Place['months']): Place {
  return { ...place, months };
}

type SaidFault = Pick<Fault, 'path' | 'message'>;

/** What a conflict answers of the place as it now is. */
const keptPlace = z.object({ place: z.looseObject({ name: z.string() }), version: z.number() });

export function PlaceEditor({ start, seen, units, onKept, onClose }: PlaceEditorProps) {
  const isOwn = seen !== null;
  const keeping = useKeepPlace();
  const keepIt = useKeep();
  const [place, setPlace] = useState<Place>(isOwn ? start : { ...start, name: `${start.name}, mine` });
  const [faults, setFaults] = useState<readonly SaidFault[]>([]);
  const [latest, setLatest] = useState(seen);
  // Opened from the foot of a long page: its head is what comes first.
  useEffect(() => {
    window.scrollTo({ top: 0 });
  }, []);
  const faultAt = (path: string) => faults.find((fault) => fault.path.startsWith(path))?.message ?? null;

  const keep = async () => {
    const parsed = parseWith(placeSchema, place);
    if (parsed.status === 'faulty') {
      setFaults(parsed.faults);
      return;
    }
    const outcome = await keepIt(() => keeping.mutateAsync({ place: parsed.value as Place, seen: latest }));
    if (outcome.status !== 'refused') {
      if (outcome.status === 'kept') onKept(outcome.value);
      onClose();
      return;
    }
    const kept = outcome.error instanceof ConflictError ? keptPlace.safeParse(outcome.error.current) : null;
    if (kept?.success && latest) {
      // Seen now: keeping once more overwrites it knowingly.
      setLatest({ ...latest, version: kept.data.version });
      const message = placeChangedMeanwhile(outcome.message, kept.data.place.name);
      setFaults([{ path: '(whole)', message }]);
    } else setFaults([{ path: '(whole)', message: outcome.message }]);
  };
  return (
    <section className={styles.editor} aria-label="Change this place">
      <PlaceHead place={place} faultAt={faultAt} onChange={(patch) => setPlace({ ...place, ...patch })} />
      <PlaceMonths place={place} units={units} onChange={(months) => setPlace(withOwnMonths(place, months))} />
      {faults.length > 0 ? (
        <ul role="alert" className={styles.faults}>
          {faults.map((fault) => (
            <li key={fault.path + fault.message}>{sayFault(fault)}</li>
          ))}
        </ul>
      ) : null}
      <div className={styles.actions}>
        <Button kind="main" isBusy={keeping.isPending} onClick={() => void keep()}>
          {isOwn ? 'Keep the changes' : 'Keep it as mine'}
        </Button>
        <Button onClick={onClose}>Leave it as it was</Button>
      </div>
    </section>
  );
}

/** "months.3.day.temperatureC" as a grower says it. */
function sayFault(fault: SaidFault): string {
  const month = /^months\.(\d+)/.exec(fault.path);
  return month ? `${monthNames[Number(month[1])]}: ${fault.message}` : fault.message;
}

interface PlaceHeadProps {
  readonly place: Place;
  readonly faultAt: (path: string) => string | null;
  readonly onChange: (patch: Partial<Place>) => void;
}

function PlaceHead({ place, faultAt, onChange }: PlaceHeadProps) {
  return (
    <div className={styles.editorHead}>
      <Field id="edit-name" label="Name" fault={faultAt('name')}>
        <Input
          id="edit-name"
          value={place.name}
          maxLength={80}
          onChange={(event) => onChange({ name: event.target.value })}
        />
      </Field>
      <Field id="edit-setting" label="Under a roof?">
        <Select
          id="edit-setting"
          value={place.setting}
          options={[
            { value: 'indoor', label: 'indoors' },
            { value: 'outdoor', label: 'outdoors, rain falls on it' },
          ]}
          onChange={(setting) => onChange({ setting })}
        />
      </Field>
      <Field id="edit-airflow" label="How the air moves">
        <Select
          id="edit-airflow"
          value={place.airflow}
          options={airflowClasses.map((value) => ({ value, label: value }))}
          onChange={(airflow) => onChange({ airflow })}
        />
      </Field>
      <Field id="edit-altitude" label="Altitude" fault={faultAt('altitudeM')}>
        <InputNumber
          id="edit-altitude"
          style={{ width: '100%' }}
          value={place.altitudeM}
          suffix="m"
          onChange={(altitudeM) => onChange({ altitudeM: altitudeM ?? 0 })}
        />
      </Field>
      <Field id="edit-latitude" label="Latitude, south negative" fault={faultAt('latitudeDeg')}>
        <InputNumber
          id="edit-latitude"
          style={{ width: '100%' }}
          value={place.latitudeDeg}
          suffix="°"
          onChange={(latitudeDeg) => onChange({ latitudeDeg: latitudeDeg ?? 0 })}
        />
      </Field>
    </div>
  );
}

interface PlaceMonthsProps extends Pick<PlaceEditorProps, 'units'> {
  readonly place: Place;
  readonly onChange: (months: Place['months']) => void;
}

function PlaceMonths({ place, units, onChange }: PlaceMonthsProps) {
  const columns = columnsFor(place, units);
  return (
    <div className={styles.editorScroll}>
      <table className={styles.editorMonths}>
        <thead>
          <tr>
            <th scope="col">month</th>
            {columns.map((column) => (
              <th key={column.key} scope="col">
                {column.label} {column.unit}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {place.months.map((month, i) => (
            <tr key={monthNames[i]}>
              <th scope="row">{monthNames[i]!.slice(0, 3)}</th>
              {columns.map((column) => (
                <td key={column.key}>
                  <InputNumber
                    aria-label={`${monthNames[i]} ${column.label} ${column.unit}`}
                    controls={false}
                    value={column.get(month)}
                    onChange={(value) => {
                      if (value !== null)
                        onChange(place.months.map((old, at) => (at === i ? column.set(month, value) : old)));
                    }}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
