'use client';

import { DeleteOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { genusById, genusIds, type PlanCase, readQuestion, type SetupSpec, setupSpecSchema } from '@core';
import { kindName, litres, mmRange, number, parseWith } from '@core/words';
import * as z from 'zod';
import type { PottingEntry } from '@server/events/schemas';
import type { PlantLog } from '@server/plants/schemas';
import { loadDraft, storeDraft } from '../../data/bench-draft';
import { usePlacement } from '../../data/use-placement';
import { MountDrawing } from '../../drawing/mount-drawing';
import { PotDrawing } from '../../drawing/pot-drawing';
import { useUnits } from '../../data/units-context';
import { resolved } from '../../data/place-book';
import { schemas } from '../../data/question-schemas';
import { usePlant } from '../../data/plants';
import { useUndoable } from '../../data/use-undoable';
import styles from './plants.module.css';
import { Button } from '../../controls/button';

/** Saved setups carry the short id they had. */
const savedSpecSchema = z.object({ id: z.string() }).loose();

interface SavedPlan {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
}

function readSaved(entry: PottingEntry): SavedPlan | null {
  const planCase = readQuestion(schemas().plan, entry.planCase);
  const carried = savedSpecSchema.safeParse(entry.spec);
  if (!carried.success) return null;
  const { id: _id, ...bare } = carried.data;
  const spec = parseWith(setupSpecSchema, bare);
  return planCase.status === 'ok' && spec.status === 'ok' ? { planCase: planCase.value, spec: spec.value } : null;
}

export function PlantLogView({ firstLog }: { readonly firstLog: PlantLog }) {
  const log = usePlant(firstLog);
  const router = useRouter();
  const putAway = useUndoable();

  const open = (saved: SavedPlan) => {
    storeDraft({
      answers: saved.planCase,
      chosenId: null,
      edited: saved.spec,
      monthIndex: null,
      plantId: log.id,
      plantName: log.name,
      plantVersion: log.version,
      whatIf: null,
      beside: loadDraft()?.beside ?? [],
    });
    router.push('/');
  };
  const drop = (entry: { readonly id: string; readonly happenedOn: string }) =>
    void putAway('events', entry.id, `Entry of ${dayjs(entry.happenedOn).format('D MMM YYYY')} put away`);

  return (
    <div className={styles.page}>
      <h1>{log.name}</h1>
      <p className="latin">{genusIds.includes(log.genusId) ? genusById(log.genusId).name : log.genusId}</p>
      {log.pottings.length + log.unreadable.length === 0 ? <p className={styles.none}>Nothing in its log.</p> : null}
      <ol className={styles.log}>
        {log.pottings.map((entry) => {
          const saved = readSaved(entry);
          return (
            <li key={entry.id} className={styles.entry}>
              <div>
                <h2>{dayjs(entry.pottedOn).format('D MMMM YYYY')}</h2>
                <p>{entry.title}</p>
                {entry.note ? <p className={styles.note}>{entry.note}</p> : null}
                <RecipeTable entry={entry} />
                <div className={styles.entryActions}>
                  {saved ? (
                    <Button kind="main" onClick={() => open(saved)}>
                      Open on the bench
                    </Button>
                  ) : null}
                  <Button icon={<DeleteOutlined />} onClick={() => drop({ id: entry.id, happenedOn: entry.pottedOn })}>
                    Put away
                  </Button>
                </div>
              </div>
              {saved ? <SavedDrawing saved={saved} /> : null}
            </li>
          );
        })}
        {log.unreadable.map((entry) => (
          <li key={entry.id} className={styles.entry}>
            <div>
              <h2>{dayjs(entry.happenedOn).format('D MMMM YYYY')}</h2>
              <p>{entry.title}</p>
              <p role="alert">
                This program cannot read the rest of this entry. It is kept as it was written; a newer program may read
                it.
              </p>
              <details>
                <summary>As it is kept</summary>
                <pre className={styles.raw}>{JSON.stringify(entry.data, null, 2)}</pre>
              </details>
            </div>
          </li>
        ))}
      </ol>
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
