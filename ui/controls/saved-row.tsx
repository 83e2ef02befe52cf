'use client';

/** One thing of the grower's own: what it is, what it was before, and buttons to change it or put it away. */
import { unreadableSaved } from '@core/words';
import { DeleteOutlined, EditOutlined, HistoryOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { type ReactNode, useState } from 'react';
import { useItemHistory } from '../data/library';
import type { LibraryKind } from '../data/client';
import type { LibraryEntry, LibraryTypes } from '@server/records/library/schemas';
import styles from './saved-row.module.css';
import { Button } from './button';

interface OwnRowProps<K extends LibraryKind> {
  readonly kind: K;
  readonly entry: LibraryEntry<K>;
  readonly name: string;
  readonly tell: (data: LibraryTypes[K]) => ReactNode;
  readonly onChange: () => void;
  readonly onPutAway: () => void;
}

export function SavedRow<K extends LibraryKind>({ kind, entry, name, tell, onChange, onPutAway }: OwnRowProps<K>) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <li className={styles.row}>
      <span className={styles.what}>{tell(entry.data)}</span>
      {entry.version > 1 ? (
        <Button
          kind="quiet"
          icon={<HistoryOutlined />}
          aria-expanded={isOpen}
          aria-label={`${name} before`}
          onClick={() => setIsOpen(!isOpen)}
        />
      ) : null}
      <Button kind="quiet" icon={<EditOutlined />} aria-label={`Change ${name}`} onClick={onChange} />
      <Button kind="quiet" icon={<DeleteOutlined />} aria-label={`Delete ${name}`} onClick={onPutAway} />
      {isOpen ? <Before kind={kind} id={entry.id} tell={tell} /> : null}
    </li>
  );
}

function Before<K extends LibraryKind>({
  kind,
  id,
  tell,
}: Pick<OwnRowProps<K>, 'kind' | 'tell'> & { readonly id: string }) {
  const { data, error } = useItemHistory(kind, id, true);
  if (error) return <p className={styles.before}>What it was before cannot be reached just now.</p>;
  if (!data) return <p className={styles.before}>Looking it up…</p>;
  return (
    <ol className={styles.before}>
      {data.before.map((one) => (
        <li key={one.version}>
          Until {dayjs(one.replacedAt).format('D MMM YYYY, HH:mm')}:{' '}
          {one.data ? tell(one.data) : unreadableSaved(one.name)}
        </li>
      ))}
    </ol>
  );
}
