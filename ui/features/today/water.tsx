'use client';

/** Pots that want water today, by their own days; one touch waters, another says that it is still wet. */
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import type { DueList } from '@server/projections/due/schemas';
import { Button } from '../../controls/button';
import { today } from '../../data/dates';
import { type QuickEntryOf, type Done, useJournal } from '../../data/use-journal';
import styles from './today.module.css';

const watered = (details: Extract<Done, { kind: 'watered' }>['details'] = {}): Done => ({
  kind: 'watered',
  happenedOn: today(),
  details,
});

export function Water({ plants }: { readonly plants: DueList['water'] }) {
  const { isBusy, keep } = useJournal();
  if (plants.length === 0) return null;
  const all: readonly QuickEntryOf[] = plants.map(({ plantId, name }) => ({ id: plantId, name }));
  return (
    <section aria-label="Water today">
      <h2>
        Water today <span className={styles.count}>{plants.length}</span>
      </h2>
      <ul className={styles.thirsty}>
        {plants.map(({ plantId, name, wateredOn, days, placeName, isRefill }) => {
          const one: readonly QuickEntryOf[] = [{ id: plantId, name }];
          return (
            <li key={plantId} className={styles.thirst}>
              <div>
                <PageLink href={`/plants/${plantId}`} className={styles.plantLink}>
                  {name}
                </PageLink>
                <p className={styles.when}>
                  {placeName ? `${placeName}, ` : ''}last on {dayjs(wateredOn).format('D MMM')}, about every{' '}
                  {Math.max(1, Math.round(days))} {Math.round(days) <= 1 ? 'day' : 'days'} now
                </p>
              </div>
              <div className={styles.actions} role="group" aria-label={name}>
                {isRefill ? (
                  <Button
                    kind="main"
                    isBusy={isBusy}
                    onClick={() => void keep(one, 'refilled', watered({ way: 'refilled' }))}
                  >
                    Refilled
                  </Button>
                ) : (
                  <Button kind="main" isBusy={isBusy} onClick={() => void keep(one, 'watered', watered())}>
                    Watered
                  </Button>
                )}
                <Button isBusy={isBusy} onClick={() => void keep(one, 'watered, it was dry', watered({ felt: 'dry' }))}>
                  Was dry
                </Button>
                <Button
                  isBusy={isBusy}
                  onClick={() =>
                    void keep(one, 'still wet', { kind: 'felt', happenedOn: today(), details: { felt: 'still wet' } })
                  }
                >
                  Still wet
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      {plants.length > 1 ? (
        <Button isWide isBusy={isBusy} onClick={() => void keep(all, 'watered', watered())}>
          All {plants.length} watered
        </Button>
      ) : null}
    </section>
  );
}
