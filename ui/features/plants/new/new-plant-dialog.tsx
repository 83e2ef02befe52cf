'use client';

/** A plant one has, put on record: its name, where it stands, and what it stands in as far as anybody knows. */
import { plantIsOnRecord } from '@core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { saidSetupSchema, setupFromSaid } from '@core';
import { parseWith } from '@core/words';
import type { AddInput } from '@server/records/journal/add-schemas';
import { Button } from '../../../controls/button';
import { KeepDialog } from '../../../controls/keep-dialog';
import { PhotoButton, PhotoRow } from '../../../controls/photographs';
import { newId } from '../../../data/browser/new-id';
import { client } from '../../../data/client';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { useLibrary } from '../../../data/library';
import { usePlaceChoices } from '../../../data/place-choices';
import { useKeep } from '../../../data/use-keep';
import { useStored, writeStored } from '../../../data/browser/stored';
import { NewPlantFields } from './new-plant-fields';
import { caseOfNew, emptyPlant, faultIn, type NewPlant, readNewPlant } from './new-plant';

const DRAFT_KEY = 'tender-cairn.new-plant';

/** What is said of it, safe in this browser until it is kept: one may photograph a whole shelf first. */
function useNewPlant(): [NewPlant, (change: (before: NewPlant) => NewPlant) => void] {
  const said = readNewPlant(useStored(DRAFT_KEY));
  return [
    said,
    (change) => writeStored(DRAFT_KEY, JSON.stringify(change(readNewPlant(localStorage.getItem(DRAFT_KEY))))),
  ];
}

/** The next one likely stands in the same place, in the same kind of pot. */
const nextAfter = ({ placeId, setup, years }: NewPlant): NewPlant => ({ ...emptyPlant, placeId, setup, years });

export function NewPlantDialog({ onClose }: { readonly onClose: () => void }) {
  const { offered: places } = usePlaceChoices();
  const mine = useLibrary('genus');
  const [said, change] = useNewPlant();
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const [kept, setKept] = useState<readonly string[]>([]);
  // One key for each plant: a double tap is one plant.
  const [idempotencyKey, setKey] = useState(() => newId());
  const nameField = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const router = useRouter();
  const keepIt = useKeep();
  const own = said.setup === null ? null : parseWith(saidSetupSchema, said.setup);
  const spec = own?.status === 'ok' ? setupFromSaid(own.value) : null;

  const keep = async (isNext: boolean): Promise<void> => {
    const wrong = faultIn(said, mine) ?? (own?.status === 'faulty' ? (own.faults[0]?.message ?? null) : null);
    setFault(wrong);
    if (wrong !== null) return;
    setBusy(true);
    const name = said.name.trim();
    const form: AddInput = {
      facts: {
        name,
        tagNumber: said.tagNumber || null,
        parentage: null,
        source: null,
        acquiredOn: null,
        spot: null,
        flag: null,
      },
      planCase: caseOfNew(said, places, mine),
      happenedOn: today(),
      isGivenAway: false,
      note: said.note,
      ...(said.photoIds.length > 0 ? { photoIds: [...said.photoIds] } : {}),
      idempotencyKey,
    };
    const outcome = await keepIt(() => client.addPlant(form));
    setBusy(false);
    if (outcome.status === 'refused') return setFault(outcome.message);
    await queries.invalidateQueries({ queryKey: ['plants'] });
    change(isNext ? nextAfter : () => emptyPlant);
    setKey(newId());
    if (isNext) {
      setKept([...kept, name]);
      return nameField.current?.focus();
    }
    onClose();
    if (outcome.status !== 'kept') return;
    messages.success(plantIsOnRecord(name));
    router.push(`/plants/${outcome.value.id}`);
  };
  const photographed = (how: (ids: readonly string[]) => readonly string[]) =>
    change((before) => ({ ...before, photoIds: [...how(before.photoIds)] }));
  return (
    <KeepDialog
      title="Add a plant"
      isBusy={isBusy}
      isWide={said.setup !== null}
      fault={fault}
      onKeep={() => void keep(false)}
      onClose={onClose}
    >
      <NewPlantFields
        said={said}
        spec={spec}
        places={places}
        nameField={nameField}
        onSaid={(patch) => change((before) => ({ ...before, ...patch }))}
      />
      <PhotoRow ids={said.photoIds} onChange={photographed} />
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <PhotoButton ids={said.photoIds} onChange={photographed} />
        <Button isLarge isBusy={isBusy} onClick={() => void keep(true)}>
          Keep it, and add the next
        </Button>
      </div>
      {kept.length > 0 ? <p role="status">On record: {kept.join(', ')}.</p> : null}
    </KeepDialog>
  );
}
