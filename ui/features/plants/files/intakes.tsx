'use client';

/** What was taken in before: undone as one, and brought back. */
import dayjs from 'dayjs';
import { intakeText } from '@core/words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { client } from '../../../data/client';
import { listCalls } from '../../../data/list-calls';
import { messages } from '../../../data/messages';
import { messageOf } from '../../../data/worker/long-work';
import { Button } from '../../../controls/button';
import styles from './files.module.css';

const queryKey = ['intakes'] as const;

/** Puts the plants of an intake away, or brings them back. */
export function useUndoIntake(): (id: string, isUndone: boolean) => Promise<void> {
  const queries = useQueryClient();
  return async (id, isUndone) => {
    try {
      await (isUndone ? client.remove('lists', id) : client.restore('lists', id));
    } catch (error) {
      messages.error(messageOf(error));
    }
    await Promise.all([queries.invalidateQueries({ queryKey }), queries.invalidateQueries({ queryKey: ['plants'] })]);
  };
}

export function Intakes() {
  const { data } = useQuery({ queryKey, queryFn: listCalls.intakes });
  const undo = useUndoIntake();
  if (!data || data.intakes.length === 0) return null;
  return (
    <section aria-label="Taken in before">
      <h2>Taken in before</h2>
      <ul className={styles.intakes}>
        {data.intakes.map(({ id, name, plants, others, takenInAt, undoneAt }) => (
          <li key={id}>
            <span>
              {dayjs(takenInAt).format('D MMM YYYY')}: {name}, {intakeText(plants, others)}
              {undoneAt === null ? '' : `, undone ${dayjs(undoneAt).format('D MMM YYYY')}`}
            </span>
            <Button kind="link" onClick={() => void undo(id, undoneAt === null)}>
              {undoneAt === null ? 'Undo all of it' : 'Bring it back'}
              <span className="visually-hidden">: {name}</span>
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
