'use client';

/** Plants as a wall of pictures: only those in sight are in the page, however many there are. */
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { PageLink } from '../../controls/page-link';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { genusById, genusIds } from '@core';
import type { PlantSummary } from '@server/projections/plants/schemas';
import type { QuickEntryOf } from '../../data/use-journal';
import { HabitGlyph } from '../../drawing/habit-glyph';
import styles from './plants.module.css';

const LEAST_TILE_PX = 170;
const GAP_PX = 10;
/** The words under a picture. */
const WORDS_PX = 58;
const OVERSCAN = 3;
/** The next page is asked for so many rows before the last one comes in sight. */
const ROWS_AHEAD = 3;

interface PlantWallProps {
  readonly plants: readonly PlantSummary[];
  readonly chosen: ReadonlyMap<string, QuickEntryOf>;
  readonly onToggle: (plant: QuickEntryOf) => void;
  /** The end comes near. */
  readonly onEnd: () => void;
}

export function PlantWall({ plants, chosen, onToggle, onEnd }: PlantWallProps) {
  const wall = useRef<HTMLUListElement>(null);
  const [width, setWidth] = useState(1100);
  const [scrollMargin, setMargin] = useState(0);
  useLayoutEffect(() => {
    const element = wall.current;
    if (!element) return undefined;
    const watch = new ResizeObserver(() => {
      setWidth(element.clientWidth);
      setMargin(element.offsetTop);
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const columns = Math.max(2, Math.floor((width + GAP_PX) / (LEAST_TILE_PX + GAP_PX)));
  const tilePx = (width - (columns - 1) * GAP_PX) / columns;
  const count = Math.ceil(plants.length / columns);
  const rows = useWindowVirtualizer({
    count,
    estimateSize: () => tilePx + WORDS_PX + GAP_PX,
    overscan: OVERSCAN,
    scrollMargin,
    // What the server writes, where there is no window.
    initialRect: { width: 1200, height: 900 },
  });
  // Tiles have another size in a window of another width.
  useEffect(() => rows.measure(), [rows, tilePx]);
  const shown = rows.getVirtualItems();
  const lastShown = shown[shown.length - 1]?.index ?? 0;
  const isNearEnd = plants.length > 0 && lastShown >= count - ROWS_AHEAD;
  useEffect(() => {
    if (isNearEnd) onEnd();
    // Asked again with each page that came.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isNearEnd, plants.length]);
  return (
    <ul ref={wall} className={styles.wall} style={{ height: rows.getTotalSize() }}>
      {shown.flatMap(({ index: row, start }) =>
        plants.slice(row * columns, (row + 1) * columns).map((plant, column) => (
          <li
            key={plant.id}
            aria-setsize={plants.length}
            aria-posinset={row * columns + column + 1}
            data-left={plant.left ? '' : undefined}
            style={{
              width: tilePx,
              transform: `translate(${column * (tilePx + GAP_PX)}px, ${start - scrollMargin}px)`,
            }}
          >
            <Tile plant={plant} tilePx={tilePx} isChosen={chosen.has(plant.id)} onToggle={onToggle} />
          </li>
        )),
      )}
    </ul>
  );
}

interface TileProps {
  readonly plant: PlantSummary;
  readonly tilePx: number;
  readonly isChosen: boolean;
  readonly onToggle: (plant: QuickEntryOf) => void;
}

function Tile({ plant, tilePx, isChosen, onToggle }: TileProps) {
  const { id, name, tagNumber, genusId, photoId, placeName, left } = plant;
  return (
    <>
      <PageLink href={`/plants/${id}`}>
        {photoId ? (
          // Small ones of our own making: nothing is gained by the framework's.
          // eslint-disable-next-line @next/next/no-img-element
          <img src={`/api/photos/${photoId}/small`} alt="" loading="lazy" style={{ height: tilePx }} />
        ) : (
          <span className={styles.noPicture} style={{ height: tilePx }}>
            <HabitGlyph habit={genusIds.includes(genusId) ? genusById(genusId).habit : 'clump'} />
          </span>
        )}
        <strong>{name}</strong>
        <small>{[tagNumber, left ? `${left.how}` : placeName].filter(Boolean).join(', ')}</small>
      </PageLink>
      <label className={styles.wallChoose}>
        <input
          type="checkbox"
          aria-label={`Choose ${name}`}
          checked={isChosen}
          onChange={() => onToggle({ id, name })}
        />
      </label>
    </>
  );
}
