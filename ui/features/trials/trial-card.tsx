'use client';

/** One trial: every plant a dot on the line of its side, the mean a bar, and what that says. */
import dayjs from 'dayjs';
import { compareTrial, differenceSeen, measureKinds, plantsForMeans, plantsForShares } from '@core';
import {
  measured,
  measureNames,
  number,
  trialSentence,
  TRIAL_ASSUMES,
  eachAgainstEach,
  meanOfSide,
  noneInspected,
  tellsFrom,
  onlyShows,
  trialIsEnough,
  trialTakes,
} from '@core/words';
import type { TrialRow } from '@server/projections/trials/schemas';
import { Button } from '../../controls/button';
import { useTrialWork } from '../../data/trials';
import styles from './trials.module.css';

const valuesOf = ({ plants }: TrialRow['sides'][number]): readonly number[] =>
  plants.flatMap(({ value }) => (value === null ? [] : [value]));

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** What it takes, or what so many plants can show at best. */
function planText({ data }: TrialRow): string {
  const { measure, matters, spread, sides } = data;
  const { isShare, usual } = measureKinds[measure];
  const plants = Math.min(...sides.map(({ plantIds }) => plantIds.length));
  const wanted = isShare ? plantsForShares(usual, Math.max(0.02, usual - matters)) : plantsForMeans(matters, spread);
  const takes = trialTakes(measured(measure, matters), wanted);
  if (plants >= wanted) return trialIsEnough(takes);
  const seen = isShare || plants < 2 ? '' : onlyShows(plants, measured(measure, differenceSeen(plants, spread)));
  return `${takes}${seen}.`;
}

/** Plants alike lie beside each other, not on each other. */
const [TOP_PX, ROW_PX, ROWS] = [1, 7, 3];

export function TrialCard({ row, onChange }: { readonly row: TrialRow; readonly onChange: () => void }) {
  const { isBusy, putAway } = useTrialWork();
  const { name, measure, matters, begunOn, note } = row.data;
  const { isShare, tellsAfterDays } = measureKinds[measure];
  const sides = row.sides.map((side) => ({ name: side.name, values: valuesOf(side) }));
  const all = sides.flatMap(({ values }) => values);
  const [least, most] = isShare ? [0, 1] : [Math.min(...all), Math.max(...all)];
  const at = (value: number): string => `${most === least ? 50 : 4 + (92 * (value - least)) / (most - least)}%`;
  const tellsOn = dayjs(begunOn).add(tellsAfterDays, 'day');
  return (
    <article className={styles.trial} aria-label={name}>
      <h2>{name}</h2>
      <p className={styles.soft}>
        {measureNames[measure]}, since {dayjs(begunOn).format('D MMMM YYYY')}
        {tellsOn.isAfter(dayjs()) ? tellsFrom(tellsOn.format('MMMM YYYY')) : ''}. {planText(row)}
      </p>
      <table className={styles.sides}>
        <tbody>
          {row.sides.map((side, n) => {
            const { values } = sides[n]!;
            return (
              <tr key={side.name}>
                <th scope="row">{side.name}</th>
                <td>
                  <span className={styles.line} aria-hidden="true">
                    {values.map((value, k) => (
                      <i key={k} style={{ left: at(value), top: TOP_PX + (k % ROWS) * ROW_PX }} />
                    ))}
                    {values.length > 0 ? <b style={{ left: at(mean(values)) }} /> : null}
                  </span>
                  {values.length === 0
                    ? noneInspected(side.plants.length)
                    : meanOfSide(measured(measure, mean(values)), values.length, side.plants.length)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <ul className={styles.says}>
        {compareTrial(sides, isShare, matters).map((compared) => (
          <li key={`${compared.one} ${compared.other}`}>{trialSentence(measure, matters, compared)}</li>
        ))}
      </ul>
      <p className={styles.soft}>
        {TRIAL_ASSUMES} {sides.length > 2 ? eachAgainstEach(number(sides.length, 0)) : ''}
      </p>
      {note ? <p>{note}</p> : null}
      <div className={styles.actions}>
        <Button onClick={onChange}>Change…</Button>
        <Button kind="quiet" isBusy={isBusy} onClick={() => void putAway(row)}>
          Delete
        </Button>
      </div>
    </article>
  );
}
