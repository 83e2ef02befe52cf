'use client';

/** What comes after "Potted it": what to do for the plant, a label on it, and the next one. */
import { isPotted } from '@core/words';
import { Button } from '../../../controls/button';
import { PageLink } from '../../../controls/page-link';
import { startAnew } from '../state/actions';
import { useCase } from '../state/case-store';
import { setPotted, usePotted } from '../state/potted-store';
import styles from './details.module.css';

/** Nothing while the plant on the bench is another than the one that was potted last. */
export function NextSteps() {
  const potted = usePotted((state) => state.potted);
  const plantId = useCase((state) => state.plantId);
  if (potted === null || potted.id !== plantId) return null;
  return (
    <section className={styles.next} aria-label="What comes next">
      <strong>{isPotted(potted.name)}</strong>
      <PageLink href={`/plants/${potted.id}`}>
        <Button kind="main">Aftercare</Button>
      </PageLink>
      <PageLink href={`/plants/labels?which=all&ids=${potted.id}`}>
        <Button>Print a label</Button>
      </PageLink>
      <Button
        onClick={() => {
          setPotted(null);
          startAnew();
        }}
      >
        Next plant
      </Button>
    </section>
  );
}
