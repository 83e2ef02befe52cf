'use client';

/** Potting days, the next and those that were; and plants that are due chosen for a new one. */
import dayjs from 'dayjs';
import { DeleteSeveral } from '../../controls/delete-several';
import { PageLink } from '../../controls/page-link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { plannedForDate, wordNeed, readingPlants, someArePotted, allPotted } from '@core/words';
import type { DayList } from '@server/records/days/schemas';
import type { DueList } from '@server/projections/due/schemas';
import { Button } from '../../controls/button';
import { useDue } from '../../data/plants';
import styles from './day.module.css';
import { plannedDates } from './planned-dates';
import { useMakeDay } from '../../potting/use-make-day';

interface DaysPageProps {
  readonly days: DayList['days'];
  readonly firstDue: DueList;
  /** Plants that were chosen elsewhere. */
  readonly chosenIds: readonly string[];
}

const stateText = ({ plants, potted, isBegun, isStopped }: DayList['days'][number]): string => {
  if (!isBegun) return `${plants} ${plants === 1 ? 'plant' : 'plants'}, prepared`;
  if (potted === plants) return allPotted(plants);
  return someArePotted(potted, plants, isStopped);
};

type Planned = DueList['planned'][number];
type Offered = Pick<Planned, 'plantId' | 'name' | 'placeName'> & {
  readonly need: DueList['plants'][number]['need'] | null;
  readonly planned: Planned['planned'] | null;
};

/** Planned, though nothing drives it. */
const plannedOnly = (planned: DueList['planned'], needing: DueList['plants']): readonly Offered[] =>
  planned
    .filter(({ plantId }) => !needing.some((other) => other.plantId === plantId))
    .map((plant) => ({ ...plant, need: null }));

export function DaysPage({ days, firstDue, chosenIds }: DaysPageProps) {
  const due = useDue(firstDue);
  const needing = due.plants.filter(({ need }) => need.kind !== 'flush' && need.kind !== 'look it over');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(chosenIds));
  const [on, setOn] = useState(dayjs(firstDue.today).format('YYYY-MM-DD'));
  const { make, isBusy, done } = useMakeDay();
  const router = useRouter();

  const dates = plannedDates(due, days);
  const offered: readonly Offered[] = [...needing, ...plannedOnly(due.planned, needing)];
  const elsewhere = chosenIds.filter((id) => !offered.some(({ plantId }) => plantId === id)).length;
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const begin = async () => {
    const id = await make(on, [...chosen]);
    if (id !== null) router.push(`/days/${id}`);
  };
  return (
    <div className={styles.page}>
      <h1>Potting days</h1>
      {days.length > 0 ? (
        <ul className={styles.days}>
          {days.map((day) => (
            <li key={day.id}>
              <PageLink href={`/days/${day.id}${day.isBegun && !day.isStopped ? '/run' : ''}`}>
                <strong>{dayjs(day.on).format('dddd, D MMMM YYYY')}</strong>
                <span>{stateText(day)}</span>
              </PageLink>
            </li>
          ))}
        </ul>
      ) : null}
      <DeleteSeveral
        kind="day"
        least={1}
        things={days.map((day) => ({
          id: day.id,
          name: `${dayjs(day.on).format('dddd, D MMMM YYYY')}, ${stateText(day)}`,
        }))}
      />
      <section aria-label="A new one" className={styles.newDay}>
        <h2>A new one</h2>
        <p>
          Choose who is done. Others come by choosing them under <PageLink href="/plants">Plants</PageLink>.
        </p>
        {dates.length > 0 ? (
          <div className={styles.dates}>
            {dates.map(({ date, plantIds }) => (
              <Button
                key={date}
                onClick={() => {
                  setOn(date);
                  setChosen(new Set([...chosen, ...plantIds]));
                }}
              >
                {plannedForDate(dayjs(date).format('dddd, D MMMM'), plantIds.length)}
              </Button>
            ))}
          </div>
        ) : null}
        <ul className={styles.choose}>
          {offered.map(({ plantId, name, placeName, need, planned }) => (
            <li key={plantId}>
              <label className="tick">
                <input type="checkbox" checked={chosen.has(plantId)} onChange={() => toggle(plantId)} />
                <span>
                  <strong>{name}</strong> {placeName ? <small>{placeName}</small> : null}
                  <small className={styles.why}>
                    {need ? wordNeed(need, due.today).reason : ''}
                    {planned ? ` Planned: ${planned.title}.` : ''}
                  </small>
                </span>
              </label>
            </li>
          ))}
        </ul>
        {elsewhere > 0 ? <p>And {elsewhere} more that you chose among your plants.</p> : null}
        <div className={`entry ${styles.begin}`}>
          <label>
            On <input type="date" value={on} onChange={(event) => setOn(event.target.value || on)} />
          </label>
          <Button kind="main" isLarge isBusy={isBusy} disabled={chosen.size === 0} onClick={() => void begin()}>
            Prepare {chosen.size === 0 ? 'a day' : chosen.size === 1 ? 'one plant' : `${chosen.size} plants`}
          </Button>
          <span aria-live="polite">{isBusy ? readingPlants(done, chosen.size) : ''}</span>
        </div>
      </section>
    </div>
  );
}
