'use client';

/** What can be done to any entry of a life: put it right, or put it away. */
import { entrySaved, entryChangedMeanwhile, entryCorrected, entryPutAway } from '@core/words';
import { DeleteOutlined, EditOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import * as z from 'zod';
import { client, ConflictError } from '../../../data/client';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { useKeep } from '../../../data/use-keep';
import { useUndoable } from '../../../data/use-undoable';
import { Button } from '../../../controls/button';
import { KeepDialog } from '../../../controls/keep-dialog';
import styles from '../plants.module.css';
import { detailsOf, type SaidField, saidFields, typedOf } from './said-fields';

export interface EntryToCorrect {
  readonly id: string;
  readonly version: number;
  readonly day: string;
  /** null where its kind has none. */
  readonly note: string | null;
  readonly kind: string;
  /** What it says beside day and note. */
  readonly said: Readonly<Record<string, unknown>>;
  /** Where it is not the kind alone that tells what can be put right. */
  readonly fields?: EntryFields;
}

/** Fields, and what is sent of those that were changed. */
export interface EntryFields {
  readonly fields: readonly SaidField[];
  readonly toDetails: (changed: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

const asTheyAre: EntryFields['toDetails'] = (changed) => ({ ...changed });

export type EntryActions = (entry: EntryToCorrect) => ReactNode;

export const entryActions: EntryActions = (entry) => <Actions entry={entry} />;

function Actions({ entry }: { readonly entry: EntryToCorrect }) {
  const [isOpen, setOpen] = useState(false);
  const putAway = useUndoable();
  const day = dayjs(entry.day).format('D MMM YYYY');
  return (
    <>
      <Button icon={<EditOutlined />} aria-haspopup="dialog" onClick={() => setOpen(true)}>
        Put right…
      </Button>
      <Button icon={<DeleteOutlined />} onClick={() => void putAway('events', entry.id, entryPutAway(day))}>
        Delete
      </Button>
      {entry.version > 1 ? <Before entry={entry} /> : null}
      {isOpen ? <CorrectDialog entry={entry} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

/** What a conflict answers of the entry as it now is. */
const keptSchema = z.object({ version: z.number(), happenedOn: z.string(), note: z.string() });

function CorrectDialog({ entry, onClose }: { readonly entry: EntryToCorrect; readonly onClose: () => void }) {
  const [day, setDay] = useState(entry.day);
  const [note, setNote] = useState(entry.note ?? '');
  const { fields, toDetails } = entry.fields ?? { fields: saidFields[entry.kind] ?? [], toDetails: asTheyAre };
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [seenVersion, setSeenVersion] = useState(entry.version);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const queries = useQueryClient();
  const keepIt = useKeep();
  const keep = async () => {
    const read = detailsOf(fields, entry.said, typed);
    if (read.status === 'fault') return setFault(read.message);
    setBusy(true);
    setFault(null);
    const title = entryCorrected(dayjs(entry.day).format('D MMM YYYY'));
    const isSaid = Object.keys(read.details).length > 0;
    const details = isSaid ? { details: toDetails(read.details) } : {};
    const correction = { happenedOn: day, note: note.trim(), ...details };
    const outcome = await keepIt(() => client.correctEvent(title, entry.id, correction, seenVersion));
    setBusy(false);
    if (outcome.status === 'refused') {
      const kept = outcome.error instanceof ConflictError ? keptSchema.safeParse(outcome.error.current) : null;
      if (!kept?.success) return setFault(outcome.message);
      // Seen now: the next touch puts these words in place of those.
      setSeenVersion(kept.data.version);
      const said = kept.data.note === '' ? 'no note' : `“${kept.data.note}”`;
      return setFault(entryChangedMeanwhile(dayjs(kept.data.happenedOn).format('D MMMM YYYY'), said));
    }
    if (outcome.status === 'kept') messages.success(entrySaved(title));
    await queries.invalidateQueries({ queryKey: ['plants'] });
    return onClose();
  };
  return (
    <KeepDialog title="Put right" isBusy={isBusy} fault={fault} onKeep={() => void keep()} onClose={onClose}>
      <label>
        Day
        <input type="date" value={day} max={today()} onChange={(event) => setDay(event.target.value || entry.day)} />
      </label>
      {fields.map((field) => (
        <SaidInput
          key={field.key}
          field={field}
          value={typed[field.key] ?? typedOf(entry.said[field.key])}
          onChange={(value) => setTyped({ ...typed, [field.key]: value })}
        />
      ))}
      {entry.note === null ? null : (
        <label>
          Note
          <textarea value={note} rows={3} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
        </label>
      )}
    </KeepDialog>
  );
}

interface SaidInputProps {
  readonly field: SaidField;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

const yesOrNo = { true: 'yes', false: 'no' };

function SaidInput({ field, value, onChange }: SaidInputProps) {
  if (field.kind === 'number') {
    return (
      <label>
        {field.unit ? `${field.label}, ${field.unit}` : field.label}
        <input inputMode="decimal" value={value} maxLength={8} onChange={(event) => onChange(event.target.value)} />
      </label>
    );
  }
  if (field.kind === 'day') {
    return (
      <label>
        {field.label}
        <input type="date" value={value} onChange={(event) => onChange(event.target.value)} />
      </label>
    );
  }
  const options = field.kind === 'choice' ? field.options : yesOrNo;
  return (
    <label>
      {field.label}
      <select value={value} onChange={(event) => onChange(event.target.value)}>
        {field.kind === 'choice' && field.isNeeded ? null : <option value="">not looked at</option>}
        {Object.entries(options).map(([said, words]) => (
          <option key={said} value={said}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

const beforeSchema = z.looseObject({ note: z.string().optional() });

/** What it said before it was put right: asked for when it is opened. */
function Before({ entry }: { readonly entry: EntryToCorrect }) {
  const [said, setSaid] = useState<readonly string[] | null>(null);
  const open = () => {
    client.eventBefore(entry.id).then(
      ({ before }) =>
        setSaid(
          before.map(({ happenedOn, replacedAt, data }) => {
            const note = beforeSchema.safeParse(data).data?.note;
            return `Until ${dayjs(replacedAt).format('D MMM YYYY')}: ${dayjs(happenedOn).format('D MMMM YYYY')}${note ? `, “${note}”` : ''}`;
          }),
        ),
      (error: unknown) => messages.error(error instanceof Error ? error.message : String(error)),
    );
  };
  if (said === null) {
    return (
      <Button kind="quiet" onClick={open}>
        What it said before
      </Button>
    );
  }
  return (
    <ul className={styles.before} aria-label="What it said before">
      {said.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
