/** What is meant and not yet done, the soonest first. */
import { wasFor } from '@core/words';
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import type { DueList } from '@server/projections/due/schemas';
import styles from './today.module.css';

function whenText(forOn: string | null, today: string): string {
  if (forOn === null) return 'for no day yet';
  const day = dayjs(forOn).format('dddd, D MMMM');
  if (forOn === today) return 'for today';
  return forOn < today ? wasFor(day) : `for ${day}`;
}

export function Planned({ plants, today }: { readonly plants: DueList['planned']; readonly today: string }) {
  if (plants.length === 0) return null;
  return (
    <section aria-label="Planned">
      <h2>
        Planned <span className={styles.count}>{plants.length}</span>
      </h2>
      <ul className={styles.thirsty}>
        {plants.map(({ plantId, name, placeName, planned }) => (
          <li key={plantId} className={styles.thirst}>
            <PageLink href={`/plants/${plantId}`} className={styles.plantLink}>
              {name}
            </PageLink>
            <p>{planned.title}</p>
            <p className={styles.when}>
              {placeName ? `${placeName}, ` : ''}
              {whenText(planned.forOn, today)}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
