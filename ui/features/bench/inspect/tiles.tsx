'use client';

/** Pictures to touch, large enough for a wet finger; each carries the key that does the same. */
import { Glyph } from './glyphs/glyph';
import type { Tile } from './questions';
import styles from './inspect.module.css';

interface TilesProps {
  readonly label: string;
  readonly tiles: readonly Tile[];
  readonly isChosen: (tile: Tile) => boolean;
  readonly onChoose: (tile: Tile) => void;
  /** Of the first tile; null where keys have run out. */
  readonly keysFrom: number;
}

const MOST_KEY = 9;

export function Tiles({ label, tiles, isChosen, onChoose, keysFrom }: TilesProps) {
  return (
    <div role="group" aria-label={label}>
      <h3 className={styles.group}>{label}</h3>
      <div className={styles.tiles}>
        {tiles.map((tile, n) => {
          const key = keysFrom + n <= MOST_KEY ? String(keysFrom + n) : undefined;
          return (
            <button
              key={String(tile.value)}
              type="button"
              className={styles.tile}
              aria-pressed={isChosen(tile)}
              aria-keyshortcuts={key}
              data-key={key}
              onClick={() => onChoose(tile)}
            >
              <Glyph name={tile.glyph} />
              <span>{tile.label}</span>
              {key ? <kbd className={styles.key}>{key}</kbd> : null}
            </button>
          );
        })}
      </div>
    </div>
  );
}
