'use client';

/** Outside for the summer, or anywhere else for part of the year: two places of one's own, by date. */
import { Input } from 'antd';
import { useMemo, useState } from 'react';
import type { Place } from '@core';
import { needsTwoPlaces, placeSavedForBench, timeAwayLine } from '@core/words';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { PageLink } from '../../../controls/page-link';
import { useIsBrowser } from '../../../data/browser/stored';
import { messages } from '../../../data/messages';
import { usePlaceChoices } from '../../../data/place-choices';
import { useKeepPlace } from '../../../data/places';
import { useKeep } from '../../../data/use-keep';
import describeStyles from '../describe/describe.module.css';
import { putOnBench } from '../put-on-bench';
import { AirChart } from '../air-chart';
import styles from './away.module.css';
import {
  type AwayDraft,
  awayPlaceOf,
  daysProposed,
  forgetAwayDraft,
  loadAwayDraft,
  storeAwayDraft,
} from '../away-draft';
import { YearDayField } from './year-day-field';

export function AwayPage() {
  // What was begun lies in the browser: read once the page is there.
  return useIsBrowser() ? <BegunForm /> : null;
}

function BegunForm() {
  const [draft, setDraft] = useState(loadAwayDraft);
  const { mine, offered } = usePlaceChoices();
  const places = (mine.length > 0 ? mine : offered).filter(({ timeAway }) => !timeAway);
  return (
    <div className={describeStyles.page}>
      <AwayForm draft={draft} onDraft={setDraft} places={places} />
    </div>
  );
}

interface AwayFormProps {
  readonly draft: AwayDraft;
  readonly onDraft: (draft: AwayDraft) => void;
  readonly places: readonly Place[];
}

function AwayForm({ draft, onDraft, places }: AwayFormProps) {
  const change = (patch: Partial<AwayDraft>) => {
    const next = { ...draft, ...patch };
    storeAwayDraft(next);
    onDraft(next);
  };
  const made = useMemo(() => awayPlaceOf(draft, places), [draft, places]);
  const away = places.find(({ id }) => id === draft.awayId);
  const days = draft.days ?? (away ? daysProposed(away) : null);
  return (
    <>
      <div className={describeStyles.asked}>
        <h1>Outside for the summer</h1>
        <p>Or anywhere else for part of the year: watering, rest and the advice then follow both places by date.</p>
        {places.length < 2 ? (
          <p role="note">
            {needsTwoPlaces} <PageLink href="/places/new">Add my place</PageLink>
          </p>
        ) : null}
        <PlaceField
          id="away-home"
          label="At home it stands"
          value={draft.homeId}
          places={places}
          onPlace={(homeId) => change({ homeId, name: draft.of ? draft.name : null })}
        />
        <PlaceField
          id="away-there"
          label="It goes to"
          value={draft.awayId}
          places={places.filter(({ id }) => id !== draft.homeId)}
          onPlace={(awayId) =>
            change({ awayId, days: draft.of ? draft.days : null, name: draft.of ? draft.name : null })
          }
        />
        {days ? (
          <div className={styles.days}>
            <YearDayField label="From" day={days.from} onDay={(from) => change({ days: { ...days, from } })} />
            <YearDayField label="To" day={days.to} onDay={(to) => change({ days: { ...days, to } })} />
            {draft.days === null ? <p>Proposed; change it as you do it.</p> : null}
          </div>
        ) : null}
      </div>
      <div className={describeStyles.told}>
        {made ? (
          <AwayYear place={made} draft={draft} onName={(name) => change({ name })} />
        ) : (
          <p className={describeStyles.yet}>Choose both places: the year of both stands here at once.</p>
        )}
      </div>
    </>
  );
}

interface PlaceFieldProps {
  readonly id: string;
  readonly label: string;
  readonly value: string | null;
  readonly places: readonly Place[];
  readonly onPlace: (id: string) => void;
}

function PlaceField({ id, label, value, places, onPlace }: PlaceFieldProps) {
  return (
    <Field id={id} label={label}>
      <select id={id} className={styles.select} value={value ?? ''} onChange={(event) => onPlace(event.target.value)}>
        <option value="" disabled>
          Choose a place
        </option>
        {places.map((place) => (
          <option key={place.id} value={place.id}>
            {place.name}
          </option>
        ))}
      </select>
    </Field>
  );
}

interface AwayYearProps {
  readonly place: Place;
  readonly draft: AwayDraft;
  readonly onName: (name: string) => void;
}

function AwayYear({ place, draft, onName }: AwayYearProps) {
  const keeping = useKeepPlace();
  const keepIt = useKeep();
  const isNamed = place.name.trim() !== '';
  const save = async () => {
    const whole = { ...place, name: place.name.trim(), note: timeAwayLine(place.timeAway!) };
    const seen = draft.of && { place: { ...whole, id: draft.of.id }, version: draft.of.version };
    const kept = await keepIt(() => keeping.mutateAsync({ place: whole, seen }));
    if (kept.status === 'refused') {
      messages.error(kept.message);
      return;
    }
    forgetAwayDraft();
    putOnBench(kept.status === 'kept' ? kept.value : whole);
    messages.success(placeSavedForBench(whole.name));
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- the bench reads its draft when it opens
    window.location.assign('/');
  };
  return (
    <>
      <section className={describeStyles.year} aria-label="The year of both">
        <h2>The year of both</h2>
        <p aria-live="polite">{timeAwayLine(place.timeAway!)}</p>
        <AirChart place={place} />
      </section>
      <div className={describeStyles.save}>
        <Field id="away-name" label="Name" fault={isNamed ? null : 'A place needs a name.'}>
          <Input id="away-name" value={place.name} maxLength={80} onChange={(event) => onName(event.target.value)} />
        </Field>
        <Button kind="main" isLarge isBusy={keeping.isPending} disabled={!isNamed} onClick={() => void save()}>
          Save and use it
        </Button>
      </div>
    </>
  );
}
