'use client';

/** What only the grower can say of a list: what a column holds, how days are written, which kind and place is meant. */
import { kindsToCheck, whichDay } from '@core/words';
import dayjs from 'dayjs';
import { genusById, genusIds, type ListField, listFields, type Place, type PlantTable } from '@core';
import { Choice } from '../../../controls/choice';
import { genusFor, LEFT_OUT, placeFor, type Settled } from './settled';
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
  return (
    <section aria-label="Kinds">
      <h2>Which kind is meant</h2>
      <p className={styles.hint}>{unsure === 0 ? 'All kinds are known.' : kindsToCheck(unsure)}</p>
      <ul className={styles.meant}>
        {table.kinds.map((kind) => {
          const { text, plants, match } = kind;
          const chosen = genusFor(settled, kind);
          return (
            <li key={text} data-unsure={isOpen(kind) ? '' : undefined}>
              <label>
                <span>
                  <strong>{text}</strong> <small>{plants === 1 ? '1 plant' : `${plants} plants`}</small>
                  {isOpen(kind) ? <em> {match.how === 'none' ? 'not known' : 'look at it'}</em> : null}
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
        })}
      </ul>
    </section>
  );
}

export function PlacesMeant({ table, settled, onSettle, places }: StepProps & { readonly places: readonly Place[] }) {
  return (
    <section aria-label="Places">
      <h2>Which place is meant</h2>
      <ul className={styles.meant}>
        {table.places.map(({ text, plants }) => (
          <li key={text}>
            <label>
              <span>
                <strong>{text || 'no place said'}</strong>{' '}
                <small>{plants === 1 ? '1 plant' : `${plants} plants`}</small>
              </span>
              <select
                value={placeFor(settled, text, places)}
                onChange={(event) => onSettle({ places: { ...settled.places, [text]: event.target.value } })}
              >
                {places.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
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
