'use client';

/** Rows of plants: only those in sight are in the page, however many there are. */
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { genusById, genusIds } from '@core';
import { kindName, sinceInIt } from '@core/words';
import type { PlantSummary } from '@server/projections/plants/schemas';
import type { QuickEntryOf } from '../../data/use-journal';
import { HabitGlyph } from '../../drawing/habit-glyph';
import { leftWords } from '../../journal/journal-words';
import { flagWords, since } from './plant-words';
import styles from './plants.module.css';

const ROW_PX = 74;
/** Rows beyond the edge of the screen, for a quick thumb. */
const OVERSCAN = 8;
/** The next page is asked for so many rows before the last one comes in sight. */
const ROWS_AHEAD = 20;

interface PlantRowsProps {
  readonly plants: readonly PlantSummary[];
  readonly chosen: ReadonlyMap<string, QuickEntryOf>;
  readonly onToggle: (plant: QuickEntryOf) => void;
  /** The end comes near. */
  readonly onEnd: () => void;
}

export function PlantRows({ plants, chosen, onToggle, onEnd }: PlantRowsProps) {
  const list = useRef<HTMLUListElement>(null);
  const [scrollMargin, setMargin] = useState(0);
  useLayoutEffect(() => {
    setMargin(list.current?.offsetTop ?? 0);
  }, []);
  const rows = useWindowVirtualizer({
    count: plants.length,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
    scrollMargin,
    getItemKey: (index) => plants[index]!.id,
    // What the server writes, where there is no window.
    initialRect: { width: 1200, height: 900 },
  });
  const shown = rows.getVirtualItems();
  const lastShown = shown[shown.length - 1]?.index ?? 0;
  const isNearEnd = plants.length > 0 && lastShown >= plants.length - ROWS_AHEAD;
  useEffect(() => {
    if (isNearEnd) onEnd();
    // Asked again with each page that came.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isNearEnd, plants.length]);
  return (
    <ul ref={list} className={styles.rows} style={{ height: rows.getTotalSize() }}>
      {shown.map(({ index, key, start }) => {
        const plant = plants[index]!;
        return (
          <li
            key={key}
            ref={rows.measureElement}
            data-index={index}
            aria-setsize={plants.length}
            aria-posinset={index + 1}
            className={styles.row}
            data-left={plant.left ? '' : undefined}
            style={{ transform: `translateY(${start - scrollMargin}px)` }}
          >
            <Row plant={plant} isChosen={chosen.has(plant.id)} onToggle={onToggle} />
          </li>
        );
      })}
    </ul>
  );
}

interface RowProps {
  readonly plant: PlantSummary;
  readonly isChosen: boolean;
  readonly onToggle: (plant: QuickEntryOf) => void;
}

function Row({ plant, isChosen, onToggle }: RowProps) {
  const { id, name, genusId, tagNumber, parentage, placeName, spot, flag, mediumName, inMediumSince } = plant;
  const { lastPotting, wateredOn, photoId, left } = plant;
  const genus = genusIds.includes(genusId) ? genusById(genusId) : null;
  return (
    <div className={styles.rowBody}>
      <label className={styles.choose}>
        <input type="checkbox" checked={isChosen} aria-label={`Choose ${name}`} onChange={() => onToggle(plant)} />
      </label>
      <PageLink href={`/plants/${id}`} className={styles.rowLink}>
        {photoId ? (
          /* eslint-disable-next-line @next/next/no-img-element -- small already, from our own server */
          <img src={`/api/photos/${photoId}/small`} alt="" width={52} height={52} loading="lazy" />
        ) : (
          <span className={styles.noPhoto} aria-hidden="true">
            {genus ? <HabitGlyph habit={genus.habit} /> : null}
          </span>
        )}
        <span className={styles.who}>
          <strong>{name}</strong>
          <span>
            {tagNumber ? <span className={styles.tagNumber}>{tagNumber}</span> : null}
            <span className="latin">{genus?.name ?? genusId}</span>
            {parentage ? <span> · {parentage}</span> : null}
          </span>
        </span>
        <span className={styles.where}>
          <span>{placeName}</span>
          <span>{spot}</span>
        </span>
        <span className={styles.where}>
          <span>{mediumName === null ? (lastPotting?.title ?? 'not potted yet') : kindName(mediumName)}</span>
          <span>
            {inMediumSince ? sinceInIt(since(inMediumSince)) : ''}
            {wateredOn ? ` · watered ${dayjs(wateredOn).format('D MMM')}` : ''}
          </span>
        </span>
        <span className={styles.marks}>
          {left ? (
            <span>
              {leftWords[left.how]} {dayjs(left.on).format('MMM YYYY')}
            </span>
          ) : null}
          {flag ? <span data-flag={flag}>{flagWords[flag]}</span> : null}
        </span>
      </PageLink>
    </div>
  );
}
