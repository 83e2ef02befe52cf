'use client';

/** Where it is: a town by name, slips forgiven, or the latitude alone. */
import { Input } from 'antd';
import { useDeferredValue, useState } from 'react';
import { type HomeTown, ranges } from '@core';
import { fieldRange, noSuchTown, townInWords } from '@core/words';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { UnitNumber } from '../../../controls/unit-number';
import { useTowns } from '../../../data/towns';
import styles from './describe.module.css';

interface TownFinderProps {
  readonly town: HomeTown | null;
  readonly onTown: (town: HomeTown | null) => void;
}

export function TownFinder({ town, onTown }: TownFinderProps) {
  const [byLatitude, setByLatitude] = useState(false);
  if (town !== null && town.name !== '') {
    return (
      <div className={styles.town}>
        <strong>{town.name}</strong>
        <Button onClick={() => onTown(null)}>Change</Button>
      </div>
    );
  }
  return (
    <>
      {byLatitude || town !== null ? <LatitudeField town={town} onTown={onTown} /> : <TownField onTown={onTown} />}
      <Button
        kind="link"
        onClick={() => {
          onTown(null);
          setByLatitude(!(byLatitude || town !== null));
        }}
      >
        {byLatitude || town !== null ? 'By town instead' : 'By latitude instead'}
      </Button>
    </>
  );
}

function TownField({ onTown }: Pick<TownFinderProps, 'onTown'>) {
  const [typed, setTyped] = useState('');
  const asked = useDeferredValue(typed);
  const found = useTowns(asked);
  return (
    <Field id="home-town" label="Town">
      <Input
        id="home-town"
        value={typed}
        maxLength={80}
        autoComplete="off"
        placeholder="yours, or a larger one near it"
        aria-controls="towns-found"
        onChange={(event) => setTyped(event.target.value)}
      />
      <div id="towns-found" role="status" className={styles.found}>
        {found.status === 'away' ? 'The server cannot be reached: give the latitude instead.' : null}
        {found.status === 'looking' ? 'Looking…' : null}
        {found.status === 'found' && found.towns.length === 0 ? noSuchTown(asked.trim()) : null}
        {found.status === 'found'
          ? found.towns.map((one) => (
              <button
                key={`${one.latitudeDeg} ${one.longitudeDeg}`}
                type="button"
                onClick={() =>
                  onTown({
                    name: townInWords(one),
                    latitudeDeg: one.latitudeDeg,
                    longitudeDeg: one.longitudeDeg,
                    altitudeM: null,
                  })
                }
              >
                <strong>{one.name}</strong> {townInWords({ ...one, name: '' })}
              </button>
            ))
          : null}
      </div>
    </Field>
  );
}

function LatitudeField({ town, onTown }: TownFinderProps) {
  const [typed, setTyped] = useState<number | undefined>(town?.latitudeDeg);
  const { min, max, unit } = ranges.latitudeDeg;
  const isWrong = typed !== undefined && (typed < min || typed > max);
  return (
    <Field
      id="home-latitude"
      label="Latitude, south negative"
      fault={isWrong ? fieldRange('Latitude', min, max, unit) : null}
    >
      <UnitNumber
        id="home-latitude"
        value={typed}
        suffix="°"
        step={1}
        hasFault={isWrong}
        onChange={(value) => {
          setTyped(value);
          const isGood = value !== undefined && value >= min && value <= max;
          onTown(isGood ? { name: '', latitudeDeg: value, longitudeDeg: null, altitudeM: null } : null);
        }}
      />
    </Field>
  );
}
