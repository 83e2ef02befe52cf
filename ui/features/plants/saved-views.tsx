'use client';

/** Views of the list that are used again and again, each under a name. */
import { DeleteSeveral } from '../../controls/delete-several';
import { CloseOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { messages } from '../../data/messages';
import { useLibrary, usePutAway, useSaveLibraryItem } from '../../data/library';
import { useKeep } from '../../data/use-keep';
import styles from './plants.module.css';

type Asked = Readonly<Record<string, string>>;

interface SavedViewsProps {
  readonly asked: Asked;
  /** Shows exactly this. */
  readonly onShow: (asked: Asked) => void;
}

const isSame = (one: Asked, other: Asked): boolean =>
  Object.keys(one).length === Object.keys(other).length &&
  Object.entries(one).every(([key, value]) => other[key] === value);

export function SavedViews({ asked, onShow }: SavedViewsProps) {
  const views = useLibrary('view');
  const { putAway, undo } = usePutAway('view');
  const save = useSaveLibraryItem('view');
  const keepIt = useKeep();
  const [name, setName] = useState<string | null>(null);
  const shown = views.find(({ data }) => isSame(data.asked, asked));
  const isAny = Object.keys(asked).length === 0;
  const keep = async () => {
    const outcome = await keepIt(() => save.mutateAsync({ name: name!.trim(), asked: { ...asked } }));
    if (outcome.status === 'refused') messages.error(outcome.message);
    else setName(null);
  };
  if (views.length === 0 && isAny && undo === null) return null;
  return (
    <div className={`entry ${styles.views}`} role="group" aria-label="Views">
      {views.map(({ id, data }) => (
        <span key={id} className={styles.view}>
          <Button aria-pressed={id === shown?.id} onClick={() => onShow(data.asked)}>
            {data.name}
          </Button>
          {id === shown?.id ? (
            <Button
              kind="quiet"
              icon={<CloseOutlined />}
              aria-label={`Delete the view ${data.name}`}
              onClick={() => putAway(id)}
            />
          ) : null}
        </span>
      ))}
      {undo ? <Button onClick={undo}>Undo</Button> : null}
      <DeleteSeveral kind="view" things={views.map(({ id, data }) => ({ id, name: data.name }))} />
      {isAny || shown ? null : name === null ? (
        <Button kind="link" onClick={() => setName('')}>
          Keep this view…
        </Button>
      ) : (
        <form
          className={styles.view}
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim() !== '') void keep();
          }}
        >
          <input
            aria-label="Name of the view"
            // It opened under the hand that wants to write.
            autoFocus
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Button isSubmit disabled={name.trim() === ''}>
            Keep it
          </Button>
          <Button kind="quiet" icon={<CloseOutlined />} aria-label="Keep no view" onClick={() => setName(null)} />
        </form>
      )}
    </div>
  );
}
