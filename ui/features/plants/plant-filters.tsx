'use client';

/** What the list of plants is narrowed to and ordered by. */
import { genusById, genusIds } from '@core';
import { kindName } from '@core/words';
import type { DueSort } from '@server/projections/due/schemas';
import type { Facets, PlantSort } from '@server/projections/plants/schemas';
import { flagWords } from './plant-words';
import styles from './plants.module.css';

type Asked = Readonly<Record<string, string>>;

const sortWords: Readonly<Record<PlantSort, string>> = {
  name: 'name',
  tag: 'tag number',
  potted: 'oldest medium first',
  watered: 'longest not watered',
  looked: 'longest not looked over',
  acquired: 'longest with you',
};

const dueWords: Readonly<Record<DueSort, string>> = {
  any: 'anything by now',
  repot: 'a new pot',
  flush: 'a flush',
  look: 'a look',
  water: 'water',
};

interface Option {
  readonly value: string;
  readonly label: string;
}

interface PlantFiltersProps {
  readonly facets: Facets;
  readonly asked: Asked;
  /** Out of sight where there is little room. */
  readonly isShut: boolean;
  readonly onAsk: (change: Asked) => void;
}

const genusName = (id: string): string => (genusIds.includes(id) ? genusById(id).name : id);
const counted = (label: string, plants: number): string => `${label} (${plants})`;

export function PlantFilters({ facets, asked, isShut, onAsk }: PlantFiltersProps) {
  const fields: readonly { readonly key: string; readonly label: string; readonly options: readonly Option[] }[] = [
    {
      key: 'place',
      label: 'Place',
      options: facets.places.map(({ id, name, plants }) => ({ value: id, label: counted(name ?? id, plants) })),
    },
    {
      key: 'genus',
      label: 'Kind',
      options: facets.genera.map(({ id, plants }) => ({ value: id, label: counted(genusName(id), plants) })),
    },
    {
      key: 'medium',
      label: 'Medium',
      options: facets.media.map(({ id, name, plants }) => ({
        value: id,
        label: counted(name === null ? id : kindName(name), plants),
      })),
    },
    {
      key: 'olderYears',
      label: 'In it for',
      options: [1, 2, 3, 5].map((years) => ({
        value: String(years),
        label: years === 1 ? 'a year and more' : `${years} years and more`,
      })),
    },
    {
      key: 'due',
      label: 'Needs',
      options: Object.entries(dueWords).map(([value, label]) => ({ value, label })),
    },
    {
      key: 'flag',
      label: 'Mark',
      options: facets.flags.map(({ id, plants }) => ({
        value: id,
        label: counted(flagWords[id as keyof typeof flagWords] ?? id, plants),
      })),
    },
    ...(facets.left > 0
      ? [
          {
            key: 'which',
            label: 'Which',
            options: [
              { value: 'left', label: counted('left', facets.left) },
              { value: 'all', label: 'here and left' },
            ],
          },
        ]
      : []),
  ];
  return (
    <div className={styles.filters} data-shut={isShut ? '' : undefined}>
      {fields
        .filter(({ options }) => options.length > 0)
        .map(({ key, label, options }) => (
          <label key={key} data-set={asked[key] ? '' : undefined}>
            {label}
            <select value={asked[key] ?? ''} onChange={(event) => onAsk({ [key]: event.target.value })}>
              <option value="">{key === 'which' ? 'here' : 'any'}</option>
              {options.map(({ value, label: words }) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        ))}
      <label>
        Order
        <select
          value={asked.sort ?? 'name'}
          onChange={(event) => onAsk({ sort: event.target.value === 'name' ? '' : event.target.value })}
        >
          {Object.entries(sortWords).map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
