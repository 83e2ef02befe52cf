'use client';

import { DeleteOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { genusById, genusIds } from '@core';
import type { PlantPage } from '@server/plants/schemas';
import { useFoundPlants, usePlants } from '../../data/plants';
import { useUndoable } from '../../data/use-undoable';
import styles from './plants.module.css';
import { Button } from '../../controls/button';

/** As long as a hand needs from one letter to the next. */
const SETTLE_MS = 120;

export function PlantList({ firstPage }: { readonly firstPage: PlantPage }) {
  const [typed, setTyped] = useState('');
  const search = useSettled(typed.trim(), SETTLE_MS);
  const { data, hasNextPage, fetchNextPage, isFetchingNextPage } = usePlants(firstPage);
  const found = useFoundPlants(search);
  const all = data.pages.flatMap((page) => page.plants);
  if (all.length === 0) {
    return (
      <p className={styles.none}>
        No plants yet. <Link href="/">Plan one on the bench</Link>, pot it, and it stands here.
      </p>
    );
  }
  const plants = found?.plants ?? all;
  return (
    <>
      <label className={styles.find}>
        <span>Find a plant</span>
        <input
          type="search"
          value={typed}
          maxLength={120}
          placeholder="name, kind or place"
          onChange={(event) => setTyped(event.target.value)}
        />
        <output aria-live="polite">
          {found ? `${plants.length} ${plants.length === 1 ? 'plant' : 'plants'} found` : ''}
        </output>
      </label>
      {found && plants.length === 0 ? (
        <p className={styles.none}>Nothing like that. Try fewer letters, or another word.</p>
      ) : null}
      <Tags plants={plants} />
      {hasNextPage && !found ? (
        <Button isBusy={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          More plants
        </Button>
      ) : null}
    </>
  );
}

/** A value once it has stood still for a while. */
function useSettled(value: string, ms: number): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return settled;
}

function Tags({ plants }: { readonly plants: PlantPage['plants'] }) {
  const putAway = useUndoable();
  return (
    <ul className={styles.list}>
      {plants.map((plant) => (
        <li key={plant.id} className={styles.tag}>
          <Link href={`/plants/${plant.id}`} className={styles.tagLink}>
            <strong>{plant.name}</strong>
            <span className="latin">
              {genusIds.includes(plant.genusId) ? genusById(plant.genusId).name : plant.genusId}
            </span>
            <span className={styles.last}>
              {plant.lastPotting ? (
                <>
                  {dayjs(plant.lastPotting.pottedOn).format('D MMM YYYY')}: {plant.lastPotting.title}
                </>
              ) : (
                'not potted yet'
              )}
            </span>
          </Link>
          <Button
            aria-label={`Put away ${plant.name}`}
            icon={<DeleteOutlined />}
            kind="quiet"
            onClick={() => void putAway('plants', plant.id, `${plant.name} put away`)}
          />
        </li>
      ))}
    </ul>
  );
}
