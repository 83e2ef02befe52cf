'use client';

/** What it stands in, aged to today: settled, crumbled, closed. */
import { dayNumber, DAYS_PER_YEAR, ranges, realise, MONTHS_PER_YEAR } from '@core';
import { cm, years, settledBy } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { today } from '../../../data/dates';
import { useUnits } from '../../../data/units-context';
import styles from '../plants.module.css';
import { readSaved, type SavedPlan } from '../../../data/saved-plan';
import { SavedDrawing } from './saved-drawing';

const LEAST_MONTHS = 2;
/** Less than this nobody sees. */
const SEEN_CM = 0.2;

/** The setup as it is so many months after it was made. */
function aged(saved: SavedPlan, months: number): SavedPlan {
  const monthsOld = Math.min(ranges.monthsOld.max, Math.round(months));
  return { ...saved, spec: { ...saved.spec, monthsOld } };
}

function filledCm({ spec }: SavedPlan): number | null {
  const setup = realise(spec);
  return setup.kind === 'pot' ? setup.layers.reduce((sum, { heightCm }) => sum + heightCm, 0) : null;
}

export function AsToday({ log }: { readonly log: Pick<PlantLog, 'pottings' | 'left'> }) {
  const { units } = useUnits();
  const [potted] = log.pottings;
  const saved = potted && !log.left ? readSaved(potted) : null;
  if (!potted || !saved) return null;
  const inYears = (dayNumber(today()) - dayNumber(potted.pottedOn)) / DAYS_PER_YEAR;
  const months = inYears * MONTHS_PER_YEAR;
  if (months < LEAST_MONTHS) return null;
  const now = aged(saved, months);
  const sunk = (filledCm(saved) ?? 0) - (filledCm(now) ?? 0);
  return (
    <figure className={styles.asToday}>
      <SavedDrawing saved={now} />
      <figcaption>
        As it should be today, {years(inYears)} after it was potted
        {sunk > SEEN_CM ? settledBy(cm(sunk, units)) : ''}. Reckoned, not seen: a look tells more.
      </figcaption>
    </figure>
  );
}
