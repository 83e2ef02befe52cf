'use client';

import { DeleteOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import Link from 'next/link';
import { genusById, genusIds } from '@core';
import type { PlantPage } from '@server/plants/schemas';
import { usePlants } from '../../data/plants';
import { useUndoable } from '../../data/use-undoable';
import styles from './plants.module.css';
import { Button } from '../../controls/button';

export function PlantList({ firstPage }: { readonly firstPage: PlantPage }) {
  const { data, hasNextPage, fetchNextPage, isFetchingNextPage } = usePlants(firstPage);
  const putAway = useUndoable();
  const plants = data.pages.flatMap((page) => page.plants);
  if (plants.length === 0) {
    return (
      <p className={styles.none}>
        No plants yet. <Link href="/">Plan one on the bench</Link>, pot it, and it stands here.
      </p>
    );
  }
  return (
    <>
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
      {hasNextPage ? (
        <Button isBusy={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          More plants
        </Button>
      ) : null}
    </>
  );
}
