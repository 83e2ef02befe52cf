'use client';

/** A potting day prepared: who, when, into what, out of which bags. One thing changed and all of it follows. */
import { PageLink } from '../../../controls/page-link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { DayKept } from '@core';
import { wordDay } from '@core/words';
import type { Day } from '@server/records/days/schemas';
import { Button } from '../../../controls/button';
import { ProgressBar } from '../../../controls/progress-bar';
import { inStock, useStock } from '../../../data/stock';
import { useUnits } from '../../../data/units-context';
import styles from '../day.module.css';
import { useDayDraft } from '../use-day';
import { usePrepared } from '../use-prepared';
import { Mixes } from './mixes';
import { OrderOfWork } from './order-of-work';
import { SettingFields } from './setting-fields';
import { Beforehand, Bring, Short, Time } from './side';

export function PreparePage({ first }: { readonly first: Day & { readonly day: DayKept } }) {
  const draft = useDayDraft(first);
  const { day, change, setSetup } = draft;
  const { units } = useUnits();
  const rows = useStock()?.items;
  const router = useRouter();
  const [openId, setOpenId] = useState<string | null>(null);
  const { prepared, settling, isWorking, choices } = usePrepared(day, rows && inStock(rows), setSetup);
  const answer = prepared && wordDay(prepared, units);
  const without = (ids: readonly string[]) =>
    change((before) => ({ ...before, plants: before.plants.filter(({ id }) => !ids.includes(id)) }));
  return (
    <div className={styles.page} data-whole={answer && !isWorking && settling === 0 ? '' : undefined}>
      <SettingFields day={day} onChange={(patch) => change((before) => ({ ...before, ...patch }))} />
      {draft.theirs ? (
        <div role="alert" className={styles.conflict}>
          <p>This day was changed on another device meanwhile. Nothing was overwritten.</p>
          <Button onClick={draft.keepMine}>Keep what stands here</Button>
          <Button onClick={draft.takeTheirs}>Take the other</Button>
        </div>
      ) : null}
      <div className={styles.working} aria-live="polite">
        {settling > 0 ? (
          <>
            <span>
              Working out setups: {settling} {settling === 1 ? 'plant' : 'plants'} to go
            </span>
            <ProgressBar label="Working out setups" done={day.plants.length - settling} total={day.plants.length} />
          </>
        ) : null}
      </div>
      {answer ? (
        <>
          <div className={styles.columns} aria-busy={isWorking}>
            <OrderOfWork
              day={day}
              answer={answer}
              openId={openId}
              onOpen={setOpenId}
              onChange={(id, patch) =>
                change((before) => ({
                  ...before,
                  plants: before.plants.map((plant) => (plant.id === id ? { ...plant, ...patch } : plant)),
                }))
              }
              onRemove={(id) => without([id])}
              onSetup={setSetup}
              choices={choices}
            />
            <div>
              <Time answer={answer} onDrop={() => without(answer.drop)} />
              <Short answer={answer} />
              <Mixes answer={answer} />
              <Beforehand answer={answer} />
              <Bring answer={answer} dayId={first.id} />
            </div>
          </div>
          <div className={styles.foot}>
            <Button kind="main" isLarge onClick={() => router.push(`/days/${first.id}/run`)}>
              To the bench
            </Button>
            <PageLink href={`/days/${first.id}/print`} className={styles.print}>
              Sheets and tags to print
            </PageLink>
            <span className={styles.soft}>{draft.isKept ? 'Kept.' : 'Being kept…'}</span>
          </div>
        </>
      ) : null}
    </div>
  );
}
