'use client';

/** A plant: who it is, what it needs, how it goes on from here, and its life so far, newest first. */
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import type { PlanCase } from '@core';
import { wordMeasuredPace, asPartOf } from '@core/words';
import type { QuickEntry } from '@server/records/journal/quick-entry-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { loadDraft, type PottedEntry, storeDraft } from '../../data/bench-draft';
import { BEGIN_INSPECTION } from '../../data/begin-inspection';
import { usePlant } from '../../data/plants';
import { useUnits } from '../../data/units-context';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { JournalBar } from '../../journal/journal-bar';
import { AftercareTasks } from '../../journal/aftercare';
import { AsToday } from './life/as-today';
import { JournalLines } from './life/journal-lines';
import { entryActions } from './life/entry-actions';
import { InspectionLine, mapBefore } from './life/inspection-line';
import { InFigures } from './life/in-figures';
import { longDay } from './life/long-day';
import { SignCheckLine } from './life/sign-check-line';
import { MapsInOne } from './life/maps-in-one';
import { PlanLine } from './life/plan-line';
import { PottingLine } from './life/potting-line';
import { ThenAndNow } from './life/then-and-now';
import { Went } from './life/went';
import { PlantHead } from './plant-head';
import { PlantNeeds } from './plant-needs';
import { PottedOtherwise } from './potted-otherwise';
import { type SavedPlan, todayOf } from '../../data/saved-plan';
import styles from './plants.module.css';

const views = [
  { value: 'all', label: 'All' },
  { value: 'great', label: 'Pots and looks' },
  { value: 'care', label: 'Care' },
] as const;
type View = (typeof views)[number]['value'];

type Life = Pick<PlantLog, 'plans' | 'pottings' | 'inspections' | 'looks' | 'unreadable'>;

interface Great {
  readonly id: string;
  readonly day: string;
  readonly shown: ReactNode;
}

/** Lays a case on the bench and goes there. */
type Open = (answers: PlanCase, edited: SavedPlan['spec'] | null, address: string, entry?: PottedEntry | null) => void;

/** Plans, pottings, inspections and sign checks of a life; plannedId: of the plan that still stands. */
const greatOf = (life: Life, plannedId: string | undefined, open: Open): readonly Great[] => [
  ...life.plans.map((entry) => ({
    id: entry.id,
    day: entry.plannedOn,
    shown: (
      <PlanLine
        entry={entry}
        isOpen={plannedId === entry.id}
        onOpen={(saved) => open(saved.planCase, saved.spec, '/')}
        actions={entryActions}
      />
    ),
  })),
  ...life.pottings.map((entry) => ({
    id: entry.id,
    day: entry.pottedOn,
    shown: (
      <PottingLine
        entry={entry}
        onOpen={(saved) => open(saved.planCase, saved.spec, '/')}
        onPutRight={({ planCase, spec }) => {
          const { id, version, pottedOn, note } = entry;
          open(planCase, spec, '/', { id, version, pottedOn, note });
        }}
        actions={entryActions}
      />
    ),
  })),
  ...life.inspections.map((entry, n) => ({
    id: entry.id,
    day: entry.inspectedOn,
    shown: <InspectionLine entry={entry} before={mapBefore(life.inspections, n)} actions={entryActions} />,
  })),
  ...life.looks.map((entry) => ({
    id: entry.id,
    day: entry.lookedOn,
    shown: <SignCheckLine entry={entry} actions={entryActions} />,
  })),
  ...life.unreadable.map((entry) => ({
    id: entry.id,
    day: entry.happenedOn,
    shown: (
      <div>
        <h2>{longDay(entry.happenedOn)}</h2>
        <p>{entry.title}</p>
        <p role="alert">
          This program cannot read the rest of this entry. It is kept as it was written; a newer program may read it.
        </p>
        <details>
          <summary>As it is kept</summary>
          <pre className={styles.raw}>{JSON.stringify(entry.data, null, 2)}</pre>
        </details>
      </div>
    ),
  })),
];

/** Pottings and looks with what was done between them, newest first. */
function between(great: readonly Great[], care: readonly QuickEntry[]) {
  const days = [...great].sort((a, b) => b.day.localeCompare(a.day));
  const parts: { readonly key: string; readonly great: Great | null; readonly care: readonly QuickEntry[] }[] = [];
  let rest = [...care];
  for (const one of days) {
    const after = rest.filter(({ happenedOn }) => happenedOn >= one.day);
    rest = rest.filter(({ happenedOn }) => happenedOn < one.day);
    if (after.length > 0) parts.push({ key: `before-${one.id}`, great: null, care: after });
    parts.push({ key: one.id, great: one, care: [] });
  }
  if (rest.length > 0) parts.push({ key: 'first', great: null, care: rest });
  return parts;
}

export function PlantLogView({ firstLog }: { readonly firstLog: PlantLog }) {
  const log = usePlant(firstLog);
  const { units } = useUnits();
  const router = useRouter();
  const [view, setView] = useState<View>('all');
  const today = todayOf(log, dayjs().format('YYYY-MM-DD'));

  const open: Open = (answers, edited, address, entry = null) => {
    storeDraft({
      answers,
      chosenId: null,
      edited,
      monthIndex: null,
      plantId: log.id,
      plantName: log.name,
      plantVersion: log.version,
      entry,
      whatIf: null,
      beside: loadDraft()?.beside ?? [],
    });
    router.push(address);
  };

  const great = greatOf(log, log.planned?.id, open);
  const parts = between(view === 'care' ? [] : great, view === 'great' ? [] : log.care);
  const before = log.partOf;

  return (
    <div className={styles.page}>
      <PlantHead log={log} />
      <PlantNeeds log={log} />
      {log.left ? null : <AftercareTasks tasks={log.nursing} today={dayjs().format('YYYY-MM-DD')} ofOne />}
      {today ? (
        <div className={styles.entryActions}>
          <Button kind="main" isLarge onClick={() => open(today.planCase, null, '/')}>
            On the bench, as it is today
          </Button>
          <Button isLarge onClick={() => open(today.planCase, null, `/?${BEGIN_INSPECTION}`)}>
            Look it over
          </Button>
          {log.left ? null : <PottedOtherwise log={log} planCase={today.planCase} />}
        </div>
      ) : null}
      <div className={styles.writing}>
        <JournalBar plants={[{ id: log.id, name: log.name }]} />
      </div>
      <Went log={log} />
      <InFigures log={log} />
      <div className={styles.pictures}>
        <AsToday log={log} />
        <MapsInOne log={log} />
      </div>
      <ThenAndNow log={log} />
      {today?.ownPace ? <p>{wordMeasuredPace(today.ownPace, units)}</p> : null}
      {log.care.length > 0 && great.length > 0 ? (
        <Choice label="What of its life" options={views} value={view} onChange={setView} />
      ) : null}
      {parts.length === 0 ? <p className={styles.none}>Nothing in its log.</p> : null}
      <LifeList parts={parts} />
      {before ? (
        <section aria-label={asPartOf(before.name)}>
          <h2 className={styles.partOf}>
            Until {longDay(before.until)} it was part of <a href={`/plants/${before.plantId}`}>{before.name}</a>
          </h2>
          <LifeList
            parts={between(
              view === 'care' ? [] : greatOf(before, log.planned?.id, open),
              view === 'great' ? [] : before.care,
            )}
          />
        </section>
      ) : null}
    </div>
  );
}

function LifeList({ parts }: { readonly parts: ReturnType<typeof between> }) {
  return (
    <ol className={styles.log}>
      {parts.map(({ key, great, care }) =>
        great ? (
          <li key={key} className={styles.entry}>
            {great.shown}
          </li>
        ) : (
          <li key={key}>
            <JournalLines entries={care} actions={entryActions} />
          </li>
        ),
      )}
    </ol>
  );
}
