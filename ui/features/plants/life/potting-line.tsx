'use client';

/** A potting in a plant's life: what it was potted in, drawn, with its recipe. */
import { kindName, litres, mmRange, number } from '@core/words';
import type { PottingEntry } from '@server/records/journal/entry-schemas';
import { useUnits } from '../../../data/units-context';
import { Button } from '../../../controls/button';
import { readSaved, type SavedPlan } from '../../../data/saved-plan';
import styles from '../plants.module.css';
import type { EntryActions } from './entry-actions';
import { longDay } from './long-day';
import { recipeFields, saidOf } from './recipe-fields';
import { SavedDrawing } from './saved-drawing';

interface PottingLineProps {
  readonly entry: PottingEntry;
  readonly onOpen: (saved: SavedPlan) => void;
  /** Opens it to be put right: another pot, another mix. */
  readonly onPutRight: (saved: SavedPlan) => void;
  readonly actions: EntryActions;
}

export function PottingLine({ entry, onOpen, onPutRight, actions }: PottingLineProps) {
  const saved = readSaved(entry);
  return (
    <>
      <div>
        <h2>{longDay(entry.pottedOn)}</h2>
        <p>{entry.title}</p>
        {entry.note ? <p className={styles.note}>{entry.note}</p> : null}
        <RecipeTable entry={entry} />
        <div className={styles.entryActions}>
          {saved ? (
            <>
              <Button onClick={() => onOpen(saved)}>Open on the bench</Button>
              <Button onClick={() => onPutRight(saved)}>It was another pot or mix…</Button>
            </>
          ) : null}
          {actions({
            id: entry.id,
            version: entry.version,
            day: entry.pottedOn,
            note: entry.note,
            kind: 'potted',
            said: saidOf(entry),
            fields: recipeFields(entry),
          })}
        </div>
      </div>
      {saved ? <SavedDrawing saved={saved} /> : null}
    </>
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
