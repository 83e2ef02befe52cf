'use client';

/** A genus of the grower's own: begun from one that is like it, every value theirs to state. */
import { DeleteOutlined } from '@ant-design/icons';
import { App, Button, Input, Select } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { generaCatalogue, type Genus, genusById, ownGenusSchema } from '@core';
import { type Fault, parseWith } from '@core/words';
import { UnreadableNote } from '../../controls/unreadable-note';
import { useOwn, usePutAway, useSaveOwn, useUnreadableOwn } from '../../data/own';
import { Field } from '../../controls/field';
import { TraitField, traitKeys } from '../../controls/trait-field';
import { useKeep } from '../../data/use-keep';
import styles from './genera.module.css';

type Draft = Readonly<Record<string, unknown>>;

function draftFrom(genusId: string): Draft {
  const genus = genusById(genusId);
  return Object.fromEntries(traitKeys.map((key) => [key, genus[key]]));
}

export function OwnGenusPage() {
  const own = useOwn('genus');
  const unreadable = useUnreadableOwn('genus');
  const save = useSaveOwn('genus');
  const keepIt = useKeep();
  const { message } = App.useApp();
  const [likeId, setLikeId] = useState('phalaenopsis');
  const [name, setName] = useState('');
  const [trap, setTrap] = useState('');
  const [draft, setDraft] = useState<Draft>(() => draftFrom('phalaenopsis'));
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const { putAway, undo } = usePutAway('genus');
  const faultAt = (path: string) => faults.find((fault) => fault.path === path)?.message ?? null;

  const keep = async () => {
    const parsed = parseWith(ownGenusSchema, { ...draft, name, trap });
    if (parsed.status === 'faulty') {
      setFaults(parsed.faults);
      return;
    }
    setFaults([]);
    const kept = await keepIt(() => save.mutateAsync(parsed.value as Genus));
    if (kept.status === 'refused') {
      void message.error(kept.message);
      return;
    }
    if (kept.status === 'kept') void message.success(`${name} is kept; choose it on the bench.`);
    setName('');
  };
  return (
    <article className={styles.page}>
      <header className={styles.head}>
        <h1>A genus of your own</h1>
        <Link href="/library">
          <Button>All we know</Button>
        </Link>
      </header>
      {own.length > 0 ? (
        <ul className={styles.own}>
          {own.map(({ id, data }) => (
            <li key={id}>
              <span className="latin">{data.name}</span>
              <Button
                type="text"
                icon={<DeleteOutlined />}
                aria-label={`Put away ${data.name}`}
                onClick={() => putAway(id)}
              />
            </li>
          ))}
        </ul>
      ) : null}
      {undo ? <Button onClick={undo}>Undo</Button> : null}
      <UnreadableNote kept={unreadable} />
      <div className={styles.startRow}>
        <Field id="genus-name" label="Its name" fault={faultAt('name')}>
          <Input id="genus-name" value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
        </Field>
        <Field id="genus-like" label="Begin from">
          <Select
            id="genus-like"
            showSearch={{ optionFilterProp: 'label' }}
            value={likeId}
            options={generaCatalogue.map((genus) => ({ value: genus.id, label: genus.name }))}
            onChange={(id) => {
              setLikeId(id);
              setDraft(draftFrom(id));
            }}
          />
        </Field>
        <Field id="genus-trap" label="Its trap, in your words" fault={faultAt('trap')}>
          <Input id="genus-trap" value={trap} maxLength={300} onChange={(event) => setTrap(event.target.value)} />
        </Field>
      </div>
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
      <Button type="primary" size="large" onClick={() => void keep()} disabled={name.trim() === ''}>
        Keep this genus
      </Button>
      {faults.length > 0 ? (
        <p role="alert" className={styles.fault}>
          {faults.map((fault) => fault.message).join('; ')}
        </p>
      ) : null}
    </article>
  );
}
