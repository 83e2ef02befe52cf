'use client';

/** The plants in their order, each with its time drawn along the day; a touch opens what is done to it. */
import type { DayKept, DayPlantAsked, SetupSpec } from '@core';
import { clockText, type DayAnswer } from '@core/words';
import styles from '../day.module.css';
import { ByClock } from './by-clock';
import { PlantDetails } from './plant-details';

interface OrderOfWorkProps {
  readonly day: DayKept;
  readonly answer: DayAnswer;
  readonly openId: string | null;
  readonly onOpen: (id: string | null) => void;
  readonly onChange: (id: string, patch: Partial<DayKept['plants'][number]>) => void;
  readonly onRemove: (id: string) => void;
  readonly onSetup: (id: string, setup: SetupSpec) => void;
  readonly choices: (plant: DayPlantAsked) => Promise<readonly SetupSpec[]>;
}

export function OrderOfWork(props: OrderOfWorkProps) {
  const { day, answer, openId, onOpen } = props;
  const dropped = new Set(answer.drop);
  return (
    <section aria-label="Order of work">
      <h2>Order of work</h2>
      <p className={styles.key}>
        <i data-bar="soak" /> soaks <i data-bar="hands" /> in your hands <i data-bar="fizz" /> fizzes
      </p>
      <ol className={styles.order}>
        {answer.plants.map((plant) => {
          const isOpen = plant.id === openId;
          const asked = day.plants.find(({ id }) => id === plant.id);
          return (
            <li key={plant.id} data-dropped={dropped.has(plant.id) ? '' : undefined}>
              <button
                type="button"
                className={styles.row}
                aria-expanded={isOpen}
                onClick={() => onOpen(isOpen ? null : plant.id)}
              >
                <span className={styles.at}>{clockText(day.beginsAtMinute + plant.times.beginMin)}</span>
                <span className={styles.who}>
                  <strong>{plant.name}</strong>
                  <span>
                    {plant.vesselText}, {plant.title.toLowerCase()}
                  </span>
                  <small>
                    {plant.turnText}
                    {dropped.has(plant.id) ? ' Would be left for another day.' : ''}
                  </small>
                </span>
                <ByClock plant={plant} endMin={answer.time.endMin} />
              </button>
              {isOpen && asked ? (
                <PlantDetails
                  plant={plant}
                  asked={asked}
                  onChange={(patch) => props.onChange(plant.id, patch)}
                  onRemove={() => props.onRemove(plant.id)}
                  onSetup={(setup) => props.onSetup(plant.id, setup)}
                  choices={props.choices}
                />
              ) : null}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
