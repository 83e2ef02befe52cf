'use client';

/** What stands in the list, what the grower has to say of it, and what will be kept. */
import { placesToSettle, takeInPlants, plantsOnRecord } from '@core/words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { type PlantTable, readPlantTable } from '@core';
import { listCalls } from '../../../data/list-calls';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { usePlaceChoices } from '../../../data/place-choices';
import { everyPlant } from '../../../data/plants';
import { messageOf } from '../../../data/worker/long-work';
import { Button } from '../../../controls/button';
import { useUndoIntake } from './intakes';
import type { ListFile } from './list-file';
import { bodyOf, openPlaces, type Settled, sortedOut } from './settled';
import { ColumnsHeld, DaysRead, KindsMeant, MediaMeant, PlacesMeant } from './settle-steps';
import styles from './files.module.css';
import { WhatComes } from './what-comes';

const refusals = {
  'too long': 'The list is longer than 4 million characters.',
  'too many rows': 'The list has more than 5,000 plants. Cut it in two.',
  'no rows': 'There is no line of headings with at least one plant under it.',
  'no name column': 'No column tells what the plants are called. Give one the heading “Name” or “Genus”.',
} as const;

interface SettleListProps {
  readonly file: ListFile;
  readonly onSettle: (change: Partial<Settled>) => void;
  readonly onDone: () => void;
}

export function SettleList({ file, onSettle, onDone }: SettleListProps) {
  const { choices } = file.settled;
  const read = useMemo(() => readPlantTable(file.text, choices), [file.text, choices]);
  return (
    <>
      <div className={styles.which}>
        <p>
          <strong>{file.name}</strong>
          {read.status === 'ok' ? `: ${read.table.plants.length} plants` : ''}
        </p>
        <Button onClick={onDone}>Another list</Button>
      </div>
      {read.status === 'ok' ? (
        <Table file={file} table={read.table} onSettle={onSettle} onDone={onDone} />
      ) : (
        <p role="alert">{refusals[read.why]}</p>
      )}
    </>
  );
}

function Table({ file, table, onSettle, onDone }: SettleListProps & { readonly table: PlantTable }) {
  const { settled } = file;
  const { mine, examples } = usePlaceChoices();
  const places = [...mine, ...examples];
  const { data: recorded } = useQuery({
    queryKey: ['plants', 'every', 'all'],
    queryFn: () => everyPlant({ which: 'all' }),
  });
  const [isBusy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const queries = useQueryClient();
  const router = useRouter();
  const undo = useUndoIntake();
  const sorted = sortedOut(table, settled, recorded ?? []);
  const count = sorted.taken.length;
  const open = openPlaces(sorted.taken, settled, places).length;
  const isAsking = table.dates.order === null;

  const takeIn = async () => {
    setBusy(true);
    setFault(null);
    try {
      const body = bodyOf(file.name, today(), table, settled, sorted.taken, places);
      const { id, plants } = await listCalls.takeInList({ ...body, idempotencyKey: file.key });
      await Promise.all([
        queries.invalidateQueries({ queryKey: ['plants'] }),
        queries.invalidateQueries({ queryKey: ['intakes'] }),
      ]);
      messages.success(plantsOnRecord(plants), {
        key: id,
        seconds: 30,
        action: {
          name: 'Undo',
          take: () => {
            messages.takeBack(id);
            void undo(id, true);
          },
        },
      });
      onDone();
      router.push('/plants');
    } catch (error) {
      setFault(messageOf(error));
      setBusy(false);
    }
  };

  return (
    <>
      <ColumnsHeld table={table} settled={settled} onSettle={onSettle} />
      <DaysRead table={table} settled={settled} onSettle={onSettle} />
      <KindsMeant table={table} settled={settled} onSettle={onSettle} />
      <PlacesMeant table={table} settled={settled} onSettle={onSettle} places={places} />
      <MediaMeant table={table} settled={settled} onSettle={onSettle} />
      <WhatComes table={table} sorted={sorted} settled={settled} onSettle={onSettle} places={places} />
      {fault ? <p role="alert">{fault}</p> : null}
      <div className={styles.keep}>
        <Button
          kind="main"
          isLarge
          isBusy={isBusy}
          disabled={count === 0 || isAsking || open > 0 || recorded === undefined}
          onClick={() => void takeIn()}
        >
          {isAsking ? 'Say first how days are written' : open > 0 ? placesToSettle(open) : takeInPlants(count)}
        </Button>
        <span className={styles.hint}>All of them or none. It can be undone as one.</span>
      </div>
    </>
  );
}
