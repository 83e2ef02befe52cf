'use client';

/** What needs a grower today: plants by need, pots that want water, signs to look for, and the year ahead. */
import { workingAhead } from '@core/words';
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import type { DueList } from '@server/projections/due/schemas';
import type { AftercareList } from '@server/projections/aftercare/schemas';
import type { SignWatch } from '@server/projections/sign-watch/schemas';
import { useDue } from '../../data/plants';
import { SignWatchList } from './sign-watch-list';
import { Lately } from './lately';
import { AfterPotting } from './after-potting';
import { Needs } from './needs';
import { Planned } from './planned';
import styles from './today.module.css';
import { Water } from './water';
import { YearAhead } from './year-ahead';

interface TodayProps {
  readonly firstDue: DueList;
  readonly firstWaiting: SignWatch;
  readonly firstNursing: AftercareList;
}

export function TodayView({ firstDue, firstWaiting, firstNursing }: TodayProps) {
  const due = useDue(firstDue);
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <h1>{dayjs(due.today).format('dddd, D MMMM')}</h1>
        <nav aria-label="From here" className={styles.ways}>
          <PageLink href="/days">Potting days</PageLink>
          <PageLink href="/solutions">Feed and water</PageLink>
        </nav>
      </div>
      <p className={styles.reckoning} aria-live="polite">
        {due.reckoning > 0 ? workingAhead(due.reckoning) : ''}
      </p>
      <div className={styles.columns}>
        <Needs due={due} />
        <div>
          <AfterPotting first={firstNursing} />
          <Planned plants={due.planned} today={due.today} />
          <Water plants={due.water} />
          <SignWatchList first={firstWaiting} />
        </div>
      </div>
      <YearAhead due={due} />
      <Lately />
    </div>
  );
}
