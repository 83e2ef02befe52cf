'use client';

/** A plant: how it goes on from here, and its life so far, newest first. */
import { DeleteOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { genusById, genusIds, type GrowthMapSaid, type PlanCase } from '@core';
import { kindName, litres, mmRange, number, wordInspection, wordOwnPace, wordWaiting } from '@core/words';
import type { InspectionEntry, LookEntry, PottingEntry } from '@server/events/entry-schemas';
import type { PlantLog } from '@server/plants/schemas';
import { loadDraft, storeDraft } from '../../data/bench-draft';
import { LOOK_OVER } from '../../data/look-over';
import { usePhotos } from '../../data/photos/use-photos';
import { resolved } from '../../data/place-book';
import { usePlant } from '../../data/plants';
import { useUnits } from '../../data/units-context';
import { usePlacement } from '../../data/use-placement';
import { useUndoable } from '../../data/use-undoable';
import { Button } from '../../controls/button';
import { KeptMap } from '../../drawing/kept-map';
import { MountDrawing } from '../../drawing/mount-drawing';
import { PotDrawing } from '../../drawing/pot-drawing';
import { readSaved, type SavedPlan, todayOf } from './saved-plan';
import styles from './plants.module.css';

const longDay = (day: string): string => dayjs(day).format('D MMMM YYYY');

export function PlantLogView({ firstLog }: { readonly firstLog: PlantLog }) {
  const log = usePlant(firstLog);
  const { units } = useUnits();
  const router = useRouter();
  const putAway = useUndoable();
  const today = todayOf(log, dayjs().format('YYYY-MM-DD'));

  const open = (answers: PlanCase, edited: SavedPlan['spec'] | null, address: string) => {
    storeDraft({
      answers,
      chosenId: null,
      edited,
      monthIndex: null,
      plantId: log.id,
      plantName: log.name,
      plantVersion: log.version,
      whatIf: null,
      beside: loadDraft()?.beside ?? [],
    });
    router.push(address);
  };
  const drop = (id: string, day: string) =>
    void putAway('events', id, `Entry of ${dayjs(day).format('D MMM YYYY')} put away`);
  const dropButton = (id: string, day: string) => (
    <Button icon={<DeleteOutlined />} onClick={() => drop(id, day)}>
      Put away
    </Button>
  );

  const entries = [
    ...log.pottings.map((entry) => ({
      id: entry.id,
      day: entry.pottedOn,
      shown: <PottingLine entry={entry} onOpen={(saved) => open(saved.planCase, saved.spec, '/')} drop={dropButton} />,
    })),
    ...log.inspections.map((entry, n) => ({
      id: entry.id,
      day: entry.inspectedOn,
      shown: <InspectionLine entry={entry} before={mapBefore(log.inspections, n)} drop={dropButton} />,
    })),
    ...log.looks.map((entry) => ({
      id: entry.id,
      day: entry.lookedOn,
      shown: <LookLine entry={entry} drop={dropButton} />,
    })),
    ...log.unreadable.map((entry) => ({
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
  ].sort((a, b) => b.day.localeCompare(a.day));

  return (
    <div className={styles.page}>
      <h1>{log.name}</h1>
      <p className="latin">{genusIds.includes(log.genusId) ? genusById(log.genusId).name : log.genusId}</p>
      {today ? (
        <div className={styles.entryActions}>
          <Button kind="main" isLarge onClick={() => open(today.planCase, null, '/')}>
            On the bench, as it is today
          </Button>
          <Button isLarge onClick={() => open(today.planCase, null, `/?${LOOK_OVER}`)}>
            Look it over
          </Button>
        </div>
      ) : null}
      {today?.ownPace ? <p>{wordOwnPace(today.ownPace, units)}</p> : null}
      {entries.length === 0 ? <p className={styles.none}>Nothing in its log.</p> : null}
      <ol className={styles.log}>
        {entries.map(({ id, shown }) => (
          <li key={id} className={styles.entry}>
            {shown}
          </li>
        ))}
      </ol>
    </div>
  );
}

type DropButton = (id: string, day: string) => React.ReactNode;

interface PottingLineProps {
  readonly entry: PottingEntry;
  readonly onOpen: (saved: SavedPlan) => void;
  readonly drop: DropButton;
}

function PottingLine({ entry, onOpen, drop }: PottingLineProps) {
  const saved = readSaved(entry);
  return (
    <>
      <div>
        <h2>{longDay(entry.pottedOn)}</h2>
        <p>{entry.title}</p>
        {entry.note ? <p className={styles.note}>{entry.note}</p> : null}
        <RecipeTable entry={entry} />
        <div className={styles.entryActions}>
          {saved ? <Button onClick={() => onOpen(saved)}>Open on the bench</Button> : null}
          {drop(entry.id, entry.pottedOn)}
        </div>
      </div>
      {saved ? <SavedDrawing saved={saved} /> : null}
    </>
  );
}

/** The map drawn before the inspection of this index (newest first). */
function mapBefore(inspections: readonly InspectionEntry[], index: number): GrowthMapSaid | null {
  const earlier = inspections.slice(index + 1).find(({ inspection }) => inspection.growthMap !== undefined);
  return earlier?.inspection.growthMap ?? null;
}

interface InspectionLineProps {
  readonly entry: InspectionEntry;
  readonly before: GrowthMapSaid | null;
  readonly drop: DropButton;
}

function InspectionLine({ entry, before, drop }: InspectionLineProps) {
  const { units } = useUnits();
  const { inspection, inspectedOn } = entry;
  const lines = wordInspection(inspection, units);
  return (
    <>
      <div>
        <h2>{longDay(inspectedOn)}</h2>
        <p>Looked over</p>
        {inspection.note ? <p className={styles.note}>{inspection.note}</p> : null}
        {inspection.growthMap ? <KeptMap map={inspection.growthMap} before={before} sizePx={220} /> : null}
        <div className={styles.entryActions}>{drop(entry.id, inspectedOn)}</div>
      </div>
      <div>
        <table className={styles.recipe}>
          <caption>What was seen</caption>
          <tbody>
            {lines.map(({ looked, label, words }) => (
              <tr key={looked}>
                <td>{label}</td>
                <td>{words}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <Photos ids={inspection.photoIds ?? noPhotos} day={longDay(inspectedOn)} />
      </div>
    </>
  );
}

const noPhotos: readonly string[] = [];

function Photos({ ids, day }: { readonly ids: readonly string[]; readonly day: string }) {
  const photos = usePhotos(ids);
  if (photos.length === 0) return null;
  return (
    <ul className={styles.photos} aria-label={`Photographs of ${day}`}>
      {photos.map(({ id, url, isWaiting, refusal }, n) => (
        <li key={id}>
          <a href={isWaiting ? url : `/api/photos/${id}`} target="_blank" rel="noreferrer">
            {/* eslint-disable-next-line @next/next/no-img-element -- small already, and from this browser or its own server */}
            <img src={url} alt={`Photograph ${n + 1} of ${day}`} width={132} height={132} />
          </a>
          {refusal ? <span role="alert">{refusal}</span> : isWaiting ? <span>waits to be sent</span> : null}
        </li>
      ))}
    </ul>
  );
}

const answerWords: Readonly<Record<LookEntry['answer'], string>> = {
  waiting: 'Waits',
  'not yet': 'Looked: not yet',
  seen: 'Looked: the sign is there',
  'gone worse': 'Looked: it has gone worse',
};

function LookLine({ entry, drop }: { readonly entry: LookEntry; readonly drop: DropButton }) {
  const { until } = wordWaiting(entry.sign, entry.risk);
  return (
    <div>
      <h2>{longDay(entry.lookedOn)}</h2>
      <p>
        {answerWords[entry.answer]}
        {entry.lookOn === null ? '.' : `, until ${until}. Look again on ${longDay(entry.lookOn)}.`}
      </p>
      <div className={styles.entryActions}>{drop(entry.id, entry.lookedOn)}</div>
    </div>
  );
}

function RecipeTable({ entry }: { readonly entry: PottingEntry }) {
  const { units } = useUnits();
  if (entry.recipe.length === 0) return <p>No medium: bare roots.</p>;
  return (
    <table className={styles.recipe}>
      <caption>What went in</caption>
      <tbody>
        {entry.recipe.map((line, i) => (
          <tr key={i}>
            <td>{line.layer}</td>
            <td>{kindName(line.name)}</td>
            <td>{mmRange(line.smallMm, line.largeMm, units)}</td>
            <td>
              {number(line.parts, 1)} {line.parts === 1 ? 'part' : 'parts'}
            </td>
            <td>{litres(line.takeL)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const DRAWN_PX = { widthPx: 560, heightPx: 300 };

function SavedDrawing({ saved }: { readonly saved: SavedPlan }) {
  const { units } = useUnits();
  const { planCase, spec } = saved;
  const placement = usePlacement(planCase, spec);
  const drawn = { spec, plant: resolved(planCase).plant, curve: null, hour: 0, units, ...DRAWN_PX };
  if (spec.vessel.kind === 'mount') return <MountDrawing {...drawn} />;
  if (!placement) return <div aria-busy style={{ aspectRatio: DRAWN_PX.widthPx / DRAWN_PX.heightPx }} />;
  return <PotDrawing {...drawn} placement={placement} onEdit={null} />;
}
