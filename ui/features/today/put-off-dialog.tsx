'use client';

/** Not now: until when a need stays untold, and why. */
import dayjs from 'dayjs';
import { useState } from 'react';
import { needName, putOffUntil } from '@core/words';
import type { DuePlant } from '@server/projections/due/schemas';
import { Choice } from '../../controls/choice';
import { KeepDialog } from '../../controls/keep-dialog';
import { today } from '../../data/dates';
import { useJournal } from '../../data/use-journal';

const MONTHS = { month: 1, season: 3, year: 12 } as const;
type Span = keyof typeof MONTHS;
const spans = [
  { value: 'month', label: 'A month' },
  { value: 'season', label: 'Three months' },
  { value: 'year', label: 'Not this year' },
] as const;

interface PutOffDialogProps {
  readonly plant: DuePlant;
  readonly onClose: () => void;
}

export function PutOffDialog({ plant, onClose }: PutOffDialogProps) {
  const { plantId, name, need } = plant;
  const [span, setSpan] = useState<Span>('year');
  const [note, setNote] = useState('');
  const { isBusy, keep } = useJournal();
  const until = dayjs(today()).add(MONTHS[span], 'month');
  const putOff = async () => {
    const details = { need: need.kind, until: until.format('YYYY-MM-DD'), ...(note.trim() ? { note } : {}) };
    const said = putOffUntil(needName(need.kind), until.format('D MMM YYYY'));
    if (await keep([{ id: plantId, name }], said, { kind: 'put off', happenedOn: today(), details })) onClose();
  };
  return (
    <KeepDialog
      title={`${name}: ${needName(need.kind)}`}
      okText="Put it off"
      isBusy={isBusy}
      onKeep={() => void putOff()}
      onClose={onClose}
    >
      <Choice label="For how long" isWide options={spans} value={span} onChange={setSpan} />
      <label>
        Why
        <textarea value={note} rows={2} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
        <small>It comes back on {until.format('D MMMM YYYY')}.</small>
      </label>
    </KeepDialog>
  );
}
