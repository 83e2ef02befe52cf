/** What one plant needs now and next, and when it wants water. */
import dayjs from 'dayjs';
import { needName, wordNeed, byYourFinger } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { today } from '../../data/dates';
import styles from './plants.module.css';

/** Needs less urgent than this are told by their day only. */
const PRESSING = 0.15;
const MOST_LATER = 3;

export function PlantNeeds({ log }: { readonly log: PlantLog }) {
  const { needs, nextWatering, wateredOn, left, isReckoned, planned } = log;
  if (left) return null;
  const pressing = needs.filter(({ urgency }) => urgency >= PRESSING);
  const later = needs
    .filter(({ urgency }) => urgency < PRESSING)
    .sort((a, b) => a.dueOn.localeCompare(b.dueOn))
    .slice(0, MOST_LATER);
  return (
    <section aria-label="What it needs" className={styles.needs}>
      <p aria-live="polite">{isReckoned ? '' : 'Working out what is to come…'}</p>
      <ul>
        {planned ? (
          <li>
            Planned{planned.forOn ? ` for ${dayjs(planned.forOn).format('D MMMM YYYY')}` : ''}: {planned.title}.
          </li>
        ) : null}
        {pressing.map((need) => {
          const { reason, when, waits } = wordNeed(need, today());
          return (
            <li key={need.kind} data-pressing="">
              <strong>{reason}</strong> {when} {waits}
            </li>
          );
        })}
        {later.length > 0 ? (
          <li>
            Later:{' '}
            {later.map(({ kind, dueOn }) => `${needName(kind)} about ${dayjs(dueOn).format('MMMM YYYY')}`).join(', ')}.
          </li>
        ) : null}
        {nextWatering && wateredOn ? (
          <li>
            {nextWatering.isRefill ? 'Refilled' : 'Watered'} on {dayjs(wateredOn).format('D MMMM')}; wants{' '}
            {nextWatering.isRefill ? 'its reservoir refilled' : 'water'} about{' '}
            <strong>{dayjs(nextWatering.on).format('dddd D MMMM')}</strong>,{' '}
            {Math.max(1, Math.round(nextWatering.days))} days after
            {Math.abs(nextWatering.factor - 1) > 0.03 ? byYourFinger(nextWatering.factor > 1) : ''}.
          </li>
        ) : null}
      </ul>
    </section>
  );
}
