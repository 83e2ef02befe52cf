'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { contextOf, factsOf, genusById, genusIds, parseWith, type PlanCase, planCaseSchema, resolveCase, type SetupSpec, setupSpecSchema } from '@core';
import { litres, mmRange, number } from '@core/words';
import { z } from 'zod';
import type { PlantLog, PottingEntry } from '@server/collection/plants';
import { loadDraft, storeDraft } from '../bench/draft';
import { MountDrawing } from '../section/mount-drawing';
import { PotDrawing } from '../section/pot-drawing';
import { useUnits } from '../units/units-context';
import { messageOf } from '../worker/planner';
import { remove } from './api';
import { useUndoable } from './use-undoable';
import styles from './plants.module.css';

/** Saved setups carry the short id they had. */
const savedSpecSchema = z.object({ id: z.string() }).loose();

interface SavedPlan {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
}

function readSaved(entry: PottingEntry): SavedPlan | null {
  const planCase = parseWith(planCaseSchema, entry.planCase);
  const carried = savedSpecSchema.safeParse(entry.spec);
  if (!carried.success) return null;
  const { id: _id, ...bare } = carried.data;
  const spec = parseWith(setupSpecSchema, bare);
  return planCase.status === 'ok' && spec.status === 'ok' ? { planCase: planCase.value, spec: spec.value } : null;
}

export function PlantLogView({ log }: { readonly log: PlantLog }) {
  const router = useRouter();
  const { message } = App.useApp();
  const offerUndo = useUndoable();

  const open = (saved: SavedPlan) => {
    storeDraft({
      answers: saved.planCase,
      chosenId: null,
      edited: saved.spec,
      monthIndex: null,
      plantId: log.id,
      plantName: log.name,
      whatIf: null,
      beside: loadDraft()?.beside ?? [],
    });
    router.push('/');
  };
  const drop = async (entry: PottingEntry) => {
    try {
      await remove('pottings', entry.id);
      router.refresh();
      offerUndo('pottings', entry.id, `Entry of ${dayjs(entry.pottedOn).format('D MMM YYYY')} put away`);
    } catch (error) {
      void message.error(messageOf(error));
    }
  };

  return (
    <div className={styles.page}>
      <h1>{log.name}</h1>
      <p className="latin">{genusIds.includes(log.genusId) ? genusById(log.genusId).name : log.genusId}</p>
      {log.pottings.length === 0 ? <p className={styles.none}>Nothing in its log.</p> : null}
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
                    <Button type="primary" onClick={() => open(saved)}>
                      Open on the bench
                    </Button>
                  ) : null}
                  <Button icon={<DeleteOutlined />} onClick={() => void drop(entry)}>
                    Put away
                  </Button>
                </div>
              </div>
              {saved ? <SavedDrawing saved={saved} /> : null}
            </li>
          );
        })}
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
            <td>{line.name.replace(/ \d.*mm$/, '')}</td>
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

function SavedDrawing({ saved }: { readonly saved: SavedPlan }) {
  const { units } = useUnits();
  const context = contextOf(resolveCase(saved.planCase));
  const size = { widthPx: 560, heightPx: 300 };
  if (saved.spec.vessel.kind === 'mount') {
    return <MountDrawing spec={saved.spec} plant={context.plant} curve={null} hour={0} units={units} {...size} />;
  }
  return (
    <PotDrawing
      spec={saved.spec}
      plant={context.plant}
      placement={factsOf(context, saved.spec).placement}
      curve={null}
      hour={0}
      units={units}
      onEdit={null}
      {...size}
    />
  );
}
