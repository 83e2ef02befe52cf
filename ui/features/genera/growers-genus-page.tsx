'use client';

/** A genus of the grower's own: begun from one that is like it, every value theirs to state. */
import { Input, Select } from 'antd';
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import { generaCatalogue, type Genus, genusById, growersGenusSchema } from '@core';
import { type Fault, metricWords, mmRange, parseWith, keptForTheBench } from '@core/words';
import { DeleteSeveral } from '../../controls/delete-several';
import { SavedRow } from '../../controls/saved-row';
import { UnreadableNote } from '../../controls/unreadable-note';
import {
  useChangeLibraryItem,
  useLibrary,
  usePutAway,
  useSaveLibraryItem,
  useUnreadableItems,
} from '../../data/library';
import { Field } from '../../controls/field';
import { TraitField, traitKeys } from '../../controls/trait-field';
import { useKeep } from '../../data/use-keep';
import type { LibraryEntry } from '@server/records/library/schemas';
import styles from './genera.module.css';
import { messages } from '../../data/messages';
import { Button } from '../../controls/button';

type Draft = Readonly<Record<string, unknown>>;

function draftFrom(genusId: string): Draft {
  const genus = genusById(genusId);
  return Object.fromEntries(traitKeys.map((key) => [key, genus[key]]));
}

/** Name, roots and what it wants: enough to tell one state from another. */
function tellGenus(genus: Genus) {
  return (
    <>
      <span className="latin">{genus.name}</span>, roots{' '}
      {mmRange(genus.rootThinnestMm, genus.rootThickestMm, metricWords)}, {genus.regime}, {genus.temperature},{' '}
      {genus.habit}
    </>
  );
}

export function GrowersGenusPage() {
  const own = useLibrary('genus');
  const unreadable = useUnreadableItems('genus');
  const save = useSaveLibraryItem('genus');
  const change = useChangeLibraryItem('genus');
  const [changing, setChanging] = useState<LibraryEntry<'genus'> | null>(null);
  const keepIt = useKeep();
  const [likeId, setLikeId] = useState('phalaenopsis');
  const [name, setName] = useState('');
  const [trap, setTrap] = useState('');
  const [draft, setDraft] = useState<Draft>(() => draftFrom('phalaenopsis'));
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const { putAway, undo } = usePutAway('genus');
  const faultAt = (path: string) => faults.find((fault) => fault.path === path)?.message ?? null;

  /** A genus to change, or a new one. */
  const begin = (entry: LibraryEntry<'genus'> | null) => {
    setChanging(entry);
    setFaults([]);
    setName(entry?.data.name ?? '');
    setTrap(entry?.data.trap ?? '');
    setDraft(entry ? Object.fromEntries(traitKeys.map((key) => [key, entry.data[key]])) : draftFrom(likeId));
  };

  const keep = async () => {
    const parsed = parseWith(growersGenusSchema, { ...draft, traps: changing?.data.traps, name, trap });
    if (parsed.status === 'faulty') {
      setFaults(parsed.faults);
      return;
    }
    setFaults([]);
    const data = parsed.value as Genus;
    const kept = await keepIt(() => (changing ? change.mutateAsync({ seen: changing, data }) : save.mutateAsync(data)));
    if (kept.status === 'refused') {
      messages.error(kept.message);
      return;
    }
    if (kept.status === 'kept') messages.success(keptForTheBench(name));
    begin(null);
  };
  return (
    <article className={styles.page}>
      <header className={styles.head}>
        <h1>A genus of your own</h1>
        <PageLink href="/library">
          <Button>All we know</Button>
        </PageLink>
      </header>
      <OwnGenera entries={own} onChange={begin} onPutAway={putAway} />
      {undo ? <Button onClick={undo}>Undo</Button> : null}
      <UnreadableNote kept={unreadable} />
      <Start
        name={name}
        likeId={likeId}
        trap={trap}
        faultAt={faultAt}
        onName={setName}
        onTrap={setTrap}
        onLike={(id) => {
          setLikeId(id);
          setDraft(draftFrom(id));
        }}
      />
      <div className={styles.traits}>
        {traitKeys.map((key) => (
          <TraitField
            key={key}
            trait={key}
            idPrefix="own"
            value={draft[key]}
            fault={faultAt(key)}
            onChange={(value) => setDraft({ ...draft, [key]: value })}
          />
        ))}
      </div>
      <Button kind="main" isLarge onClick={() => void keep()} disabled={name.trim() === ''}>
        {changing ? 'Keep the change' : 'Keep this genus'}
      </Button>
      {changing ? (
        <Button isLarge onClick={() => begin(null)}>
          Leave it as it was
        </Button>
      ) : null}
      {faults.length > 0 ? (
        <p role="alert" className={styles.fault}>
          {faults.map((fault) => fault.message).join('; ')}
        </p>
      ) : null}
    </article>
  );
}

interface StartProps {
  readonly name: string;
  readonly likeId: string;
  readonly trap: string;
  readonly faultAt: (path: string) => string | null;
  readonly onName: (name: string) => void;
  readonly onLike: (genusId: string) => void;
  readonly onTrap: (trap: string) => void;
}

/** What it is called, the genus it begins from, and what goes wrong with it. */
function Start({ name, likeId, trap, faultAt, onName, onLike, onTrap }: StartProps) {
  return (
    <div className={styles.startRow}>
      <Field id="genus-name" label="Its name" fault={faultAt('name')}>
        <Input id="genus-name" value={name} maxLength={80} onChange={(event) => onName(event.target.value)} />
      </Field>
      <Field id="genus-like" label="Begin from">
        <Select
          id="genus-like"
          showSearch={{ optionFilterProp: 'label' }}
          value={likeId}
          options={generaCatalogue.map((genus) => ({ value: genus.id, label: genus.name }))}
          onChange={onLike}
        />
      </Field>
      <Field id="genus-trap" label="What often goes wrong with it" fault={faultAt('trap')}>
        <Input id="genus-trap" value={trap} maxLength={300} onChange={(event) => onTrap(event.target.value)} />
      </Field>
    </div>
  );
}

interface OwnGeneraProps {
  readonly entries: readonly LibraryEntry<'genus'>[];
  readonly onChange: (entry: LibraryEntry<'genus'>) => void;
  readonly onPutAway: (id: string) => void;
}

function OwnGenera({ entries, onChange, onPutAway }: OwnGeneraProps) {
  return entries.length === 0 ? null : (
    <>
      <ul className={styles.own}>
        {entries.map((entry) => (
          <SavedRow
            key={entry.id}
            kind="genus"
            entry={entry}
            name={entry.data.name}
            tell={tellGenus}
            onChange={() => onChange(entry)}
            onPutAway={() => onPutAway(entry.id)}
          />
        ))}
      </ul>
      <DeleteSeveral kind="genus" things={entries.map(({ id, data }) => ({ id, name: data.name }))} />
    </>
  );
}
