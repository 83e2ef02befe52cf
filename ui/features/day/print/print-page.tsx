'use client';

/** A day on paper: the run sheet, the mixes, and a tag for each plant with the square that leads to its page. */
import { PrinterOutlined } from '@ant-design/icons';
import { QRCode } from 'antd';
import dayjs from 'dayjs';
import { PageLink } from '../../../controls/page-link';
import { useState } from 'react';
import type { DayKept } from '@core';
import { clockText, type DayAnswer, litres, wordDay, type WordedDayPlant, intoTheWaterAt } from '@core/words';
import type { Day } from '@server/records/days/schemas';
import { Button } from '../../../controls/button';
import { Choice } from '../../../controls/choice';
import { inStock, useStock } from '../../../data/stock';
import { useIsBrowser, useStored, writeStored } from '../../../data/browser/stored';
import { useUnits } from '../../../data/units-context';
import { useDayDraft } from '../use-day';
import { usePrepared } from '../use-prepared';
import styles from './print.module.css';

const sheets = [
  { value: 'run', label: 'Run sheet' },
  { value: 'mixes', label: 'Mixes' },
  { value: 'tags', label: 'Tags' },
  { value: 'all', label: 'All three' },
] as const;
type Sheet = (typeof sheets)[number]['value'];

const papers = [
  { value: 'A4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
] as const;
type Paper = (typeof papers)[number]['value'];

const PAPER_KEY = 'tender-cairn.paper';

export function PrintPage({ first }: { readonly first: Day & { readonly day: DayKept } }) {
  const { day, setSetup } = useDayDraft(first);
  const { units } = useUnits();
  const rows = useStock()?.items;
  const { prepared } = usePrepared(day, rows && inStock(rows), setSetup);
  const [sheet, setSheet] = useState<Sheet>('all');
  const paper: Paper = useStored(PAPER_KEY) === 'letter' ? 'letter' : 'A4';
  const answer = prepared && wordDay(prepared, units);
  const shows = (one: Sheet): boolean => sheet === 'all' || sheet === one;
  return (
    <div className={styles.page} data-whole={answer ? '' : undefined}>
      {/* The browser's own print dialog takes the paper from here. */}
      <style>{`@page { size: ${paper === 'A4' ? 'A4' : 'letter'}; margin: 12mm; }`}</style>
      <div className={`on-screen-only ${styles.head}`}>
        <h1>To print, {dayjs(day.on).format('dddd D MMMM')}</h1>
        <Choice label="What to print" options={sheets} value={sheet} onChange={setSheet} />
        <Choice label="Paper" options={papers} value={paper} onChange={(value) => writeStored(PAPER_KEY, value)} />
        <Button kind="main" isLarge icon={<PrinterOutlined />} disabled={!answer} onClick={() => window.print()}>
          Print
        </Button>
        <PageLink href={`/days/${first.id}`}>Back to the day</PageLink>
      </div>
      {answer ? null : <p aria-live="polite">Working the day out…</p>}
      {answer && shows('run') ? <RunSheet day={day} answer={answer} /> : null}
      {answer && shows('mixes') ? <MixSheet day={day} answer={answer} /> : null}
      {answer && shows('tags') ? <Tags day={day} answer={answer} /> : null}
    </div>
  );
}

interface SheetProps {
  readonly day: DayKept;
  readonly answer: DayAnswer;
}

function RunSheet({ day, answer }: SheetProps) {
  return (
    <section className={styles.sheet} aria-label="Run sheet">
      <h2>
        {dayjs(day.on).format('dddd, D MMMM YYYY')}, from {clockText(day.beginsAtMinute)}. {answer.timeText}
      </h2>
      {answer.beforehandTexts.length > 0 ? <p>The evening before: {answer.beforehandTexts.join(' ')}</p> : null}
      <p>Bring: {answer.bringTexts.join(', ')}.</p>
      <ol className={styles.plants}>
        {answer.plants.map((plant) => (
          <PlantOnPaper key={plant.id} plant={plant} beginsAtMinute={day.beginsAtMinute} />
        ))}
      </ol>
      <p>Labels and local law come before anything said here.</p>
    </section>
  );
}

function PlantOnPaper({ plant, beginsAtMinute }: { readonly plant: WordedDayPlant; readonly beginsAtMinute: number }) {
  const { times, name, vesselText, title, potText, stepTexts, advice } = plant;
  const soak = times.soakFromMin === null ? '' : intoTheWaterAt(clockText(beginsAtMinute + times.soakFromMin));
  return (
    <li>
      <h3>
        {clockText(beginsAtMinute + times.beginMin)} {name}
        <small>{soak}</small>
      </h3>
      <p>
        <strong>{vesselText}</strong>, {title.toLowerCase()}. {potText}
      </p>
      <ul>
        {stepTexts.map(({ kind, name: stepName, sentence, cautions }) => (
          <li key={kind}>
            <i aria-hidden="true" /> <strong>{stepName}.</strong> {sentence}
            {cautions.map((caution) => (
              <em key={caution}> ⚠ {caution}</em>
            ))}
          </li>
        ))}
      </ul>
      {advice.length > 0 ? <p className={styles.small}>{advice.join(' ')}</p> : null}
      <p className={styles.write}>It went otherwise:</p>
    </li>
  );
}

function MixSheet({ day, answer }: SheetProps) {
  const names = new Map(answer.plants.map(({ id, name }) => [id, name]));
  return (
    <section className={styles.sheet} aria-label="Mix sheet">
      <h2>Mixes, {dayjs(day.on).format('D MMMM YYYY')}</h2>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">Mix</th>
            <th scope="col">Out of each bag</th>
            <th scope="col">Settled</th>
            <th scope="col">For</th>
          </tr>
        </thead>
        <tbody>
          {answer.batches.map(({ key, title, bagTexts, potsL, plants }) => (
            <tr key={key}>
              <td>{title}</td>
              <td>{bagTexts.join(', ')}</td>
              <td>{litres(potsL)}</td>
              <td>{plants.map(({ plantId, litres: each }) => `${names.get(plantId)} ${litres(each)}`).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {answer.shortages.length > 0 ? <p>Short: {answer.shortages.map(({ sentence }) => sentence).join(' ')}</p> : null}
    </section>
  );
}

const SQUARE_PX = 76;

function Tags({ day, answer }: SheetProps) {
  const isBrowser = useIsBrowser();
  return (
    <section className={styles.sheet} aria-label="Tags">
      <ul className={styles.tags}>
        {answer.plants.map(({ id, name, title, vesselText }) => (
          <li key={id} data-part="tag">
            <div>
              <strong>{name}</strong>
              <span>{dayjs(day.on).format('MMM YYYY')}</span>
              <span>
                {title}, {vesselText.toLowerCase()}
              </span>
            </div>
            {/* For a camera: the words beside it say all that a reader wants. */}
            <span aria-hidden="true">
              {isBrowser ? (
                <QRCode
                  type="svg"
                  size={SQUARE_PX}
                  bordered={false}
                  value={`${window.location.origin}/plants/${id}`}
                  color="#000"
                  bgColor="#fff"
                />
              ) : null}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
