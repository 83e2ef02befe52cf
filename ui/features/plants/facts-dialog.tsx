'use client';

/** What stands on a plant's tag and in its papers, to be written anew. */
import { factsSaved, factIsNow, factsChangedMeanwhile } from '@core/words';
import { useQueryClient } from '@tanstack/react-query';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as z from 'zod';
import { type PlantFacts, type PlantFlag, plantFactsSchema, plantFlags } from '@server/records/plants/facts-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { KeepDialog } from '../../controls/keep-dialog';
import { client, ConflictError } from '../../data/client';
import { today } from '../../data/dates';
import { messages } from '../../data/messages';
import { useKeep } from '../../data/use-keep';
import { flagWords } from './plant-words';

const factsIn = ({ name, tagNumber, parentage, source, acquiredOn, spot, flag }: PlantLog): PlantFacts => ({
  name,
  tagNumber,
  parentage,
  source,
  acquiredOn,
  spot,
  flag,
});

const lines = [
  { key: 'name', label: 'Name', most: 120, hint: '' },
  { key: 'tagNumber', label: 'Number on the tag', most: 40, hint: '' },
  { key: 'parentage', label: 'Parentage or hybrid', most: 200, hint: 'one parent × the other' },
  { key: 'source', label: 'Where it came from', most: 200, hint: 'a friend, a show, a nursery' },
  { key: 'spot', label: 'Where in its place', most: 80, hint: 'second shelf, left' },
] as const;

const labels: Readonly<Record<keyof PlantFacts, string>> = {
  name: 'name',
  tagNumber: 'number on the tag',
  parentage: 'parentage',
  source: 'where it came from',
  acquiredOn: 'with you since',
  spot: 'where in its place',
  flag: 'mark',
};

/** What a conflict answers of the plant as it now is. */
const keptSchema = plantFactsSchema.extend({ version: z.number() });

const shown = (key: keyof PlantFacts, value: string | null): string =>
  value === null
    ? 'nothing'
    : key === 'acquiredOn'
      ? dayjs(value).format('D MMMM YYYY')
      : key === 'flag'
        ? flagWords[value as PlantFlag]
        : `“${value}”`;

const keys = Object.keys(labels) as (keyof PlantFacts)[];

/** What somebody else changed since these were seen, in words. */
const changedByOthers = (seen: PlantFacts, kept: PlantFacts): string =>
  keys
    .filter((key) => kept[key] !== seen[key])
    .map((key) => factIsNow(labels[key], shown(key, kept[key])))
    .join('; ');

/** Theirs where nothing else was written here, mine where it was. */
const together = (seen: PlantFacts, kept: PlantFacts, mine: PlantFacts): PlantFacts =>
  Object.fromEntries(keys.map((key) => [key, mine[key] === seen[key] ? kept[key] : mine[key]])) as PlantFacts;

interface FactsDialogProps {
  readonly log: PlantLog;
  readonly onClose: () => void;
}

export function FactsDialog({ log, onClose }: FactsDialogProps) {
  const [facts, setFacts] = useState(() => factsIn(log));
  const [seen, setSeen] = useState(() => ({ facts: factsIn(log), version: log.version }));
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const queries = useQueryClient();
  const keepIt = useKeep();
  const set = (change: Partial<PlantFacts>) => setFacts({ ...facts, ...change });
  const keep = async () => {
    if (facts.name.trim() === '') return setFault('A plant wants a name.');
    setBusy(true);
    setFault(null);
    const outcome = await keepIt(() => client.changeFacts(log.id, facts, seen.version));
    setBusy(false);
    if (outcome.status === 'refused') {
      const kept = outcome.error instanceof ConflictError ? keptSchema.safeParse(outcome.error.current) : null;
      if (!kept?.success) return setFault(outcome.message);
      const { version, ...theirs } = kept.data;
      const clashes = keys.filter((key) => facts[key] !== seen.facts[key] && theirs[key] !== seen.facts[key]);
      const said = changedByOthers(seen.facts, theirs);
      // Seen now: the next touch keeps what stands in the dialog.
      setFacts(together(seen.facts, theirs, facts));
      setSeen({ facts: theirs, version });
      return setFault(factsChangedMeanwhile(said, clashes.length > 0));
    }
    if (outcome.status === 'kept') messages.success(factsSaved(facts.name));
    await queries.invalidateQueries({ queryKey: ['plants'] });
    return onClose();
  };
  return (
    <KeepDialog title="Tag and papers" isBusy={isBusy} fault={fault} onKeep={() => void keep()} onClose={onClose}>
      {lines.map(({ key, label, most, hint }) => (
        <label key={key}>
          {label}
          <input
            value={facts[key] ?? ''}
            maxLength={most}
            placeholder={hint}
            onChange={(event) => set({ [key]: key === 'name' ? event.target.value : event.target.value || null })}
          />
        </label>
      ))}
      <label>
        With you since
        <input
          type="date"
          value={facts.acquiredOn ?? ''}
          max={today()}
          onChange={(event) => set({ acquiredOn: event.target.value || null })}
        />
      </label>
      <label>
        Mark
        <select
          value={facts.flag ?? ''}
          onChange={(event) => set({ flag: (event.target.value || null) as PlantFlag | null })}
        >
          <option value="">none</option>
          {plantFlags.map((flag) => (
            <option key={flag} value={flag}>
              {flagWords[flag]}
            </option>
          ))}
        </select>
      </label>
    </KeepDialog>
  );
}
