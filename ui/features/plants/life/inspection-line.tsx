'use client';

/** A look-over in a plant's life: what was seen, the map with what is new on it, and photographs. */
import type { GrowthMapSaid } from '@core';
import { wordInspection } from '@core/words';
import type { InspectionEntry } from '@server/records/journal/entry-schemas';
import { useUnits } from '../../../data/units-context';
import { KeptMap } from '../../../drawing/kept-map';
import styles from '../plants.module.css';
import type { EntryActions } from './entry-actions';
import { longDay } from './long-day';
import { Photos } from './photos';

/** The map drawn before the inspection of this index (newest first). */
export function mapBefore(inspections: readonly InspectionEntry[], index: number): GrowthMapSaid | null {
  const earlier = inspections.slice(index + 1).find(({ inspection }) => inspection.growthMap !== undefined);
  return earlier?.inspection.growthMap ?? null;
}

interface InspectionLineProps {
  readonly entry: InspectionEntry;
  readonly before: GrowthMapSaid | null;
  readonly actions: EntryActions;
}

export function InspectionLine({ entry, before, actions }: InspectionLineProps) {
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
        <div className={styles.entryActions}>
          {actions({
            id: entry.id,
            version: entry.version,
            day: inspectedOn,
            note: inspection.note ?? '',
            kind: 'inspected',
            said: inspection,
          })}
        </div>
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
