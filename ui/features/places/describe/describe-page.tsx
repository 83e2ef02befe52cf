'use client';

/** A place of one's own from a few touches: where, what, and what is known. Each answer shows at once what it changes. */
import { Input } from 'antd';
import { useMemo, useState } from 'react';
import { climateStations, type Place, type RoomKind, roomPlace } from '@core';
import { answeredAnew, placeSavedForBench, roomNote, usualRoomName } from '@core/words';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { useIsBrowser } from '../../../data/browser/stored';
import { messages } from '../../../data/messages';
import { useKeepPlace } from '../../../data/places';
import { useKeep } from '../../../data/use-keep';
import { thisMonth } from '../../../data/worker/first-case';
import { putOnBench } from '../put-on-bench';
import { DescribedYear } from './described-year';
import { descriptionOf, forgetPlaceDraft, loadPlaceDraft, type PlaceDraft, storePlaceDraft } from '../place-draft';
import { KindTiles } from './kind-tiles';
import { KnownAirFields } from './known-air-fields';
import { RoomQuestions } from './room-questions';
import { TownFinder } from './town-finder';
import styles from './describe.module.css';

/** Answered anew it stays the place it was. */
const seenOf = ({ of }: PlaceDraft, place: Place) => of && { place: { ...place, id: of.id }, version: of.version };

export function DescribePage() {
  // What was begun lies in the browser: read once the page is there.
  return useIsBrowser() ? <BegunForm /> : null;
}

function BegunForm() {
  const [draft, setDraft] = useState(loadPlaceDraft);
  return <DescribeForm draft={draft} onDraft={setDraft} />;
}

interface DescribeFormProps {
  readonly draft: PlaceDraft;
  readonly onDraft: (draft: PlaceDraft) => void;
}

function DescribeForm({ draft, onDraft }: DescribeFormProps) {
  const keeping = useKeepPlace();
  const keepIt = useKeep();
  const change = (patch: Partial<PlaceDraft>) => {
    const next = { ...draft, ...patch };
    storePlaceDraft(next);
    onDraft(next);
  };
  const kind = (draft.said.kind ?? null) as RoomKind | null;
  const name = draft.name ?? (kind === null ? '' : usualRoomName(kind));
  const room = useMemo(() => descriptionOf(draft, thisMonth()), [draft]);
  const described = useMemo(() => {
    if (!room) return null;
    const made = roomPlace(room, name.trim(), climateStations);
    return { ...made, place: { ...made.place, note: roomNote(room) } };
  }, [room, name]);

  const save = async () => {
    if (!described) return;
    const kept = await keepIt(() =>
      keeping.mutateAsync({ place: described.place, seen: seenOf(draft, described.place) }),
    );
    if (kept.status === 'refused') {
      messages.error(kept.message);
      return;
    }
    forgetPlaceDraft();
    putOnBench(kept.status === 'kept' ? kept.value : described.place);
    messages.success(placeSavedForBench(described.place.name));
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- the bench reads its draft when it opens
    window.location.assign('/');
  };

  return (
    <div className={styles.page}>
      <div className={styles.asked}>
        <h1>{draft.of ? answeredAnew(draft.name ?? '') : 'Add my place'}</h1>
        {draft.of ? (
          <Button
            kind="link"
            onClick={() => {
              forgetPlaceDraft();
              onDraft(loadPlaceDraft());
            }}
          >
            Add another place instead
          </Button>
        ) : null}
        <section aria-labelledby="place-where">
          <h2 id="place-where">1. Where</h2>
          <TownFinder town={draft.town} onTown={(town) => change({ town })} />
        </section>
        <section aria-labelledby="place-what">
          <h2 id="place-what">2. What</h2>
          <KindTiles kind={kind} onKind={(said) => change({ said: { ...draft.said, kind: said } })} />
        </section>
        {room ? (
          <section aria-labelledby="place-how">
            <h2 id="place-how">3. How it is</h2>
            <RoomQuestions room={room} onSaid={(said) => change({ said: { ...draft.said, ...said } })} />
          </section>
        ) : null}
        {room ? (
          <section aria-labelledby="place-known">
            <h2 id="place-known">4. What you have measured, if anything</h2>
            <KnownAirFields
              known={draft.known}
              readings={draft.said.readings ?? []}
              onKnown={(known) => change({ known })}
              onReadings={(readings) => change({ said: { ...draft.said, readings } })}
            />
          </section>
        ) : null}
      </div>
      <div className={styles.told}>
        {described ? (
          <DescribedYear described={described} />
        ) : (
          <p className={styles.yet}>Say where and what: the year there stands here at once.</p>
        )}
        {described ? (
          <div className={styles.save}>
            <Field id="place-name" label="Name" fault={name.trim() === '' ? 'A place needs a name.' : null}>
              <Input
                id="place-name"
                value={name}
                maxLength={80}
                onChange={(event) => change({ name: event.target.value })}
              />
            </Field>
            <Button
              kind="main"
              isLarge
              isBusy={keeping.isPending}
              disabled={name.trim() === ''}
              onClick={() => void save()}
            >
              Save and use it
            </Button>
          </div>
        ) : null}
      </div>
    </div>
  );
}
