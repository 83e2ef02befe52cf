'use client';

/** A plant put on record as another like one there is, or as a division of it. */
import * as z from 'zod';
import { plantIsOnRecord, shootsRange, wordPieceRule, wordShares } from '@core/words';
import { genusById, genusIds, pieceRuleOf, ranges } from '@core';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { AddInput } from '@server/records/journal/add-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { KeepDialog } from '../../controls/keep-dialog';
import { client } from '../../data/client';
import { today } from '../../data/dates';
import { messages } from '../../data/messages';
import { useKeep } from '../../data/use-keep';
import { newId } from '../../data/browser/new-id';

export type AddKind = 'like' | 'division';

const titles: Readonly<Record<AddKind, string>> = {
  like: 'Another like it',
  division: 'Divide it',
};

const { min, max } = ranges.shootCount;

const isCount = (typed: string): boolean => {
  const count = typed === '' ? NaN : Number(typed);
  return Number.isInteger(count) && count >= min && count <= max;
};

const countedSchema = z.object({ shootCount: z.number() });

/** Shoots of the plant, where somebody counted them. */
function shootsOf(lastCase: unknown): number | null {
  const read = countedSchema.safeParse(lastCase);
  return read.success ? read.data.shootCount : null;
}

interface AddDialogProps {
  readonly kind: AddKind;
  /** What it is like, or was part of. */
  readonly of: PlantLog;
  readonly onClose: () => void;
}

export function AddDialog({ kind, of, onClose }: AddDialogProps) {
  const rule = genusIds.includes(of.genusId) ? pieceRuleOf(genusById(of.genusId)) : null;
  const [name, setName] = useState(`${of.name}, ${kind === 'division' ? 'division' : 'another'}`);
  const [tagNumber, setTagNumber] = useState('');
  const [day, setDay] = useState(today);
  const [note, setNote] = useState('');
  const [shoots, setShoots] = useState('');
  const [hasNoPot, setNoPot] = useState(kind === 'division');
  const [isGivenAway, setGivenAway] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  // One key for this dialog: a double tap is one plant.
  const [idempotencyKey] = useState(() => newId());
  const queries = useQueryClient();
  const router = useRouter();
  const keepIt = useKeep();

  const keep = async () => {
    if (name.trim() === '') return setFault('A plant wants a name.');
    if (shoots !== '' && !isCount(shoots)) return setFault(shootsRange(min, max));
    const before = shootsOf(of.lastCase);
    if (kind === 'division' && rule && before !== null && shoots !== '' && Number(shoots) >= before) {
      return setFault(wordShares(rule, before, Number(shoots)));
    }
    setBusy(true);
    setFault(null);
    const facts = {
      name,
      tagNumber: tagNumber || null,
      parentage: of.parentage,
      source: kind === 'like' ? of.source : null,
      acquiredOn: null,
      spot: of.spot,
      flag: null,
    };
    const piece = { ...(shoots === '' ? {} : { shootCount: Number(shoots) }), hasNoPot };
    const like = { plantId: of.id, isDivision: kind === 'division', ...(kind === 'division' ? piece : {}) };
    const form: AddInput = { facts, like, happenedOn: day, isGivenAway, note, idempotencyKey };
    const outcome = await keepIt(() => client.addPlant(form));
    setBusy(false);
    if (outcome.status === 'refused') return setFault(outcome.message);
    await queries.invalidateQueries({ queryKey: ['plants'] });
    onClose();
    if (outcome.status === 'kept') {
      messages.success(plantIsOnRecord(name));
      router.push(`/plants/${outcome.value.id}`);
    }
    return undefined;
  };
  return (
    <KeepDialog
      title={`${titles[kind]}: ${of.name}`}
      isBusy={isBusy}
      fault={fault}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <label>
        Name
        <input value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </label>
      <label>
        Number on the tag
        <input value={tagNumber} maxLength={40} onChange={(event) => setTagNumber(event.target.value)} />
      </label>
      <label>
        Day
        <input type="date" value={day} max={today()} onChange={(event) => setDay(event.target.value || today())} />
      </label>
      {kind === 'division' ? (
        <>
          <div style={{ display: 'grid', gap: 4 }}>
            <label htmlFor="shoots-of-it">Shoots that go with it</label>
            <input
              id="shoots-of-it"
              inputMode="numeric"
              value={shoots}
              aria-describedby="shoots-of-it-hint"
              onChange={(event) => setShoots(event.target.value.trim())}
            />
            <small id="shoots-of-it-hint">{rule ? wordPieceRule(rule) : 'Cut where it parts by itself.'}</small>
            {rule && isCount(shoots) ? (
              <small role="status">{wordShares(rule, shootsOf(of.lastCase), Number(shoots))}</small>
            ) : null}
          </div>
          <label className="tick">
            <input type="checkbox" checked={hasNoPot} onChange={(event) => setNoPot(event.target.checked)} />
            It stands in no pot yet
          </label>
        </>
      ) : null}
      {kind === 'division' ? (
        <label className="tick">
          <input type="checkbox" checked={isGivenAway} onChange={(event) => setGivenAway(event.target.checked)} />
          It goes to somebody else
        </label>
      ) : null}
      <label>
        Note
        <textarea value={note} rows={2} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
        {kind === 'division' ? <small>Clean the blade before each plant, and cut away from your hand.</small> : null}
      </label>
    </KeepDialog>
  );
}
