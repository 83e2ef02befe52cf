'use client';

/** What it is: ten kinds of place, each a large tile with its sign. */
import { useId } from 'react';
import { type RoomKind, roomKinds } from '@core';
import { roomKindWords } from '@core/words';
import styles from './describe.module.css';

/** Drawn in a box of 28 by 28. */
const signs: Readonly<Record<RoomKind, string>> = {
  windowsill: 'M6 3h16v16H6zM14 3v16M6 11h16M3 22h22',
  room: 'M3 25V7l11-5 11 5v18M3 25h22M12 25v-6h5v6',
  'lamp shelf': 'M4 6h20l-3 4H7zM9 13v3M14 13v3M19 13v3M3 23h22',
  bathroom: 'M4 15h20l-2 7H6zM7 15V6a3 3 0 0 1 6 0M8 22v3M20 22v3',
  cellar: 'M3 6h6v5h5v5h5v5h6M3 25h22',
  glasshouse: 'M4 25V12l10-8 10 8v13zM14 4v21M4 12h20M4 18h20',
  tent: 'M6 4h16v21H6zM6 8h16M14 8v17M10 4v4M18 4v4',
  balcony: 'M4 14h20M5 14v10M10 14v10M14 14v10M18 14v10M23 14v10M3 24h22M8 14V9M8 9c0-3 4-3 4-6',
  veranda: 'M3 10l11-6 11 6zM6 10v14M22 10v14M3 24h22M12 24v-5h4v5',
  garden: 'M14 25V12M14 12c-7 0-8-8 0-9 8 1 7 9 0 9zM5 25h18M7 21v4M21 20v5',
};

interface KindTilesProps {
  readonly kind: RoomKind | null;
  readonly onKind: (kind: RoomKind) => void;
}

export function KindTiles({ kind, onKind }: KindTilesProps) {
  const name = useId();
  return (
    <div className={styles.kinds} role="radiogroup" aria-label="What it is">
      {roomKinds.map((one) => (
        <label key={one} className={styles.kind} data-on={one === kind ? '' : undefined}>
          <input type="radio" name={name} checked={one === kind} onChange={() => onKind(one)} />
          <svg viewBox="0 0 28 28" aria-hidden="true">
            <path d={signs[one]} fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinejoin="round" />
          </svg>
          <span>
            <strong>{roomKindWords[one].name}</strong>
            <small>{roomKindWords[one].what}</small>
          </span>
        </label>
      ))}
    </div>
  );
}
