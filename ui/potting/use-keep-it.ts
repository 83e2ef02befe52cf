/** Sends what is kept, once however often it is touched; a plant or an entry that was changed meanwhile is said and kept at the next touch. */
import { pottingChangedMeanwhile, plantChangedMeanwhile } from '@core/words';
import { useState } from 'react';
import * as z from 'zod';
import type { PlanCase, SetupSpec } from '@core';
import type { PlantLog } from '@server/projections/plants/schemas';
import { client, ConflictError, type PlanForm, type PottedForm, type PottingRightForm } from '../data/client';
import type { PottedEntry } from '../data/bench-draft';
import { today } from '../data/dates';
import { useKeptOfPlant } from '../data/plants';
import { useKeep } from '../data/use-keep';
import type { WayToKeep } from './ways';
import { newId } from '../data/browser/new-id';

interface Whose {
  readonly plantId: string | null;
  readonly plantVersion: number | null;
  readonly entry: PottedEntry | null;
  readonly onClose: () => void;
  /** kept: the way in which it was. */
  readonly onSaved: (log: PlantLog, kept: WayToKeep) => void;
}

interface Said {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly plantName: string;
  /** YYYY-MM-DD; of a plan null where it has none. */
  readonly day: string | null;
  readonly note: string;
  readonly stock: Pick<PottedForm, 'takes' | 'gives'>;
}

/** What a conflict answers: of the plant as it now is, or of the entry. */
const keptPlant = z.object({ name: z.string(), version: z.number() });
const keptEntry = z.object({ happenedOn: z.string(), version: z.number() });

export function useKeepIt({ plantId, plantVersion, entry, onClose, onSaved }: Whose) {
  const [seenVersion, setSeenVersion] = useState(plantVersion);
  const [seenEntry, setSeenEntry] = useState(entry?.version ?? 0);
  const [fault, say] = useState<string | null>(null);
  // One key for this dialog: a double tap, or a second try after a lost answer, saves once.
  const [idempotencyKey] = useState(() => newId());
  const [isBusy, setBusy] = useState(false);
  const changed = useKeptOfPlant();
  const keepIt = useKeep();

  const send = async (way: WayToKeep, said: Said): Promise<PlantLog> => {
    const { planCase, spec, plantName, day, note, stock } = said;
    if (way === 'planned') {
      const form = { plantId, idempotencyKey, plantName, planCase, spec, note };
      return client.savePlan({ ...form, plannedOn: today(), forOn: day } as PlanForm);
    }
    const pottedOn = day ?? today();
    if (way === 'put right' && entry) {
      const form = { planCase, spec, note, pottedOn, ...stock };
      return client.correctPotting(plantName, entry.id, form as PottingRightForm, seenEntry);
    }
    const version = seenVersion === null ? {} : { plantVersion: seenVersion };
    const form = { plantId, ...version, idempotencyKey, plantName, pottedOn, note, planCase, spec, ...stock };
    return client.savePotting(form as PottedForm);
  };

  const keep = async (way: WayToKeep, said: Said): Promise<void> => {
    say(null);
    setBusy(true);
    const outcome = await keepIt(() => send(way, said));
    setBusy(false);
    if (outcome.status === 'kept') {
      await changed();
      return onSaved(outcome.value, way);
    }
    // Safe in this browser: the bench is free for the next plant.
    if (outcome.status === 'waits') return onClose();
    const current = outcome.error instanceof ConflictError ? outcome.error.current : null;
    const plant = keptPlant.safeParse(current);
    const other = keptEntry.safeParse(current);
    if (plant.success) {
      // Seen now: the next touch keeps it, under the name that stands in the dialog.
      setSeenVersion(plant.data.version);
      return say(plantChangedMeanwhile(outcome.message, plant.data.name));
    }
    if (other.success) {
      setSeenEntry(other.data.version);
      return say(pottingChangedMeanwhile(outcome.message));
    }
    return say(outcome.message);
  };

  return { isBusy, fault, say, keep };
}
