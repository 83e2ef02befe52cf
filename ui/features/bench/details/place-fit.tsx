'use client';

/** Whether the place suits the plant, before any potting; the grower's own places are named before others. */
import { betterPlaces } from '@core';
import { type PlanAnswer, wordPlaceFit } from '@core/words';
import { nb } from '../../../controls/nb';
import { useGrowersPlaces } from '../../../data/places';
import { useUnits } from '../../../data/units-context';
import styles from './details.module.css';

export function PlaceFitLine({ plan }: { readonly plan: PlanAnswer }) {
  const { units } = useUnits();
  const { place, plant } = plan.resolved;
  const own = useGrowersPlaces()
    .map((entry) => entry.place)
    .filter(({ id }) => id !== place.id);
  const better = betterPlaces(plant.genus, plan.place, own).map(({ place: { id, name }, fit }) => ({
    id,
    name,
    verdict: fit.verdict,
  }));
  const worded = wordPlaceFit(plan.place, place.name, better.length > 0 ? better : plan.betterPlaces, units);
  if (worded.sentence === '') {
    return (
      <div className={styles.place} data-fit={worded.verdict} data-testid="place-fit">
        <strong>{worded.headline}.</strong>
      </div>
    );
  }
  return (
    <details
      className={styles.place}
      data-fit={worded.verdict}
      data-testid="place-fit"
      open={worded.verdict === 'does not suit'}
    >
      <summary>
        <strong>{worded.headline}.</strong>
      </summary>
      {nb(worded.sentence)}
    </details>
  );
}
