'use client';

/** A plant put on record without the bench: a new one, another like one there is, or a division. */
import { plantIsOnRecord, yearsInMediumRange } from '@core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { genusById, genusIds, mediaCatalogue, type PlanCase, type Place } from '@core';
import type { AddInput } from '@server/records/journal/add-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { KeepDialog } from '../../controls/keep-dialog';
import { client } from '../../data/client';
import { today } from '../../data/dates';
import { messages } from '../../data/messages';
import { usePlaceChoices } from '../../data/place-choices';
import { placeInCase } from '../../data/place-in-case';
import { useKeep } from '../../data/use-keep';
import { newId } from '../../data/browser/new-id';

export type AddKind = 'new' | 'like' | 'division';

const titles: Readonly<Record<AddKind, string>> = {
  new: 'A plant you have',
  like: 'Another like it',
  division: 'Divide it',
};

/** In the catalogue, so that it can be chosen here; own kinds are planned at the bench. */
const genera = genusIds.map((id) => ({ id, name: genusById(id).name })).sort((a, b) => a.name.localeCompare(b.name));
const MOST_YEARS = 30;

interface AddDialogProps {
  readonly kind: AddKind;
  /** What it is like, or was part of. */
  readonly of: PlantLog | null;
  readonly onClose: () => void;
}

/** What is said of a new plant, as it is typed. */
interface SaidOfIt {
  readonly genus: string;
  /** null: the first there is. */
  readonly placeId: string | null;
  readonly mediumId: string;
  readonly years: string;
}

function caseOf({ genus, placeId, mediumId, years }: SaidOfIt, places: readonly Place[]): PlanCase {
  const place = places.find(({ id }) => id === placeId) ?? places[0]!;
  const inIt = years === '' ? {} : { yearsInMedium: Number(years) };
  const current = mediumId === '' ? {} : { current: { mediumId, ...inIt } };
  return { genus, place: placeInCase(place), ...current } as PlanCase;
}

export function AddDialog({ kind, of, onClose }: AddDialogProps) {
  const { offered: places } = usePlaceChoices();
  const [name, setName] = useState(of ? `${of.name}, ${kind === 'division' ? 'division' : 'another'}` : '');
  const [tagNumber, setTagNumber] = useState('');
  const [said, setSaid] = useState<SaidOfIt>({
    genus: genera[0]!.id,
    placeId: null,
    mediumId: '',
    years: '',
  });
  const { years } = said;
  const [day, setDay] = useState(today);
  const [note, setNote] = useState('');
  const [isGivenAway, setGivenAway] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  // One key for this dialog: a double tap is one plant.
  const [idempotencyKey] = useState(() => newId());
  const queries = useQueryClient();
  const router = useRouter();
  const keepIt = useKeep();

  const keep = async () => {
    if (name.trim() === '') return setFault('A plant wants a name.');
    if (years !== '' && !(Number(years) >= 0 && Number(years) <= MOST_YEARS)) {
      return setFault(yearsInMediumRange(MOST_YEARS));
    }
    setBusy(true);
    setFault(null);
    const facts = {
      name,
      tagNumber: tagNumber || null,
      parentage: of?.parentage ?? null,
      source: of && kind === 'like' ? of.source : null,
      acquiredOn: null,
      spot: of?.spot ?? null,
      flag: null,
    };
    const about = of
      ? { like: { plantId: of.id, isDivision: kind === 'division' } }
      : { planCase: caseOf(said, places) };
    const form: AddInput = { facts, ...about, happenedOn: day, isGivenAway, note, idempotencyKey };
    const outcome = await keepIt(() => client.addPlant(form));
    setBusy(false);
    if (outcome.status === 'refused') return setFault(outcome.message);
    await queries.invalidateQueries({ queryKey: ['plants'] });
    onClose();
    if (outcome.status === 'kept') {
      messages.success(plantIsOnRecord(name));
      router.push(`/plants/${outcome.value.id}`);
    }
    return undefined;
  };
  return (
    <KeepDialog
      title={of ? `${titles[kind]}: ${of.name}` : titles[kind]}
      isBusy={isBusy}
      fault={fault}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <label>
        Name
        <input value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </label>
      <label>
        Number on the tag
        <input value={tagNumber} maxLength={40} onChange={(event) => setTagNumber(event.target.value)} />
      </label>
      {of ? null : <KnownOfIt places={places} said={said} onSaid={(patch) => setSaid({ ...said, ...patch })} />}
      {of ? (
        <label>
          Day
          <input type="date" value={day} max={today()} onChange={(event) => setDay(event.target.value || today())} />
        </label>
      ) : null}
      {kind === 'division' ? (
        <label className="tick">
          <input type="checkbox" checked={isGivenAway} onChange={(event) => setGivenAway(event.target.checked)} />
          It goes to somebody else
        </label>
      ) : null}
      <label>
        Note
        <textarea value={note} rows={2} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
        {kind === 'division' ? <small>Clean the blade before each plant, and cut away from your hand.</small> : null}
      </label>
    </KeepDialog>
  );
}

interface KnownOfItProps {
  readonly places: readonly Place[];
  readonly said: SaidOfIt;
  readonly onSaid: (patch: Partial<SaidOfIt>) => void;
}

interface Named {
  readonly id: string;
  readonly name: string;
}

interface OneOfProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Named[];
  /** What stands for none of them; left out where one is always chosen. */
  readonly none?: string;
  readonly onChange: (id: string) => void;
}

function OneOf({ label, value, options, none, onChange }: OneOfProps) {
  return (
    <label>
      {label}
      <select value={value} onChange={(event) => onChange(event.target.value)}>
        {none === undefined ? null : <option value="">{none}</option>}
        {options.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Of a plant that is like no other on record. */
function KnownOfIt({ places, said: { genus, placeId, mediumId, years }, onSaid }: KnownOfItProps) {
  return (
    <>
      <OneOf label="Kind" value={genus} options={genera} onChange={(id) => onSaid({ genus: id })} />
      <OneOf
        label="Place"
        value={placeId ?? places[0]!.id}
        options={places}
        onChange={(id) => onSaid({ placeId: id })}
      />
      <OneOf
        label="Medium"
        value={mediumId}
        options={mediaCatalogue}
        none="nobody knows"
        onChange={(id) => onSaid({ mediumId: id })}
      />
      <label>
        Years in it
        <input
          inputMode="decimal"
          value={years}
          disabled={mediumId === ''}
          onChange={(event) => onSaid({ years: event.target.value.replace(',', '.') })}
        />
      </label>
    </>
  );
}
