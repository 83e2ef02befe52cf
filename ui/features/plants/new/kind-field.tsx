'use client';

/** The kind of a new plant: as its name says, for all to see, until another is chosen. */
import { genusById, genusIds } from '@core';
import { unknownOrchid } from '@core/words';
import { useLibrary } from '../../../data/library';
import { groupName, groupOf, groupsFor, type NewPlant } from './new-plant';

const MOST_BY_NAME = 6;
const genera = genusIds.map((id) => ({ id, name: genusById(id).name })).sort((a, b) => a.name.localeCompare(b.name));

interface KindFieldProps {
  readonly said: Pick<NewPlant, 'name' | 'genusId'>;
  readonly onKind: (genusId: string | null) => void;
}

export function KindField({ said, onKind }: KindFieldProps) {
  const mine = useLibrary('genus');
  const byName = groupsFor(said.name).slice(0, MOST_BY_NAME);
  const others = genera.filter(({ id }) => !byName.some(({ genusId }) => genusId === id));
  const isUnknown = said.name.trim().length > 2 && byName.length === 0 && said.genusId === null;
  return (
    <div style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 4 }}>
      <label htmlFor="new-plant-kind">Kind</label>
      <select
        id="new-plant-kind"
        aria-describedby={isUnknown ? 'new-plant-kind-hint' : undefined}
        value={groupOf(said) ?? ''}
        onChange={(event) => onKind(event.target.value === '' ? null : event.target.value)}
      >
        <option value="">{byName.length > 0 ? 'as the name says' : 'choose the group it is most like'}</option>
        {byName.length > 0 ? (
          <optgroup label="By its name">
            {byName.map((match) => (
              <option key={match.genusId} value={match.genusId}>
                {groupName(match)}
              </option>
            ))}
          </optgroup>
        ) : null}
        {mine.length > 0 ? (
          <optgroup label="Mine">
            {mine.map(({ id, data }) => (
              <option key={id} value={id}>
                {data.name}
              </option>
            ))}
          </optgroup>
        ) : null}
        <optgroup label="All">
          {others.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </optgroup>
      </select>
      {isUnknown ? <small id="new-plant-kind-hint">{unknownOrchid(said.name.trim())}</small> : null}
    </div>
  );
}
