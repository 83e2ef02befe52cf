'use client';

/** What is said of a new plant: name and kind, place, what it stands in, number and note. */
import type { RefObject } from 'react';
import { type Place, saidOfSetup, type SetupSpec, setupNow } from '@core';
import { Button } from '../../../controls/button';
import { SaidSetupFields } from '../../../potting/said-setup-fields';
import { KindField } from './kind-field';
import type { NewPlant } from './new-plant';

interface StandsInProps {
  readonly said: NewPlant;
  /** What it stands in, whole; null where that is not said, or out of its range. */
  readonly spec: SetupSpec | null;
  readonly onSaid: (patch: Partial<NewPlant>) => void;
}

interface NewPlantFieldsProps extends StandsInProps {
  readonly places: readonly Place[];
  readonly nameField: RefObject<HTMLInputElement | null>;
}

export function NewPlantFields({ said, spec, places, nameField, onSaid }: NewPlantFieldsProps) {
  return (
    <>
      <label>
        Name
        <input
          ref={nameField}
          autoFocus
          value={said.name}
          maxLength={120}
          placeholder="Masdevallia veitchiana, moth orchid, Mother’s cattleya…"
          onChange={(event) => onSaid({ name: event.target.value })}
        />
      </label>
      <KindField said={said} onKind={(genusId) => onSaid({ genusId })} />
      <label>
        Place
        <select value={said.placeId ?? places[0]!.id} onChange={(event) => onSaid({ placeId: event.target.value })}>
          {places.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <StandsIn said={said} spec={spec} onSaid={onSaid} />
      <details open={said.tagNumber !== '' || said.note !== '' || undefined}>
        <summary>Number and note</summary>
        <label>
          Number on the tag
          <input
            value={said.tagNumber}
            maxLength={40}
            onChange={(event) => onSaid({ tagNumber: event.target.value })}
          />
        </label>
        <label>
          Note
          <textarea
            value={said.note}
            rows={2}
            maxLength={2000}
            onChange={(event) => onSaid({ note: event.target.value })}
          />
        </label>
      </details>
    </>
  );
}

function StandsIn({ said, spec, onSaid }: StandsInProps) {
  return said.setup === null ? (
    <Button onClick={() => onSaid({ setup: saidOfSetup(setupNow({})) })}>What it stands in…</Button>
  ) : (
    <fieldset>
      <legend>What it stands in</legend>
      <SaidSetupFields said={said.setup} spec={spec} onSaid={(setup) => onSaid({ setup })} />
      <label>
        Years in it
        <input
          inputMode="decimal"
          value={said.years}
          onChange={(event) => onSaid({ years: event.target.value.replace(',', '.') })}
        />
      </label>
      <Button kind="link" onClick={() => onSaid({ setup: null, years: '' })}>
        Nobody knows
      </Button>
    </fieldset>
  );
}
