'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import dayjs from 'dayjs';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { genusById, genusIds } from '@core';
import type { PlantSummary } from '@server/collection/plants';
import { messageOf } from '../worker/planner';
import { remove } from './api';
import { useUndoable } from './use-undoable';
import styles from './plants.module.css';

export function PlantList({ plants }: { readonly plants: readonly PlantSummary[] }) {
  const router = useRouter();
  const { message } = App.useApp();
  const offerUndo = useUndoable();
  const drop = async (plant: PlantSummary) => {
    try {
      await remove('plants', plant.id);
      router.refresh();
      offerUndo('plants', plant.id, `${plant.name} put away`);
    } catch (error) {
      void message.error(messageOf(error));
    }
  };
  if (plants.length === 0) {
    return (
      <p className={styles.none}>
        No plants yet. <Link href="/">Plan one on the bench</Link>, pot it, and it stands here.
      </p>
    );
  }
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
            type="text"
            onClick={() => void drop(plant)}
          />
        </li>
      ))}
    </ul>
  );
}
