'use client';

/** What wants a word more: which, how much, where to; and a note. */
import { type ReactNode, useState } from 'react';
import { type Felt, feltWhenWatering, type PestKind, pestKinds, type Place } from '@core';
import { pestWords } from '@core/words';
import {
  type BloomState,
  bloomStates,
  type GrowthEvent,
  growthEvents,
  waysWatered,
  type WayWatered,
  waysToLeave,
  type WayToLeave,
} from '@server/records/journal/quick-entry-schemas';
import { Choice } from '../controls/choice';
import { PhotoButton, PhotoRow } from '../controls/photographs';
import { KeepDialog } from '../controls/keep-dialog';
import { usePlaceChoices } from '../data/place-choices';
import { placeInCase } from '../data/place-in-case';
import { type QuickEntryOf, type Done, nameOfAll } from '../data/use-journal';
import { bloomWords, growthEventWords, journalWords, leftWords, wayWateredWords } from './journal-words';
import styles from './journal.module.css';

export type DetailKind = 'watered' | 'grew' | 'felt' | 'bloomed' | 'treated' | 'moved' | 'weighed' | 'noted' | 'left';

interface CareDialogProps {
  readonly kind: DetailKind;
  readonly plants: readonly QuickEntryOf[];
  readonly day: string;
  readonly isBusy: boolean;
  readonly onKeep: (done: Done) => void;
  readonly onClose: () => void;
}

const asked: Readonly<Record<DetailKind, string>> = {
  watered: 'Watered',
  grew: 'What it made or lost',
  felt: 'A finger in it',
  bloomed: 'Bloom',
  treated: 'Treated',
  moved: 'Moved to',
  weighed: 'Weighed',
  noted: 'Note',
  left: 'Left the collection',
};

const heaviestG = 100_000;
const options = <V extends string>(values: readonly V[], words: Readonly<Record<V, string>>) =>
  values.map((value) => ({ value, label: words[value] }));

interface MovedToProps {
  readonly places: readonly Place[];
  readonly placeId: string;
  readonly spot: string;
  readonly onPlace: (placeId: string) => void;
  readonly onSpot: (spot: string) => void;
}

function MovedTo({ places, placeId, spot, onPlace, onSpot }: MovedToProps) {
  return (
    <>
      <label>
        Place
        <select value={placeId} onChange={(event) => onPlace(event.target.value)}>
          {places.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label>
        Where there
        <input
          value={spot}
          maxLength={80}
          placeholder="second shelf, left"
          onChange={(event) => onSpot(event.target.value)}
        />
      </label>
    </>
  );
}

/** The fields of a kind, and what they say; null while they say too little. */
function useDetails(kind: DetailKind): { readonly fields: ReactNode; readonly details: object | null } {
  const [felt, setFelt] = useState<Felt>('still wet');
  const [way, setWay] = useState<WayWatered>('refilled');
  const [what, setWhat] = useState<GrowthEvent>('new growth');
  const [state, setState] = useState<BloomState>('open');
  const [against, setAgainst] = useState<PestKind | ''>('');
  const [weight, setWeight] = useState('');
  const [how, setHow] = useState<WayToLeave>('given away');
  const { offered } = usePlaceChoices();
  const [movedTo, setMovedTo] = useState<string | null>(null);
  const placeId = movedTo ?? offered[0]!.id;
  const [spot, setSpot] = useState('');
  const grams = Number(weight);
  switch (kind) {
    case 'watered':
      return {
        fields: (
          <Choice label="How" isWide options={options(waysWatered, wayWateredWords)} value={way} onChange={setWay} />
        ),
        details: { way },
      };
    case 'grew':
      return {
        fields: (
          <label>
            What
            <select value={what} onChange={(event) => setWhat(event.target.value as GrowthEvent)}>
              {growthEvents.map((one) => (
                <option key={one} value={one}>
                  {growthEventWords[one]}
                </option>
              ))}
            </select>
          </label>
        ),
        details: { what },
      };
    case 'felt':
      return {
        fields: (
          <Choice
            label="Felt"
            isWide
            options={feltWhenWatering.map((value) => ({ value, label: value }))}
            value={felt}
            onChange={setFelt}
          />
        ),
        details: { felt },
      };
    case 'bloomed':
      return {
        fields: (
          <Choice label="Bloom" isWide options={options(bloomStates, bloomWords)} value={state} onChange={setState} />
        ),
        details: { state },
      };
    case 'treated':
      return {
        fields: (
          <label>
            Against
            <select value={against} onChange={(event) => setAgainst(event.target.value as PestKind | '')}>
              <option value="">nothing in particular</option>
              {pestKinds.map((pest) => (
                <option key={pest} value={pest}>
                  {pestWords[pest]}
                </option>
              ))}
            </select>
            <small>The label of what you use and local rules come first; gloves, and children and animals away.</small>
          </label>
        ),
        details: against === '' ? {} : { against },
      };
    case 'moved': {
      const chosen = offered.find(({ id }) => id === placeId);
      return {
        fields: <MovedTo places={offered} placeId={placeId} spot={spot} onPlace={setMovedTo} onSpot={setSpot} />,
        details: chosen ? { place: placeInCase(chosen), ...(spot ? { spot } : {}) } : null,
      };
    }
    case 'weighed':
      return {
        fields: (
          <label>
            Grams, pot and all
            <input
              inputMode="decimal"
              value={weight}
              aria-invalid={weight !== '' && !(grams >= 1 && grams <= heaviestG)}
              onChange={(event) => setWeight(event.target.value.replace(',', '.'))}
            />
          </label>
        ),
        details: grams >= 1 && grams <= heaviestG ? { weightG: grams } : null,
      };
    case 'left':
      return {
        fields: <Choice label="How" isWide options={options(waysToLeave, leftWords)} value={how} onChange={setHow} />,
        details: { how },
      };
    case 'noted':
      return { fields: null, details: {} };
  }
}

export function JournalDialog({ kind, plants, day, isBusy, onKeep, onClose }: CareDialogProps) {
  const { fields, details } = useDetails(kind);
  const [note, setNote] = useState('');
  const [photoIds, setPhotoIds] = useState<readonly string[]>([]);
  const isSaid = note.trim() !== '' || photoIds.length > 0;
  const isComplete = details !== null && (kind !== 'noted' || isSaid);
  const keep = () => {
    if (!isComplete) return;
    const said = { ...(note.trim() ? { note } : {}), ...(photoIds.length > 0 ? { photoIds } : {}) };
    onKeep({ kind, happenedOn: day, details: { ...details, ...said } } as Done);
  };
  return (
    <KeepDialog
      title={`${asked[kind]}: ${nameOfAll(plants)}`}
      isBusy={isBusy}
      isComplete={isComplete}
      onKeep={keep}
      onClose={onClose}
    >
      {fields}
      <label>
        {kind === 'left' ? 'Why, or to whom' : journalWords.noted}
        <textarea value={note} rows={2} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
      </label>
      {/* A photograph is of one plant. */}
      {plants.length === 1 ? (
        <div className={styles.bar}>
          <PhotoButton ids={photoIds} onChange={setPhotoIds} />
          <PhotoRow ids={photoIds} onChange={setPhotoIds} />
        </div>
      ) : null}
    </KeepDialog>
  );
}
