'use client';

/** Two days of a life side by side: what it was potted in, what was seen, its photographs. */
import { useState } from 'react';
import { wordInspection } from '@core/words';
import type { InspectionEntry, PottingEntry } from '@server/records/journal/entry-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { useUnits } from '../../../data/units-context';
import { KeptMap } from '../../../drawing/kept-map';
import { Button } from '../../../controls/button';
import styles from '../plants.module.css';
import { readSaved } from '../../../data/saved-plan';
import { longDay } from './long-day';
import { Photos } from './photos';
import { SavedDrawing } from './saved-drawing';

type Day =
  | { readonly kind: 'potted'; readonly id: string; readonly day: string; readonly entry: PottingEntry }
  | { readonly kind: 'looked over'; readonly id: string; readonly day: string; readonly entry: InspectionEntry };

/** The earliest first. */
function daysOf({ pottings, inspections }: Pick<PlantLog, 'pottings' | 'inspections'>): readonly Day[] {
  return [
    ...pottings.map((entry): Day => ({ kind: 'potted', id: entry.id, day: entry.pottedOn, entry })),
    ...inspections.map((entry): Day => ({ kind: 'looked over', id: entry.id, day: entry.inspectedOn, entry })),
  ].sort((a, b) => a.day.localeCompare(b.day));
}

export function ThenAndNow({ log }: { readonly log: PlantLog }) {
  const days = daysOf(log);
  const [isOpen, setOpen] = useState(false);
  const [left, setLeft] = useState<string | null>(null);
  const [right, setRight] = useState<string | null>(null);
  if (days.length < 2) return null;
  const at = (id: string | null, otherwise: Day) => days.find((one) => one.id === id) ?? otherwise;
  const then = at(left, days[0]!);
  const now = at(right, days.at(-1)!);
  return (
    <section aria-label="Two days side by side">
      <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        Two days side by side
      </Button>
      {isOpen ? (
        <div className={`entry ${styles.twoDays}`}>
          <OneDay label="Then" days={days} shown={then} onChoose={setLeft} />
          <OneDay label="Now" days={days} shown={now} onChoose={setRight} />
        </div>
      ) : null}
    </section>
  );
}

interface OneDayProps {
  readonly label: string;
  readonly days: readonly Day[];
  readonly shown: Day;
  readonly onChoose: (id: string) => void;
}

function OneDay({ label, days, shown, onChoose }: OneDayProps) {
  return (
    <div>
      <label>
        {label}
        <select value={shown.id} onChange={(event) => onChoose(event.target.value)}>
          {days.map(({ id, day, kind }) => (
            <option key={id} value={id}>
              {longDay(day)}, {kind}
            </option>
          ))}
        </select>
      </label>
      {shown.kind === 'potted' ? <Potted entry={shown.entry} /> : <Inspected entry={shown.entry} />}
    </div>
  );
}

function Potted({ entry }: { readonly entry: PottingEntry }) {
  const saved = readSaved(entry);
  return (
    <>
      <p>{entry.title}</p>
      {entry.note ? <p className={styles.note}>{entry.note}</p> : null}
      {saved ? <SavedDrawing saved={saved} /> : null}
    </>
  );
}

function Inspected({ entry }: { readonly entry: InspectionEntry }) {
  const { units } = useUnits();
  const { inspection, inspectedOn } = entry;
  return (
    <>
      {inspection.note ? <p className={styles.note}>{inspection.note}</p> : null}
      <table className={styles.recipe}>
        <caption className="visually-hidden">What was seen on {longDay(inspectedOn)}</caption>
        <tbody>
          {wordInspection(inspection, units).map(({ looked, label, words }) => (
            <tr key={looked}>
              <td>{label}</td>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {inspection.growthMap ? <KeptMap map={inspection.growthMap} before={null} sizePx={220} /> : null}
      <Photos ids={inspection.photoIds ?? []} day={longDay(inspectedOn)} />
    </>
  );
}
