'use client';

/** Several things of a list, chosen by name and deleted at one touch. */
import { DeleteOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { deleteSome, deleteThese } from '@core/words';
import type { DeletableKind } from '@server/api/deletions-schemas';
import { deletableNames, useDeleteMany } from '../data/deletions';
import { Button } from './button';
import styles from './delete-several.module.css';
import { KeepDialog } from './keep-dialog';

interface DeleteSeveralProps {
  readonly kind: DeletableKind;
  readonly things: readonly { readonly id: string; readonly name: string }[];
  /** From so many on it is offered: where each has a button of its own, two. */
  readonly least?: number;
}

export function DeleteSeveral({ kind, things, least = 2 }: DeleteSeveralProps) {
  const [isOpen, setOpen] = useState(false);
  if (things.length < least && !isOpen) return null;
  return (
    <>
      <Button kind="quiet" icon={<DeleteOutlined />} aria-haspopup="dialog" onClick={() => setOpen(true)}>
        {deleteSome(deletableNames[kind][1])}
      </Button>
      {isOpen ? <Choosing kind={kind} things={things} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function Choosing({ kind, things, onClose }: DeleteSeveralProps & { readonly onClose: () => void }) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [isBusy, setBusy] = useState(false);
  const deleteMany = useDeleteMany();
  const isAll = chosen.size === things.length;
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const remove = async () => {
    setBusy(true);
    const isDone = await deleteMany(kind, [...chosen]);
    setBusy(false);
    if (isDone) onClose();
  };
  return (
    <KeepDialog
      title="Which to delete"
      okText={deleteThese(chosen.size)}
      isBusy={isBusy}
      isComplete={chosen.size > 0}
      onKeep={() => void remove()}
      onClose={onClose}
    >
      <label className="tick">
        <input
          type="checkbox"
          checked={isAll}
          onChange={() => setChosen(isAll ? new Set() : new Set(things.map(({ id }) => id)))}
        />
        All of them
      </label>
      <ul className={styles.things}>
        {things.map(({ id, name }) => (
          <li key={id}>
            <label className="tick">
              <input type="checkbox" checked={chosen.has(id)} onChange={() => toggle(id)} />
              {name}
            </label>
          </li>
        ))}
      </ul>
    </KeepDialog>
  );
}
