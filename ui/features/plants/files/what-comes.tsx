'use client';

/** What will change: who comes, who is here already, what cannot be taken in, and the first plants as they will stand. */
import { lowerFirst, mixName, textInLine, someAndMore } from '@core/words';
import { genusById, type MediumMatch, type Place, type PlantTable } from '@core';
import { genusFor, mixFor, placeFor, type Settled, type Sorted } from './settled';
import styles from './files.module.css';

const SHOWN = 8;
const MOST_NAMED = 6;

const some = (items: readonly (string | number)[]): string =>
  items.length > MOST_NAMED
    ? someAndMore(items.slice(0, MOST_NAMED).join(', '), items.length - MOST_NAMED)
    : items.join(', ');

const inMedium = (mix: MediumMatch['mix'] | undefined): string =>
  mix && mix.length > 0 ? `, in ${lowerFirst(mixName(mix))}` : '';

interface WhatComesProps {
  readonly table: PlantTable;
  readonly sorted: Sorted;
  readonly settled: Settled;
  readonly onSettle: (change: Partial<Settled>) => void;
  readonly places: readonly Place[];
}

export function WhatComes({ table, sorted, settled, onSettle, places }: WhatComesProps) {
  const { taken, onRecord, ofNoKind } = sorted;
  const genera = new Map(table.kinds.map((kind) => [kind.text, genusFor(settled, kind)]));
  const mixes = new Map(table.media.map((medium) => [medium.text, mixFor(settled, medium)]));
  const nameOfPlace = new Map(places.map(({ id, name }) => [id, name]));
  return (
    <section aria-label="What will change">
      <h2>What will change</h2>
      <ul className={styles.remarks}>
        <li>
          {taken.length} {taken.length === 1 ? 'plant comes' : 'plants come'} on record. Those you have stay as they
          are.
        </li>
        {onRecord.length > 0 ? (
          <li>
            {onRecord.length} {onRecord.length === 1 ? 'is' : 'are'} on record already, by number or name:{' '}
            {some(onRecord.map(({ name }) => name))}.
            <label className="tick">
              <input
                type="checkbox"
                checked={settled.isAgain}
                onChange={(event) => onSettle({ isAgain: event.target.checked })}
              />
              Take these in once more
            </label>
          </li>
        ) : null}
        {ofNoKind.length > 0 ? (
          <li>
            {ofNoKind.length} left out, since nobody said their kind: {some(ofNoKind.map(({ name }) => name))}.
          </li>
        ) : null}
        {table.nameless.length > 0 ? <li>Left out, since they have no name: lines {some(table.nameless)}.</li> : null}
        {table.unreadableDays.length > 0 ? (
          <li>
            No day, kept in the note: {some(table.unreadableDays.map(({ line, text }) => textInLine(text, line)))}.
          </li>
        ) : null}
      </ul>
      <ol className={styles.first}>
        {taken.slice(0, SHOWN).map((plant) => (
          <li key={plant.line}>
            <strong>{plant.name}</strong>
            {plant.tagNumber ? ` no. ${plant.tagNumber}` : ''}, {genusById(genera.get(plant.kindText)!).name},{' '}
            {nameOfPlace.get(placeFor(settled, plant.placeText, places))}
            {inMedium(mixes.get(plant.mediumText))}
            {plant.inMediumSince ? ` since ${plant.inMediumSince}` : ''}
            {plant.left ? `, ${plant.left.how} ${plant.left.on}` : ''}
            {plant.note ? <small> {plant.note}</small> : null}
          </li>
        ))}
      </ol>
      {taken.length > SHOWN ? <p className={styles.hint}>and {taken.length - SHOWN} more.</p> : null}
    </section>
  );
}
