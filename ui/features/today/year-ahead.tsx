'use client';

/** The year ahead by months, or the next weeks, place by place: how many plants want a new pot, a flush, a look. */
import dayjs from 'dayjs';
import { useState } from 'react';
import type { DueList, SpanAhead } from '@server/projections/due/schemas';
import { Choice } from '../../controls/choice';
import styles from './today.module.css';

type Counts = Pick<SpanAhead['places'][number], 'repot' | 'flush' | 'look'>;

const sorts = [
  { key: 'repot', name: 'new pot', mark: '●' },
  { key: 'flush', name: 'flush', mark: '≈' },
  { key: 'look', name: 'look over', mark: '○' },
] as const satisfies readonly { readonly key: keyof Counts; readonly name: string; readonly mark: string }[];

const spans = [
  { value: 'year', label: 'Year' },
  { value: 'weeks', label: 'Next weeks' },
] as const;

export function YearAhead({ due }: { readonly due: Pick<DueList, 'ahead' | 'weeks'> }) {
  const [span, setSpan] = useState<(typeof spans)[number]['value']>('year');
  const ahead = span === 'year' ? due.ahead : due.weeks;
  const places = [...new Set(due.ahead.flatMap((month) => month.places.map(({ placeName }) => placeName)))].sort();
  if (places.length === 0) return null;
  const most = Math.max(
    1,
    ...ahead.flatMap((month) => month.places.map(({ repot, flush, look }) => repot + flush + look)),
  );
  return (
    <section aria-label="The year ahead">
      <h2>The year ahead</h2>
      <Choice label="How far ahead" options={spans} value={span} onChange={setSpan} />
      <p className={styles.key}>
        {sorts.map(({ key, name, mark }) => (
          <span key={key} data-sort={key}>
            <i aria-hidden="true">{mark}</i> {name}
          </span>
        ))}
      </p>
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="Month by month, or week by week">
        <table className={styles.year}>
          <thead>
            <tr>
              <th scope="col">Place</th>
              {ahead.map(({ from }) => (
                <th key={from} scope="col">
                  {span === 'year' ? dayjs(from).format('MMM') : `from ${dayjs(from).format('D MMM')}`}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {places.map((placeName) => (
              <tr key={placeName}>
                <th scope="row">{placeName || 'No place said'}</th>
                {ahead.map(({ from, places: ofSpan }) => (
                  <td key={from}>
                    <Cell counts={ofSpan.find((one) => one.placeName === placeName)} most={most} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

const BAR_PX = 44;

function Cell({ counts, most }: { readonly counts: Counts | undefined; readonly most: number }) {
  const shown = sorts.filter(({ key }) => (counts?.[key] ?? 0) > 0);
  if (counts === undefined || shown.length === 0) return null;
  return (
    <div className={styles.cell}>
      {shown.map(({ key, name, mark }) => (
        <span
          key={key}
          data-sort={key}
          style={{ minHeight: 20 + (BAR_PX * counts[key]) / most }}
          title={`${counts[key]} ${name}`}
        >
          <i aria-hidden="true">{mark}</i>
          {counts[key]}
          <span className="visually-hidden"> {name}</span>
        </span>
      ))}
    </div>
  );
}
