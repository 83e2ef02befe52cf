'use client';

/** What only the grower can say of a list: what a column holds, how days are written, which kind and place is meant. */
import { kindsToCheck, knownKinds, mixText, whichDay } from '@core/words';
import dayjs from 'dayjs';
import { demoPlaces, genusById, genusIds, type ListField, listFields, type Place, type PlantTable } from '@core';
import { Choice } from '../../../controls/choice';
import { PageLink } from '../../../controls/page-link';
import { useUnits } from '../../../data/units-context';
import { MediumOptions } from '../../../potting/medium-options';
import {
  genusFor,
  isOfThatName,
  LEFT_OUT,
  likelyPlaces,
  NOT_SETTLED,
  NOTE_ONLY,
  placeFor,
  type Settled,
} from './settled';
import styles from './files.module.css';

interface StepProps {
  readonly table: PlantTable;
  readonly settled: Settled;
  readonly onSettle: (change: Partial<Settled>) => void;
}

const fieldWords: Readonly<Record<ListField, string>> = {
  name: 'Name',
  tagNumber: 'Number on the tag',
  kind: 'Kind',
  species: 'Species or hybrid',
  parentage: 'Parentage',
  source: 'Where it came from',
  acquiredOn: 'Since when you have it',
  place: 'Place',
  spot: 'Where it stands there',
  medium: 'Medium',
  potWidth: 'Width of its pot',
  inMediumSince: 'In its medium since',
  wateredOn: 'Last watered',
  flag: 'Mark',
  note: 'Note',
  leftOn: 'When it left',
  leftHow: 'How it left',
};
const INTO_NOTE = '';
const fieldOptions = [...listFields].sort((a, b) => fieldWords[a].localeCompare(fieldWords[b]));

export function ColumnsHeld({ table, settled, onSettle }: StepProps) {
  const hold = (n: number, field: ListField | null) => {
    const others = table.columns.map(({ field: held }, at) => [at, at !== n && held === field ? null : held] as const);
    const fields = { ...Object.fromEntries(others), [n]: field };
    onSettle({ choices: { ...settled.choices, fields } });
  };
  return (
    <section aria-label="Columns">
      <h2>What the columns hold</h2>
      <ul className={styles.columns}>
        {table.columns.map(({ heading, field, sample }, n) => (
          <li key={n}>
            <label>
              <span>
                <strong>{heading || `Column ${n + 1}`}</strong>{' '}
                {sample ? <small>{sample}</small> : <small>empty</small>}
              </span>
              <select
                value={field ?? INTO_NOTE}
                onChange={(event) =>
                  hold(n, event.target.value === INTO_NOTE ? null : (event.target.value as ListField))
                }
              >
                <option value={INTO_NOTE}>goes into the note</option>
                {fieldOptions.map((name) => (
                  <option key={name} value={name}>
                    {fieldWords[name]}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Asked once, where the days themselves do not tell. */
export function DaysRead({ table: { dates }, settled, onSettle }: StepProps) {
  if (dates.example === null || (dates.order !== null && settled.choices.dates === undefined)) return null;
  const [one = '', other = '', year = ''] = dates.example.split(/[-/.]/);
  const day = (month: string, of: string) =>
    dayjs(`${year.padStart(4, '20')}-${month.padStart(2, '0')}-${of.padStart(2, '0')}`).format('D MMMM YYYY');
  const options = [
    { value: 'day first', label: day(other, one) },
    { value: 'month first', label: day(one, other) },
  ] as const;
  return (
    <section aria-label="Days">
      <h2>Which day is {dates.example}?</h2>
      <Choice
        label={whichDay(dates.example)}
        options={options}
        value={dates.order ?? ''}
        onChange={(order: string) => onSettle({ choices: { ...settled.choices, dates: order as 'day first' } })}
      />
    </section>
  );
}

const genera = genusIds.map((id) => ({ id, name: genusById(id).name })).sort((a, b) => a.name.localeCompare(b.name));

export function KindsMeant({ table, settled, onSettle }: StepProps) {
  const isOpen = (kind: PlantTable['kinds'][number]) => kind.match.how !== 'sure' && !(kind.text in settled.genera);
  const unsure = table.kinds.filter(isOpen).length;
  const known = table.kinds.filter(({ match }) => match.how === 'sure');
  const asked = table.kinds.filter(({ match }) => match.how !== 'sure');
  return (
    <section aria-label="Kinds">
      <h2>Which kind is meant</h2>
      <p className={styles.hint}>{unsure === 0 ? 'All kinds are known.' : kindsToCheck(unsure)}</p>
      <ul className={styles.meant}>
        {asked.map((kind) => (
          <KindMeant key={kind.text} kind={kind} settled={settled} onSettle={onSettle} isOpen={isOpen(kind)} />
        ))}
      </ul>
      {known.length > 0 ? (
        <details>
          <summary>{knownKinds(known.length)}</summary>
          <ul className={styles.meant}>
            {known.map((kind) => (
              <KindMeant key={kind.text} kind={kind} settled={settled} onSettle={onSettle} isOpen={false} />
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}

type Kind = PlantTable['kinds'][number];

interface KindMeantProps extends Pick<StepProps, 'settled' | 'onSettle'> {
  readonly kind: Kind;
  /** It is to be looked at. */
  readonly isOpen: boolean;
}

function KindMeant({ kind, settled, onSettle, isOpen }: KindMeantProps) {
  const { text, plants, match } = kind;
  const chosen = genusFor(settled, kind);
  return (
    <li key={text} data-unsure={isOpen ? '' : undefined}>
      <label>
        <span>
          <strong>{text}</strong> <small>{plants === 1 ? '1 plant' : `${plants} plants`}</small>
          {isOpen ? <em> {match.how === 'none' ? 'not known' : 'look at it'}</em> : null}
        </span>
        <select
          value={chosen}
          onChange={(event) => onSettle({ genera: { ...settled.genera, [text]: event.target.value } })}
        >
          <option value={LEFT_OUT}>leave these out</option>
          {match.genusIds.length > 1 ? (
            <optgroup label="Likely">
              {match.genusIds.map((id) => (
                <option key={id} value={id}>
                  {genusById(id).name}
                </option>
              ))}
            </optgroup>
          ) : null}
          <optgroup label="All kinds">
            {genera
              .filter(({ id }) => match.genusIds.length < 2 || !match.genusIds.includes(id))
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
          </optgroup>
        </select>
      </label>
    </li>
  );
}

export function PlacesMeant({ table, settled, onSettle, places }: StepProps & { readonly places: readonly Place[] }) {
  const mine = places.filter(({ id }) => !demoPlaces.some((one) => one.id === id));
  const patterns = places.filter((place) => !mine.includes(place));
  const isOpen = (text: string) => placeFor(settled, text, places) === NOT_SETTLED;
  const isUnsure = (text: string) => !(text in settled.places) && !places.some((place) => isOfThatName(text, place));
  return (
    <section aria-label="Places">
      <h2>Which place is meant</h2>
      <ul className={styles.meant}>
        {table.places.map(({ text, plants }) => (
          <li key={text} data-unsure={isUnsure(text) ? '' : undefined}>
            <label>
              <span>
                <strong>{text || 'no place said'}</strong>{' '}
                <small>{plants === 1 ? '1 plant' : `${plants} plants`}</small>
                {isUnsure(text) ? <em> {isOpen(text) ? 'not known' : 'look at it'}</em> : null}
              </span>
              <select
                value={placeFor(settled, text, places)}
                onChange={(event) => onSettle({ places: { ...settled.places, [text]: event.target.value } })}
              >
                <option value={NOT_SETTLED}>choose a place</option>
                <PlaceOptions label="Likely" places={likelyPlaces(text, places)} />
                <PlaceOptions label="Mine" places={mine} />
                <PlaceOptions label="Examples" places={patterns} />
              </select>
            </label>
          </li>
        ))}
      </ul>
      <p className={styles.hint}>
        None of them? <PageLink href="/places/new">Add my place</PageLink>; this list waits here.
      </p>
    </section>
  );
}

function PlaceOptions({ label, places }: { readonly label: string; readonly places: readonly Place[] }) {
  return places.length === 0 ? null : (
    <optgroup label={label}>
      {places.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </optgroup>
  );
}

const AS_READ = 'as read';

export function MediaMeant({ table, settled, onSettle }: StepProps) {
  const { units } = useUnits();
  const asked = table.media.filter(({ match }) => match.how !== 'sure');
  if (asked.length === 0) return null;
  return (
    <section aria-label="Media">
      <h2>Which medium is meant</h2>
      <p className={styles.hint}>What was written stays in the note.</p>
      <ul className={styles.meant}>
        {asked.map(({ text, plants, match }) => (
          <li key={text} data-unsure={text in settled.media ? undefined : ''}>
            <label>
              <span>
                <strong>{text}</strong> <small>{plants === 1 ? '1 plant' : `${plants} plants`}</small>
                {text in settled.media ? null : <em> {match.how === 'none' ? 'not known' : 'look at it'}</em>}
              </span>
              <select
                value={settled.media[text] ?? (match.how === 'none' ? NOTE_ONLY : AS_READ)}
                onChange={(event) => {
                  const { [text]: _before, ...others } = settled.media;
                  const { value } = event.target;
                  onSettle({ media: value === AS_READ ? others : { ...others, [text]: value } });
                }}
              >
                {match.how === 'none' ? null : <option value={AS_READ}>{mixText(match.mix, units)}</option>}
                <option value={NOTE_ONLY}>not said: into the note alone</option>
                <MediumOptions />
              </select>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
